<?php

/** How worn a tool is, and what is due. */

declare(strict_types=1);

namespace KeenThistle\Core\Wear;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;

final readonly class WearAnswer
{
    /**
     * @param float $worn minutes × dirt factor since it was sharpened
     * @param float|null $oilIn minutes of running; null: a tool that is not oiled
     * @param float|null $sharpenIn weighted minutes; null: a tool that is not ground
     * @param list<Caution> $cautions
     * @param list<Reason> $reasons
     */
    public function __construct(
        public float $worn,
        public ?float $oilIn,
        public bool $disinfectDue,
        public string $lastDog,
        public ?float $sharpenIn,
        public ?\DateTimeImmutable $sharpenOn,
        public array $cautions,
        public array $reasons,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'worn_min' => $this->worn,
            'oil_in_min' => $this->oilIn,
            'oil_due' => null !== $this->oilIn && $this->oilIn <= 0.0,
            'disinfect_due' => $this->disinfectDue,
            'sharpen_in_min' => $this->sharpenIn,
            'sharpen_due' => null !== $this->sharpenIn && $this->sharpenIn <= 0.0,
            'sharpen_on' => $this->sharpenOn?->format('Y-m-d'),
            'warnings' => Caution::listToArray($this->cautions),
            'reasons' => Reason::listToArray($this->reasons),
        ];
    }
}
