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

    private const NOT_THE_DOGS = ['household', 'client', 'sale', 'voucher', 'message', 'change_log', 'consent'];

    public function __construct(private SalonFormat $format, private SalonRows $rows)
    {
    }

    /** @return array<string, list<array<string, mixed>>> rows by table, empty ones left out */
    public function of(Actor $actor, string $home): array
    {
        return $this->from($actor, 'household', $home, []);
    }

    /** @return array<string, list<array<string, mixed>>> the same of one dog, without people, money and messages */
    public function ofDog(Actor $actor, string $dog): array
    {
        return $this->from($actor, 'dog', $dog, self::NOT_THE_DOGS);
    }

    /**
     * @param list<string> $without
     *
     * @return array<string, list<array<string, mixed>>>
     */
    private function from(Actor $actor, string $root, string $id, array $without): array
    {
        $out = [$root => $this->rows->naming($actor->salon, $root, 'id', [$id])];
        $ids = [$root => [$id => true]];
        $done = [];
        // Until nothing more is found: an agreement names an arrival, which names a dog, which names the home.
        do {
            $found = 0;
            foreach ($this->format->references() as $table => $columns) {
                foreach ($columns as $column => $to) {
                    $new = \in_array($to, self::OWN, true)
                        ? array_diff_key($ids[$to] ?? [], $done["$table.$column"] ?? [])
                        : [];
                    if ([] === $new || \in_array($table, $without, true)) {
                        continue;
                    }
                    $done["$table.$column"] = $ids[$to];
                    $rows = $this->rows->naming($actor->salon, $table, $column, array_keys($new));
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
