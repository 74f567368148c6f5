<?php

/** Reads what stands beside two visits: what arrivals found, and photos. */

declare(strict_types=1);

namespace KeenThistle\Outlook;

use KeenThistle\Book\Dog;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

final readonly class ThenRows
{
    private const ARRIVALS = 8;

    public function __construct(private Scope $scope)
    {
    }

    /** @return list<string> zones where combs stopped at the last arrivals, the most often first */
    public function found(Actor $actor, Dog $dog): array
    {
        $count = [];
        foreach (
            $this->scope->rows(
                $actor,
                'SELECT comb FROM arrival WHERE dog_id = :dog AND salon_id = :salon ORDER BY day DESC, id DESC LIMIT '.
                    self::ARRIVALS,
                ['dog' => $dog->id->toBinary()],
            ) as $r
        ) {
            $comb = json_decode(\is_string($r['comb']) ? $r['comb'] : '', true);
            foreach (\is_array($comb) && \is_array($comb['zones'] ?? null) ? $comb['zones'] : [] as $z) {
                if (\is_array($z) && \is_string($z['zone'] ?? null) && ($z['severity'] ?? 0) >= 1) {
                    $count[$z['zone']] = ($count[$z['zone']] ?? 0) + 1;
                }
            }
        }
        arsort($count);

        return \array_slice(array_keys($count), 0, 8);
    }

    /** @return list<array{id: string, moment: string, zone: string}> */
    public function photos(Actor $actor, Dog $dog, string $day): array
    {
        return array_map(
            static fn (array $r): array => [
                'id' => \is_string($r['id']) ? (string) \Symfony\Component\Uid\Uuid::fromBinary($r['id']) : '',
                'moment' => \is_string($r['moment']) ? $r['moment'] : '',
                'zone' => \is_string($r['zone']) ? $r['zone'] : '',
            ],
            $this->scope->rows(
                $actor,
                'SELECT p.id, p.moment, p.zone FROM arrival a JOIN photo p ON p.arrival_id = a.id WHERE a.dog_id '.
                    '= :dog AND a.salon_id = :salon AND a.day = :day ORDER BY p.id LIMIT 12',
                ['dog' => $dog->id->toBinary(), 'day' => $day],
            ),
        );
    }
}
