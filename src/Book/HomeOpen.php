<?php

/** What of a home somebody should see to. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Core\Handling\State;

final class HomeOpen
{
    private function __construct()
    {
    }

    /**
     * @param list<HomeDogView> $dogs
     *
     * @return list<string>
     */
    public static function of(Household $home, array $dogs): array
    {
        $open = [];
        foreach ($home->clients as $c) {
            if ('' === $c->phone && '' === $c->email) {
                $open[] = "$c->name cannot be reached: no number, no address.";
            } elseif ('unasked' === $c->writes) {
                $open[] = "Ask $c->name whether messages may go to them.";
            }
        }
        $collects = array_filter([...$home->clients->map(static fn (Client $c): bool => $c->collects)->toArray(),
            ...array_column($home->others, 'collects')]);
        if ([] === $collects) {
            $open[] = 'Nobody is named who may fetch a dog.';
        }
        if ('' === $home->vet) {
            $open[] = 'No vet is named.';
        }
        foreach ($dogs as $d) {
            if (State::from($d->state)->isBooked() && null === $d->next_booking) {
                $open[] = "$d->name has no next date.";
            }
        }

        return $open;
    }
}
