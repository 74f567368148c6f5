<?php

/** `bin/ask balance`: what the outline can do for the proportions. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Balance\BalanceRule;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;

final readonly class BalanceQuestion implements Question
{
    public function name(): string
    {
        return 'balance';
    }

    public function summary(): string
    {
        return 'Suggestions for the outline from what is seen, or measured, with reasons; silent where comfort rules.';
    }

    public function shape(): Shape
    {
        return Shape::object(
            array_map(
                static fn (array $sides): Shape => Shape::choice($sides, 'look')->nullable(),
                BalanceRule::points(),
            ) +
                array_fill_keys(
                    BalanceRule::ratios(),
                    Shape::number(0.05, 5, 'ratio, where somebody measured it')->nullable(),
                ) + ['comfort_rules' => Shape::boolean()->default(false)],
        );
    }

    public function answer(Fields $in): array
    {
        $ratios = [];
        foreach (BalanceRule::ratios() as $name) {
            $ratio = $in->floatOrNull($name);
            if (null !== $ratio) {
                $ratios[$name] = $ratio;
            }
        }

        $seen = [];
        foreach (array_keys(BalanceRule::points()) as $point) {
            $side = $in->textOrNull($point);
            if (null !== $side) {
                $seen[$point] = $side;
            }
        }

        return (new BalanceRule())->suggest($ratios, $in->bool('comfort_rules'), $seen);
    }
}
