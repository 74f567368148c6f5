<?php

/** One rule as it can be asked from outside: JSON in, JSON out. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;

interface Question
{
    public function name(): string;

    /** One plain sentence for --list. */
    public function summary(): string;

    public function shape(): Shape;

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidInput
     */
    public function answer(Fields $in): array;
}
