<?php

/** One claw as it was found. */

declare(strict_types=1);

namespace KeenThistle\Core\Nails;

use KeenThistle\Core\Check\HandsOn;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Zone\ZoneTable;

final readonly class Claw
{
    public const QUICKS = ['visible', 'not_visible', 'stopped_early', 'cracked'];

    /**
     * @param string $state one of HandsOn::CLAWS; not looked at is not fine
     * @param bool $dark the quick cannot be seen
     * @param float $over mm past where it should end; 0: not past it, or not measured
     * @param string|null $quick visible, not_visible, stopped_early or cracked; null: nobody said
     * @param bool $squeezed whether it was felt for the quick by squeezing
     * @param bool $onTheFloor whether it touches the floor when the dog stands
     */
    public function __construct(
        public string $foot,
        public int $number,
        public bool $dewclaw,
        public string $state,
        public bool $dark,
        public float $over,
        public ?string $quick = null,
        public bool $squeezed = false,
        public bool $onTheFloor = false,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'foot' => Shape::choice(ZoneTable::FEET, 'foot')->required(),
            'claw' => Shape::integer(1, 6)->required()->describe('from outside in'),
            'dewclaw' => Shape::boolean()->default(false),
            'state' => Shape::choice(HandsOn::CLAWS, 'state')->default('not_seen'),
            'dark' => Shape::boolean()->default(false)->describe('the quick cannot be seen'),
            'colour' => Shape::choice(['light', 'dark'], 'colour')->nullable(),
            'quick' => Shape::choice(self::QUICKS, 'quick')->nullable(),
            'squeeze_test' => Shape::boolean()->default(false)->describe('dark nails are squeezed to feel the quick'),
            'touches_floor' => Shape::boolean()->default(false),
            'over_mm' => Shape::number(0, 60, 'mm past where it should end')->default(0.0),
        ]);
    }

    public static function fromFields(Fields $in): self
    {
        return new self(
            $in->text('foot'),
            $in->int('claw'),
            $in->bool('dewclaw'),
            $in->text('state'),
            $in->bool('dark') || 'dark' === $in->textOrNull('colour') || 'not_visible' === $in->textOrNull('quick'),
            $in->float('over_mm'),
            $in->textOrNull('quick'),
            $in->bool('squeeze_test'),
            $in->bool('touches_floor'),
        );
    }

    /** What it comes to: a crack or a floor that is touched outranks what was said in passing. */
    public function effective(): string
    {
        return match (true) {
            'fine' === $this->state && 'cracked' === $this->quick => 'cracked',
            'fine' === $this->state && ($this->onTheFloor || $this->over > 0) => 'long',
            \in_array($this->state, ['fine', 'long'], true) && 'stopped_early' === $this->quick => 'quick_near',
            default => $this->state,
        };
    }
}
