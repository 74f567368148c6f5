<?php

/** Reads grooms and their taps. */

declare(strict_types=1);

namespace KeenThistle\Table;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Arrival\Arrival;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Table\Tap;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

final readonly class GroomRows
{
    private const WITH_PLACE = 'SELECT g, a, p, d FROM '.Groom::class.
        ' g JOIN g.arrival a JOIN g.place p JOIN g.dog d WHERE g.id = :id';
    private const WITH_PEOPLE = 'SELECT g, a, p, d, h, c, o, b FROM '.Groom::class.
        ' g JOIN g.arrival a JOIN g.place p JOIN g.dog d JOIN d.household h LEFT JOIN h.clients c JOIN g.openedBy o '.
        'LEFT JOIN g.closedBy b WHERE g.id = :id';

    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    /** With its dog, household, people, arrival and place. @throws Refused 404 */
    public function groom(Actor $actor, string $id, bool $lock = false): Groom
    {
        return $this->read($actor, $id, self::WITH_PEOPLE, $lock);
    }

    /** With its dog, arrival and place, held for one writer: all that a tap needs. @throws Refused 404 */
    public function forTaps(Actor $actor, string $id): Groom
    {
        return $this->read($actor, $id, self::WITH_PLACE, true);
    }

    private function read(Actor $actor, string $id, string $with, bool $lock): Groom
    {
        if (Uuid::isValid($id)) {
            $this->scope->apply($actor, $this->manager);
            $query = $this->manager->createQuery($with)->setParameter('id', Uuid::fromString($id), 'uuid');
            if ($lock) {
                $query->setLockMode(LockMode::PESSIMISTIC_WRITE);
            }
            $groom = $query->getOneOrNullResult();
            if ($groom instanceof Groom) {
                return $groom;
            }
            $this->scope->logIfForeign($actor, 'groom', $id, 'groom');
        }
        throw Refused::notFound('groom');
    }

    /** The groom of a dog that nobody has closed. */
    public function open(Dog $dog): ?Groom
    {
        return $this->manager->getRepository(Groom::class)->findOneBy(['openFor' => $dog->id]);
    }

    /** The newest groom of an arrival, open or closed. */
    public function ofArrival(Arrival $arrival): ?Groom
    {
        return $this->manager->getRepository(Groom::class)->findOneBy(['arrival' => $arrival], ['id' => 'DESC']);
    }

    /** @return list<Tap> in their order */
    public function taps(Actor $actor, Groom $groom): array
    {
        return $this->tapsOf($actor, [$groom])[(string) $groom->id] ?? [];
    }

    /**
     * @param list<Groom> $grooms
     *
     * @return array<string, list<Tap>> by groom, each in their order
     */
    public function tapsOf(Actor $actor, array $grooms): array
    {
        $marks = $ids = [];
        foreach ($grooms as $i => $groom) {
            $marks[] = ":groom$i";
            $ids["groom$i"] = $groom->id->toBinary();
        }
        $out = [];
        foreach ([] === $ids ? [] : $this->scope->rows(
            $actor,
            'SELECT t.groom_id, t.tap, t.seq, s.name, t.device, t.at, t.kind, t.data, t.held FROM groom_tap t JOIN '.
                'staff s ON s.id = t.staff_id WHERE t.salon_id = :salon AND t.groom_id IN ('.implode(', ', $marks).
                ') ORDER BY t.groom_id, t.seq',
            $ids,
        ) as $row) {
            $out[Row::id($row['groom_id'])][] = self::tap($row);
        }

        return $out;
    }

    /** @param array<string, mixed> $r */
    private static function tap(array $r): Tap
    {
        $data = \is_string($r['data']) ? json_decode($r['data'], true) : [];
        $map = [];
        foreach (\is_array($data) ? $data : [] as $name => $value) {
            $map[(string) $name] = $value;
        }

        return new Tap(
            self::text($r['tap']),
            is_numeric($r['seq']) ? (int) $r['seq'] : 0,
            self::text($r['name']),
            self::text($r['device']),
            new \DateTimeImmutable(self::text($r['at']), new \DateTimeZone('UTC')),
            self::text($r['kind']),
            $map,
            (bool) $r['held'],
        );
    }

    private static function text(mixed $value): string
    {
        return \is_string($value) ? $value : '';
    }
}
