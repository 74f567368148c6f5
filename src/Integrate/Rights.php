<?php

/** What a programme may be let do: never more than who lets it in, and nothing of people, house or secrets. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;

final class Rights
{
    public const ALL = ['read', 'phone', 'plan', 'visit', 'book', 'money', 'dog', 'kit'];

    private function __construct()
    {
    }

    /**
     * @param list<string> $asked
     *
     * @return list<string> of ALL, in its order, read among them
     *
     * @throws InvalidInput where who lets it in may not do that themselves
     */
    public static function of(array $asked, Actor $actor): array
    {
        foreach ($asked as $right) {
            if (!$actor->may(self::role($right))) {
                throw InvalidInput::at('may', "you may not $right yourself");
            }
        }

        return array_values(array_intersect(self::ALL, ['read', ...$asked]));
    }

    /** @return list<array{id: string, label: string}> */
    public static function named(): array
    {
        return array_map(
            static fn (string $r): array => ['id' => $r, 'label' => May::WORDS[self::role($r)]],
            self::ALL,
        );
    }

    /** As routes ask for it. */
    public static function role(string $right): string
    {
        return 'ROLE_'.strtoupper($right);
    }
}
