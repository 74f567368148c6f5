<?php

/** Reads what a changed pattern did to the cards that followed it. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use KeenThistle\Recipe\RecipeCodec;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

final readonly class SpreadRows
{
    public function __construct(private Scope $scope)
    {
    }

    /**
     * Zones of these dogs that were changed with it and not taken back since.
     *
     * @param list<string> $dogs
     *
     * @return list<array{id: Uuid, dog: string, zone: string, summary: string, before: ZoneRecipe, after: ZoneRecipe}>
     */
    public function parts(Actor $actor, Uuid $change, array $dogs): array
    {
        if ([] === $dogs) {
            return [];
        }
        $rows = $this->scope->rows(
            $actor,
            'SELECT id, dog_id, subject, summary, was, became FROM change_log WHERE part_of = :change AND '.
                'salon_id = :salon AND undone_by_id IS NULL AND dog_id IN ('.
                Row::list(array_map(Uuid::fromString(...), $dogs)).
                ')',
            ['change' => $change->toBinary()],
        );

        return array_map(
            static fn (array $r): array => [
                'id' => Uuid::fromBinary(Row::text($r['id'])),
                'dog' => Row::id($r['dog_id']),
                'zone' => Row::text($r['subject']),
                'summary' => Row::text($r['summary']),
                'before' => RecipeCodec::fromJson($r['was']),
                'after' => RecipeCodec::fromJson($r['became']),
            ],
            $rows,
        );
    }

    /** @return list<string> ids of the dogs whose cards still have something of it */
    public function dogs(Actor $actor, string $change): array
    {
        if (!Uuid::isValid($change)) {
            return [];
        }

        return array_map(
            static fn (array $r): string => Row::id($r['dog_id']),
            $this->scope->rows(
                $actor,
                'SELECT DISTINCT dog_id FROM change_log WHERE part_of = :change AND salon_id = :salon AND '.
                    'undone_by_id IS NULL AND dog_id IS NOT NULL ORDER BY dog_id',
                ['change' => Uuid::fromString($change)->toBinary()],
            ),
        );
    }
}
