<?php

/** What a sheet would come to, before anything is written. A response record. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Input\Says;

final readonly class CheckView
{
    private const SHOWN = 5;

    /**
     * @param list<array{row: int, field: string, column: string, message: string}> $faults
     * @param list<array{row: int, name: string, breed: string, coat: string, owner: string, phone: string,
     *     born_on: string|null, kg: float|null, paper: string}> $first
     */
    public function __construct(
        public int $rows,
        #[Says('rows that would become dogs')] public int $ready,
        #[Says('rows of dogs that are in the book already: left alone')] public int $known,
        #[Says('rows with faults')] public int $faulty,
        #[Says('the first of them, by row and column of the sheet')] public array $faults,
        #[Says('the first that would become dogs, as they would be kept')] public array $first,
    ) {
    }

    public static function of(Checked $checked): self
    {
        $first = [];
        foreach (\array_slice($checked->ready, 0, self::SHOWN) as [$row, $dog]) {
            $owner = \is_array($dog['owner']) ? $dog['owner'] : [];
            $first[] = [
                'row' => $row,
                'name' => self::text($dog['name'] ?? ''),
                'breed' => self::text($dog['breed'] ?? ''),
                'coat' => self::text($dog['coat'] ?? ''),
                'owner' => self::text($owner['name'] ?? ''),
                'phone' => self::text($owner['phone'] ?? ''),
                'born_on' => \is_string($dog['born_on'] ?? null) ? $dog['born_on'] : null,
                'kg' => \is_float($dog['kg'] ?? null) ? $dog['kg'] : null,
                'paper' => self::text($dog['paper'] ?? ''),
            ];
        }

        return new self(
            $checked->rows,
            \count($checked->ready),
            $checked->known,
            $checked->faulty,
            $checked->faults,
            $first,
        );
    }

    private static function text(mixed $value): string
    {
        return \is_string($value) ? $value : '';
    }
}
