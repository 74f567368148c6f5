<?php

/** Reads what helps to take a new dog in: words of the breed, and homes that are in the book already. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Core\Coat\BreedWords;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Coat\NaturalLength;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Core\Zone\ZoneTable;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

final readonly class NewDogHints
{
    private const MOST = 5;
    /** Fewer letters of a name would bring half the book. */
    private const FROM = 3;

    public function __construct(private Scope $scope, private BreedWords $breeds = new BreedWords())
    {
    }

    public function of(Actor $actor, string $breed, string $owner, string $coat): NewDogHintsView
    {
        $read = $this->breeds->read($breed);
        $suggests = [];
        foreach ($read['suggests'] as $field => $value) {
            $suggests[] = ['field' => $field, 'value' => $value, 'label' => str_replace('_', ' ', $value)];
        }

        $known = CoatType::tryFrom($coat);
        $carries = array_map(
            static fn (Zone $z): array => ['zone' => $z->id, 'mm' => NaturalLength::mm($known ?? CoatType::Smooth, $z)],
            null === $known ? [] : array_values(ZoneTable::all()),
        );

        return new NewDogHintsView($suggests, $read['why'], $this->homes($actor, $owner), $carries);
    }

    /**
     * @return list<array{id: string, name: string, people: list<array{name: string, phone: string}>,
     *     dogs: list<string>}>
     */
    private function homes(Actor $actor, string $owner): array
    {
        $words = \array_slice(SearchTerms::words($owner), 0, 4);
        if (\strlen(implode('', $words)) < self::FROM) {
            return [];
        }
        $joins = $parameters = $called = [];
        foreach ($words as $i => $word) {
            $joins[] =
                "JOIN dog_term t$i ON t$i.dog_id = d.id AND t$i.salon_id = :salon AND t$i.field = ".
                SearchTerms::PEOPLE.
                " AND t$i.term LIKE :w$i";
            $parameters["w$i"] = $word.'%';
            $parameters["in$i"] = '% '.$word.'%';
            $called[] = "(c.name LIKE :w$i OR c.name LIKE :in$i)";
        }
        $rows = $this->scope->rows(
            $actor,
            "SELECT h.id, h.name,
                (SELECT GROUP_CONCAT(CONCAT(c.name, '\t', c.phone) ORDER BY c.id SEPARATOR '\n')
                FROM client c WHERE c.household_id = h.id) people,
                (SELECT GROUP_CONCAT(o.name ORDER BY o.name SEPARATOR '\n')
                FROM dog o WHERE o.household_id = h.id) dogs
            FROM household h WHERE h.salon_id = :salon AND h.id IN
                (SELECT d.household_id FROM dog d ".
                implode(' ', $joins).
                ' WHERE d.salon_id = :salon)
                OR h.salon_id = :salon AND h.id IN (SELECT c.household_id FROM client c
                LEFT JOIN dog o ON o.household_id = c.household_id WHERE c.salon_id = :salon AND o.id IS NULL AND '.
                implode(' AND ', $called).
                ')
            ORDER BY h.name, h.id LIMIT '.
                self::MOST,
            $parameters,
        );

        return array_map(
            static fn (array $row): array => [
                'id' => (string) Uuid::fromBinary(self::text($row['id'])),
                'name' => self::text($row['name']),
                'people' => array_map(static function (string $line) use ($actor): array {
                    [$name, $phone] = explode("\t", $line, 2) + ['', ''];

                    return ['name' => $name, 'phone' => $actor->may(May::PHONE) ? $phone : ''];
                }, self::lines($row['people'])),
                'dogs' => self::lines($row['dogs']),
            ],
            $rows,
        );
    }

    /** @return list<string> */
    private static function lines(mixed $text): array
    {
        return '' === self::text($text) ? [] : explode("\n", self::text($text));
    }

    private static function text(mixed $value): string
    {
        return \is_string($value) ? $value : '';
    }
}
