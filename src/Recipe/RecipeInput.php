<?php

/** Reads a zone's recipe from a request and checks it against the rules. */

declare(strict_types=1);

namespace KeenThistle\Recipe;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Zone\Zone;

final class RecipeInput
{
    private function __construct()
    {
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'method' => Shape::enum(Method::class, 'method')->required()->describe('method'),
            'tool' => Tool::shape()->nullable(),
            'clipper_unit' => Shape::text(0, 60)->nullable(),
            'lay' => Shape::enum(Lay::class, 'lay')->default('with'),
            'entered_mm' => Shape::number(0.1, Length::MAX_MM, 'mm, only where no tool gives the length')->nullable(),
            'stop_line' => Shape::choice(ZoneRecipe::STOP_LINES, 'stop line')->nullable(),
            'shape' => Shape::text(0, 80)->nullable(),
            'reason' => Shape::choice(ZoneRecipe::REASONS, 'reason')->nullable(),
            'carry' => Shape::choice(ZoneRecipe::CARRY, 'carry')->default('repeat'),
            'exception' => Shape::boolean()->default(false),
            'note' => Shape::text(0, 300)->nullable(),
        ]);
    }

    /** @throws InvalidInput when the tool does not fit the method, or a planned guard stands over an illegal base */
    public static function read(Fields $in, Zone $zone, bool $planned = true): ZoneRecipe
    {
        $recipe = new ZoneRecipe();
        $recipe->method = $in->enum('method', Method::class);
        $tool = $in->objectOrNull('tool');
        $tool = null === $tool ? null : Tool::fromFields($tool);
        self::fit($recipe->method, $tool, $in);
        if (null !== $tool && $tool->isBlade()) {
            $recipe->tool = $recipe->blade = $tool->label;
        }
        if (null !== $tool && $tool->isGuard()) {
            $recipe->tool = '' === $tool->label ? null : $tool->label;
            $recipe->guardUm = $tool->guard?->micrometres();
            $recipe->base = $tool->base;
        }
        $recipe->lay = $recipe->method->hasToolLength() ? $in->enum('lay', Lay::class) : null;
        $entered = $in->floatOrNull('entered_mm');
        if (null !== $entered) {
            if ($recipe->method->hasToolLength()) {
                throw InvalidInput::at(
                    $in->pathOf('entered_mm'),
                    'is derived from the tool here and cannot be typed; measure the tool in the kit instead',
                );
            }
            $recipe->enteredUm = Length::ofMillimetres($entered, $in->pathOf('entered_mm'))->micrometres();
        }
        $recipe->clipperUnit = self::textOrNull($in, 'clipper_unit');
        $recipe->stopLine = self::textOrNull($in, 'stop_line');
        $recipe->shape = self::textOrNull($in, 'shape');
        $recipe->reason = self::textOrNull($in, 'reason');
        $recipe->note = self::textOrNull($in, 'note');
        $recipe->carry = $in->text('carry');
        $recipe->exception = $in->bool('exception');
        if ($planned) {
            (new LengthRule())->planned($recipe->forRules(), $zone, $in->pathOf('tool'));
        }

        return $recipe;
    }

    private static function fit(Method $method, ?Tool $tool, Fields $in): void
    {
        $wanted = match ($method) {
            Method::Clip, Method::ShaveOut => 'blade',
            Method::Guard => 'guard',
            default => null,
        };
        if (null === $wanted && null !== $tool && ($tool->isBlade() || $tool->isGuard())) {
            throw InvalidInput::at(
                $in->pathOf('tool'),
                \sprintf('%s needs no blade or guard', str_replace('_', ' ', $method->value)),
            );
        }
        if (null !== $wanted && $wanted !== $tool?->kind) {
            throw InvalidInput::at(
                $in->pathOf('tool'),
                'blade' === $wanted ? 'choose the blade' : 'choose the guard and the base blade under it',
            );
        }
    }

    private static function textOrNull(Fields $in, string $name): ?string
    {
        $text = trim($in->textOrNull($name) ?? '');

        return '' === $text ? null : $text;
    }
}
