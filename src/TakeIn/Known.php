<?php

/** Which dogs are in the book already, so that a sheet that is taken in twice makes nothing twice. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

final class Known
{
    /** @var array<string, true> */
    private array $keys = [];
    /** @var array<string, true> */
    private array $ids = [];

    public function __construct(Actor $actor, Scope $scope)
    {
        $rows = $scope->rows(
            $actor,
            'SELECT d.id, d.name, c.name owner, c.phone FROM dog d JOIN client c ON c.household_id = d.household_id
            WHERE d.salon_id = :salon',
        );
        foreach ($rows as $row) {
            $this->ids[Row::id($row['id'])] = true;
            $this->keys[self::key(Row::text($row['name']), Row::text($row['owner']), Row::text($row['phone']))] = true;
        }
    }

    public function has(string $name, string $owner, string $phone): bool
    {
        return isset($this->keys[self::key($name, $owner, $phone)]);
    }

    public function hasId(string $id): bool
    {
        return isset($this->ids[strtolower($id)]);
    }

    /** Whatever is only written otherwise is the same: capitals, spaces, signs in a number. */
    public static function key(string $name, string $owner, string $phone): string
    {
        $plain = static fn (string $t): string => (string) preg_replace('/[^\p{L}\p{N}]+/u', ' ', mb_strtolower($t));

        return trim($plain($name))."\n".trim($plain($owner))."\n".preg_replace('/\D+/', '', $phone);
    }
}
