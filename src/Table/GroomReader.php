<?php

/** Makes a groom's view: its taps folded, its plan answered from the kit in reach, its timers as they stand now. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Book\DogView;
use KeenThistle\Book\HardLines;
use KeenThistle\Book\StandingCautions;
use KeenThistle\Core\Heat\HeatRule;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Nails\ClawList;
use KeenThistle\Core\Nails\NailsAnswer;
use KeenThistle\Core\Nails\NailsRule;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Round\RoundWords;
use KeenThistle\Core\Round\VanHeatRule;
use KeenThistle\Core\Table\Board;
use KeenThistle\Core\Table\TimerKind;
use KeenThistle\Device\VanThermometer;
use KeenThistle\Kit\KitReader;
use KeenThistle\Owner\OwnerLink;
use KeenThistle\Recipe\RecipeCodec;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Visit\GrowthAndClocks;
use KeenThistle\Visit\History;
use KeenThistle\Visit\Visits;
use Symfony\Component\Clock\ClockInterface;

final readonly class GroomReader
{
    public function __construct(
        private GroomRows $rows,
        private Visits $visits,
        private KitReader $kit,
        private TableZones $zones,
        private TableTimers $timers,
        private ClockInterface $clock,
        private VanThermometer $thermometer,
    ) {
    }

    /** @return array<string, ZoneRecipe> */
    public static function plan(Groom $groom): array
    {
        return array_map(RecipeCodec::fromArray(...), $groom->plan);
    }

    /** @return list<array{code: string, message: string, level: string}> how warm it is, and that nobody stays alone */
    private function ofTheVan(Groom $groom, bool $rests): array
    {
        if ('van' !== $groom->place->kind || null !== $groom->closedAt) {
            return [];
        }
        $at = $this->clock->now()->setTimezone(new \DateTimeZone($groom->salon->timeZone));
        $caution = VanHeatRule::caution($this->thermometer->read((string) $groom->place->id, $at));

        return [
            ...(null === $caution ? [] : [$caution->toArray()]),
            ...($rests ? [(new Caution('van_alone', RoundWords::neverAlone()))->toArray()] : []),
        ];
    }

    public function nails(Groom $groom): NailsAnswer
    {
        $given = $groom->arrival->handsOn['claws'] ?? null;
        $found = [];
        foreach (\is_array($given) ? $given : [] as $foot => $states) {
            $found[(string) $foot] = \is_array($states) ? array_values(array_filter($states, is_string(...))) : [];
        }
        $grinder = \in_array('skin', $groom->dog->health, true);

        return (new NailsRule())->today(
            ClawList::of($found, $groom->dog->dewclaws),
            $groom->dog->ground,
            $groom->arrival->day,
            $grinder,
        );
    }

    /** @return array<mixed>|null */
    private static function today(Groom $groom): ?array
    {
        $view = $groom->today['view'] ?? null;
        if (!\is_array($view)) {
            return null;
        }
        // An object without members comes back from the database as a list.
        $mats = $view['mats'] ?? [];

        return ['mats' => (object) (\is_array($mats) ? $mats : [])] + $view;
    }

    public function view(Actor $actor, Groom $groom): GroomView
    {
        $taps = $this->rows->taps($actor, $groom);
        $board = Board::of($taps);
        $said = new BoardView($groom, $taps, $board);
        $dog = $groom->dog;
        $now = $this->clock->now();
        $until = $groom->closedAt ?? $now;
        $history = new History($this->visits->past($actor, $dog));
        $figures = new GrowthAndClocks($dog, $history, $groom->arrival->day);
        $plan = self::plan($groom);
        $lengths = $this->zones->wanted($actor, $plan);
        $steps = TableSteps::all($groom, $board, $plan, $lengths);
        [$next, $after] = TableSteps::next($steps);
        $nails = $this->nails($groom);
        $clocks = $figures->interval(
            array_map(static fn (ZoneRecipe $r): array => ['version' => 0, 'recipe' => $r], $plan),
            $this->kit->lengths($actor),
            null,
            $groom->arrival->day,
        )->clocks;
        $heat = [];
        foreach (BladeTable::labels() as $blade) {
            $heat[$blade] = (new HeatRule())->every($blade);
        }
        $link = null !== $groom->careToken && OwnerLink::isOpen($groom->linkUntil, $now);

        return new GroomView(
            id: (string) $groom->id,
            dog: DogView::of($dog, $actor->may(May::PHONE)),
            arrival: (string) $groom->arrival->id,
            place: (string) $groom->place->id,
            place_name: $groom->place->name,
            state: $said->state(),
            seq: $groom->seq,
            opened_at: BoardView::at($groom->openedAt),
            now: $now->format('Y-m-d\TH:i:s.v\Z'),
            who: $said->who(),
            people: $said->people(),
            cautions: [...StandingCautions::of($dog), ...$this->ofTheVan($groom, 'paused' === $said->state())],
            notices: $groom->notices,
            today: self::today($groom),
            agreed: \is_array($groom->today['agreed'] ?? null) ? $groom->today['agreed'] : null,
            made: $said->made(),
            asks_ready: $said->asksReady(),
            ready: $board->ready,
            tires: $board->tires,
            rest_every: $said->restEvery(),
            rest_in: $said->restIn($until),
            ask: Asking::view($groom),
            zones: $this->zones->all($actor, $groom, $board, $plan, $lengths, $figures),
            hard_lines: HardLines::of($dog),
            steps: $steps,
            next: $next,
            after: $after,
            timers: $this->timers->of($actor, $groom, $board, $until, TimerKind::cases()),
            heat_every: (object) $heat,
            claws: $said->claws($nails),
            nails_next_on: $nails->next,
            dewclaws_next_on: $nails->nextDewclaws,
            pads: (object) $said->pads(),
            ears: (object) $board->ears,
            eyes: (object) $board->eyes,
            extents: $board->extents,
            strip_map: $said->stripMap($history, $plan),
            incidents: $said->incidents(),
            notes: $said->notes(),
            hand_over: $said->handOver(),
            phases: $said->phases($plan),
            minutes: round($board->minutesAtWork($groom->openedAt, $until), 1),
            estimate_minutes: $groom->estimate['likely'] ?? null,
            held: HeldTaps::of($taps, $board),
            closed_by: $groom->closedBy?->name,
            closed_at: null === $groom->closedAt ? null : BoardView::at($groom->closedAt),
            visit: null === $groom->visit ? null : (string) $groom->visit->id,
            care_link: $link ? "/care/$groom->careToken" : null,
            clocks: $clocks,
        );
    }
}
