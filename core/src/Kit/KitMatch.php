<?php

/** The same result from another kit: which recipes in reach come nearest a length. */

declare(strict_types=1);

namespace KeenThistle\Core\Kit;

use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Length\Recipe;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Zone\Zone;

final readonly class KitMatch
{
    /** @param list<KitTool> $tools the tools in reach */
    public function __construct(private array $tools, private LengthRule $lengths = new LengthRule())
    {
    }

    /**
     * Every recipe the kit allows, nearest first; ties by: with the lay, guard over 10, fewer tool changes.
     *
     * @param list<Lay> $lays the lays the card allows
     * @param Tool|null $before what the zone before was done with
     *
     * @return list<Option>
     */
    public function options(Length $target, array $lays = [Lay::With], ?Tool $before = null, ?Zone $zone = null): array
    {
        $options = [];
        foreach ($this->recipes($lays) as $recipe) {
            $answer = $this->lengths->planned($recipe, $zone);
            if (null === $answer->finished) {
                continue;
            }
            $options[] = new Option(
                $recipe,
                $answer,
                $answer->finished,
                $target,
                self::isClose($answer->finished, $target),
                self::toolChanges($before, $recipe->tool),
            );
        }
        usort(
            $options,
            static fn (Option $a, Option $b): int => [
                $a->distance(),
                self::layRank($a),
                self::baseRank($a),
                $a->toolChanges,
                $a->recipe->tool->key(),
            ] <=> [$b->distance(), self::layRank($b), self::baseRank($b), $b->toolChanges, $b->recipe->tool->key()],
        );

        return $options;
    }

    /** Within 0.5 mm or 15 % of the target, whichever is more. */
    public static function isClose(Length $finished, Length $target): bool
    {
        return abs($finished->micrometres() - $target->micrometres()) <=
            max(500, (int) round($target->micrometres() * 0.15));
    }

    /** Whether this very recipe can be made from the kit, base blade included. */
    public function canMake(Recipe $recipe): bool
    {
        $tool = $recipe->tool;
        if (!$tool->hasLength()) {
            return true;
        }
        if ($tool->isTrimmer()) {
            return [] !== array_filter($this->tools, static fn (KitTool $t): bool => null !== $t->trimmer);
        }
        $blades = $this->blades();
        if ($tool->isBlade()) {
            return \in_array($tool->label, $blades, true);
        }
        foreach ($this->tools as $kit) {
            if (null !== $kit->guard && $kit->guard->micrometres() === $tool->guard?->micrometres()) {
                return \in_array($tool->base, $blades, true);
            }
        }

        return false;
    }

    /**
     * @param list<Lay> $lays
     *
     * @return list<Recipe>
     */
    public function recipes(array $lays): array
    {
        $blades = $this->blades();
        $tools = array_map(static fn (string $label): Tool => Tool::blade($label), $blades);
        foreach ($this->tools as $kit) {
            if (null !== $kit->trimmer) {
                $tools[] = $kit->trimmer;
            }
            if (null === $kit->guard) {
                continue;
            }
            foreach ($blades as $base) {
                if (BladeTable::isGuardBase($base)) {
                    $tools[] = Tool::guard($kit->guard, $base, $kit->label);
                }
            }
        }
        $unique = [];
        foreach ($tools as $tool) {
            $unique[$tool->key()] ??= $tool;
        }
        $recipes = [];
        foreach ($unique as $tool) {
            foreach ($lays as $lay) {
                $recipes[] = new Recipe($tool, $lay);
            }
        }

        return $recipes;
    }

    /** @return list<string> */
    private function blades(): array
    {
        return array_values(
            array_unique(
                array_filter(
                    array_map(static fn (KitTool $t): ?string => $t->blade, $this->tools),
                    static fn (?string $b): bool => null !== $b,
                ),
            ),
        );
    }

    /** How many things are taken off or put on to get from one tool to the next. */
    private static function toolChanges(?Tool $before, Tool $next): int
    {
        if (null === $before) {
            return 0;
        }
        $blade = static fn (Tool $t): string => $t->isTrimmer() ? $t->key() : $t->base ?? $t->label;
        $guard = static fn (Tool $t): int => $t->guard?->micrometres() ?? 0;

        return ($blade($before) === $blade($next) ? 0 : 1) + ($guard($before) === $guard($next) ? 0 : 1);
    }

    private static function layRank(Option $option): int
    {
        return Lay::With === $option->recipe->lay ? 0 : 1;
    }

    private static function baseRank(Option $option): int
    {
        return '10' === $option->recipe->tool->base ? 0 : 1;
    }
}
