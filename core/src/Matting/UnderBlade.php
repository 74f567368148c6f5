<?php

/** Which blade goes under a mat: never a guard, never scissors between mat and skin. */

declare(strict_types=1);

namespace KeenThistle\Core\Matting;

use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Say\Say;

final readonly class UnderBlade
{
    /**
     * @param string|null $blade label, or null where no clipper blade goes
     * @param list<string> $experienced labels that an experienced groomer may take instead
     */
    private function __construct(public ?string $blade, public string $words, public array $experienced)
    {
    }

    public static function for(Mat $mat): self
    {
        $id = $mat->zone->id;
        if ('lips' === $id || 'sheath_or_vulva' === $id || str_starts_with($id, 'inner_eye_')) {
            return new self(null, Say::it('matting.no_clipper_blade_here_round_tip'), []);
        }
        if (str_starts_with($id, 'pads_') || str_starts_with($id, 'between_toes_')) {
            return new self('toe', Say::it('matting.narrow_toe_blade_or_a_30'), ['30']);
        }
        if (!$mat->hasClearance()) {
            return new self('10', Say::it('matting.10_blade_a_15_or_30'), ['15', '30']);
        }
        $close = $mat->zone->tender || str_starts_with($id, 'elbow_') || str_starts_with($id, 'hock_');

        return $close
            ? new self('10', Say::it('matting.10_blade_thin_or_tender_skin'), [])
            : new self('7F', Say::it('matting.7f_blade_under_the_mat'), []);
    }

    public function leaves(): ?Length
    {
        return null === $this->blade ? null : BladeTable::residual($this->blade);
    }
}
