<?php

/** A recipe. A response record. */

declare(strict_types=1);

namespace KeenThistle\Recipe;

use OpenApi\Attributes as OA;

/** What is not said is left out: of forty recipes on a card most say little. */
#[OA\Schema(required: ['method', 'carry', 'exception', 'words'])]
final readonly class RecipeView implements \JsonSerializable
{
    /** @param array<string, mixed>|null $tool */
    public function __construct(
        #[OA\Property] public string $method,
        #[OA\Property(ref: ToolView::class, nullable: true)] public ?array $tool,
        #[OA\Property(nullable: true)] public ?string $clipper_unit,
        #[OA\Property(nullable: true)] public ?string $lay,
        #[OA\Property(nullable: true)] public ?float $entered_mm,
        #[OA\Property(nullable: true)] public ?string $stop_line,
        #[OA\Property(nullable: true)] public ?string $shape,
        #[OA\Property(nullable: true)] public ?string $reason,
        #[OA\Property] public string $carry,
        #[OA\Property] public bool $exception,
        #[OA\Property(nullable: true)] public ?string $note,
        #[OA\Property] public string $words,
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
            $tool->isBlade() || $tool->isGuard() ? $tool->toArray() : null,
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

    /** @return array<mixed> */
    public function jsonSerialize(): array
    {
        return array_filter(get_object_vars($this), static fn (mixed $value): bool => null !== $value);
    }
}
