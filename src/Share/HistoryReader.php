<?php

/** Puts together what one salon knows of a dog for another's eyes: no money, no people, no note of one's own. */

declare(strict_types=1);

namespace KeenThistle\Share;

use KeenThistle\Book\Dog;
use KeenThistle\Card\Cards;
use KeenThistle\Card\CardView;
use KeenThistle\Card\VisitZoneView;
use KeenThistle\Core\Say\Say;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Visit\Visits;
use Symfony\Component\Clock\ClockInterface;

/** @phpstan-import-type ZoneRow from Visits */
final readonly class HistoryReader
{
    public function __construct(
        private Cards $cards,
        private Visits $visits,
        private Scope $scope,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param Actor $there of the salon that knows the dog
     * @param list<string> $parts of Parts
     */
    public function of(Actor $there, Dog $dog, array $parts): HistoryView
    {
        $card = $this->cards->of($there, $dog, $this->scope->today($there), '', null);
        $hasCard = \in_array('card', $parts, true);

        return new HistoryView(
            $dog->salon->name,
            $dog->name,
            $this->clock->now()->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d\TH:i:s\Z'),
            $hasCard ? self::facts($card) : null,
            $hasCard ? self::plan($card) : null,
            \in_array('cautions', $parts, true)
                ? array_map(static fn (array $c): string => self::text($c['message'] ?? ''), $card->cautions)
                : null,
            \in_array('visits', $parts, true) ? $this->past($there, $dog) : null,
        );
    }

    /** @return list<array{what: string, says: string}> */
    private static function facts(CardView $card): array
    {
        $d = $card->dog;
        $words = static fn (string $w): string => str_replace('_', ' ', $w);
        $facts = [
            'Breed' => $d->breed,
            'Sex' => $words($d->sex),
            'Born' => null === $d->born_on ? '' : Say::day(new \DateTimeImmutable($d->born_on)),
            'Weight' => null === $d->kg ? '' : "$d->kg kg",
            'Coat' => $words($d->coat).', '.$words($d->stage).', '.$d->density,
            'Build' => $words($d->build),
            'At home' => $words($d->upkeep),
            'Handling' => trim($words($d->handling).'. '.$d->handling_note),
        ];
        $out = [];
        foreach ($facts as $what => $says) {
            if ('' !== $says) {
                $out[] = ['what' => $what, 'says' => $says];
            }
        }

        return $out;
    }

    /** @return list<array{zone: string, words: string, mm: float|null}> */
    private static function plan(CardView $card): array
    {
        $out = [];
        foreach ($card->zones as $z) {
            if (null !== $z->recipe) {
                $out[] = ['zone' => $z->zone, 'words' => $z->recipe->words, 'mm' => $z->finished_mm];
            }
        }

        return $out;
    }

    /**
     * @return list<array{day: string, kind: string, minutes: int|null, load: float|null, note: string,
     *     zones: list<array{zone: string, words: string, mm: float|null}>}>
     */
    private function past(Actor $there, Dog $dog): array
    {
        $own = array_map(
            static fn (array $r): string => Row::id($r['id']),
            $this->scope->rows(
                $there,
                'SELECT id FROM visit WHERE salon_id = :salon AND dog_id = :dog AND note_own = 1',
                ['dog' => $dog->id->toBinary()],
            ),
        );

        return array_map(static fn (array $v): array => [
            'day' => $v['day'],
            'kind' => $v['kind'],
            'minutes' => $v['minutes'],
            'load' => $v['load'],
            'note' => \in_array($v['id'], $own, true) ? '' : $v['note'],
            'zones' => self::zones($v['zones']),
        ], array_reverse($this->visits->of($there, $dog)));
    }

    /**
     * @param list<ZoneRow> $rows
     *
     * @return list<array{zone: string, words: string, mm: float|null}> those that something was done to
     */
    private static function zones(array $rows): array
    {
        $out = [];
        foreach (array_map(VisitZoneView::of(...), $rows) as $z) {
            if (null !== $z->actual) {
                $out[] = ['zone' => $z->zone, 'words' => $z->actual, 'mm' => $z->finished_mm];
            }
        }

        return $out;
    }

    private static function text(mixed $value): string
    {
        return \is_string($value) ? $value : '';
    }
}
