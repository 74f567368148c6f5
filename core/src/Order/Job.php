<?php

/** One dog's work for the order rule: zones with their tools, what was found today, what its card wants otherwise. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Matting\Mat;

final readonly class Job
{
    /** Of the steps that share a phase, the one that its minutes stand at. */
    private const SHOWN_AT = [
        'check' => Step::Check,
        'nails_pads_ears' => Step::Nails,
        'comb_out' => Step::CombOut,
        'finish' => Step::Finish,
        'notes' => Step::Notes,
    ];

    /**
     * @param array<string, string> $zones zone id => tool in words
     * @param bool $guards whether any zone is clipped with a guard
     * @param list<Edge> $exceptions of the card
     * @param list<Step> $skip steps that are not done today
     * @param bool $comingOff the coat comes off, so that it need not be combed before the bath
     * @param array<string, float> $minutes by step
     */
    public function __construct(
        public array $zones,
        public CoatType $coat,
        public bool $guards = false,
        public array $exceptions = [],
        public array $skip = [],
        public bool $matted = false,
        public bool $comingOff = false,
        public bool $smells = false,
        public bool $fearsDryer = false,
        public bool $shortPatience = false,
        public array $minutes = [],
    ) {
    }

    /**
     * What a plan, what was found and the dog's temper make of today.
     *
     * @param array<string, array{Method, string}> $plan by zone: how, and with what in words
     * @param list<Mat> $mats
     * @param int|null $dryer how the dog bears one, 0 to 5; null: nobody has written it down
     * @param array<string, float> $phases minutes by phase
     */
    public static function today(
        array $plan,
        CoatType $coat,
        array $mats,
        bool $comingOff,
        ?int $dryer,
        Handling $handling,
        array $phases = [],
    ): self {
        $zones = $minutes = [];
        foreach ($plan as $zone => [$method, $tool]) {
            if (Method::Leave !== $method) {
                $zones[$zone] = $tool;
            }
        }
        foreach ($phases as $phase => $m) {
            $step = self::SHOWN_AT[$phase] ?? Step::tryFrom($phase);
            if (null !== $step) {
                $minutes[$step->value] = $m;
            }
        }

        return new self(
            $zones,
            $coat,
            [] !== array_filter($plan, static fn (array $p): bool => Method::Guard === $p[0]),
            matted: [] !== array_filter($mats, static fn (Mat $m): bool => $m->severity > 1),
            comingOff: $comingOff,
            fearsDryer: null !== $dryer && $dryer <= 1,
            shortPatience: \in_array($handling, [Handling::Painful, Handling::Frightened], true),
            minutes: $minutes,
        );
    }
}
