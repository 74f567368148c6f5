<?php

/** What a dog's visits teach: growth from arrivals, mats from full visits, what was left where. */

declare(strict_types=1);

namespace KeenThistle\Tests\Unit;

use KeenThistle\Core\Length\Method;
use KeenThistle\Visit\History;
use PHPUnit\Framework\TestCase;

/**
 * @phpstan-import-type PastRow from History
 * @phpstan-import-type PastZone from History
 */
final class HistoryTest extends TestCase
{
    /**
     * @param list<PastZone> $zones
     *
     * @return PastRow
     */
    private static function visit(string $day, array $zones, string $kind = 'full', ?float $load = null): array
    {
        return [
            'id' => "visit-$day",
            'day' => $day,
            'kind' => $kind,
            'staff' => 'Tove',
            'place' => 'Mill room',
            'minutes' => 100,
            'load' => $load,
            'tender' => 0,
            'upkeep' => 'weekly',
            'stage' => 'adult',
            'note' => '',
            'left_out' => [],
            'seen' => [],
            'zones' => $zones,
        ];
    }

    /** @return PastZone */
    private static function zone(
        string $zone,
        ?int $finished,
        ?int $arrival = null,
        string $state = 'done',
        bool $ownerCut = false,
        ?string $reason = null,
    ): array {
        return [
            'zone' => $zone,
            'state' => $state,
            'method' => Method::Guard->value,
            'forced' => 'forced_by_mat' === $reason,
            'finished_um' => $finished,
            'arrival_um' => $arrival,
            'owner_cut' => $ownerCut,
        ];
    }

    public function testNothingTeachesNothing(): void
    {
        $h = new History([]);
        self::assertSame([[], [], [], null, null], [$h->observations, $h->past, $h->left, $h->lastFull, $h->lastAny]);
    }

    public function testAnArrivalIsHeldAgainstWhatWasLeftThere(): void
    {
        $h = new History([
            self::visit('2026-01-05', [self::zone('back', 17_000)]),
            self::visit('2026-02-16', [self::zone('back', 17_000, 34_500)]),
        ]);
        self::assertCount(1, $h->observations);
        self::assertSame('2026-02-16', $h->lastFull?->format('Y-m-d'));
        self::assertSame(17_000, $h->left['back']['um']);
    }

    public function testADeferredZoneKeepsWhatItHad(): void
    {
        $h = new History([
            self::visit('2026-01-05', [self::zone('back', 17_000)]),
            self::visit('2026-02-16', [self::zone('back', null, 34_500, 'deferred')]),
        ]);
        self::assertSame(17_000, $h->left['back']['um']);
        self::assertSame('2026-01-05', $h->left['back']['day']->format('Y-m-d'));
        self::assertCount(1, $h->observations, 'what it had grown to still teaches');
    }

    public function testAShorterArrivalIsOnlyBelievedWhenTheOwnerCut(): void
    {
        $visits = static fn (bool $cut): array => [
            self::visit('2026-01-05', [self::zone('back', 17_000)]),
            self::visit('2026-02-16', [self::zone('back', 17_000, 9_000, ownerCut: $cut)]),
        ];
        self::assertCount(0, (new History($visits(false)))->observations);
        self::assertCount(1, (new History($visits(true)))->observations, 'kept, and marked as the owner\'s cut');
    }

    public function testOnlyFullVisitsCountForMats(): void
    {
        $h = new History([
            self::visit('2026-01-05', [self::zone('back', 17_000)]),
            self::visit('2026-01-26', [], 'nails'),
            self::visit('2026-02-16', [], 'full', 12.0),
        ]);
        self::assertCount(1, $h->past);
        self::assertEqualsWithDelta(6.0, $h->past[0]->weeks, 1e-9);
        self::assertSame('2026-02-16', $h->lastAny?->format('Y-m-d'));
    }

    public function testAPatchIsMarkedAsForced(): void
    {
        $h = new History([
            self::visit('2026-01-05', [
                self::zone('armpit_left', 1500, reason: 'forced_by_mat'),
                self::zone('back', 17_000),
                self::zone('beard', null),
            ]),
        ]);
        self::assertTrue($h->left['armpit_left']['forced']);
        self::assertCount(3, $h->zonesLeft());
        self::assertNull($h->zonesLeft()[2]->finished);
    }
}
