<?php

/** What today asks of the tub: who comes, with what each is washed, how much that is, what stands there already. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Order\Schools;
use KeenThistle\Core\Order\SchoolTable;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Wash\Mix;
use KeenThistle\Core\Wash\WashDay;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

final readonly class WashReader
{
    private const MOST = 100;
    private const POINTS = ['brush_out', 'washing_order', 'shampoo', 'bath_frequency', 'drying', 'drying_way'];

    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    public function view(Actor $actor): WashView
    {
        $today = $this->scope->today($actor);
        $products = $this->products();
        $shampoos = array_filter($products, static fn (Product $p): bool => 'shampoo' === $p->kind);
        $coats = array_map(static fn (Product $p): array => $p->coats, $shampoos);
        $dogs = $mixes = [];
        foreach ($this->today($actor, $today) as [$dog, $why, $time]) {
            $picked = WashDay::pick($coats, $dog->coat, array_column($dog->reactions, 'product'));
            $product = null === $picked ? null : $products[$picked];
            $wash =
                null === $product || null === $dog->kg
                    ? null
                    : WashDay::dog(
                        $dog->kg,
                        $dog->coat,
                        $product->ratio,
                        $product->kind,
                        $product->dwell,
                        $product->litreMinor,
                        Schools::of($dog->schools, $dog->salon->schools)->is('shampoo', 'straight'),
                    );
            if (null !== $wash && null !== $product) {
                $mixes[(string) $product->id][] = $wash['mix'];
            }
            $dogs[] = [
                'dog' => (string) $dog->id,
                'name' => $dog->name,
                'coat' => $dog->coat->label(),
                'kg' => $dog->kg,
                'time' => $time,
                'why' => $why,
                'product' => null === $product ? null : (string) $product->id,
                'product_name' => $product?->name,
                'litres' => null === $wash ? null : round($wash['mix']->litres, 2),
                'concentrate_ml' => $wash['mix']->concentrate ?? null,
                'dwell_min' => $wash['dwell'] ?? null,
                'passes' => $wash['passes'] ?? null,
                'cost_minor' => $wash['cost_minor'] ?? null,
                'reactions' => array_map(
                    static fn (array $r): array => [
                        'id' => $r['id'],
                        'product' => $r['product'],
                        'name' => $r['name'],
                        'what' => $r['what'],
                        'on' => $r['on'],
                    ],
                    $dog->reactions,
                ),
                'differs' => self::differs($dog),
                'reasons' => null === $wash ? [] : Reason::listToArray($wash['mix']->reasons),
            ];
        }
        $bottles = $this->bottles();

        return new WashView(
            $today->format('Y-m-d'),
            $this->scope->salon($actor)->currency,
            $dogs,
            array_values(
                array_map(
                    static fn (Product $p): ProductView => ProductView::of(
                        $p,
                        self::asked($p, $mixes[(string) $p->id] ?? [], $bottles, $today),
                    ),
                    $products,
                ),
            ),
            array_map(static fn (Bottle $b): BottleView => BottleView::of($b, $today), $bottles),
            $this->schools($actor),
            Caution::listToArray([
                new Caution(
                    'label',
                    'The maker\'s label rules: ratio, time on the coat, rinse. Nothing without a label is used.',
                ),
                new Caution(
                    'rinse',
                    'Lukewarm; not near the eyes; rinse until the water runs clear and nothing slides under the hand.',
                ),
                new Caution(
                    'matted',
                    'Nothing matted goes into the tub unless it is coming off anyway: wet mats tighten.',
                ),
            ]),
        );
    }

    /**
     * @param list<Mix> $mixes
     * @param list<Bottle> $bottles
     *
     * @return array{litres: float, concentrate_ml: float, water_ml: float, to_mix_l: float, bottles: int,
     *     stock_left_ml: float, short: string|null, standing_ml: float, dogs: int}
     */
    private static function asked(Product $p, array $mixes, array $bottles, \DateTimeImmutable $today): array
    {
        $standing = array_sum(
            array_map(
                static fn (Bottle $b): float => $b->product === $p
                && $b->discardBy->format('Y-m-d') >= $today->format('Y-m-d')
                    ? $b->ml
                    : 0.0,
                $bottles,
            ),
        );
        $total = WashDay::total($mixes, $p->ratio, $p->bottleMl, $p->stockMl, $standing);

        return [
            'litres' => $total['litres'],
            'concentrate_ml' => $total['concentrate_ml'],
            'water_ml' => $total['water_ml'],
            'to_mix_l' => $total['to_mix_l'],
            'bottles' => $total['bottles'],
            'stock_left_ml' => $total['stock_left_ml'],
            'short' => $total['short']?->message,
            'standing_ml' => round($standing, 0),
            'dogs' => \count($mixes),
        ];
    }

    /** @return array<string, Product> by id */
    private function products(): array
    {
        $out = [];
        foreach ($this->manager->getRepository(Product::class)->findBy(['active' => true], ['name' => 'ASC']) as $p) {
            $out[(string) $p->id] = $p;
        }

        return $out;
    }

    /** @return list<Bottle> that stand there, the oldest first */
    private function bottles(): array
    {
        /** @var list<Bottle> $bottles */
        $bottles = $this->manager
            ->createQuery(
                'SELECT b, p, s FROM '.
                    Bottle::class.
                    ' b JOIN b.product p JOIN b.staff s WHERE b.pouredOn IS NULL ORDER BY b.discardBy, b.id',
            )
            ->setMaxResults(200)
            ->getResult();

        return $bottles;
    }

    /** @return list<array{Dog, string, string|null}> by the time they come */
    private function today(Actor $actor, \DateTimeImmutable $today): array
    {
        $found = [];
        foreach (
            $this->scope->rows(
                $actor,
                "SELECT b.dog_id, b.time, 'booked' why FROM booking b
                WHERE b.salon_id = :salon AND b.day = :today AND b.state = 'booked' AND b.kind <> 'nails'
            UNION SELECT a.dog_id, NULL, 'arrived' FROM arrival a WHERE a.salon_id = :salon AND a.day = :today
            UNION SELECT g.dog_id, NULL, 'at the table'
            FROM groom g WHERE g.salon_id = :salon AND g.closed_at IS NULL AND g.opened_at >= :began LIMIT ".
                    self::MOST,
                ['today' => $today->format('Y-m-d'), 'began' => $this->scope->dayBegan($actor)->format('Y-m-d H:i:s')],
            ) as $r
        ) {
            if (\is_string($r['dog_id'])) {
                $was = $found[$r['dog_id']] ?? [null, null];
                $found[$r['dog_id']] = [
                    \is_string($r['why']) ? $r['why'] : '',
                    \is_string($r['time']) ? $r['time'] : $was[1],
                ];
            }
        }
        $dogs =
            [] === $found
                ? []
                : $this->manager
                    ->createQuery('SELECT d FROM '.Dog::class.' d WHERE d.id IN (:ids)')
                    ->setParameter('ids', array_keys($found), \Doctrine\DBAL\ArrayParameterType::BINARY)
                    ->getResult();
        $out = [];
        foreach (\is_array($dogs) ? $dogs : [] as $dog) {
            if ($dog instanceof Dog) {
                $out[] = [$dog, ...$found[$dog->id->toBinary()]];
            }
        }
        usort($out, static fn (array $a, array $b): int => [$a[2] ?? '', $a[0]->name] <=> [$b[2] ?? '', $b[0]->name]);

        return $out;
    }

    /** @return list<array{point: string, label: string, what: string, why: string}> */
    private function schools(Actor $actor): array
    {
        $chosen = (new Schools($this->scope->salon($actor)->schools))->chosen;
        $out = [];
        foreach (self::POINTS as $point) {
            [$label, $sides] = SchoolTable::rows()[$point];
            [$what, $why] = $sides[$chosen[$point]];
            $out[] = ['point' => $point, 'label' => $label, 'what' => $what, 'why' => $why];
        }

        return $out;
    }

    /** @return list<string> */
    private static function differs(Dog $dog): array
    {
        $out = [];
        foreach (array_intersect_key(Schools::known($dog->schools), array_flip(self::POINTS)) as $point => $side) {
            [$label, $sides] = SchoolTable::rows()[$point];
            $out[] = $label.': '.$sides[$side][0];
        }

        return $out;
    }
}
