<?php

/** Reads who is here today, with all that an emergency asks for. */

declare(strict_types=1);

namespace KeenThistle\Table;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Arrival\Arrival;
use KeenThistle\Book\Client;
use KeenThistle\Book\Dog;
use KeenThistle\Book\Reach;
use KeenThistle\Book\StandingCautions;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

final readonly class EmergencyReader
{
    public function __construct(private EntityManagerInterface $manager, private Scope $scope)
    {
    }

    /** @param string $looked id of the dog whose page is open; "": none */
    public function view(Actor $actor, string $looked): EmergencyView
    {
        $this->scope->apply($actor, $this->manager);
        $grooms = $this->grooms();
        $here = $this->arrived($actor) + array_fill_keys(array_keys($grooms), true);
        $ids = array_keys($here);
        if (Uuid::isValid($looked)) {
            $ids[] = Uuid::fromString($looked)->toRfc4122();
        }
        $phones = $actor->may(May::PHONE);

        return new EmergencyView(
            array_map(static function (Dog $dog) use ($grooms, $here, $phones): EmergencyDogView {
                $id = (string) $dog->id;
                $isHere = isset($here[$id]);

                return new EmergencyDogView(
                    $id,
                    $dog->name,
                    $dog->breed,
                    $dog->kg,
                    array_values(
                        array_map(
                            // Whoever stands beside a dog calls its owner, whatever else they may see.
                            static fn (Client $c): array => [
                                'name' => $c->name,
                                'phone' => $phones || $isHere ? $c->phone : '',
                            ],
                            $dog->household->clients->toArray(),
                        ),
                    ),
                    Reach::of($dog)->vet,
                    StandingCautions::of($dog),
                    $grooms[$id] ?? null,
                    $isHere,
                );
            }, $this->dogs($ids)),
        );
    }

    /** @return array<string, true> dogs that were taken in today */
    private function arrived(Actor $actor): array
    {
        $rows = $this->manager
            ->createQuery('SELECT IDENTITY(a.dog) dog FROM '.Arrival::class.' a WHERE a.day = :today')
            ->setParameter('today', $this->scope->today($actor), 'date_immutable')
            ->getSingleColumnResult();

        return array_fill_keys(array_map(self::id(...), $rows), true);
    }

    /** @return array<string, string> dog => its open groom */
    private function grooms(): array
    {
        $rows = $this->manager
            ->createQuery('SELECT g FROM '.Groom::class.' g WHERE g.openFor IS NOT NULL')
            ->getResult();
        $out = [];
        foreach (\is_array($rows) ? $rows : [] as $groom) {
            if ($groom instanceof Groom) {
                $out[(string) $groom->openFor] = (string) $groom->id;
            }
        }

        return $out;
    }

    /**
     * @param list<string> $ids
     *
     * @return list<Dog> by name
     */
    private function dogs(array $ids): array
    {
        if ([] === $ids) {
            return [];
        }
        $dogs = $this->manager
            ->createQuery(
                'SELECT d, h, c FROM '.
                    Dog::class.
                    ' d JOIN d.household h LEFT JOIN h.clients c WHERE d.id IN (:ids) ORDER BY d.name, c.id',
            )
            ->setParameter(
                'ids',
                array_map(static fn (string $id): string => Uuid::fromString($id)->toBinary(), $ids),
                ArrayParameterType::BINARY,
            )
            ->getResult();

        return array_values(array_filter((array) $dogs, static fn (mixed $d): bool => $d instanceof Dog));
    }

    private static function id(mixed $value): string
    {
        return \is_string($value) ? (string) Uuid::fromBinary($value) : (string) ($value instanceof Uuid ? $value : '');
    }
}
