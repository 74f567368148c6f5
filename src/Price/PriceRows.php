<?php

/** Finds price lists, and says which of them can still be changed. */

declare(strict_types=1);

namespace KeenThistle\Price;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Say\Say;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\PriceList;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

final readonly class PriceRows
{
    private const YEARS = 2;

    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    /** @throws Refused where it has begun before today, or somebody was faster */
    public function open(Actor $actor, string $id, int $version): PriceList
    {
        $list = $this->scope->get($actor, PriceList::class, $id, $this->manager, 'price list');
        $today = $this->scope->today($actor);
        if ($list->begins->format('Y-m-d') < $today->format('Y-m-d')) {
            throw Refused::conflict('These prices have begun: what was charged stands. Begin a new list instead.');
        }
        if ($list->version !== $version) {
            throw Refused::stale('Somebody changed these prices meanwhile.', [
                'theirs' => PriceListView::of($list, $today),
                'version' => $list->version,
            ]);
        }

        return $list;
    }

    /** @throws InvalidInput where another list begins that day, or the day is past */
    public function mustBeFree(Actor $actor, \DateTimeImmutable $day, ?PriceList $but = null): void
    {
        $today = $this->scope->today($actor);
        $iso = $day->format('Y-m-d');
        if ($iso < $today->format('Y-m-d') || $day > $today->modify('+'.self::YEARS.' years')) {
            throw InvalidInput::at('begins', 'must be from today to two years from now');
        }
        foreach ($this->scope->salon($actor)->prices as $list) {
            if ($list !== $but && $list->begins->format('Y-m-d') === $iso) {
                throw InvalidInput::at('begins', 'is taken: prices begin on that day already; change those');
            }
        }
    }

    public static function entry(PriceList $list, string $what): Entry
    {
        return new Entry(
            null,
            'house',
            (string) $list->salon->id,
            \sprintf('prices from %s: %s', Say::day($list->begins), $what),
        );
    }
}
