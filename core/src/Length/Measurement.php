<?php

/** What the salon measured its own tool to leave. */

declare(strict_types=1);

namespace KeenThistle\Core\Length;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Measure\Length;

/** Without a lay it is the with-the-lay length; the lay factors follow from it. */
final readonly class Measurement
{
    public function __construct(public Tool $tool, public ?Lay $lay, public Length $mm)
    {
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'tool' => Tool::shape()->required(),
            'lay' => Shape::enum(Lay::class, 'lay'),
            'mm' => Shape::number(0, Length::MAX_MM, 'mm, as measured')->required(),
        ]);
    }

    public static function fromFields(Fields $in): self
    {
        return new self(
            Tool::fromFields($in->object('tool')),
            $in->enumOrNull('lay', Lay::class),
            Length::ofMillimetres($in->float('mm'), $in->pathOf('mm')),
        );
    }
}
