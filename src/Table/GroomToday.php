<?php

/** Makes today's list of a groom: its plan, its steps and its estimate, when it begins and when something is found. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Arrival\AgreedView;
use KeenThistle\Arrival\ArrivalRows;
use KeenThistle\Arrival\KnownOfDogReader;
use KeenThistle\Arrival\TodayReader;
use KeenThistle\Arrival\TodayView;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Order\WorkItem;
use KeenThistle\Core\Order\WorkList;
use KeenThistle\Core\Table\Board;
use KeenThistle\Core\Timing\Minutes;
use KeenThistle\Core\Timing\MinutesRule;
use KeenThistle\Core\Today\Row;
use KeenThistle\Core\Today\Today;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Order\WorkOrder;
use KeenThistle\Recipe\RecipeCodec;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Staff\Actor;

final readonly class GroomToday
{
    public function __construct(
        private TodayReader $today,
        private KnownOfDogReader $known,
        private WorkOrder $order,
        private GroomRows $rows,
        private ArrivalRows $arrivals,
    ) {
    }

    /**
     * @param array<string, ZoneRecipe> $card by zone
     * @param array<string, ZoneRecipe> $last kept as last time, by zone
     *
     * @return list<string> what is to be said of it
     */
    public function begin(Actor $actor, Groom $groom, array $card, array $last): array
    {
        return $this->make($actor, $groom, $card, $last, new Board());
    }

    /**
     * Anew, after something was found, agreed or said: what is done stays.
     *
     * @param Board|null $board where its taps are at hand
     *
     * @return list<string> what changed
     */
    public function again(Actor $actor, Groom $groom, ?Board $board = null): array
    {
        if (null !== $groom->closedAt || [] === $groom->today) {
            // One that was opened before today's lists were kept goes on as it was.
            return [];
        }

        return $this->make(
            $actor,
            $groom,
            self::recipes($groom->today['card'] ?? []),
            self::recipes($groom->today['last'] ?? []),
            $board ?? Board::of($this->rows->taps($actor, $groom)),
        );
    }

    /**
     * @param array<string, ZoneRecipe> $card
     * @param array<string, ZoneRecipe> $last
     *
     * @return list<string>
     */
    private function make(Actor $actor, Groom $groom, array $card, array $last, Board $board): array
    {
        $arrival = $groom->arrival;
        $done = self::done($groom, $board);
        $today = $this->today->of($actor, $arrival, $card, $last, $done, false !== $board->ready);
        $known = $this->known->of($actor, $arrival);
        $minutes = (new MinutesRule())->estimate(
            $known->work($arrival, TodayReader::kg($arrival) ?? TodayReader::KG_UNKNOWN, $today),
        );
        [$list, $said] = $this->ordered($groom, $today, $minutes, $board->tires);
        $changed = self::changed($groom, $today);
        $groom->plan = [];
        foreach ($today->rows as $zone => $row) {
            if (null !== $row->tool) {
                $recipe =
                    Row::DONE === $row->state
                        ? $done[$zone]
                        : self::recipe($row, $last[$zone] ?? null, $card[$zone] ?? null);
                $groom->plan[$zone] = RecipeCodec::toArray($recipe);
            }
        }
        $groom->steps = GroomSteps::of($list, $today);
        $made = $groom->today['made'] ?? 0;
        $groom->estimate = self::estimate($minutes);
        $groom->today =
            [
                'made' => 1 + (\is_int($made) ? $made : 0),
                'rest' => $list->rest,
                'asks_ready' => $list->asksReady,
                'agreed' => AgreedView::of($this->arrivals->agreements($arrival))?->toArray(),
            ] +
            // Asked is what was asked: for a place found since, the question is a new one.
            ([] === array_diff($today->zones(Row::WAITS), array_keys(Waiting::zones($groom)))
                ? array_intersect_key($groom->today, ['asked' => 1])
                : []) +
            self::kept($today, $card, $last, static fn (Row $r): ?string => $known->filledBack($r, $arrival));

        return [...$said, ...$changed];
    }

    /**
     * As a groom keeps it: what it was made of, its rows as they are shown, and what a later one is compared with.
     *
     * @param array<string, ZoneRecipe> $card
     * @param array<string, ZoneRecipe> $last
     * @param \Closure(Row): (string|null)|null $fillBack
     *
     * @return array<string, mixed>
     */
    public static function kept(Today $today, array $card, array $last = [], ?\Closure $fillBack = null): array
    {
        return [
            'card' => array_map(RecipeCodec::toArray(...), $card),
            'last' => array_map(RecipeCodec::toArray(...), $last),
            'view' => json_decode(json_encode(TodayView::of($today, $fillBack), \JSON_THROW_ON_ERROR), true),
            'snapshot' => $today->snapshot(),
        ];
    }

    /** @return array{WorkList, list<string>} */
    private function ordered(Groom $groom, Today $today, Minutes $minutes, bool $tires): array
    {
        $said = [];
        try {
            $list = $this->order->ofToday($groom->dog, $today, $groom->arrival, $minutes->phases, tires: $tires);
        } catch (InvalidInput $e) {
            // The work goes on in the order that is always allowed; what forbids is named, not dropped.
            $said[] =
                'The salon\'s schools cannot all be kept for this dog: '.
                $e->getMessage().
                ' It is worked in the order that holds always.';
            $list = $this->order->ofToday($groom->dog, $today, $groom->arrival, $minutes->phases, false, $tires);
        }
        $there = array_map(static fn (WorkItem $i): string => $i->step()->value, $list->items);
        foreach ($list->moved as $moved) {
            // What has moved says so itself; what was left out cannot.
            if (!\in_array($moved['step'], $there, true)) {
                $said[] = ucfirst($moved['why']).'.';
            }
        }
        if (null !== $today->stop) {
            array_unshift($said, $today->stop->kind->words());
        }

        return [$list, $said];
    }

    /** @return array<string, ZoneRecipe> by zone: what is done stays as it was done */
    private static function done(Groom $groom, Board $board): array
    {
        $done = [];
        foreach ($board->zones as $zone => $mark) {
            if ('done' === $mark->state || 'partly' === $mark->state) {
                $done[$zone] = RecipeCodec::fromArray($mark->actual ?? ($groom->plan[$zone] ?? []));
            }
        }

        return $done;
    }

    /** @return list<string> */
    private static function changed(Groom $groom, Today $today): array
    {
        $before = [];
        $snapshot = $groom->today['snapshot'] ?? null;
        foreach (\is_array($snapshot) ? $snapshot : [] as $zone => $row) {
            if (
                \is_array($row)
                && \is_string($row['state'] ?? null)
                && \is_string($row['tool'] ?? null)
                && \is_string($row['lay'] ?? null)
            ) {
                $before[(string) $zone] = ['state' => $row['state'], 'tool' => $row['tool'], 'lay' => $row['lay']];
            }
        }
        if ([] === $before) {
            return [];
        }

        return array_map(
            static fn (array $c): string => \sprintf(
                'Today\'s list was made anew. %s: %s',
                Zone::of($c['zone'])->label,
                $today->rows[$c['zone']]->why,
            ),
            $today->changedFrom($before),
        );
    }

    /** What was said of the zone, or what today's list makes of it. */
    public static function recipe(Row $row, ?ZoneRecipe $last, ?ZoneRecipe $card): ZoneRecipe
    {
        $kept = match ($row->from) {
            'last' => $last,
            'card' => $card,
            default => null,
        };
        if (null !== $kept) {
            return $kept;
        }
        $tool = $row->tool;
        $recipe = new ZoneRecipe();
        $recipe->method = $row->method();
        $recipe->clipperUnit = $card?->clipperUnit;
        $recipe->lay = $row->lay;
        $recipe->reason = \in_array($row->reason, ['forced_by_mat', 'owner_wish'], true) ? $row->reason : 'comfort';
        $recipe->carry = $row->carry;
        $recipe->exception = $row->exception;
        $recipe->note = mb_substr($row->why, 0, 300);
        if (null !== $tool?->set) {
            [$recipe->blade, $recipe->guardUm] = [ZoneRecipe::TRIMMER, $tool->set->micrometres()];
        } elseif (true === $tool?->isBlade()) {
            $recipe->tool = $recipe->blade = $tool->label;
        } elseif (true === $tool?->isGuard()) {
            $recipe->guardUm = $tool->guard?->micrometres();
            $recipe->base = $tool->base;
        } else {
            $recipe->enteredUm = $row->finished?->micrometres();
        }

        return $recipe;
    }

    /**
     * @return array{likely: float, phases: array<string, float>, price_minor: int|null, tax_minor: int|null,
     *     price_terms: list<array{label: string, minor: int}>}
     */
    private static function estimate(Minutes $minutes): array
    {
        return [
            'likely' => round($minutes->likely, 1),
            'phases' => $minutes->scaled(),
            'price_minor' => $minutes->price,
            'price_terms' => $minutes->priceTerms,
            'tax_minor' => $minutes->tax,
        ];
    }

    /** @return array<string, ZoneRecipe> */
    private static function recipes(mixed $stored): array
    {
        $out = [];
        foreach (\is_array($stored) ? $stored : [] as $zone => $fields) {
            if (\is_array($fields)) {
                $recipe = [];
                foreach ($fields as $name => $value) {
                    $recipe[(string) $name] = $value;
                }
                $out[(string) $zone] = RecipeCodec::fromArray($recipe);
            }
        }

        return $out;
    }
}
