<?php

/** Reads the till of a place on a day: who has to pay, what was paid, what it came to, what the drawer should hold. */

declare(strict_types=1);

namespace KeenThistle\Till;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Core\Money\Line;
use KeenThistle\Core\Money\LineKind;
use KeenThistle\Diary\Booking;
use KeenThistle\Diary\BookingView;
use KeenThistle\Salon\Place;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;

final readonly class TillReader
{
    private const MOST = 60;
    /** Older ones are looked for on the dog's own card. */
    private const BACK = '-60 days';
    /** Who went home without paying is asked for so long. */
    private const OWED = '-14 days';

    public function __construct(
        private Scope $scope,
        private Sales $sales,
        private Receipts $receipts,
        private EntityManagerInterface $manager,
    ) {
    }

    public function view(Actor $actor, string $place, ?\DateTimeImmutable $on = null): TillView
    {
        $at = $this->scope->get($actor, Place::class, $place, $this->manager, 'place');
        $today = $this->scope->today($actor);
        $day = $on ?? $today;
        $names = [];
        foreach ($this->manager->getRepository(Staff::class)->findBy(['salon' => $at->salon]) as $person) {
            $names[(string) $person->id] = $person->name;
        }
        $sales = $this->sales->of($at, $day);
        $takings = Sales::takings($sales);
        $began = $this->sales->began($at, $day);
        $count = $this->sales->count($at, $day);

        return new TillView(
            $today->format('Y-m-d'),
            $day->format('Y-m-d'),
            $place,
            $at->salon->pricesOn($day)->taxPercent,
            $this->toPay($actor, $today),
            $this->held($actor, $today),
            array_reverse($this->views($sales)),
            $this->products($actor),
            (object) $takings->ways,
            array_map(static fn (string|int $id): array => [
                'person' => (string) $id,
                'name' => $names[(string) $id] ?? '',
                'earned_minor' => $takings->people[$id]['earned'],
                'tips_minor' => $takings->people[$id]['tips'],
            ], array_keys($takings->people)),
            (object) $takings->kinds,
            $takings->taxes,
            $takings->earned,
            $takings->in,
            $began,
            $takings->inTheDrawer($began),
            $this->vouchers($actor),
            null === $count ? null : [
                'round' => $count->round,
                'expected_minor' => $count->expected,
                'counted_minor' => $count->counted,
                'stays_minor' => $count->stays,
                'why' => $count->why,
                'who' => $count->staff->name,
                'at' => Row::instant($count->at->format('Y-m-d H:i:s')),
                'sales_since' => \count($sales) - $count->sales,
            ],
        );
    }

    public function booking(Actor $actor, string $id): BookingView
    {
        return BookingView::of($this->scope->get($actor, Booking::class, $id, $this->manager, 'booking'));
    }

    public function sale(Actor $actor, string $id): SaleView
    {
        return $this->views([$this->scope->get($actor, Sale::class, $id, $this->manager, 'bill')])[0];
    }

    /**
     * @param list<Sale> $sales
     *
     * @return list<SaleView>
     */
    private function views(array $sales): array
    {
        $gone = [];
        foreach ($this->manager->getRepository(Sale::class)->findBy(['reverses' => $sales]) as $back) {
            $id = (string) $back->reverses?->id;
            $gone[$id] = [...$gone[$id] ?? [], ...$back->reversed];
        }

        return array_map(
            fn (Sale $s): SaleView => SaleView::of($s, $gone[(string) $s->id] ?? [], $this->receipts->path($s)),
            $sales,
        );
    }

    /**
     * Dogs that are done and not paid for; visits nobody came to, or that were cancelled late.
     *
     * @return list<array<string, mixed>>
     */
    private function toPay(Actor $actor, \DateTimeImmutable $today): array
    {
        $owner = '(SELECT c.name FROM client c WHERE c.household_id = d.household_id ORDER BY c.id LIMIT 1) owner';
        $done = $this->scope->rows(
            $actor,
            "SELECT a.id, a.day, a.left_at, d.id dog, d.name, g.estimate, $owner FROM arrival a
                JOIN dog d ON d.id = a.dog_id
                JOIN groom g ON g.arrival_id = a.id AND g.closed_at IS NOT NULL
            WHERE a.salon_id = :salon AND a.day >= :since AND a.paid = 0 ORDER BY a.left_at IS NOT NULL, a.day DESC,
                g.closed_at LIMIT ".self::MOST,
            ['since' => $today->modify(self::OWED)->format('Y-m-d')],
        );
        $out = [];
        foreach ($done as $r) {
            $isToday = Row::text($r['day']) === $today->format('Y-m-d');
            $estimate = (array) json_decode(Row::text($r['estimate']), true);
            $out[] = [
                'arrival' => Row::id($r['id']),
                'booking' => null,
                'version' => 0,
                'dog' => Row::id($r['dog']),
                'name' => Row::text($r['name']),
                'owner' => Row::text($r['owner']),
                'day' => Row::text($r['day']),
                // What was not said to have gone has, by the next day.
                'state' => null === $r['left_at'] && $isToday ? 'ready' : 'gone',
                'minor' => \is_int($estimate['price_minor'] ?? null) ? $estimate['price_minor'] : null,
                'let_go' => '',
            ];
        }
        $asked = $this->scope->rows(
            $actor,
            "SELECT b.id, b.version, b.day, b.state, b.charge, b.let_go, d.id dog, d.name, $owner FROM booking b
                JOIN dog d ON d.id = b.dog_id
            WHERE b.salon_id = :salon AND b.day >= :since AND b.charge > 0 AND b.let_go = '' AND b.paid = 0
            ORDER BY b.day DESC LIMIT ".self::MOST,
            ['since' => $today->modify(self::BACK)->format('Y-m-d')],
        );
        foreach ($asked as $r) {
            $out[] = [
                'arrival' => null,
                'booking' => Row::id($r['id']),
                'version' => Row::int($r['version']) ?? 0,
                'dog' => Row::id($r['dog']),
                'name' => Row::text($r['name']),
                'owner' => Row::text($r['owner']),
                'day' => Row::text($r['day']),
                'state' => Row::text($r['state']),
                'minor' => Row::int($r['charge']) ?? 0,
                'let_go' => Row::text($r['let_go']),
            ];
        }

        return $out;
    }

    /** @return list<array<string, mixed>> deposits of visits that will not use them any more */
    private function held(Actor $actor, \DateTimeImmutable $today): array
    {
        return array_map(static fn (array $r): array => [
            'booking' => Row::id($r['id']),
            'dog' => Row::id($r['dog']),
            'name' => Row::text($r['name']),
            'day' => Row::text($r['day']),
            'minor' => Row::int($r['deposit']) ?? 0,
        ], $this->scope->rows(
            $actor,
            "SELECT b.id, b.day, b.deposit, d.id dog, d.name FROM booking b JOIN dog d ON d.id = b.dog_id
            WHERE b.salon_id = :salon AND b.deposit > 0 AND (b.state <> 'booked' OR b.day < :today)
            ORDER BY b.day DESC LIMIT ".self::MOST,
            ['today' => $today->format('Y-m-d')],
        ));
    }

    /**
     * What was sold lately, each once.
     *
     * @return list<array{name: string, minor: int, tax_percent: float}>
     */
    private function products(Actor $actor): array
    {
        $out = [];
        /** @var list<Sale> $last */
        $last = $this->manager
            ->getRepository(Sale::class)
            ->findBy(['salon' => $this->scope->salon($actor)], ['number' => 'DESC'], self::MOST);
        foreach ($last as $sale) {
            foreach ($sale->lines as $line) {
                $one = LineKind::Product->value === $line['kind'] && !str_contains($line['label'], ' × ');
                if ($one && $line['minor'] > 0) {
                    $out[$line['label']] ??= [
                        'name' => $line['label'],
                        'minor' => $line['minor'],
                        'tax_percent' => (float) $line['tax_percent'],
                    ];
                }
            }
        }
        ksort($out);

        return array_values($out);
    }

    public function draft(Draft $draft): DraftView
    {
        return new DraftView(
            null === $draft->dog ? null : (string) $draft->dog->id,
            $draft->dog->name ?? '',
            $draft->dog?->household->first()->name ?? '',
            array_map(static fn (Line $l): array => ['label' => $l->label, 'minor' => $l->minor], $draft->lines),
            $draft->terms,
            array_sum(array_map(static fn (Line $l): int => $l->minor, $draft->lines)),
            null !== $draft->booking && null === $draft->settles && self::isOpen($draft->booking),
            $draft->booking->deposit ?? 0,
        );
    }

    private static function isOpen(Booking $booking): bool
    {
        return 'booked' === $booking->state;
    }

    /** @return list<array{code: string, minor: int, left_minor: int, day: string}> */
    private function vouchers(Actor $actor): array
    {
        return array_map(
            static fn (array $r): array => [
                'code' => Row::text($r['code']),
                'minor' => Row::int($r['minor']) ?? 0,
                'left_minor' => Row::int($r['left_minor']) ?? 0,
                'day' => Row::text($r['day']),
            ],
            $this->scope->rows(
                $actor,
                'SELECT v.code, v.minor, v.left_minor, s.day FROM voucher v JOIN sale s ON s.id = v.sale
                WHERE v.salon_id = :salon AND v.left_minor > 0 ORDER BY v.id DESC LIMIT 200',
            ),
        );
    }
}
