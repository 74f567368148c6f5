<?php

/** `bin/ask pattern`: how a house pattern, on one line, lands on a dog. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Coat\NaturalLength;
use KeenThistle\Core\Growth\GrowthRule;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Kit\KitMatch;
use KeenThistle\Core\Kit\KitTool;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Pattern\FitRule;
use KeenThistle\Core\Shorthand\Fault;
use KeenThistle\Core\Shorthand\Notation;
use KeenThistle\Core\Zone\Zone;

final readonly class PatternQuestion implements Question
{
    public function name(): string
    {
        return 'pattern';
    }

    public function summary(): string
    {
        return 'How a house pattern lands on a dog, zone by zone: fits, made otherwise from this kit, agreed '.
            'first, the dog\'s own, or forbidden by its coat.';
    }

    public function shape(): Shape
    {
        return Shape::object([
            'coat' => Shape::enum(CoatType::class, 'coat')->required(),
            'stage' => Shape::enum(CoatStage::class, 'coat stage')->default('adult'),
            'hand_stripped' => Shape::boolean()->default(false),
            'pattern' => Shape::text(1, Notation::LONGEST)->required()->describe('the shorthand: back ribs: 16/10'),
            'plan' => Shape::text(0, Notation::LONGEST)
                ->default('')
                ->describe('what the dog\'s own card says now, in the same shorthand'),
            'tools' => Shape::list(KitTool::shape(), 0, 200)
                ->nullable()
                ->describe('the tools in reach; null: not asked'),
        ]);
    }

    public function answer(Fields $in): array
    {
        $coat = $in->enum('coat', CoatType::class);
        $pattern = Notation::parse($in->text('pattern'));
        $own = Notation::parse($in->text('plan'));
        $tools = $in->has('tools') ? array_map(KitTool::fromFields(...), $in->objects('tools')) : null;
        $rule = new FitRule(
            $coat,
            $in->enum('stage', CoatStage::class),
            $in->bool('hand_stripped'),
            (new GrowthRule())->learn($coat),
            new LengthRule(),
            null === $tools ? null : new KitMatch($tools),
        );
        $zones = [];
        foreach ($pattern->plan as $id => $way) {
            $zone = Zone::of($id);
            $zones[] =
                ['zone' => $id] +
                $rule
                    ->zone($zone, $way, $own->plan[$id] ?? null, Length::ofMillimetres(NaturalLength::mm($coat, $zone)))
                    ->toArray();
        }

        return [
            'zones' => $zones,
            'faults' => array_map(static fn (Fault $f): array => $f->toArray(), [...$pattern->faults, ...$own->faults]),
        ];
    }
}
