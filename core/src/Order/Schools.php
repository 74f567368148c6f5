<?php

/** The salon's schools, as far as the order of work depends on them. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;

final readonly class Schools
{
    public const BEFORE_BATH = 'before_bath';
    public const AFTER_DRY = 'after_dry';
    public const WHEN = [self::BEFORE_BATH, self::AFTER_DRY];
    public const DRYING = ['bone_dry', 'nearly_dry'];
    public const NAILS = ['clip_and_grind', 'grind', 'clip'];

    public function __construct(
        public string $closeWork = self::BEFORE_BATH,
        public string $undercoat = self::BEFORE_BATH,
        public string $pads = self::BEFORE_BATH,
        public string $nailsWhen = self::BEFORE_BATH,
        public string $nails = 'clip_and_grind',
        public string $drying = 'bone_dry',
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'close_work' => Shape::choice(self::WHEN, 'time')->default(self::BEFORE_BATH),
            'undercoat' => Shape::choice(self::WHEN, 'time')->default(self::BEFORE_BATH),
            'pads' => Shape::choice(self::WHEN, 'time')->default(self::BEFORE_BATH),
            'nails_when' => Shape::choice(self::WHEN, 'time')->default(self::BEFORE_BATH),
            'nails' => Shape::choice(self::NAILS, 'way')->default('clip_and_grind'),
            'drying' => Shape::choice(self::DRYING, 'dryness')->default('bone_dry'),
        ]);
    }

    public static function fromFields(Fields $in): self
    {
        return new self(
            $in->text('close_work'),
            $in->text('undercoat'),
            $in->text('pads'),
            $in->text('nails_when'),
            $in->text('nails'),
            $in->text('drying'),
        );
    }

    public function grinds(): bool
    {
        return 'clip' !== $this->nails;
    }
}
