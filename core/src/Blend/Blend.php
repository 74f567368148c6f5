<?php

/** The answer of the blend rule. */

declare(strict_types=1);

namespace KeenThistle\Core\Blend;

use KeenThistle\Core\Kit\Option;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

final readonly class Blend
{
    /**
     * @param 'none'|'shears'|'ladder'|'hard_line' $kind
     * @param int $step µm
     * @param int $width µm over which it is worked
     * @param list<Option> $rungs guards from short to long
     * @param list<Length> $missing lengths no guard in reach makes
     * @param list<Reason> $reasons
     */
    public function __construct(
        public string $kind,
        public int $step,
        public int $width,
        public array $rungs,
        public array $missing,
        public array $reasons,
    ) {
    }

    public function words(): string
    {
        return match ($this->kind) {
            'none' => Say::it('blend.meets_without_a_blend'),
            'hard_line' => Say::it('blend.hard_line_wanted_no_blend'),
            'shears' => Say::it('blend.thinning_shears_across_a_band_of', round($this->width / 1000, 1)),
            'ladder' => Say::it(
                'blend.across_a_band_of_mm',
                [] === $this->rungs
                    ? Say::it('blend.a_ladder_of_guards')
                    : implode(
                        Say::it('blend.then'),
                        array_map(static fn (Option $o): string => $o->recipe->tool->words(), $this->rungs),
                    ),
                round($this->width / 1000, 1),
                [] === $this->missing
                    ? ''
                    : Say::it(
                        'blend.missing_about',
                        implode(
                            ', ',
                            array_map(
                                static fn (Length $l): string => $l->rounded().Say::it('blend.mm'),
                                $this->missing,
                            ),
                        ),
                    ),
            ),
        };
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'blend' => $this->kind,
            'words' => $this->words(),
            'step_mm' => round($this->step / 1000, 1),
            'width_mm' => round($this->width / 1000, 1),
            'rungs' => array_map(
                static fn (Option $o): array => [
                    'tool' => $o->recipe->tool->toArray(),
                    'lay' => $o->recipe->lay->value,
                    'finished_mm' => $o->finished->rounded(),
                    'words' => $o->recipe->tool->words(),
                ],
                $this->rungs,
            ),
            'missing_mm' => array_map(static fn (Length $l): float => $l->rounded(), $this->missing),
            'reasons' => Reason::listToArray($this->reasons),
        ];
    }
}
