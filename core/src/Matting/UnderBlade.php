<?php

/** Which blade goes under a mat: never a guard, never scissors between mat and skin. */

declare(strict_types=1);

namespace KeenThistle\Core\Matting;

use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Measure\Length;

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
            return new self(null, 'no clipper blade here: round-tip scissors or thinning shears above a comb', []);
        }
        if (str_starts_with($id, 'pads_') || str_starts_with($id, 'between_toes_')) {
            return new self('toe', 'narrow toe blade, or a 30', ['30']);
        }
        if (!$mat->hasClearance()) {
            return new self('10', '10 blade; a 15 or 30 only by an experienced groomer', ['15', '30']);
        }
        $close = $mat->zone->tender || str_starts_with($id, 'elbow_') || str_starts_with($id, 'hock_');

        return $close
            ? new self('10', '10 blade: thin or tender skin', [])
            : new self('7F', '7F blade under the mat', []);
    }

    public function leaves(): ?Length
    {
        return null === $this->blade ? null : BladeTable::residual($this->blade);
    }
}
