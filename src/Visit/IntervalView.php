<?php

/** When the dog should be back. A response record. */

declare(strict_types=1);

namespace KeenThistle\Visit;

use KeenThistle\Core\Interval\Clock;
use KeenThistle\Core\Interval\Interval;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class IntervalView
{
    /**
     * @param list<ClockView> $clocks
     * @param list<array<string, mixed>> $reasons
     * @param list<array<string, mixed>> $warnings
     */
    public function __construct(
        #[Says('the day the clocks started: the last visit that reset them')] public string $from,
        public ?int $full_weeks,
        public ?string $full_on,
        public string $binding,
        public ?int $bath_weeks,
        public ?string $bath_on,
        public ?int $tidy_weeks,
        public ?string $tidy_on,
        public ?int $nails_weeks,
        public ?string $nails_on,
        public array $clocks,
        public ?NextView $next,
        #[Says('the day the fringe reaches the eye')] public ?string $fringe_on,
        #[Gives('list<ReasonView>')] public array $reasons,
        #[Gives('list<CautionView>')] public array $warnings,
        public ?WishView $wish,
    ) {
    }

    /**
     * The day on which the first of the clocks is due that the next visit is for; today where it has passed.
     *
     * @param list<string> $because
     * @param array<string, \DateTimeImmutable> $resets with '' for the groom
     */
    private static function nextOn(array $because, Interval $i, array $resets, \DateTimeImmutable $today): string
    {
        $days = [];
        foreach ($i->clocks as $c) {
            if (\in_array($c->name, $because, true)) {
                $days[] = ($resets[$c->name] ?? $resets[''])->modify(
                    '+'.(int) round(7 * max($c->weeks, $i->visits->least($c))).' days',
                );
            }
        }

        return max($today, [] === $days ? $today : min($days))->format('Y-m-d');
    }

    /**
     * @param \DateTimeImmutable $from the last groom
     * @param array<string, \DateTimeImmutable> $resets of the clocks; from the groom where one has none
     * @param \DateTimeImmutable $today what "next" counts from
     */
    public static function of(Interval $i, \DateTimeImmutable $from, array $resets, \DateTimeImmutable $today): self
    {
        $on = static fn (float $weeks, ?\DateTimeImmutable $since = null): string => ($since ?? $from)
            ->modify('+'.(int) round($weeks * 7).' days')
            ->format('Y-m-d');
        // A visit is due with the first of its clocks; each counts from its own reset.
        $first = static function (?int $weeks, string ...$names) use ($i, $resets, $on): ?string {
            $days = [];
            foreach ($i->clocks as $c) {
                if (\in_array($c->name, $names, true)) {
                    $days[] = $on(max(1, $c->wholeWeeks()), $resets[$c->name] ?? null);
                }
            }

            return null === $weeks || [] === $days ? null : min($days);
        };
        $leading = $i->visits->leading?->name;
        $full = null === $i->full || null === $leading ? null : $on($i->full, $resets[$leading] ?? null);

        return new self(
            $from->format('Y-m-d'),
            $i->full,
            $full,
            $i->binding,
            $i->bath,
            $first($i->bath, 'bath', 'undercoat', ...$i->visits->matDecidesFull ? [] : ['mat']),
            $i->tidy,
            $first($i->tidy, 'sanitary', 'pads', 'eyes'),
            $i->nails,
            $first($i->nails, 'nails', 'dewclaws'),
            array_map(
                static fn (Clock $c): ClockView => new ClockView(
                    $c->name,
                    round($c->weeks, 1),
                    ($resets[$c->name] ?? $from)->format('Y-m-d'),
                    $on($c->weeks, $resets[$c->name] ?? null),
                    Reason::listToArray($c->reasons),
                ),
                $i->clocks,
            ),
            null === $i->next
                ? null
                : new NextView(
                    $i->next->weeks,
                    self::nextOn($i->next->because, $i, $resets + ['' => $from], $today),
                    $i->next->kind->value,
                    $i->next->because,
                    null === $i->next->minutes ? null : round($i->next->minutes, 1),
                    $i->next->words(),
                ),
            null === $i->fringe ? null : $on($i->fringe, $resets['eyes'] ?? null),
            Reason::listToArray($i->reasons),
            Caution::listToArray($i->advice),
            null === $i->wish
                ? null
                : new WishView(
                    $i->wish->weeks,
                    $on($i->wish->weeks),
                    $i->wish->breaks,
                    $i->wish->length?->rounded(),
                    round($i->wish->load, 1),
                    null === $i->wish->mattingMinutes ? null : round($i->wish->mattingMinutes, 1),
                    $i->wish->fee,
                    Reason::listToArray($i->wish->reasons),
                ),
        );
    }
}
