<?php

/** What the end of a groom asks for: the look, the price, the next dates, what the owner reads. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Arrival\Arrival;
use KeenThistle\Arrival\ArrivalRows;
use KeenThistle\Arrival\KnownOfDogReader;
use KeenThistle\Book\Client;
use KeenThistle\Core\Care\CareSheet;
use KeenThistle\Core\Check\CheckRule;
use KeenThistle\Core\Check\HandsOn;
use KeenThistle\Core\Handling\Rung;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Table\Board;
use KeenThistle\Core\Table\LookList;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Kit\KitReader;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Visit\ClockView;
use KeenThistle\Visit\GrowthAndClocks;
use KeenThistle\Visit\History;
use KeenThistle\Visit\Visits;

final readonly class Finish
{
    public function __construct(
        private GroomRows $rows,
        private GroomReader $reader,
        private Visits $visits,
        private KitReader $kit,
        private ArrivalRows $arrivals,
        private KnownOfDogReader $bases,
    ) {
    }

    public function view(Actor $actor, Groom $groom): FinishView
    {
        $board = Board::of($this->rows->taps($actor, $groom));
        $view = $this->reader->view($actor, $groom);
        $next = $this->next($actor, $groom);
        $sections = $this->care($actor, $groom, $board, \array_slice($next, 0, 1), $view);
        $client = self::client($groom);

        return new FinishView(
            (new LookList())->of($this->zones($groom, $board), $board),
            $view->phases,
            $view->minutes,
            $view->estimate_minutes,
            $groom->estimate['price_minor'] ?? null,
            $groom->estimate['price_terms'] ?? [],
            $next,
            null === $client || !$actor->may(May::PHONE) ? '' : $client->phone,
            $this->message($groom),
            array_values(array_filter($view->incidents, static fn (array $i): bool => false === $i['told'])),
            $sections,
        );
    }

    /** Who hears about the dog: the first of its household. */
    public static function client(Groom $groom): ?Client
    {
        $first = $groom->dog->household->clients->first();

        return false === $first ? null : $first;
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
        $hurt = array_map(static fn (array $i): string => self::incident($i), array_values($board->incidents));
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

    /** @return list<array{kind: string, on: string, why: string}> soonest first */
    private function next(Actor $actor, Groom $groom): array
    {
        $dog = $groom->dog;
        $figures = new GrowthAndClocks($dog, new History($this->visits->of($actor, $dog)), $groom->arrival->day);
        $plan = array_map(
            static fn (ZoneRecipe $r): array => ['version' => 0, 'recipe' => $r],
            GroomReader::plan($groom),
        );
        $interval = $figures->interval($plan, $this->kit->lengths($actor), null, $groom->arrival->day);
        $out = [];
        if (null !== $interval->full_on) {
            $out[] = [
                'kind' => 'full',
                'on' => $interval->full_on,
                'why' => \sprintf('%d weeks: the %s clock', $interval->full_weeks ?? 0, $interval->binding),
            ];
        }
        if (null !== $interval->tidy_on) {
            $hygiene =
                array_values(
                    array_filter(
                        $interval->clocks,
                        static fn (ClockView $c): bool => \in_array($c->clock, ['sanitary', 'pads', 'eyes'], true),
                    ),
                )[0] ?? null;
            $out[] = [
                'kind' => 'tidy',
                'on' => $interval->tidy_on,
                'why' => \sprintf(
                    '%d weeks: %s and what else grows first',
                    $interval->tidy_weeks ?? 0,
                    $hygiene->clock ?? 'hygiene',
                ),
            ];
        }
        $nails = $this->reader->nails($groom);
        $out[] = [
            'kind' => 'nails',
            'on' => $nails->nextDewclaws ?? $nails->next,
            'why' => null === $nails->nextDewclaws ? 'claws as they wear' : 'dewclaws: nothing wears them',
        ];
        usort($out, static fn (array $a, array $b): int => $a['on'] <=> $b['on']);

        return $out;
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
            if ($records[$i]->tolerance <= 2 && Rung::Normal !== $answer->rung) {
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

    /**
     * @param array{what: string, zone: string, tool: string, action: string, told: bool, follow_up: string,
     *     who: string, at: \DateTimeImmutable} $i
     */
    private static function incident(array $i): string
    {
        $where = '' === $i['zone'] ? '' : ' at the '.Zone::of($i['zone'])->label;
        $what = match ($i['what']) {
            'nick' => "A small nick$where.",
            'quicked' => "A claw was cut into the quick$where and bled.",
            'hot_blade' => "Skin warmed by a blade$where.",
            'slip' => "The dog slipped$where.",
            default => 'We stopped early: it was too much today.',
        };

        return $what.
            ('' === $i['action'] ? '' : " Done at once: {$i['action']}.").
            ('' === $i['follow_up'] ? '' : " Next: {$i['follow_up']}.");
    }

    private static function day(string $iso): string
    {
        return (new \DateTimeImmutable($iso))->format('j F Y');
    }
}
