<?php

/** How a zone is wanted: on the card, as last time, or as changed by hand today. */

declare(strict_types=1);

namespace KeenThistle\Core\Today;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\Recipe;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Zone\Zone;

final readonly class Wanted
{
    /**
     * @param string $reason as recorded; empty: none
     * @param string $carry repeat or do_not_repeat
     */
    public function __construct(
        public Recipe $recipe,
        public string $reason = '',
        public string $carry = 'repeat',
        public bool $exception = false,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'zone' => Zone::shape()->required(),
            'tool' => Tool::shape()->required(),
            'lay' => Shape::enum(Lay::class, 'lay')->default('with'),
            'estimate_mm' => Shape::number(0, Length::MAX_MM, 'mm, only where no tool gives the length')->nullable(),
        ]);
    }

    public static function fromFields(Fields $in): self
    {
        $mm = $in->floatOrNull('estimate_mm');

        return new self(
            new Recipe(
                Tool::fromFields($in->object('tool')),
                $in->enum('lay', Lay::class),
                null === $mm ? null : Length::ofMillimetres($mm, $in->pathOf('estimate_mm')),
            ),
        );
    }

    /** Whether it is the same tool in the same lay: what a groomer would call "as on the card". */
    public function isAs(self $other): bool
    {
        return $this->recipe->tool->key() === $other->recipe->tool->key()
            && (!$this->recipe->tool->hasLength() || $this->recipe->lay === $other->recipe->lay);
    }
}
