<?php

/** `bin/ask paper`: what stands on a paper card, as shorthand, with what is not certain. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Shorthand\PaperNote;
use KeenThistle\Core\Shorthand\PaperPart;

final readonly class PaperQuestion implements Question
{
    public function name(): string
    {
        return 'paper';
    }

    public function summary(): string
    {
        return 'Reads a note from a paper card as shorthand; what is not certain is marked.';
    }

    public function shape(): Shape
    {
        return Shape::object([
            'text' => Shape::text(0, PaperNote::LONGEST)
                ->required()
                ->describe('such as: back 16 over 10, legs scissored, pads 30'),
        ]);
    }

    public function answer(Fields $in): array
    {
        $parts = PaperNote::read($in->text('text'));
        $sure = array_values(array_filter($parts, static fn (PaperPart $p): bool => $p->sure));

        return [
            'line' => PaperNote::line($parts),
            'sure_line' => PaperNote::line($sure),
            'parts' => array_map(static fn (PaperPart $p): array => $p->toArray(), $parts),
            'reasons' => [],
        ];
    }
}
