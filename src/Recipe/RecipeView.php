<?php

/** A recipe. A response record. */

declare(strict_types=1);

namespace KeenThistle\Recipe;

use KeenThistle\Input\Gives;
use KeenThistle\Input\LeavesOutNulls;

/** What is not said is left out: of forty recipes on a card most say little. */
final readonly class RecipeView implements \JsonSerializable
{
    use LeavesOutNulls;

    /** @param array<string, mixed>|null $tool */
    public function __construct(
        public string $method,
        #[Gives('ToolView|null')] public ?array $tool,
        public ?string $clipper_unit,
        public ?string $lay,
        public ?float $entered_mm,
        public ?string $stop_line,
        public ?string $shape,
        public ?string $reason,
        public string $carry,
        public bool $exception,
        public ?string $note,
        public string $words,
    ) {
    }

    public static function of(ZoneRecipe $recipe): ?self
    {
        if (null === $recipe->method) {
            return null;
        }
        $tool = $recipe->forRules()->tool;

        return new self(
            $recipe->method->value,
            $tool->hasLength() ? $tool->toArray() : null,
            $recipe->clipperUnit,
            $recipe->lay?->value,
            null === $recipe->enteredUm ? null : $recipe->enteredUm / 1000,
            $recipe->stopLine,
            $recipe->shape,
            $recipe->reason,
            $recipe->carry ?? 'repeat',
            $recipe->exception ?? false,
            $recipe->note,
            $recipe->words(),
        );
    }
}
