<?php

/** Looks at a home that asks to be forgotten: what goes, what stays by law and why, what is still open. */

declare(strict_types=1);

namespace KeenThistle\Privacy;

use KeenThistle\Book\Household;
use KeenThistle\Core\Say\Say;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

final readonly class Erasure
{
    public const ERASED = 'Erased';
    /** Kept with the dog without anybody's name. */
    private const STAYS = [
        [
            'What was done to the dog: when, by whom, with what, and what was found',
            'it is the record of the work; a vet or an insurer may ask for it. It names nobody, unless a note does.',
        ],
        ['Bills: what was paid, when and how', 'books and taxes are to be kept; no name stands in them.'],
        [
            'Agreements that were signed, with the name they were signed by',
            'they are the proof of what was agreed before the work, and sealed: nothing can be taken out of them.',
        ],
        ['That this home was erased, on which day, by whom', 'so that it can be shown that it was done.'],
    ];

    public function __construct(private Scope $scope)
    {
    }

    public function of(Actor $actor, Household $home): ErasureView
    {
        $count = function (string $sql) use ($actor, $home): int {
            $rows = $this->scope->rows($actor, $sql, ['home' => $home->id->toBinary()]);

            return Row::int($rows[0]['n'] ?? 0) ?? 0;
        };
        $of = 'WHERE d.salon_id = :salon AND d.household_id = :home';
        $messages = $count("SELECT COUNT(*) n FROM message m JOIN dog d ON d.id = m.dog_id $of");
        $people = implode(', ', array_map(static fn ($c): string => $c->name, $home->clients->toArray()));

        return new ErasureView(
            $home->name,
            [
                "names, numbers, addresses and words of $people, and of whoever is called or fetches for them",
                'notes of the home, its vet, what it asked for',
                "the texts of $messages messages, and where they went",
                'links to agreements and home-care sheets that are still open, what was answered to dates, and what a '.
                    'spreadsheet or a paper card said of the trim',
                'what the log kept of earlier names and numbers',
            ],
            array_map(static fn (array $s): array => ['what' => $s[0], 'why' => $s[1]], self::STAYS),
            $this->first($actor, $home),
        );
    }

    /** @return list<string> */
    private function first(Actor $actor, Household $home): array
    {
        $of = 'WHERE d.salon_id = :salon AND d.household_id = :home';
        $out = [];
        foreach (
            [
                "SELECT d.name, NULL day FROM groom g JOIN dog d ON d.id = g.open_for $of",
                "SELECT d.name, MIN(b.day) day FROM booking b JOIN dog d ON d.id = b.dog_id
                $of AND b.state = 'booked' AND b.day >= :today GROUP BY d.id, d.name",
            ] as $sql
        ) {
            $more = str_contains($sql, ':today') ? ['today' => $this->scope->today($actor)->format('Y-m-d')] : [];
            foreach ($this->scope->rows($actor, $sql, ['home' => $home->id->toBinary()] + $more) as $row) {
                $name = Row::text($row['name']);
                $day = null === $row['day'] ? null : Say::day(new \DateTimeImmutable(Row::text($row['day'])));
                $out[] = null === $day
                    ? "$name is at the table: finish there first"
                    : "$name is booked on $day: cancel it first";
            }
        }

        return $out;
    }
}
