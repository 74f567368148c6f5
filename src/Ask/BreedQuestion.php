<?php

/** `bin/ask breed`: what the words of a breed suggest for a new dog. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Coat\BreedWords;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;

final readonly class BreedQuestion implements Question
{
    public function name(): string
    {
        return 'breed';
    }

    public function summary(): string
    {
        return 'What the words of a breed usually mean for coat, build, ears and tail: a first guess.';
    }

    public function shape(): Shape
    {
        return Shape::object(['breed' => Shape::text(0, 80)->required()->describe('as the owner says it')]);
    }

    public function answer(Fields $in): array
    {
        $read = (new BreedWords())->read($in->text('breed'));

        return ['suggests' => (object) $read['suggests']] + $read;
    }
}
