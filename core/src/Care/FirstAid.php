<?php

/** What to do now when something went wrong: first aid in general words, when a vet is asked, when one looks again. */

declare(strict_types=1);

namespace KeenThistle\Core\Care;

use KeenThistle\Core\Say\Say;

final readonly class FirstAid
{
    /** what went wrong => days until somebody asks how the dog is; null: that same day says */
    private const AGAIN = [
        'nick' => 2,
        'quicked' => 1,
        'hot_blade' => 1,
        'guard_off' => 7,
        'slip' => 1,
        'fall' => 1,
        'bite' => 1,
        'rash' => 1,
        'collapse' => 1,
        'stress_stop' => 1,
    ];
    /** How many steps and usual first acts each has. */
    private const STEPS = 3;
    private const ACTS = 3;

    /**
     * @param list<string> $now in their order
     * @param list<string> $acts what is usually done at once, to tap
     * @param int $again days until somebody asks how the dog is
     */
    private function __construct(
        public string $id,
        public string $label,
        public array $now,
        public string $vet,
        public array $acts,
        public int $again,
    ) {
    }

    /** @return non-empty-list<string> */
    public static function ids(): array
    {
        return array_keys(self::AGAIN);
    }

    public static function label(string $id): string
    {
        return Say::it("aid.$id.label");
    }

    /** @return list<self> */
    public static function all(): array
    {
        return array_map(
            static fn (string $id): self => new self(
                $id,
                self::label($id),
                array_map(static fn (int $i): string => Say::it("aid.$id.now_$i"), range(1, self::STEPS)),
                Say::it("aid.$id.vet"),
                array_map(static fn (int $i): string => Say::it("aid.$id.act_$i"), range(1, self::ACTS)),
                self::AGAIN[$id],
            ),
            self::ids(),
        );
    }
}
