<?php

/** Finds dogs as somebody types: by dog, people, breed or phone digits, across accents and one typo. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

final readonly class DogSearch
{
    private const MOST = 25;
    private const FEW = 3;

    public function __construct(private Scope $scope)
    {
    }

    public function find(Actor $actor, string $query): BookView
    {
        $words = \array_slice(SearchTerms::words($query), 0, 4);
        $digits = SearchTerms::digits($query);
        if (\strlen($digits) >= 3 && \strlen($digits) >= \strlen(implode('', $words)) - 1) {
            $words = [$digits];
        }
        if ([] === $words) {
            return new BookView([], null, false);
        }
        $ids = $this->exact($actor, $words);
        $near = false;
        if (\count($ids) < self::FEW) {
            $more = $this->rows(
                $actor,
                \array_slice(array_values(array_diff($this->near($actor, $words), $ids)), 0, self::MOST),
                $words,
            );
            $near = [] === $ids && [] !== $more;

            return new BookView([...$this->rows($actor, $ids), ...$more], null, $near);
        }

        return new BookView($this->rows($actor, \array_slice($ids, 0, self::MOST)), null, $near);
    }

    /** All dogs by name, a page at a time. @param string|null $cursor as given with the page before */
    public function page(Actor $actor, ?string $cursor): BookView
    {
        [$name, $id] =
            null === $cursor
                ? ['', '']
                : explode("\n", (string) base64_decode(strtr($cursor, '-_', '+/'), true), 2) + ['', ''];
        $after = 16 === \strlen($id) ? 'AND (d.name, d.id) > (:name, :id)' : '';
        $found = $this->scope->rows(
            $actor,
            "SELECT d.id, d.name FROM dog d WHERE d.salon_id = :salon AND d.state <> 'merged' $after
            ORDER BY d.name, d.id LIMIT ".
                (self::MOST + 1),
            '' === $after ? [] : ['name' => $name, 'id' => $id],
        );
        $more = \count($found) > self::MOST;
        $found = \array_slice($found, 0, self::MOST);
        $last = end($found);
        $next =
            $more && \is_array($last) && \is_string($last['name']) && \is_string($last['id'])
                ? strtr(base64_encode($last['name']."\n".$last['id']), '+/', '-_')
                : null;

        return new BookView(
            $this->rows(
                $actor,
                array_map(static fn (array $r): string => \is_string($r['id']) ? $r['id'] : '', $found),
            ),
            $next,
            false,
        );
    }

    /**
     * @param list<string> $words
     *
     * @return list<string> binary ids, dogs of that name first
     */
    private function exact(Actor $actor, array $words): array
    {
        $joins = '';
        $parameters = ['first' => $words[0].'%'];
        foreach (\array_slice($words, 1) as $i => $word) {
            $joins .=
                " JOIN dog_term t$i ON t$i.dog_id = t.dog_id AND t$i.term LIKE :w$i AND t$i.field < ".
                SearchTerms::NEAR;
            $parameters["w$i"] = $word.'%';
        }
        $ids = [];
        foreach ([SearchTerms::NAME, SearchTerms::PEOPLE, SearchTerms::BREED, SearchTerms::PHONE] as $field) {
            if (
                \count($ids) >= self::MOST
                || (SearchTerms::PHONE === $field && (!ctype_digit($words[0]) || !$actor->may(May::PHONE)))
            ) {
                break;
            }
            foreach (
                $this->scope->rows(
                    $actor,
                    "SELECT DISTINCT t.dog_id FROM dog_term t $joins
                    WHERE t.salon_id = :salon AND t.field = $field AND t.term LIKE :first LIMIT ".self::MOST,
                    $parameters,
                ) as $row
            ) {
                if (\is_string($row['dog_id'])) {
                    $ids[$row['dog_id']] = true;
                }
            }
        }

        return array_map(strval(...), array_keys($ids));
    }

    /**
     * One slip of the finger in one word: a letter too many, too few, wrong or swapped.
     *
     * @param list<string> $words
     *
     * @return list<string>
     */
    private function near(Actor $actor, array $words): array
    {
        $ids = null;
        foreach ($words as $n => $word) {
            $short = SearchTerms::near($word);
            if ([] === $short) {
                $short = [$word];
            }
            $likes = [];
            $parameters = [];
            foreach ([$word, ...$short] as $i => $variant) {
                $likes[] = "t.term LIKE :v{$n}_$i";
                $parameters["v{$n}_$i"] = $variant.'%';
            }
            $found = [];
            foreach (
                $this->scope->rows(
                    $actor,
                    'SELECT DISTINCT t.dog_id FROM dog_term t WHERE t.salon_id = :salon AND t.field IN ('.
                        SearchTerms::NAME.
                        ','.
                        SearchTerms::PEOPLE.
                        ','.
                        SearchTerms::BREED.
                        ','.
                        SearchTerms::NEAR.
                        ') AND ('.
                        implode(' OR ', $likes).
                        ') LIMIT '.
                        (1 === \count($words) ? self::MOST : 400),
                    $parameters,
                ) as $row
            ) {
                if (\is_string($row['dog_id'])) {
                    $found[] = $row['dog_id'];
                }
            }
            $ids = null === $ids ? $found : array_values(array_intersect($ids, $found));
        }

        return $ids ?? [];
    }

    /**
     * @param list<string> $ids binary
     * @param list<string>|null $near keep only dogs each of these words is within one slip of
     *
     * @return list<BookRowView> in that order
     */
    private function rows(Actor $actor, array $ids, ?array $near = null): array
    {
        if ([] === $ids) {
            return [];
        }
        $parameters = ['today' => $this->scope->today($actor)->format('Y-m-d')];
        foreach ($ids as $i => $id) {
            $parameters["d$i"] = $id;
        }
        $in = implode(',', array_map(static fn (int $i): string => ":d$i", array_keys($ids)));
        $rows = [];
        foreach (
            $this->scope->rows(
                $actor,
                "SELECT d.id, d.name, d.breed, d.coat, d.state, d.health, h.name household, h.id home,
                (SELECT GROUP_CONCAT(CONCAT(c.name, '\t', c.phone) ORDER BY c.id SEPARATOR '\n')
                FROM client c WHERE c.household_id = h.id) people,
                (SELECT MAX(v.day) FROM visit v WHERE v.dog_id = d.id) last_visit,
                (SELECT MIN(b.day) FROM booking b
                WHERE b.dog_id = d.id AND b.day >= :today AND b.state = 'booked') next_booking
            FROM dog d JOIN household h ON h.id = d.household_id WHERE d.salon_id = :salon AND d.id IN ($in)",
                $parameters,
            ) as $row
        ) {
            $people = array_map(
                static fn (string $line): array => explode("\t", $line, 2) + ['', ''],
                explode("\n", self::text($row['people'] ?? '')),
            );
            if (
                null !== $near
                && !SearchTerms::allNear(
                    $near,
                    SearchTerms::words(
                        implode(' ', [
                            self::text($row['name']),
                            self::text($row['breed']),
                            self::text($row['household']),
                            self::text($row['people'] ?? ''),
                        ]),
                    ),
                )
            ) {
                continue;
            }
            $health = json_decode(self::text($row['health']), true);
            $rows[self::text($row['id'])] = new BookRowView(
                (string) Uuid::fromBinary(self::text($row['id'])),
                self::text($row['name']),
                self::text($row['breed']),
                self::text($row['coat']),
                self::text($row['household']),
                (string) Uuid::fromBinary(self::text($row['home'])),
                $people[0][0],
                $actor->may(May::PHONE) ? $people[0][1] : '',
                self::text($row['state']),
                \is_array($health) ? \count($health) : 0,
                \is_string($row['last_visit']) ? $row['last_visit'] : null,
                \is_string($row['next_booking']) ? $row['next_booking'] : null,
            );
        }

        return array_values(array_filter(array_map(static fn (string $id): ?BookRowView => $rows[$id] ?? null, $ids)));
    }

    private static function text(mixed $value): string
    {
        return \is_string($value) ? $value : '';
    }
}
