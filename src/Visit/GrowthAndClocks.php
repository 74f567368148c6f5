<?php

/** Asks the core what follows from a dog's plan, kit and history. Holds no rule of its own. */

declare(strict_types=1);

namespace KeenThistle\Visit;

use KeenThistle\Book\Dog;
use KeenThistle\Core\Growth\Growth;
use KeenThistle\Core\Growth\GrowthRule;
use KeenThistle\Core\Interval\Facts;
use KeenThistle\Core\Interval\IntervalRule;
use KeenThistle\Core\Interval\StripMap;
use KeenThistle\Core\Interval\ZoneLeft;
use KeenThistle\Core\Kit\KitMatch;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Order\Schools;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Recipe\ZoneRecipe;

final readonly class GrowthAndClocks
{
    public Growth $growth;

    public function __construct(private Dog $dog, public History $history, private \DateTimeImmutable $today)
    {
        $this->growth = (new GrowthRule($dog->salon->hemisphere))->learn($dog->coat, $history->observations);
    }

    public function growthView(): GrowthView
    {
        return new GrowthView(
            round($this->growth->mmPerWeek, 2),
            round($this->growth->sd, 2),
            $this->growth->n,
            Reason::listToArray($this->growth->reasons),
        );
    }

    /** What a zone is expected to carry today; null where nobody knows what was left. */
    public function now(string $zone): ?Length
    {
        $left = $this->history->left[$zone] ?? null;
        if (null === $left || null === $left['um']) {
            return null;
        }
        $weeks = max(0, ($this->today->getTimestamp() - $left['day']->getTimestamp()) / 604_800);

        return $this->growth->after(
            Length::ofMicrometres($left['um']),
            min(260, $weeks),
            $this->dog->stage,
            $left['day'],
            $this->dog->salon->hemisphere,
        );
    }

    /**
     * The day an exception patch cut to this length is back to what its neighbours carry.
     *
     * @param \DateTimeImmutable|null $from the day it was cut; null: today
     */
    public function fillBack(Length $cut, Length $wanted, ?\DateTimeImmutable $from = null): ?string
    {
        $weeks = (new \KeenThistle\Core\Growth\RecoveryRule())->weeksBack(
            $this->growth,
            $cut,
            $wanted,
            $this->dog->stage,
        )->weeks;

        return null === $weeks || $weeks > 520
            ? null
            : ($from ?? $this->today)->modify('+'.(int) ceil($weeks * 7).' days')->format('Y-m-d');
    }

    /** What a kit makes of a planned recipe. */
    public static function here(
        ZoneRecipe $recipe,
        ?Length $target,
        KitMatch $kit,
        LengthRule $lengths,
        ?Tool $before,
    ): HereView {
        $asked = $recipe->forRules();
        if (!$asked->tool->hasLength()) {
            return new HereView(
                true,
                $asked->tool->words(),
                null,
                null,
                $target?->rounded(),
                $target?->inches(),
                null === $target ? null : 0.0,
                true,
            );
        }
        if ($kit->canMake($asked)) {
            $finished = $lengths->planned($asked)->finished;

            return new HereView(
                true,
                $asked->tool->words(),
                $asked->tool->toArray(),
                $asked->lay->value,
                $finished?->rounded(),
                $finished?->inches(),
                null === $finished || null === $target ? null : $finished->minusRounded($target),
                null === $finished || null === $target || KitMatch::isClose($finished, $target),
            );
        }
        $lays = Lay::With === $asked->lay ? [Lay::With] : [Lay::With, $asked->lay];
        $best = null === $target ? null : $kit->options($target, $lays, $before)[0] ?? null;

        return null === $best
            ? new HereView(false, 'nothing in reach', null, null, null, null, null, false)
            : new HereView(
                false,
                $best->recipe->tool->words(),
                $best->recipe->tool->toArray(),
                $best->recipe->lay->value,
                $best->finished->rounded(),
                $best->finished->inches(),
                $best->finished->minusRounded($best->target),
                $best->close,
            );
    }

    /**
     * @param array<string, array{version: int, recipe: ZoneRecipe}> $plan
     *
     * @return array<string, \DateTimeImmutable|null> the day on which each zone of the jacket was last stripped
     */
    private function stripped(array $plan): array
    {
        $out = [];
        foreach ($plan as $zone => $p) {
            if (Method::Strip === $p['recipe']->method) {
                $last = $this->history->left[$zone] ?? null;
                $out[$zone] = null !== $last && Method::Strip === $last['method'] ? $last['day'] : null;
            }
        }

        return $out;
    }

    /**
     * @param array<string, array{version: int, recipe: ZoneRecipe}> $plan used where no visit has left anything yet
     * @param int|null $wish weeks
     * @param \DateTimeImmutable|null $groomed as if this plan had been done on that day
     */
    public function interval(
        array $plan,
        LengthRule $lengths,
        ?int $wish,
        ?\DateTimeImmutable $groomed = null,
    ): IntervalView {
        $facts = $this->facts($plan, $lengths, $groomed);

        $from = $facts->from ?? $this->today;
        $resets = null === $groomed ? $this->history->resets : [];

        return IntervalView::of((new IntervalRule())->next($facts, $wish), $from, $resets, $groomed ?? $this->today);
    }

    /**
     * @param array<string, array{version: int, recipe: ZoneRecipe}> $plan used where no visit has left anything yet
     * @param \DateTimeImmutable|null $groomed as if this plan had been done on that day
     */
    public function facts(array $plan, LengthRule $lengths, ?\DateTimeImmutable $groomed = null): Facts
    {
        $zones = null === $groomed ? $this->history->zonesLeft() : [];
        if ([] === $zones) {
            foreach ($plan as $zone => $p) {
                if (null !== $p['recipe']->method) {
                    $zones[] = new ZoneLeft(
                        Zone::of($zone),
                        $lengths->planned($p['recipe']->forRules())->finished,
                        $p['recipe']->method,
                        'forced_by_mat' === $p['recipe']->reason,
                    );
                }
            }
        }
        $from = $groomed ?? ($this->history->lastFull ?? ($this->history->lastAny ?? $this->today));

        return new Facts(
            $this->growth,
            $zones,
            $this->dog->upkeep,
            $this->dog->finish,
            $this->dog->stage,
            $this->history->past,
            $from,
            null,
            $this->dog->salon->hemisphere,
            $this->dog->ground,
            $this->dog->hardFloor,
            $this->dog->dewclaws,
            null,
            $this->dog->handStripped
                || \in_array(Method::Strip, array_map(static fn (ZoneLeft $z): Method => $z->method, $zones), true),
            null === $groomed ? StripMap::next($this->stripped($plan)) : null,
            false,
            $this->dog->kg,
            $this->dog->handling,
            $this->dog->salon->pricesOn($this->today)->matRate,
            $this->dog->salon->matLimit,
            null === $groomed ? $this->history->since($this->today) : [],
            Schools::of($this->dog->schools, $this->dog->salon->schools)->is('bath_frequency', 'monthly'),
            'prick' === $this->dog->earType,
        );
    }
}
