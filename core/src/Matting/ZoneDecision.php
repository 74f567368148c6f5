<?php

/** What was decided for one zone, with what it takes and why. */

declare(strict_types=1);

namespace KeenThistle\Core\Matting;

use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

final readonly class ZoneDecision
{
    /**
     * @param list<array{minutes: float, limit: float, of: string}> $over limits that it was clipped for
     * @param bool $setsUp whether the minute of its place stands here
     * @param bool $evened whether an agreed even length goes over it
     * @param bool $corded a coat whose cords are parted by hand, never combed
     */
    public function __construct(
        public Mat $mat,
        public Decision $decision,
        public ?UnderBlade $under,
        public float $minutes,
        public float $workedOut,
        private array $over,
        public bool $setsUp = false,
        public bool $evened = false,
        public bool $corded = false,
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
        } elseif (Decision::ComesOff === $this->decision) {
            $reasons[] = new Reason(
                'planned',
                $this->mat->planned?->rounded() ?? 0.0,
                'mm',
                Say::it('matting.todays_recipe_takes_it_off'),
            );
        } elseif (Decision::Rake === $this->decision) {
            $reasons[] = new Reason('double_coat', 'rake', '', Say::it('matting.a_double_coat_is_raked'));
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

        if ($this->evened && Decision::Clip === $this->decision) {
            $reasons[] = new Reason('even_length', 'clip', '', Say::it('matting.one_even_length'));
        }
        foreach ($this->over as $o) {
            $reasons[] = new Reason(
                'over_limit',
                round($o['minutes'], 1),
                'min',
                Say::it('matting.more_than_min', $o['of'], round($o['limit'], 1)),
            );
        }

        if ($this->setsUp) {
            $reasons[] = new Reason('set_up', 1.0, 'min', Say::it('matting.finding_the_skin_holding'));
        }

        return $reasons;
    }

    /** What is done there, in words. */
    public function words(): string
    {
        return match (true) {
            null !== $this->under => $this->under->words,
            $this->corded && $this->decision->isWorkingOut() => Say::it('matting.part_by_hand_between_the_cords'),
            default => $this->decision->words(),
        };
    }

    /** The reason that decided, in words. */
    public function why(): string
    {
        $last = null;
        foreach ($this->reasons() as $reason) {
            if (!\in_array($reason->term, ['spread', 'set_up'], true)) {
                $last = $reason;
            }
        }

        return $last->source ?? '';
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'zone' => $this->mat->zone->id,
            'decision' => $this->decision->value,
            'why' => $this->why(),
            'words' => $this->words(),
            'blade' => $this->under?->blade,
            'leaves_mm' => $this->under?->leaves()?->rounded(),
            'refer' => $this->under?->refer,
            'experienced' => $this->under->experienced ?? [],
            'minutes' => round($this->minutes, 1),
            'worked_out_minutes' => round($this->workedOut, 1),
            'load' => round($this->mat->load(), 2),
            'tender' => $this->mat->zone->tender,
            'overruled' => null !== $this->mat->overrule,
            'reasons' => Reason::listToArray($this->reasons()),
        ];
    }

    /** The same in the owner's words: what the place looks like afterwards. */
    public function forOwner(): string
    {
        if (Decision::Clip === $this->decision) {
            $left = $this->under?->leaves();

            return null === $left
                ? Say::it('matting.owner_left_for_a_vet')
                : Say::it('matting.owner_clipped_to_about', $left->rounded());
        }

        return match ($this->decision) {
            Decision::Rake => Say::it('matting.owner_brushed_out'),
            Decision::Loosen => Say::it('matting.owner_loosened_and_combed'),
            Decision::Split => Say::it('matting.owner_split_and_combed'),
            Decision::ComesOff => Say::it('matting.owner_comes_off'),
            Decision::None => Say::it('matting.owner_nothing_found'),
            default => Say::it('matting.owner_combed_out'),
        };
    }
}
