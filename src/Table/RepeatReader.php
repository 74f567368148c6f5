<?php

/** What was done last time beside what the card has now, zone by zone; patches are not for repeating. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Book\Dog;
use KeenThistle\Core\Table\Carry;
use KeenThistle\Core\Zone\ZoneTable;
use KeenThistle\Plan\Plans;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Staff\Actor;
use KeenThistle\Visit\Visits;

/** @phpstan-import-type VisitRow from Visits */
final readonly class RepeatReader
{
    public function __construct(private Plans $plans, private Visits $visits)
    {
    }

    /**
     * Zones whose last recipe differs from the card's, in the order of the body.
     *
     * @param list<VisitRow>|null $visits oldest first, where they were read already
     *
     * @return list<array{zone: string, card: ZoneRecipe|null, last: ZoneRecipe, day: string, who: string,
     *     why: string, refused: string|null}>
     */
    public function rows(Actor $actor, Dog $dog, ?array $visits = null): array
    {
        $plan = $this->plans->of($actor, $dog)[1];
        $last = [];
        foreach ($visits ?? $this->visits->of($actor, $dog) as $visit) {
            foreach ($visit['zones'] as $z) {
                if ('done' === $z['state'] && null !== $z['actual']->method) {
                    $last[$z['zone']] = [
                        'recipe' => $z['actual'],
                        'day' => $visit['day'],
                        'who' => $visit['staff'],
                        'why' => $z['why'],
                    ];
                }
            }
        }
        $out = [];
        foreach (ZoneTable::ids() as $zone) {
            $was = $last[$zone] ?? null;
            $card = $plan[$zone]['recipe'] ?? null;
            $card = null === $card?->method ? null : $card;
            if (
                null !== $was
                && (null === $card
                    || $card->words() !== $was['recipe']->words()
                    || $card->shape !== $was['recipe']->shape
                    || $card->stopLine !== $was['recipe']->stopLine)
            ) {
                $out[] = [
                    'zone' => $zone,
                    'card' => $card,
                    'last' => $was['recipe'],
                    'day' => $was['day'],
                    'who' => $was['who'],
                    'why' => $was['why'],
                    'refused' => Carry::refuses(
                        true === $was['recipe']->exception,
                        $was['recipe']->carry ?? 'repeat',
                        $was['recipe']->reason ?? '',
                    ),
                ];
            }
        }

        return $out;
    }
}
