<?php

/** The timers of a groom as they stand at a moment. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Book\StandingCautions;
use KeenThistle\Core\Order\Schools;
use KeenThistle\Core\Table\Board;
use KeenThistle\Core\Table\TimerKind;
use KeenThistle\Core\Table\TimerRule;
use KeenThistle\Core\Table\UndercoatCap;
use KeenThistle\Kit\KitReader;
use KeenThistle\Staff\Actor;

final readonly class TableTimers
{
    public function __construct(private KitReader $kit)
    {
    }

    /**
     * @param list<TimerKind> $kinds
     *
     * @return list<TimerView>
     */
    public function of(Actor $actor, Groom $groom, Board $board, \DateTimeImmutable $now, array $kinds): array
    {
        if ([] === $kinds) {
            return [];
        }
        $spares = [];
        foreach ($this->kit->rows($actor) as $row) {
            if ('blade' === $row['kind'] && $row['place'] === (string) $groom->place->id) {
                $spares[$row['label']] = ($spares[$row['label']] ?? -1) + 1;
            }
        }
        $schools = Schools::of($groom->dog->schools, $groom->salon->schools);
        $rule = new TimerRule(
            $spares,
            UndercoatCap::seconds(
                $groom->salon->hemisphere,
                (int) $groom->arrival->day->format('n'),
                $schools->chosen['undercoat_amount'],
            ),
            StandingCautions::standing($groom->dog)->isWatchedWhileDrying(),
        );

        return array_map(
            static fn (TimerKind $k): TimerView => TimerView::of($rule->answer($k, $board->timer($k->value), $now)),
            $kinds,
        );
    }
}
