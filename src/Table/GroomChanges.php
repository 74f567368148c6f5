<?php

/** Makes what a device is told after its taps: only what has changed since it looked last. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Table\Board;
use KeenThistle\Core\Table\Tap;
use KeenThistle\Core\Table\TimerKind;
use KeenThistle\Staff\Actor;
use KeenThistle\Visit\GrowthAndClocks;
use KeenThistle\Visit\History;
use KeenThistle\Visit\Visits;
use Symfony\Component\Clock\ClockInterface;

final readonly class GroomChanges
{
    public function __construct(
        private GroomRows $rows,
        private GroomReader $reader,
        private Visits $visits,
        private TableZones $zones,
        private TableTimers $timers,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param int $since the newest tap that the device had seen
     * @param Tapped|null $tapped what has just been taken in, where it is at hand
     */
    public function of(Actor $actor, Groom $groom, int $since, ?Tapped $tapped): GroomChangesView
    {
        $taps = $tapped->all ?? $this->rows->taps($actor, $groom);
        $board = $tapped->board ?? Board::of($taps);
        $said = new BoardView($groom, $taps, $board);
        $now = $this->clock->now();
        $until = $groom->closedAt ?? $now;
        $plan = GroomReader::plan($groom);
        $new = array_filter($taps, static fn (Tap $t): bool => $t->seq > $since);
        $kinds = array_fill_keys(array_map(static fn (Tap $t): string => $t->kind, $new), true);
        $zones = array_values(array_unique(array_merge([], ...array_map(self::zones(...), $new))));
        $history = null;
        $past = function () use (&$history, $actor, $groom): History {
            return $history ??= new History($this->visits->past($actor, $groom->dog));
        };
        $stripped = array_filter($zones, static fn (string $z): bool => Method::Strip === ($plan[$z]->method ?? null));
        $steps = TableSteps::marks($groom, $board);
        [$next, $after] = TableSteps::next($steps);

        return new GroomChangesView(
            state: $said->state(),
            seq: $groom->seq,
            now: $now->format('Y-m-d\TH:i:s.v\Z'),
            who: $said->who(),
            people: $said->people(),
            zones: $this->zones->marks(
                $actor,
                $groom,
                $board,
                $plan,
                $this->zones->wanted($actor, array_intersect_key($plan, array_flip($zones))),
                $zones,
                static fn (): GrowthAndClocks => new GrowthAndClocks($groom->dog, $past(), $groom->arrival->day),
            ),
            steps: $steps,
            next: $next,
            after: $after,
            timers: $this->timers->of($actor, $groom, $board, $until, self::timers($new, $board)),
            claws: isset($kinds['claw']) ? $said->claws($this->reader->nails($groom)) : null,
            pads: isset($kinds['pads']) ? (object) $said->pads() : null,
            ears: (object) $board->ears,
            eyes: (object) $board->eyes,
            extents: $board->extents,
            strip_map: [] === $stripped ? null : $said->stripMap($past(), $plan),
            incidents: $said->incidents(),
            notes: $said->notes(),
            hand_over: $said->handOver(),
            phases: $said->phases($plan),
            minutes: round($board->minutesAtWork($groom->openedAt, $until), 1),
            made: $said->made(),
            ready: $board->ready,
            tires: $board->tires,
            rest_in: $said->restIn($until),
            held: HeldTaps::of($taps, $board),
        );
    }

    /** @return list<string> */
    private static function zones(Tap $tap): array
    {
        return 'zone' === $tap->kind ? $tap->texts('zones') : [];
    }

    /**
     * Those that run, whose figures are others every time, and those that were touched; a pause may touch any.
     *
     * @param array<Tap> $new
     *
     * @return list<TimerKind>
     */
    private static function timers(array $new, Board $board): array
    {
        $touched = [];
        foreach ($new as $tap) {
            match ($tap->kind) {
                'timer' => ($touched[$tap->text('timer')] = true),
                'felt', 'reading' => ($touched[TimerKind::Clipping->value] = true),
                'welfare' => ($touched[TimerKind::Drying->value] = true),
                'pause', 'resume' => ($touched += array_fill_keys(array_column(TimerKind::cases(), 'value'), true)),
                default => null,
            };
        }

        return array_values(
            array_filter(
                TimerKind::cases(),
                static fn (TimerKind $k): bool => isset($touched[$k->value]) || [] !== $board->timer($k->value)->spans,
            ),
        );
    }
}
