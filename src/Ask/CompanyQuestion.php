<?php

/** `bin/ask company`: who must not be in the salon at the same time, and who is there while it is loud. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Day\CompanyRule;
use KeenThistle\Core\Day\Guest;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;

final readonly class CompanyQuestion implements Question
{
    private const DAY = 1440;

    public function name(): string
    {
        return 'company';
    }

    public function summary(): string
    {
        return 'Which of the dogs that are there on a day must not meet, and who bears the loud hour badly.';
    }

    public function shape(): Shape
    {
        $minute = static fn (): Shape => Shape::integer(0, self::DAY);

        return Shape::object([
            'dogs' => Shape::list(Shape::object([
                'id' => Shape::line(1, 40)->required(),
                'from' => $minute()->required()->describe('minutes from midnight'),
                'to' => $minute()->required()->describe('after from'),
                'home' => Shape::line(0, 40)->default(''),
                'apart' => Shape::list(Shape::line(1, 40), 0, 20)->default([])->describe('ids it must not meet'),
                'in_season' => Shape::boolean()->default(false),
                'entire_male' => Shape::boolean()->default(false),
                'quiet' => Shape::boolean()->default(false)->describe('it bears noise badly'),
            ]), 1, 60)->required(),
            'loud' => Shape::object([
                'from' => $minute()->required(),
                'to' => $minute()->required(),
            ])->nullable()->describe('the loudest hours of the place; left out: none'),
        ]);
    }

    public function answer(Fields $in): array
    {
        $guests = [];
        foreach ($in->objects('dogs') as $d) {
            if ($d->int('to') <= $d->int('from')) {
                throw InvalidInput::at($d->pathOf('to'), 'must be after from');
            }
            $guests[] = new Guest(
                $d->text('id'),
                $d->text('id'),
                $d->int('from'),
                $d->int('to'),
                $d->text('home'),
                $d->texts('apart'),
                $d->bool('in_season'),
                $d->bool('entire_male'),
                $d->bool('quiet'),
            );
        }
        $loud = $in->objectOrNull('loud');
        $noise = null === $loud ? null : [$loud->int('from'), $loud->int('to')];

        return ['apart' => (new CompanyRule())->of($guests, $noise)];
    }
}
