<?php

/** What nobody knows of a dog yet, said instead of a date, a price or "can be made" that would be a guess. */

declare(strict_types=1);

namespace KeenThistle\Core\Outlook;

use KeenThistle\Core\Say\Say;

final class NotKnownYet
{
    private function __construct()
    {
    }

    /**
     * What is not known, the plan first. Without a plan nothing can be made, due or priced; without a visit every clock
     * would begin today.
     *
     * @param int $planned zones that have a recipe
     * @param int $visits kept
     *
     * @return list<array{what: 'plan'|'visits'|'weight'|'age', words: string}>
     */
    public static function of(string $name, int $planned, int $visits, ?float $kg, bool $age): array
    {
        return array_values(
            array_filter([
                0 === $planned ? ['what' => 'plan', 'words' => Say::it('unknown.no_zone_is_planned')] : null,
                0 === $visits ? ['what' => 'visits', 'words' => Say::it('unknown.has_not_been_here', $name)] : null,
                null === $kg ? ['what' => 'weight', 'words' => Say::it('unknown.not_weighed')] : null,
                $age ? null : ['what' => 'age', 'words' => Say::it('unknown.no_birth_date')],
            ]),
        );
    }
}
