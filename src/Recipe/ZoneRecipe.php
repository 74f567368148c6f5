<?php

/** One zone's recipe as it is stored: in a plan, and twice in a visit. */

declare(strict_types=1);

namespace KeenThistle\Recipe;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Length\Recipe;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Measure\Length;

/** Immutable: a change is another recipe. Lengths are µm. */
#[ORM\Embeddable]
class ZoneRecipe
{
    /** Stands in the column of the blade for a small trimmer; what it is set to in that of the guard. */
    public const TRIMMER = 'trimmer';
    public const CARRY = ['repeat', 'do_not_repeat'];
    #[ORM\Column(enumType: Method::class, length: 10, nullable: true)]
    public ?Method $method = null;

    /** The salon's own word for the tool, as it was said. */
    #[ORM\Column(length: 40, nullable: true)]
    public ?string $tool = null;

    #[ORM\Column(length: 8, nullable: true)]
    public ?string $blade = null;

    #[ORM\Column(nullable: true)]
    public ?int $guardUm = null;

    #[ORM\Column(length: 8, nullable: true)]
    public ?string $base = null;

    #[ORM\Column(length: 60, nullable: true)]
    public ?string $clipperUnit = null;

    #[ORM\Column(enumType: Lay::class, length: 8, nullable: true)]
    public ?Lay $lay = null;

    /** Only for methods without a tool length: an estimate. */
    #[ORM\Column(nullable: true)]
    public ?int $enteredUm = null;

    #[ORM\Column(length: 20, nullable: true)]
    public ?string $stopLine = null;

    #[ORM\Column(length: 80, nullable: true)]
    public ?string $shape = null;

    #[ORM\Column(length: 16, nullable: true)]
    public ?string $reason = null;

    #[ORM\Column(length: 16, nullable: true)]
    public ?string $carry = null;

    /** An exception patch: never copied as style, has a fill-back date. */
    #[ORM\Column(nullable: true)]
    public ?bool $exception = null;

    #[ORM\Column(length: 300, nullable: true)]
    public ?string $note = null;

    /** The tool, lay and estimate as the rules know them. */
    public function forRules(): Recipe
    {
        return new Recipe(
            $this->coreTool(),
            $this->lay ?? Lay::With,
            null === $this->enteredUm ? null : Length::ofMicrometres($this->enteredUm),
        );
    }

    private function coreTool(): Tool
    {
        if (self::TRIMMER === $this->blade) {
            return Tool::trimmer(null === $this->guardUm ? null : Length::ofMicrometres($this->guardUm));
        }
        if (null !== $this->blade) {
            return Tool::blade($this->blade);
        }
        if (null !== $this->guardUm && null !== $this->base) {
            return Tool::guard(Length::ofMicrometres($this->guardUm), $this->base, $this->tool ?? '');
        }

        return Tool::hand(
            match ($this->method) {
                Method::Scissor => 'scissor',
                Method::Thin => 'thin',
                Method::Strip => 'strip',
                Method::Card => 'card',
                default => 'leave',
            },
        );
    }

    /** In plain words, for logs: "16 mm guard over 10, with the lay". */
    public function words(): string
    {
        $tool = $this->coreTool();
        $words = $tool->words();
        if ($tool->hasLength()) {
            $words .= ', '.($this->lay ?? Lay::With)->value.' the lay';
        } elseif (null !== $this->enteredUm) {
            $words .= \sprintf(', about %s mm', Length::ofMicrometres($this->enteredUm)->rounded());
        }

        return Method::ShaveOut === $this->method ? 'shaved out, '.$words : $words;
    }

    public function equals(self $other): bool
    {
        return get_object_vars($this) === get_object_vars($other);
    }
}
