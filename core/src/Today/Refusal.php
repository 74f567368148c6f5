<?php

/** What a dog does not bear today in one place: put off, or done with something else. */

declare(strict_types=1);

namespace KeenThistle\Core\Today;

use KeenThistle\Core\Handling\Tool as Handled;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Zone\Zone;

final readonly class Refusal
{
    private const KINDS = [
        'clipper' => ['blade', 'guard'],
        'scissors' => ['scissor', 'thin', 'thinner'],
        'comb' => ['card', 'hand', 'strip', 'knife'],
        'slicker' => ['card'],
    ];

    /** @param Length|null $leaves what the substitute leaves, where somebody knows */
    public function __construct(
        public Zone $zone,
        public Handled $tool,
        public bool $defers,
        public ?Tool $instead = null,
        public ?Length $leaves = null,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'zone' => Zone::shape()->required(),
            'tool' => Shape::enum(Handled::class, 'tool')->required(),
            'decision' => Shape::choice(['defer', 'substitute'], 'decision')->required(),
            'substitute' => Tool::shape()->nullable()->describe('left out: thinning shears for a clipper or scissors'),
            'leaves_mm' => Shape::number(0, Length::MAX_MM, 'mm the substitute leaves')->nullable(),
        ]);
    }

    public static function fromFields(Fields $in): self
    {
        $tool = $in->objectOrNull('substitute');
        $mm = $in->floatOrNull('leaves_mm');

        return new self(
            Zone::of($in->text('zone')),
            $in->enum('tool', Handled::class),
            'defer' === $in->text('decision'),
            null === $tool ? null : Tool::fromFields($tool),
            null === $mm ? null : Length::ofMillimetres($mm, $in->pathOf('leaves_mm')),
        );
    }

    /** Whether it is this tool that would be used. */
    public function isAbout(Tool $tool): bool
    {
        return \in_array($tool->kind, self::KINDS[$this->tool->value] ?? [], true);
    }

    public function substitute(): Tool
    {
        return $this->instead ??
            Tool::hand(\in_array($this->tool, [Handled::Clipper, Handled::Scissors], true) ? 'thinner' : 'hand');
    }
}
