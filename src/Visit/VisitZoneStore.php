<?php

/** Writes the zones of a visit in one statement. */

declare(strict_types=1);

namespace KeenThistle\Visit;

use Doctrine\DBAL\Connection;
use KeenThistle\Recipe\RecipeCodec;

final readonly class VisitZoneStore
{
    public function __construct(private Connection $db)
    {
    }

    /** @param list<VisitZone> $zones of a visit that is stored already */
    public function add(array $zones): void
    {
        if ([] === $zones) {
            return;
        }
        $rows = array_map(self::row(...), $zones);
        $columns = array_keys($rows[0]);
        $marks = '('.implode(', ', array_fill(0, \count($columns), '?')).')';
        $this->db->executeStatement(
            'INSERT INTO visit_zone ('.
                implode(', ', array_map(static fn (string $c): string => "`$c`", $columns)).
                ') VALUES '.
                implode(', ', array_fill(0, \count($rows), $marks)),
            array_merge(...array_map(array_values(...), $rows)),
        );
    }

    /** @return array<string, mixed> by column */
    private static function row(VisitZone $z): array
    {
        return [
            'id' => $z->id->toBinary(),
            'salon_id' => $z->salon->id->toBinary(),
            'visit_id' => $z->visit->id->toBinary(),
            'zone' => $z->zone,
            'state' => $z->state,
            'why' => $z->why,
            'finished_um' => $z->finishedUm,
            'arrival_um' => $z->arrivalUm,
            'owner_cut' => (int) $z->ownerCut,
        ] +
            RecipeCodec::toRow($z->planned, 'planned_') +
            RecipeCodec::toRow($z->actual, 'actual_');
    }
}
