<?php

/** What is in the hand: a bare blade, a guard over a base blade, a small trimmer, or a tool without a length. */

declare(strict_types=1);

namespace KeenThistle\Core\Length;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Say\Say;

final readonly class Tool
{
    /** Tools without a length: by what is done, or by what is held. */
    public const HAND_KINDS = ['scissor', 'thin', 'strip', 'card', 'leave', 'thinner', 'hand', 'knife'];
    public const KINDS = ['blade', 'guard', 'trimmer', ...self::HAND_KINDS];
    /** What a small trimmer is set to where nobody says otherwise, mm. */
    public const TRIMMER_MM = 0.5;
    private const TRIMMER_MOST_MM = 12.0;
    /** Thinner than this no guard is made; it also keeps guard + base above the skin. */
    public const MIN_GUARD_MM = 0.5;

    private function __construct(
        public string $kind,
        public string $label,
        public ?Length $guard,
        public ?string $base,
        public ?Length $set = null,
    ) {
    }

    /** @throws InvalidInput when the label is not in the blade table */
    public static function blade(string $label, string $field = 'tool.label'): self
    {
        BladeTable::residual($label, $field);

        return new self('blade', $label, null, null);
    }

    /** A guard over any base, legal or not: the length rule decides what that means. */
    public static function guard(Length $mm, string $base, string $label = '', string $field = 'tool'): self
    {
        if ($mm->mm() < self::MIN_GUARD_MM) {
            throw InvalidInput::at("$field.mm", Say::it('length.must_be_between_and_400_mm', self::MIN_GUARD_MM));
        }
        BladeTable::residual($base, "$field.base");

        return new self('guard', $label, $mm, $base);
    }

    /**
     * A small trimmer with a length setting of its own: for eyes, pads, ears and rear; it stands over no base.
     *
     * @throws InvalidInput for a setting that no small trimmer has
     */
    public static function trimmer(?Length $set = null, string $label = '', string $field = 'tool'): self
    {
        $set ??= Length::ofMillimetres(self::TRIMMER_MM);
        if ($set->mm() < 0.1 || $set->mm() > self::TRIMMER_MOST_MM) {
            throw InvalidInput::at("$field.mm", Say::it('length.a_small_trimmer_is_set_to', self::TRIMMER_MOST_MM));
        }

        return new self('trimmer', $label, null, null, $set);
    }

    /** @param string $kind one of HAND_KINDS */
    public static function hand(string $kind): self
    {
        return new self($kind, '', null, null);
    }

    /** @param bool $baseRequired kit lists name guards without the blade under them */
    public static function shape(bool $baseRequired = true): Shape
    {
        return Shape::object([
            'kind' => Shape::choice(self::KINDS, 'tool kind')->required(),
            'label' => Shape::text(0, 40)->describe(
                'A blade\'s label as text ("7F"); a guard may carry the salon\'s own label',
            ),
            'mm' => Shape::number(0.1, Length::MAX_MM, 'mm, a guard\'s nominal length, what a trimmer is set to'),
            'base' => Shape::choice(BladeTable::labels(), 'base blade')->describe(
                $baseRequired ? 'The blade under a guard: 10, 15, 30 or 40' : 'Not used in a list of tools in reach',
            ),
        ])->describe('{"kind":"blade","label":"7F"} or {"kind":"guard","mm":16,"base":"10"}');
    }

    /** @throws InvalidInput when the fields a kind needs are missing or do not belong to it */
    public static function fromFields(Fields $in): self
    {
        $kind = $in->text('kind');
        $unwanted = match ($kind) {
            'blade' => ['mm', 'base'],
            'guard' => [],
            'trimmer' => ['base'],
            default => ['label', 'mm', 'base'],
        };
        foreach ($unwanted as $name) {
            if ($in->has($name)) {
                throw InvalidInput::at($in->pathOf($name), Say::it('length.does_not_belong_to_a_tool', $kind));
            }
        }
        if ('blade' === $kind) {
            return self::blade(
                $in->textOrNull('label') ??
                    throw InvalidInput::missing($in->pathOf('label'), Say::it('length.a_blade_label_such_as_10')),
                $in->pathOf('label'),
            );
        }
        if ('trimmer' === $kind) {
            $mm = $in->floatOrNull('mm');

            return self::trimmer(
                null === $mm ? null : Length::ofMillimetres($mm, $in->pathOf('mm')),
                $in->textOrNull('label') ?? '',
                $in->path,
            );
        }
        if ('guard' === $kind) {
            $mm =
                $in->floatOrNull('mm') ??
                throw InvalidInput::missing($in->pathOf('mm'), Say::it('length.the_guards_length_in_mm'));
            $base =
                $in->textOrNull('base') ??
                throw InvalidInput::missing($in->pathOf('base'), Say::it('length.the_blade_under_the_guard_10'));

            return self::guard(
                Length::ofMillimetres($mm, $in->pathOf('mm')),
                $base,
                $in->textOrNull('label') ?? '',
                $in->path,
            );
        }

        return self::hand($kind);
    }

    public function isBlade(): bool
    {
        return 'blade' === $this->kind;
    }

    public function isGuard(): bool
    {
        return null !== $this->guard && null !== $this->base;
    }

    public function isTrimmer(): bool
    {
        return null !== $this->set;
    }

    /** Whether what it leaves follows from the tool and the lay. */
    public function hasLength(): bool
    {
        return $this->isBlade() || $this->isGuard() || $this->isTrimmer();
    }

    /** Identifies the tool for measurements: kind, label or length, base. */
    public function key(): string
    {
        return match (true) {
            $this->isGuard() => \sprintf('guard:%d:%s', $this->guard?->micrometres() ?? 0, $this->base ?? ''),
            null !== $this->set => 'trimmer:'.$this->set->micrometres(),
            default => $this->kind.':'.$this->label,
        };
    }

    /** @return array{kind: string, label?: string, mm?: float, base?: string} */
    public function toArray(): array
    {
        $out = ['kind' => $this->kind];
        if ('' !== $this->label) {
            $out['label'] = $this->label;
        }
        if (null !== $this->guard && null !== $this->base) {
            $out['mm'] = $this->guard->mm();
            $out['base'] = $this->base;
        }
        if (null !== $this->set) {
            $out['mm'] = $this->set->mm();
        }

        return $out;
    }

    /** As a groomer would say it. */
    public function words(): string
    {
        if (null !== $this->guard) {
            return ('' === $this->label
                ? Say::it('length.mm_guard', self::plain($this->guard))
                : $this->label).
                Say::it('length.over').
                ($this->base ?? '?');
        }

        if (null !== $this->set) {
            return Say::it('length.small_trimmer', self::plain($this->set));
        }

        return match ($this->kind) {
            'blade' => 'toe' === $this->label
                ? Say::it('length.narrow_toe_blade')
                : $this->label.Say::it('length.blade'),
            'scissor' => Say::it('length.scissors'),
            'thin', 'thinner' => Say::it('length.thinning_shears'),
            'strip' => Say::it('length.hand_strip'),
            'hand' => Say::it('length.by_hand'),
            'knife' => Say::it('length.stripping_knife'),
            'card' => Say::it('length.card_or_rake'),
            default => Say::it('length.left'),
        };
    }

    private static function plain(Length $mm): string
    {
        return rtrim(rtrim(number_format($mm->mm(), 1, '.', ''), '0'), '.');
    }
}
