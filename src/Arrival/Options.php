<?php

/** The ways to go on with a matted dog today, side by side: as reckoned, saving the coat, one even length. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Core\Growth\RecoveryRule;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Matting\Decision;
use KeenThistle\Core\Matting\Mat;
use KeenThistle\Core\Matting\MattingAnswer;
use KeenThistle\Core\Matting\MattingRule;
use KeenThistle\Core\Matting\Ways;
use KeenThistle\Core\Matting\ZoneDecision;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Timing\MinutesRule;
use KeenThistle\Core\Timing\Work;

final readonly class Options
{
    public function __construct(private Arrival $arrival, private KnownOfDog $basis, private float $kg)
    {
    }

    /**
     * @param list<Mat> $mats
     *
     * @return list<OptionView>
     */
    public function of(array $mats, MattingAnswer $answer, MattingRule $rule): array
    {
        $ways = new Ways();
        $cut = self::evenLength($answer);
        $clips =
            [] !== array_filter($answer->zones, static fn (ZoneDecision $z): bool => Decision::Clip === $z->decision);
        $out = [
            $this->option(
                'as_reckoned',
                $clips ? 'Clip under what cannot be saved' : 'Groom as planned',
                $answer,
                null,
            ),
        ];
        $saved = $rule->reckon($ways->save($mats));
        if ($saved->worked > $answer->worked + 1e-6) {
            $out[] = $this->option('save_the_coat', 'Save the coat', $saved, null);
        }
        if (null !== $cut) {
            $out[] = $this->option(
                'even_out',
                \sprintf('One even length, %s mm', $cut->rounded()),
                $rule->reckon($ways->clipAll($mats)),
                $cut,
            );
        }

        return $out;
    }

    private function option(string $choice, string $title, MattingAnswer $answer, ?Length $cut): OptionView
    {
        $dog = $this->arrival->dog;
        $methods =
            null === $cut ? $this->basis->methods : array_fill_keys(array_keys($this->basis->methods), Method::Clip);
        $minutes = (new MinutesRule())->estimate(
            new Work(
                $this->kg,
                $dog->coat,
                $dog->handling,
                matting: $answer->charged,
                newThings: $this->basis->newThings,
                weeksLate: $this->basis->weeksLate,
                zones: [] === $methods ? null : $methods,
                dogVisits: $this->basis->dogVisits,
                groomerVisits: $this->basis->groomerVisits,
                rate: $dog->salon->rateMinor,
                matRate: $dog->salon->matRateMinor,
                meanMm: $this->basis->meanNow()?->mm(),
            ),
        );
        $visits = $answer->visits();
        $recovery = null;
        $usual = $this->basis->usual();
        if (null !== $cut && null !== $usual && $cut->shorterThan($usual)) {
            $recovery = (new RecoveryRule())->weeksBack($this->basis->growth, $cut, $usual, $dog->stage);
        }
        [$left, $patches] = $this->left($answer, $cut);

        return new OptionView(
            $choice,
            $title,
            $cut?->rounded(),
            (object) $left,
            $patches,
            round($answer->minutes, 1),
            round($minutes->likely, 1),
            round($minutes->sure, 1),
            $minutes->slot,
            $minutes->price,
            $minutes->priceTerms,
            array_map(
                static fn (string $phase, float $m): array => ['phase' => $phase, 'minutes' => $m],
                array_keys($minutes->scaled()),
                array_values($minutes->scaled()),
            ),
            $visits,
            1 === $visits,
            null === $recovery?->weeks ? null : round($recovery->weeks, 1),
            $recovery?->message,
            Caution::listToArray($recovery->cautions ?? []),
            Reason::listToArray($minutes->reasons),
        );
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

    /**
     * @return array{array<string, float>, list<string>} what each zone carries when it is done, and which are patches
     */
    private function left(MattingAnswer $answer, ?Length $cut): array
    {
        $left = array_map(
            static fn (Length $l): float => null === $cut || $l->shorterThan($cut) ? $l->rounded() : $cut->rounded(),
            $this->basis->planned,
        );
        $patches = [];
        foreach ($answer->zones as $z) {
            $under = Decision::Clip === $z->decision ? $z->under?->leaves() : null;
            $zone = $z->mat->zone->id;
            if (null !== $under && (null === $cut || $under->shorterThan($cut))) {
                $left[$zone] = $under->rounded();
                $patches[] = $zone;
            }
        }

        return [$left, $patches];
    }
}
