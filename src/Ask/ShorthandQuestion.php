<?php

/** `bin/ask shorthand`: a whole recipe from one line, or one line from a whole recipe. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Shorthand\Fault;
use KeenThistle\Core\Shorthand\Notation;
use KeenThistle\Core\Shorthand\Way;
use KeenThistle\Core\Zone\Zone;

final readonly class ShorthandQuestion implements Question
{
    public function name(): string
    {
        return 'shorthand';
    }

    public function summary(): string
    {
        return 'Reads a trim plan from one line, or writes it on one; give "line" or "zones".';
    }

    public function shape(): Shape
    {
        return Shape::object([
            'line' => Shape::text(0, Notation::LONGEST)
                ->nullable()
                ->describe('such as: back ribs: 16/10; throat: 7F >breastbone_dip'),
            'guards' => Shape::list(Shape::number(0.5, 400, 'mm'), 0, 100)
                ->default([])
                ->describe('guards in the kit, for what is spoken in fractions of an inch'),
            'confirmed' => Shape::boolean()
                ->default(false)
                ->describe('whether what was spoken has been seen and confirmed'),
            'zones' => Shape::list(
                Shape::object([
                    'zone' => Zone::shape()->required(),
                    'method' => Shape::enum(Method::class, 'method')->required(),
                    'blade' => Shape::choice([...BladeTable::labels(), 'trimmer'], 'blade')->nullable(),
                    'guard_mm' => Shape::number(
                        0.1,
                        Length::MAX_MM,
                        'mm of a guard, or what a trimmer is set to',
                    )->nullable(),
                    'base' => Shape::choice(BladeTable::GUARD_BASES, 'base')->nullable(),
                    'called' => Shape::text(0, 40)->nullable(),
                    'lay' => Shape::enum(Lay::class, 'lay')->nullable(),
                    'about_mm' => Shape::number(0.001, Length::MAX_MM, 'mm')->nullable(),
                    'stop' => Shape::choice(Way::STOPS, 'stop line')->nullable(),
                    'shape' => Shape::text(0, 80)->nullable(),
                    'reason' => Shape::choice(Way::REASONS, 'reason')->nullable(),
                    'once' => Shape::boolean()->default(false),
                    'exception' => Shape::boolean()->default(false),
                    'clipper' => Shape::text(0, 60)->nullable(),
                    'note' => Shape::text(0, 300)->nullable(),
                ]),
                0,
                100,
            )->nullable(),
        ]);
    }

    public function answer(Fields $in): array
    {
        $line = $in->textOrNull('line');
        if ((null === $line) === !$in->has('zones')) {
            throw InvalidInput::missing('line', 'give either a line or zones, not both');
        }
        if (null === $line) {
            return [
                'line' => Notation::format(self::plan($in)),
                'zones' => self::rows(self::plan($in)),
                'confirm' => [],
            ];
        }
        $read = Notation::parse($line, $in->floats('guards'));
        if ([] !== $read->faults) {
            throw InvalidInput::at(
                'line',
                implode('; ', array_map(static fn (Fault $f): string => $f->message(), $read->faults)),
            );
        }
        // What was only heard is shown, and becomes a plan when somebody has nodded.
        $open = [] !== $read->spoken && !$in->bool('confirmed');

        return [
            'line' => Notation::format($read->plan),
            'zones' => $open ? [] : self::rows($read->plan),
            'confirm' => $open ? $read->spoken : [],
        ];
    }

    /** @return array<string, Way> */
    private static function plan(Fields $in): array
    {
        $plan = [];
        foreach ($in->objects('zones') as $i => $z) {
            $method = $z->enum('method', Method::class);
            $guard = $z->floatOrNull('guard_mm');
            $about = $z->floatOrNull('about_mm');
            $zone = $z->text('zone');
            if (isset($plan[$zone])) {
                throw InvalidInput::at("zones[$i].zone", 'is there twice');
            }
            self::fits($z, $method);
            $plan[$zone] = new Way(
                $method,
                $z->textOrNull('blade'),
                null === $guard ? null : Length::ofMillimetres($guard)->micrometres(),
                $z->textOrNull('base'),
                $z->textOrNull('called'),
                $method->hasToolLength() ? $z->enumOrNull('lay', Lay::class) ?? Lay::With : null,
                null === $about ? null : Length::ofMillimetres($about)->micrometres(),
                $z->textOrNull('stop'),
                $z->textOrNull('shape'),
                $z->textOrNull('reason'),
                $z->bool('once'),
                $z->bool('exception'),
                $z->textOrNull('clipper'),
                $z->textOrNull('note'),
            );
        }

        return $plan;
    }

    /** @throws InvalidInput for what does not belong to the method: dropped in silence it would be lost */
    private static function fits(Fields $z, Method $method): void
    {
        $bladed = \in_array($method, [Method::Clip, Method::ShaveOut], true);
        if ($bladed !== $z->has('blade')) {
            throw InvalidInput::at($z->pathOf('blade'), 'clip and shave_out need a blade; no other method has one');
        }
        $trims = 'trimmer' === $z->textOrNull('blade');
        foreach (['guard_mm', 'base', 'called'] as $name) {
            $may = Method::Guard === $method || ('guard_mm' === $name && $trims);
            if ($z->has($name) && !$may) {
                throw InvalidInput::at($z->pathOf($name), 'belongs to a guard; no other method has it');
            }
            if (Method::Guard === $method && 'called' !== $name && !$z->has($name)) {
                throw InvalidInput::missing($z->pathOf($name), 'a guard needs its mm and its base');
            }
        }
        if ($method->hasToolLength() && $z->has('about_mm')) {
            throw InvalidInput::at($z->pathOf('about_mm'), 'is derived from the tool here');
        }
        if (!$method->hasToolLength() && $z->has('lay')) {
            throw InvalidInput::at($z->pathOf('lay'), 'no blade runs here, so there is no lay');
        }
    }

    /**
     * @param array<string, Way> $plan
     *
     * @return list<array<string, mixed>>
     */
    private static function rows(array $plan): array
    {
        $out = [];
        foreach ($plan as $zone => $w) {
            $finished = (new LengthRule())->planned($w->recipe())->finished;
            $out[] = [
                'zone' => $zone,
                'method' => $w->method->value,
                'blade' => $w->blade,
                'guard_mm' => null === $w->guard ? null : $w->guard / 1000,
                'base' => $w->base,
                'called' => $w->called,
                'lay' => $w->lay?->value,
                'about_mm' => null === $w->about ? null : $w->about / 1000,
                'stop' => $w->stop,
                'shape' => $w->shape,
                'reason' => $w->reason,
                'once' => $w->once,
                'exception' => $w->exception,
                'clipper' => $w->clipper,
                'note' => $w->note,
                'finished_mm' => $finished?->rounded(),
            ];
        }

        return $out;
    }
}
