<?php

/** What was decided for one zone, with what it takes and why. */

declare(strict_types=1);

namespace KeenThistle\Core\Matting;

use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

final readonly class ZoneDecision
{
    /** @param list<array{minutes: float, limit: float, of: string}> $over limits that it was clipped for */
    public function __construct(
        public Mat $mat,
        public Decision $decision,
        public ?UnderBlade $under,
        public float $minutes,
        public float $workedOut,
        private array $over,
    ) {
    }

    /**
     * Made when they are asked for: a comb test is reckoned far more often than it is read.
     *
     * @return list<Reason>
     */
    public function reasons(): array
    {
        $reasons = [
            new Reason(
                'severity',
                $this->mat->severity,
                Say::it('matting.of_4'),
                [
                    'clear',
                    Say::it('matting.tangles_the_comb_stops_they_come'),
                    Say::it('matting.separate_mats'),
                    Say::it('matting.tight_close_to_the_skin'),
                    Say::it('matting.a_felted_sheet'),
                ][$this->mat->severity],
            ),
        ];
        if ($this->mat->severity > 0) {
            $reasons[] = new Reason('spread', round(100 * $this->mat->spread), '%', Say::it('matting.of_the_zone'));
        }
        if (null !== $this->mat->overrule) {
            $reasons[] = new Reason(
                'overruled',
                $this->decision->value,
                '',
                '' === $this->mat->why ? Say::it('matting.the_groomers_decision') : $this->mat->why,
            );
        } elseif (3 === $this->mat->severity) {
            $reasons[] = new Reason(
                'clearance',
                $this->mat->hasClearance() ? 'yes' : 'no',
                '',
                $this->mat->hasClearance()
                    ? Say::it('matting.a_comb_tooth_passes_between_mat')
                    : Say::it('matting.no_comb_tooth_passes_clip_under'),
            );
        } elseif (4 === $this->mat->severity) {
            $reasons[] = new Reason('felted', 'clip', '', Say::it('matting.a_felted_sheet_is_never_worked'));
        }

        foreach ($this->over as $o) {
            $reasons[] = new Reason(
                'over_limit',
                round($o['minutes'], 1),
                'min',
                Say::it('matting.more_than_min', $o['of'], round($o['limit'], 1)),
            );
        }

        return $reasons;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'zone' => $this->mat->zone->id,
            'decision' => $this->decision->value,
            'words' => null === $this->under ? $this->decision->words() : $this->under->words,
            'blade' => $this->under?->blade,
            'leaves_mm' => $this->under?->leaves()?->rounded(),
            'experienced' => $this->under->experienced ?? [],
            'minutes' => round($this->minutes, 1),
            'worked_out_minutes' => round($this->workedOut, 1),
            'load' => round($this->mat->load(), 2),
            'tender' => $this->mat->zone->tender,
            'overruled' => null !== $this->mat->overrule,
            'reasons' => Reason::listToArray($this->reasons()),
        ];
    }
}
