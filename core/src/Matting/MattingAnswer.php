<?php

/** The whole of a comb test reckoned: load, decisions, minutes, fee, an even length, consent. */

declare(strict_types=1);

namespace KeenThistle\Core\Matting;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;

final readonly class MattingAnswer
{
    /**
     * @param list<ZoneDecision> $zones as they were given
     * @param float $charged minutes without what comes off anyway: what the fee and the estimate count
     * @param float $worked minutes of working mats out that are left after all decisions
     * @param float $raked minutes under the rake
     * @param float $limit minutes this dog can be asked to bear
     * @param array{blade: string, mm: float}|null $even the length that would even everything out
     * @param bool $evenOnConsent the even length is only for an owner who asks: this coat is patched first
     * @param list<string> $consent sentences for the agreement
     * @param list<Caution> $cautions
     * @param list<array{field: string, message: string}> $questions contradictions to be asked about
     * @param list<Reason> $reasons
     */
    public function __construct(
        public float $load,
        public array $zones,
        public float $minutes,
        public float $charged,
        public float $worked,
        public float $raked,
        public float $limit,
        public float $tenderLimit,
        public float $rakeLimit,
        public ?int $fee,
        public ?array $even,
        public bool $evenOnConsent,
        public float $clippedShare,
        public array $consent,
        public array $cautions,
        public array $questions,
        public array $reasons,
    ) {
    }

    public function decisionFor(string $zone): Decision
    {
        foreach ($this->zones as $z) {
            if ($z->mat->zone->id === $zone) {
                return $z->decision;
            }
        }

        return Decision::None;
    }

    /** Visits needed so that none goes past what this dog bears, at least one. */
    public function visits(): int
    {
        $of = static fn (float $minutes, float $limit): int => (int) ceil(round($minutes / max(0.1, $limit), 6));

        return max(1, $of($this->worked, $this->limit), $of($this->raked, $this->rakeLimit));
    }

    /** @return list<string> zones where the skin is looked at, as an item of its own, once they are clipped */
    public function skinChecks(): array
    {
        $out = [];
        foreach ($this->zones as $z) {
            if ($z->decision->takesTheHair() && !$z->mat->hasClearance()) {
                $out[] = $z->mat->zone->id;
            }
        }

        return $out;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $even =
            null === $this->even
                ? null
                : ['blade' => $this->even['blade'], 'finished_mm' => round($this->even['mm'], 1)];

        return [
            'load' => round($this->load, 1),
            'minutes' => round($this->minutes, 1),
            'charged_minutes' => round($this->charged, 1),
            'worked_out_minutes' => round($this->worked, 1),
            'raked_minutes' => round($this->raked, 1),
            'visits' => $this->visits(),
            'limit_minutes' => round($this->limit, 1),
            'tender_limit_minutes' => round($this->tenderLimit, 1),
            'clipped_share' => round($this->clippedShare, 3),
            'fee_minor' => $this->fee,
            'zones' => array_map(static fn (ZoneDecision $z): array => $z->toArray(), $this->zones),
            'skin_checks' => $this->skinChecks(),
            'even_out' => $this->evenOnConsent ? null : $even,
            'even_out_on_consent' => $this->evenOnConsent ? $even : null,
            'consent' => $this->consent,
            'warnings' => Caution::listToArray($this->cautions),
            'questions' => $this->questions,
            'reasons' => Reason::listToArray($this->reasons),
        ];
    }
}
