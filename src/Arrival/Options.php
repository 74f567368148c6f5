<?php

/** The ways to go on with a matted dog today, side by side: as reckoned, saving the coat, one even length. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Core\Growth\RecoveryRule;
use KeenThistle\Core\Matting\Decision;
use KeenThistle\Core\Matting\Even;
use KeenThistle\Core\Matting\MattingAnswer;
use KeenThistle\Core\Matting\MattingRule;
use KeenThistle\Core\Matting\Ways;
use KeenThistle\Core\Matting\ZoneDecision;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Timing\KnotsVisit;
use KeenThistle\Core\Timing\MinutesRule;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Core\Today\Agreement as Agreed;
use KeenThistle\Core\Today\Row;
use KeenThistle\Core\Today\Today;

/** Each is today's list as if it had been signed: what is agreed is what the table does, takes and costs. */
final readonly class Options
{
    /** Days between two visits for mats, at least. */
    private const APART = 2;
    /** What as_reckoned is called where something is clipped out. */
    public const CLIPS = 'Clip out what cannot be saved';

    /** @param \Closure(Agreed, bool): Today $today the list of a way; true: the coat is saved whatever it takes */
    public function __construct(
        private Arrival $arrival,
        private KnownOfDog $basis,
        private float $kg,
        private \Closure $today,
    ) {
    }

    /** @return list<OptionView> */
    public function of(Today $reckoned): array
    {
        $answer = $reckoned->mats;
        $clips =
            [] !== array_filter($answer->zones, static fn (ZoneDecision $z): bool => Decision::Clip === $z->decision);
        $out = [
            $this->option(
                'as_reckoned',
                $clips ? self::CLIPS : self::planned($this->arrival->kind),
                $reckoned,
            ),
        ];
        $saved = ($this->today)(new Agreed('several_visits', signed: true), true);
        if ($saved->mats->worked > $answer->worked + 1e-6) {
            $visits = (new Ways())->spread($saved->mats);
            $later = [];
            foreach (\array_slice($visits, 1) as $i => $visit) {
                $later += array_fill_keys($visit['zones'], $this->day($i + 1));
            }
            $out[] = $this->option(
                'save_the_coat',
                'Save the coat',
                ($this->today)(new Agreed('several_visits', signed: true, later: $later), true),
                visits: \array_slice($visits, 1),
            );
        }
        $cut = self::evenLength($answer);
        if (null !== $cut) {
            $blade = Even::bladeFor($cut->mm());
            $zones = Even::zones(array_keys($this->basis->card));
            $out[] = $this->option(
                'even_out',
                \sprintf('One even length, %s mm', $cut->rounded()),
                ($this->today)(new Agreed('even', $zones, $blade, true), false),
                $cut,
                $zones,
                $blade,
            );
        }

        return $out;
    }

    private static function planned(Service $kind): string
    {
        return match ($kind) {
            Service::Full => 'Groom as planned',
            Service::Bath => 'Bath as planned',
            Service::Tidy => 'Tidy as planned',
            Service::Nails => 'Nails as planned',
        };
    }

    private function day(int $visit): string
    {
        return $this->arrival->day->modify('+'.self::APART * $visit.' days')->format('Y-m-d');
    }

    /**
     * @param list<string> $evened
     * @param list<array{zones: list<string>, minutes: float}> $visits after today's
     */
    private function option(
        string $choice,
        string $title,
        Today $today,
        ?Length $cut = null,
        array $evened = [],
        ?string $blade = null,
        array $visits = [],
    ): OptionView {
        $dog = $this->arrival->dog;
        $minutes = (new MinutesRule())->estimate($this->basis->work($this->arrival, $this->kg, $today));
        $recovery = null;
        $usual = $this->basis->usual();
        if (null !== $cut && null !== $usual && $cut->shorterThan($usual)) {
            $recovery = (new RecoveryRule())->weeksBack($this->basis->growth, $cut, $usual, $dog->stage);
        }
        $later = $this->later($visits);
        $all = null === $minutes->price ? null : $minutes->price + array_sum(array_column($later, 'price_minor'));
        $left = array_map(
            static fn (Row $r): float => $r->finished?->rounded() ?? 0.0,
            array_filter($today->rows, static fn (Row $r): bool => null !== $r->finished && null !== $r->tool),
        );

        return new OptionView(
            $choice,
            $title,
            $cut?->rounded(),
            $blade,
            $evened,
            (object) $left,
            array_keys(array_filter($today->rows, static fn (Row $r): bool => 'mat' === $r->from && null !== $r->tool)),
            round($today->mats->minutes, 1),
            round($minutes->likely, 1),
            round($minutes->sure, 1),
            $minutes->slot,
            $minutes->price,
            $minutes->priceTerms,
            $minutes->tax,
            array_map(
                static fn (string $phase, float $m): array => ['phase' => $phase, 'minutes' => $m],
                array_keys($minutes->scaled()),
                array_values($minutes->scaled()),
            ),
            max(1, \count($visits) + 1),
            [] === $visits,
            $later,
            $all,
            null === $recovery?->weeks ? null : round($recovery->weeks, 1),
            $recovery?->message,
            Caution::listToArray($recovery->cautions ?? []),
            Reason::listToArray($minutes->reasons),
        );
    }

    /**
     * @param list<array{zones: list<string>, minutes: float}> $visits
     *
     * @return list<array{on: string, zones: list<string>, minutes: float, price_minor: int}>
     */
    private function later(array $visits): array
    {
        $dog = $this->arrival->dog;
        $out = [];
        foreach ($visits as $i => $visit) {
            $knots = KnotsVisit::of(
                $this->kg,
                $dog->coat,
                $dog->handling,
                $visit['minutes'],
                $dog->salon->pricesOn($this->arrival->day)->charges(),
            );
            $out[] = [
                'on' => $this->day($i + 1),
                'zones' => $visit['zones'],
                'minutes' => round($knots->minutes, 1),
                'price_minor' => $knots->price ?? 0,
            ];
        }

        return $out;
    }

    /** What one even clip would leave: what every clipped zone with a coat to speak of still allows. */
    private static function evenLength(MattingAnswer $answer): ?Length
    {
        $longest = MattingRule::longest(
            array_filter(
                $answer->zones,
                static fn (ZoneDecision $z): bool => Decision::Clip === $z->decision && !$z->mat->isClose(),
            ),
        );

        return null === $longest ? null : Length::ofMillimetres($longest['mm']);
    }
}
