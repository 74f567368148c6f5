<?php

/**
 * What a comb test is reckoned on that does not change while it is tapped: growth, plan, lateness, what was learned.
 */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Core\Growth\Growth;
use KeenThistle\Core\Growth\RecoveryRule;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Timing\Work;
use KeenThistle\Core\Today\Refusal;
use KeenThistle\Core\Today\Row;
use KeenThistle\Core\Today\Today;
use KeenThistle\Core\Today\Wanted;
use KeenThistle\Core\Zone\Zone;

final readonly class KnownOfDog
{
    /**
     * @param array<string, Method> $methods planned, by zone
     * @param array<string, Length> $planned what the plan leaves, where that is known
     * @param array<string, Wanted> $card as it is wanted, by zone
     * @param list<Refusal> $refusals what the dog does not bear, in places
     * @param array<string, Length> $now what zones are expected to carry today
     * @param list<array{estimate: float, actual: float, kind: string}> $dogVisits oldest first
     * @param list<array{estimate: float, actual: float, kind: string}> $groomerVisits oldest first
     */
    public function __construct(
        public Growth $growth,
        public array $methods,
        public array $planned,
        public array $card,
        public array $refusals,
        public array $now,
        public float $weeksLate,
        public int $newThings,
        public array $dogVisits,
        public array $groomerVisits,
    ) {
    }

    /** What today's list asks of the minutes rule, with what was learned of the dog and the person. */
    public function work(Arrival $arrival, float $kg, Today $today): Work
    {
        $dog = $arrival->dog;
        $methods = $today->methods();

        return new Work(
            $kg,
            $dog->coat,
            $dog->handling,
            $arrival->kind,
            matting: $today->mats->charged,
            newThings: $this->newThings,
            weeksLate: $this->weeksLate,
            zones: [] === $methods ? null : $methods,
            dogVisits: $this->dogVisits,
            groomerVisits: $this->groomerVisits,
            fees: $arrival->fees(),
            charges: $dog->salon->pricesOn($arrival->day)->charges(),
            meanMm: $this->meanNow()?->mm(),
            combsOut: !$today->comesOff(),
            extraMinutes: $arrival->extraMinutes(),
        );
    }

    /** The area-weighted mean of what the plan leaves. */
    public function usual(): ?Length
    {
        return self::mean($this->planned);
    }

    /** The area-weighted mean of what the coat carries today. */
    public function meanNow(): ?Length
    {
        return self::mean($this->now);
    }

    /** @param array<string, Length> $lengths by zone */
    private static function mean(array $lengths): ?Length
    {
        $area = $sum = 0;
        foreach ($lengths as $zone => $length) {
            $area += Zone::of($zone)->hundredths;
            $sum += Zone::of($zone)->hundredths * $length->micrometres();
        }

        return 0 === $area ? null : Length::ofMicrometres(intdiv($sum, $area));
    }

    /**
     * The day a patch cut to this length is back to what is wanted there; null where nobody knows, or it is not
     * shorter.
     */
    /** The day on which a patch of today's list is as long as the rest again. */
    public function filledBack(Row $row, Arrival $arrival): ?string
    {
        return $this->fillBack($row->zone->id, $row->finished, $arrival);
    }

    public function fillBack(string $zone, ?Length $cut, Arrival $arrival): ?string
    {
        $wanted = $this->planned[$zone] ?? ($this->now[$zone] ?? null);
        if (null === $cut || null === $wanted || !$cut->shorterThan($wanted)) {
            return null;
        }
        $weeks = (new RecoveryRule())->weeksBack($this->growth, $cut, $wanted, $arrival->dog->stage)->weeks;

        return null === $weeks || $weeks > 520
            ? null
            : $arrival->day->modify('+'.(int) ceil($weeks * 7).' days')->format('Y-m-d');
    }
}
