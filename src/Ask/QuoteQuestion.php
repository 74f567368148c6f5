<?php

/** `bin/ask quote`: what can be said on the phone of a dog nobody has seen. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Timing\Charges;
use KeenThistle\Core\Timing\MattingTold;
use KeenThistle\Core\Timing\QuoteRule;
use KeenThistle\Core\Timing\Service;

final readonly class QuoteQuestion implements Question
{
    public function name(): string
    {
        return 'quote';
    }

    public function summary(): string
    {
        return 'From how long and how much to how long and how much, for a dog nobody has seen.';
    }

    public function shape(): Shape
    {
        return Shape::object([
            'kg' => Shape::kilograms()->required(),
            'coat' => Shape::enum(CoatType::class, 'coat')->required(),
            'weeks' => Shape::integer(0, 260)->default(8)->describe('since it was groomed'),
            'matting' => Shape::enum(MattingTold::class, 'matting')->default('none')->describe('as its owner says it'),
            'kind' => Shape::enum(Service::class, 'kind')->default('full'),
            'rate_minor' => Shape::number(0, 100_000, 'minor currency units per minute')->nullable(),
            'matting_rate_minor' => Shape::number(0, 100_000, 'minor currency units per minute on mats')->nullable(),
        ]);
    }

    public function answer(Fields $in): array
    {
        $rate = $in->floatOrNull('rate_minor');
        $quote = (new QuoteRule())->of(
            $in->float('kg'),
            $in->enum('coat', CoatType::class),
            $in->int('weeks'),
            $in->enum('matting', MattingTold::class),
            $in->enum('kind', Service::class),
            null === $rate ? null : new Charges($rate, $in->floatOrNull('matting_rate_minor')),
        );

        return [
            'from_minutes' => $quote->from,
            'to_minutes' => $quote->to,
            'from_minor' => $quote->fromMinor,
            'to_minor' => $quote->toMinor,
            'reasons' => Reason::listToArray($quote->reasons),
            'warnings' => Caution::listToArray($quote->cautions),
        ];
    }
}
