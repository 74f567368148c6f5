<?php

/** How one zone is done, as the shorthand says it: every field of a recipe, nothing else. */

declare(strict_types=1);

namespace KeenThistle\Core\Shorthand;

use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Length\Recipe;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Measure\Length;

final readonly class Way
{
    public const STOPS = [
        'ear_fold',
        'rear_ear_crease',
        'eye_corner',
        'nose_tip',
        'breastbone_dip',
        'elbow',
        'hock',
        'knee',
        'tuck_up',
        'root_of_tail',
    ];
    public const REASONS = [
        'owner_wish',
        'comfort',
        'hygiene',
        'breed_outline',
        'balance',
        'repair',
        'forced_by_mat',
        'cleared_by_vet',
    ];

    /**
     * @param string|null $blade label: of a bare blade; "trimmer" for a small trimmer
     * @param int|null $guard µm: of a guard, or what a trimmer is set to
     * @param string|null $base label: of the blade under a guard
     * @param string|null $called the salon's own word for the guard
     * @param Lay|null $lay null where no blade runs
     * @param int|null $about µm, only where no tool gives the length
     * @param string|null $clipper unit
     */
    public function __construct(
        public Method $method,
        public ?string $blade = null,
        public ?int $guard = null,
        public ?string $base = null,
        public ?string $called = null,
        public ?Lay $lay = null,
        public ?int $about = null,
        public ?string $stop = null,
        public ?string $shape = null,
        public ?string $reason = null,
        public bool $once = false,
        public bool $exception = false,
        public ?string $clipper = null,
        public ?string $note = null,
    ) {
    }

    /** The tool, the lay and the estimate, as the rules of length know them. */
    public function recipe(): Recipe
    {
        $tool = match (true) {
            'trimmer' === $this->blade => Tool::trimmer(
                null === $this->guard ? null : Length::ofMicrometres($this->guard),
            ),
            null !== $this->blade => Tool::blade($this->blade),
            null !== $this->guard && null !== $this->base => Tool::guard(
                Length::ofMicrometres($this->guard),
                $this->base,
                $this->called ?? '',
            ),
            default => Tool::hand(
                match ($this->method) {
                    Method::Scissor, Method::Thin, Method::Strip, Method::Card => $this->method->value,
                    default => 'leave',
                },
            ),
        };

        return new Recipe(
            $tool,
            $this->lay ?? Lay::With,
            null === $this->about ? null : Length::ofMicrometres($this->about),
        );
    }

    /** The same way, the same key. */
    public function key(): string
    {
        return serialize(get_object_vars($this));
    }
}
