<?php

/** Which blade goes under a mat: never a guard, never scissors between mat and skin. */

declare(strict_types=1);

namespace KeenThistle\Core\Matting;

use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Zone\Zone;

final readonly class UnderBlade
{
    /** What may be clipped under a mat where a comb passes, and where none does or the skin is thin, mm. */
    public const CLEAR_MM = 3.2;
    public const CLOSE_MM = 1.5;

    /**
     * @param string|null $blade label, "trimmer", or null where nothing here may go under it
     * @param list<string> $experienced labels that an experienced groomer may take instead
     * @param string|null $refer where nothing goes: what to do instead
     */
    private function __construct(
        public ?string $blade,
        public string $words,
        public array $experienced,
        public ?string $refer = null,
    ) {
    }

    /** Inner eye corner, lips, sheath or vulva: no clipper blade ever goes there. */
    public static function isTrimmerOnly(Zone $zone): bool
    {
        return 'lips' === $zone->id || 'sheath_or_vulva' === $zone->id || str_starts_with($zone->id, 'inner_eye_');
    }

    /**
     * @param bool $experienced whether an experienced groomer does it
     * @param bool $keepsStill whether the dog keeps still
     */
    public static function for(Mat $mat, bool $experienced, bool $keepsStill): self
    {
        $id = $mat->zone->id;
        if (self::isTrimmerOnly($mat->zone)) {
            $vet = Say::it('matting.a_vet_within_days');

            return $experienced && $keepsStill
                ? new self('trimmer', Say::it('matting.small_trimmer_only'), [])
                : new self(null, Say::it('matting.nothing_here_goes_under_it'), [], $vet);
        }
        if (str_starts_with($id, 'pads_') || str_starts_with($id, 'between_toes_')) {
            return new self('toe', Say::it('matting.narrow_toe_blade_or_trimmer'), $experienced ? ['30'] : []);
        }
        if (!$mat->hasClearance()) {
            return new self('10', Say::it('matting.10_blade_a_15_or_30'), ['15', '30']);
        }

        return $mat->isClose()
            ? new self('10', Say::it('matting.10_blade_thin_or_tender_skin'), [])
            : new self('7F', Say::it('matting.7f_blade_under_the_mat'), []);
    }

    /** The tool in the hand; null where nothing goes. */
    public function tool(): ?Tool
    {
        return match ($this->blade) {
            null => null,
            'trimmer' => Tool::trimmer(),
            default => Tool::blade($this->blade),
        };
    }

    public function leaves(): ?Length
    {
        return match ($this->blade) {
            null => null,
            'trimmer' => Length::ofMillimetres(Tool::TRIMMER_MM),
            default => BladeTable::residual($this->blade),
        };
    }
}
