<?php

/** Everything the salon keeps of a home, in the open format: its people, its dogs, and whatever hangs on either. */

declare(strict_types=1);

namespace KeenThistle\Privacy;

use KeenThistle\InOut\SalonFormat;
use KeenThistle\InOut\SalonRows;
use KeenThistle\Staff\Actor;

final readonly class HomeRows
{
    /** What a home has; a row that names one of these is the home's as well. */
    private const OWN = [
        'household', 'client', 'dog', 'arrival', 'agreement', 'groom', 'visit', 'trim_plan', 'booking', 'sale', ];

    public function __construct(private SalonFormat $format, private SalonRows $rows)
    {
    }

    /** @return array<string, list<array<string, mixed>>> rows by table, empty ones left out */
    public function of(Actor $actor, string $home): array
    {
        $out = ['household' => $this->rows->naming($actor->salon, 'household', 'id', [$home])];
        $ids = ['household' => [$home => true]];
        // Until nothing more is found: an agreement names an arrival, which names a dog, which names the home.
        do {
            $found = 0;
            foreach ($this->format->references() as $table => $columns) {
                foreach ($columns as $column => $to) {
                    if (!\in_array($to, self::OWN, true) || !isset($ids[$to])) {
                        continue;
                    }
                    $rows = $this->rows->naming($actor->salon, $table, $column, array_keys($ids[$to]));
                    foreach ($rows as $row) {
                        $id = \is_string($row['id']) ? $row['id'] : '';
                        if (!isset($ids[$table][$id])) {
                            $ids[$table][$id] = true;
                            $out[$table][] = $row;
                            ++$found;
                        }
                    }
                }
            }
        } while ($found > 0);
        ksort($out);

        return $out;
    }
}
