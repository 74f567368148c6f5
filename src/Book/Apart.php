<?php

/** Which dogs a dog must not meet: said of one of the two, it holds for both. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

final readonly class Apart
{
    public function __construct(private Scope $scope)
    {
    }

    /**
     * @param list<string> $ids
     *
     * @throws InvalidInput naming the one that is no dog of the salon, or is the dog itself
     */
    public function mustBeKnown(Actor $actor, array $ids, ?Dog $dog = null): void
    {
        foreach ($ids as $i => $id) {
            $known = Uuid::isValid($id) ? $this->scope->rows(
                $actor,
                'SELECT id FROM dog WHERE salon_id = :salon AND id = :id',
                ['id' => Uuid::fromString($id)->toBinary()],
            ) : [];
            if ([] === $known || Uuid::fromString($id)->equals($dog?->id)) {
                throw InvalidInput::at("apart[$i]", 'must be another dog of the book');
            }
        }
    }

    public function of(Actor $actor, Dog $dog): ApartView
    {
        $own = array_map(static fn (string $id): Uuid => Uuid::fromString($id), $dog->apart);
        $rows = $this->scope->rows(
            $actor,
            'SELECT d.id, d.name, h.name home FROM dog d JOIN household h ON h.id = d.household_id
            WHERE d.salon_id = :salon AND (JSON_CONTAINS(d.apart, :quoted)'.
                ([] === $own ? '' : ' OR d.id IN ('.Row::list($own).')').
                ') ORDER BY d.name, d.id LIMIT 60',
            ['quoted' => "\"$dog->id\""],
        );

        return new ApartView(array_map(static fn (array $r): array => [
            'id' => Row::id($r['id']),
            'name' => Row::text($r['name']),
            'home' => Row::text($r['home']),
            'own' => \in_array(Row::id($r['id']), $dog->apart, true),
        ], $rows));
    }
}
