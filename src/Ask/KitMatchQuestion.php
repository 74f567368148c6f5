<?php

/** `bin/ask kit-match`: the same result from another kit, for one target or a whole dog. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Kit\KitMatch;
use KeenThistle\Core\Kit\KitTool;
use KeenThistle\Core\Kit\Option;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Length\Measurement;
use KeenThistle\Core\Length\Recipe;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Zone\Zone;

final readonly class KitMatchQuestion implements Question
{
    public function name(): string
    {
        return 'kit-match';
    }

    public function summary(): string
    {
        return 'The recipes nearest a length (or another recipe) from the tools in reach; '.
            'a whole dog with its worst zone.';
    }

    public function shape(): Shape
    {
        $lays = Shape::list(Shape::enum(Lay::class, 'lay'), 1, 3)->default(['with']);
        $target = Shape::number(0, Length::MAX_MM, 'mm');
        $recipe = Shape::object([
            'tool' => Tool::shape()->required(),
            'lay' => Shape::enum(Lay::class, 'lay')->default('with'),
        ]);

        return Shape::object([
            'target_mm' => $target->describe('mm; this, or recipe, or zones'),
            'recipe' => $recipe,
            'zones' => Shape::list(
                Shape::object([
                    'zone' => Zone::shape()->required(),
                    'target_mm' => $target->required(),
                    'lays' => Shape::list(Shape::enum(Lay::class, 'lay'), 1, 3)->describe('left out: as for the dog'),
                ]),
                1,
                100,
            )->describe('a whole dog in the order it is worked'),
            'tools' => Shape::list(KitTool::shape(), 0, 300)->required()->describe('the tools in reach'),
            'lays' => $lays,
            'before' => Tool::shape()->describe('what the zone before was done with: counts tool changes'),
            'measurements' => Shape::list(Measurement::shape())->default([]),
        ]);
    }

    public function answer(Fields $in): array
    {
        $lengths = new LengthRule(array_map(Measurement::fromFields(...), $in->objects('measurements')));
        $kit = new KitMatch(array_map(KitTool::fromFields(...), $in->objects('tools')), $lengths);
        if (1 !== (int) $in->has('target_mm') + (int) $in->has('recipe') + (int) $in->has('zones')) {
            throw InvalidInput::at('target_mm', 'give exactly one of target_mm, recipe and zones');
        }
        $before = $in->objectOrNull('before');
        $before = null === $before ? null : Tool::fromFields($before);
        if ($in->has('zones')) {
            return $this->wholeDog($in, $kit, $before);
        }
        $options = $kit->options($this->target($in, $lengths), self::lays($in), $before);

        return ['options' => self::list($options), 'warnings' => [] === $options ? [self::emptyKit()] : []];
    }

    /** @return array<string, mixed> */
    private function wholeDog(Fields $in, KitMatch $kit, ?Tool $before): array
    {
        $zones = [];
        $worst = null;
        $worstDistance = -1;
        $seen = [];
        foreach ($in->objects('zones') as $z) {
            if (isset($seen[$z->text('zone')])) {
                throw InvalidInput::at($z->pathOf('zone'), "{$z->text('zone')} is there twice");
            }
            $seen[$z->text('zone')] = true;
            $best =
                $kit->options(
                    Length::ofMillimetres($z->float('target_mm'), $z->pathOf('target_mm')),
                    self::lays($z->has('lays') ? $z : $in),
                    $before,
                    Zone::of($z->text('zone')),
                )[0] ?? null;
            $row = [
                'zone' => $z->text('zone'),
                'target_mm' => round($z->float('target_mm'), 1),
                'best' => $best?->toArray(),
            ];
            $zones[] = $row;
            $before = null === $best ? $before : $best->recipe->tool;
            if (null !== $best && $best->distance() > $worstDistance) {
                $worst = $row;
                $worstDistance = $best->distance();
            }
        }

        return ['zones' => $zones, 'worst' => $worst, 'warnings' => null === $worst ? [self::emptyKit()] : []];
    }

    private function target(Fields $in, LengthRule $lengths): Length
    {
        $recipe = $in->objectOrNull('recipe');
        if (null === $recipe) {
            return Length::ofMillimetres($in->float('target_mm'), 'target_mm');
        }
        $finished = $lengths->planned(
            new Recipe(Tool::fromFields($recipe->object('tool')), $recipe->enum('lay', Lay::class)),
            null,
            'recipe.tool',
        )->finished;

        return $finished ??
            throw InvalidInput::at('recipe.tool', 'has no tool length to match: give target_mm instead');
    }

    /** @return list<Lay> */
    private static function lays(Fields $in): array
    {
        return array_map(Lay::from(...), $in->texts('lays'));
    }

    /**
     * @param list<Option> $options
     *
     * @return list<array<string, mixed>>
     */
    private static function list(array $options): array
    {
        return array_map(static fn (Option $o): array => $o->toArray(), $options);
    }

    /** @return array<string, string> */
    private static function emptyKit(): array
    {
        return [
            'code' => 'nothing_in_reach',
            'message' => 'No blade, and no guard with a base of 10, 15, 30 or 40, is in reach.',
            'level' => 'caution',
        ];
    }
}
