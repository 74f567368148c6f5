<?php

/** `bin/ask same`: whether two records are likely one dog. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Same\Record;
use KeenThistle\Core\Same\SameDogRule;

final readonly class SameQuestion implements Question
{
    public function name(): string
    {
        return 'same';
    }

    public function summary(): string
    {
        return 'Whether two records are likely one dog, with what they have in common.';
    }

    public function shape(): Shape
    {
        return Shape::object(['one' => Record::shape()->required(), 'other' => Record::shape()->required()]);
    }

    public function answer(Fields $in): array
    {
        $signs = SameDogRule::signs(Record::of($in->object('one')), Record::of($in->object('other')));

        return ['likely' => [] !== $signs, 'reasons' => $signs];
    }
}
