<?php

/** A tool within reach: a blade, a guard waiting for a base, or a small trimmer. */

declare(strict_types=1);

namespace KeenThistle\Core\Kit;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Say\Say;

final readonly class KitTool
{
    private function __construct(
        public ?string $blade,
        public ?Length $guard,
        public string $label,
        public ?Tool $trimmer = null,
    ) {
    }

    /** @throws InvalidInput when the label is not in the blade table */
    public static function blade(string $label, string $field = 'tools'): self
    {
        BladeTable::residual($label, $field);

        return new self($label, null, $label);
    }

    public static function guard(Length $mm, string $label = ''): self
    {
        return new self(null, $mm, $label);
    }

    public static function trimmer(?Length $set = null, string $label = ''): self
    {
        return new self(null, null, $label, Tool::trimmer($set, $label));
    }

    /** @return array{kind: string, label?: string, mm?: float, base?: string} as shape() reads it: never with a base */
    public function toArray(): array
    {
        if (null !== $this->trimmer) {
            return $this->trimmer->toArray();
        }
        $label = '' === $this->label ? [] : ['label' => $this->label];

        return null === $this->guard
            ? ['kind' => 'blade', 'label' => (string) $this->blade]
            : ['kind' => 'guard'] + $label + ['mm' => $this->guard->mm()];
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'kind' => Shape::choice(['blade', 'guard', 'trimmer'], 'tool kind')->required(),
            'label' => Shape::text(0, 40),
            'mm' => Shape::number(0.1, Length::MAX_MM, 'mm, a guard\'s nominal length, what a trimmer is set to'),
        ])->describe('a tool in reach: {"kind":"blade","label":"10"} or {"kind":"guard","mm":16}');
    }

    public static function fromFields(Fields $in): self
    {
        if ('blade' === $in->text('kind')) {
            if ($in->has('mm')) {
                throw InvalidInput::at($in->pathOf('mm'), Say::it('kit.does_not_belong_to_a_tool'));
            }

            return self::blade(
                $in->textOrNull('label') ??
                    throw InvalidInput::missing($in->pathOf('label'), Say::it('kit.a_blade_label_such_as_10')),
                $in->pathOf('label'),
            );
        }
        if ('trimmer' === $in->text('kind')) {
            return new self(null, null, $in->textOrNull('label') ?? '', Tool::fromFields($in));
        }
        $mm =
            $in->floatOrNull('mm') ??
            throw InvalidInput::missing($in->pathOf('mm'), Say::it('kit.the_guards_length_in_mm'));

        if ($mm < Tool::MIN_GUARD_MM) {
            throw InvalidInput::at(
                $in->pathOf('mm'),
                Say::it('length.must_be_between_and_400_mm', Tool::MIN_GUARD_MM),
            );
        }

        return self::guard(Length::ofMillimetres($mm, $in->pathOf('mm')), $in->textOrNull('label') ?? '');
    }
}
