<?php

/** What the end of a groom asks for: the look, the price, the next dates, what the owner reads. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Arrival\Arrival;
use KeenThistle\Arrival\ArrivalRows;
use KeenThistle\Arrival\KnownOfDogReader;
use KeenThistle\Book\Client;
use KeenThistle\Core\Care\CareSheet;
use KeenThistle\Core\Care\Mishap;
use KeenThistle\Core\Care\NextVisits;
use KeenThistle\Core\Check\CheckRule;
use KeenThistle\Core\Check\HandsOn;
use KeenThistle\Core\Handling\HandlingRule;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Table\Board;
use KeenThistle\Core\Table\LookList;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Kit\KitReader;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Visit\ClockView;
use KeenThistle\Visit\GrowthAndClocks;
use KeenThistle\Visit\History;
use KeenThistle\Visit\IntervalView;
use KeenThistle\Visit\Visits;

/** @phpstan-import-type PastRow from History */
final readonly class Finish
{
    public function __construct(
        private GroomRows $rows,
        private GroomReader $reader,
        private Visits $visits,
        private KitReader $kit,
        private ArrivalRows $arrivals,
        private KnownOfDogReader $bases,
        private SetBack $back,
    ) {
    }

    public function view(Actor $actor, Groom $groom): FinishView
    {
        $board = Board::of($this->rows->taps($actor, $groom));
        $view = $this->reader->view($actor, $groom);
        $interval = $this->interval($actor, $groom, $board);
        $next = $this->next($groom, $interval);
        $sections = $this->care($actor, $groom, $board, \array_slice($next, 0, 1), $view);
        $client = self::client($groom);

        return new FinishView(
            $groom->arrival->kind->value,
            (new LookList())->of($this->zones($groom, $board), $board),
            $view->phases,
            $view->minutes,
            $view->estimate_minutes,
            $groom->estimate['price_minor'] ?? null,
            $groom->estimate['price_terms'] ?? [],
            $groom->estimate['tax_minor'] ?? null,
            $next,
            $interval->next,
            Agreed::places($groom, $board, $view),
            Agreed::exceptions($view),
            $this->back->of($actor, $groom, $board, $interval),
            null === $client || !$actor->may(May::PHONE) ? '' : $client->phone,
            $this->message($groom),
            array_values(array_filter($view->incidents, static fn (array $i): bool => false === $i['told'])),
            $sections,
        );
    }

    /** Who hears about the dog: the first of its household. */
    public static function client(Groom $groom): ?Client
    {
        return $groom->dog->household->first();
    }

    /**
     * @param list<array{kind: string, on: string}> $next
     *
     * @return list<array{title: string, lines: list<string>}>
     */
    public function care(Actor $actor, Groom $groom, Board $board, array $next, ?GroomView $view = null): array
    {
        $dog = $groom->dog;
        $patches = [];
        foreach (($view ?? $this->reader->view($actor, $groom))->zones as $z) {
            if (null !== $z->fill_back_on) {
                $patches[] = \sprintf(
                    '%s: back to its length about %s',
                    ucfirst(Zone::of($z->zone)->label),
                    self::day($z->fill_back_on),
                );
            }
        }
        $hurt = array_map(
            static fn (array $i): string => (new Mishap(
                $i['what'],
                $i['zone'],
                $i['action'],
                $i['follow_up'],
                '' === $i['follow_up_on'] ? '' : self::day($i['follow_up_on']),
            ))->sentence(),
            array_values($board->incidents),
        );
        $given = HandsOn::shape()->fields(
            (object) json_decode(
                json_encode($groom->arrival->handsOn, \JSON_THROW_ON_ERROR),
                false,
                32,
                \JSON_THROW_ON_ERROR,
            ),
        );
        $found = array_map(
            static fn (Caution $c): string => $c->message,
            (new CheckRule())->findings($given, $dog->kg, $dog->dewclaws, false)->cautions,
        );

        return (new CareSheet())->of(
            $dog->name,
            $dog->coat,
            array_map(static fn (array $n): array => ['kind' => $n['kind'], 'on' => self::day($n['on'])], $next),
            $patches,
            $found,
            $this->homework($actor, $groom->arrival),
            $hurt,
            $dog->dewclaws > 0,
        );
    }

    /** The clocks as they run once this visit is closed as it stands. */
    private function interval(Actor $actor, Groom $groom, Board $board): IntervalView
    {
        $dog = $groom->dog;
        $day = $groom->arrival->day;
        $past = $this->visits->past($actor, $dog);
        $full = Service::Full === $groom->arrival->kind;
        // A small visit sets back only what it is for.
        $figures = new GrowthAndClocks(
            $dog,
            new History($full ? $past : [...$past, self::small($groom, $board)]),
            $day,
        );

        return $figures->interval(SetBack::planned($groom), $this->kit->lengths($actor), null, $full ? $day : null);
    }

    /** @return list<array{kind: string, on: string, why: string}> soonest first */
    private function next(Groom $groom, IntervalView $interval): array
    {
        $day = $groom->arrival->day;
        $nails = $this->reader->nails($groom);

        // What is overdue is due as soon as somebody can come.
        $soonest = $day->modify('+1 day')->format('Y-m-d');

        return (new NextVisits())->of(
            null === $interval->full_on
                ? null
                : [
                    'on' => max($soonest, $interval->full_on),
                    'weeks' => $interval->full_weeks ?? 0,
                    'clock' => $interval->binding,
                ],
            null === $interval->bath_on
                ? null
                : [
                    'on' => max($soonest, $interval->bath_on),
                    'weeks' => $interval->bath_weeks ?? 0,
                    'clock' => self::soonest($interval->clocks, 'bath', 'undercoat', 'mat'),
                ],
            null === $interval->tidy_on
                ? null
                : ['on' => max($soonest, $interval->tidy_on), 'weeks' => $interval->tidy_weeks ?? 0],
            array_map(static fn (ClockView $c): string => $c->clock, $interval->clocks),
            $nails->next,
            $nails->nextDewclaws,
        );
    }

    /** @return PastRow this visit as the clocks will read it */
    private static function small(Groom $groom, Board $board): array
    {
        return [
            'id' => '',
            'day' => $groom->arrival->day->format('Y-m-d'),
            'kind' => $groom->arrival->kind->value,
            'staff' => '',
            'place' => '',
            'minutes' => null,
            'load' => null,
            'tender' => 0,
            'upkeep' => null,
            'stage' => null,
            'note' => '',
            'left_out' => GroomVisit::leftOut($groom, $board),
            'seen' => [],
            'zones' => [],
        ];
    }

    /** @param list<ClockView> $clocks */
    private static function soonest(array $clocks, string ...$names): string
    {
        $of = array_filter($clocks, static fn (ClockView $c): bool => \in_array($c->clock, $names, true));
        usort($of, static fn (ClockView $a, ClockView $b): int => $a->weeks <=> $b->weeks);

        return $of[0]->clock ?? $names[0];
    }

    private function message(Groom $groom): string
    {
        return \sprintf(
            '%s is ready. You are welcome at any time: %s, %s.',
            $groom->dog->name,
            $groom->salon->name,
            $groom->place->name,
        );
    }

    /** @return list<string> */
    private function homework(Actor $actor, Arrival $arrival): array
    {
        $records = $this->arrivals->handling($arrival);
        $out = [];
        // With the ladder's own log, as the arrival answers it: the next rung is the dog's, not the first one.
        foreach ($this->bases->handling($actor, $arrival, $records) as $i => $answer) {
            if (HandlingRule::givesHomework($records[$i]->tolerance, $answer)) {
                $out[] = ucfirst(str_replace('_', ' ', $records[$i]->tool->value)).': '.$answer->next->homework();
            }
        }

        return $out;
    }

    /** @return list<string> planned or worked */
    private function zones(Groom $groom, Board $board): array
    {
        return array_values(
            array_unique([
                ...array_map(strval(...), array_keys($groom->plan)),
                ...array_map(strval(...), array_keys($board->zones)),
            ]),
        );
    }

    private static function day(string $iso): string
    {
        return Say::day(new \DateTimeImmutable($iso));
    }
}
