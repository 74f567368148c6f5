<?php

/** The demo's table: a wire dog halfway through, handed over; closed grooms with what went wrong in some of them. */

declare(strict_types=1);

namespace KeenThistle\Demo;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Arrival\Arrival;
use KeenThistle\Arrival\TodayReader;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Table\Tap;
use KeenThistle\Core\Zone\ZoneTable;
use KeenThistle\Order\WorkOrder;
use KeenThistle\Outbox\Message;
use KeenThistle\Plan\PlanZone;
use KeenThistle\Plan\TrimPlan;
use KeenThistle\Recipe\RecipeCodec;
use KeenThistle\Staff\Role;
use KeenThistle\Staff\Staff;
use KeenThistle\Table\Groom;
use KeenThistle\Table\GroomSteps;
use KeenThistle\Table\GroomTap;
use KeenThistle\Table\GroomToday;
use KeenThistle\Table\Incident;
use KeenThistle\Visit\Visit;
use Symfony\Component\Uid\Uuid;

final readonly class DemoGrooms
{
    private const OPEN = 'Osric';
    /** dog => what went wrong at its last visit: what, zone, tool, action, told, follow up */
    private const CLOSED = [
        'Tansy' => null,
        'Sorrel' => ['nick', 'ear_outer_left', '10 blade', 'pressure, cleaned', true, 'owner looks at it daily'],
        'Marl' => ['quicked', 'toe_outline_hind_left', 'nail clippers', 'styptic, pressure', true, ''],
        'Perrin' => ['stress_stop', '', 'dryer', 'towel, half an hour of rest', true, 'shorter next time'],
        'Hobnob' => null,
        'Wick' => ['hot_blade', 'belly', '10 blade', 'cool cloth, blade changed', true, 'skin was fine when it left'],
        'Dimity' => null,
        'Isolde' => null,
    ];

    public function __construct(private EntityManagerInterface $manager, private WorkOrder $order)
    {
    }

    public function load(\DateTimeImmutable $now): void
    {
        // Who is here today came a little while ago, one after the other.
        $arrivals = $this->manager->getRepository(Arrival::class)->findBy(['day' => $now], ['id' => 'ASC']);
        foreach ($arrivals as $i => $here) {
            $here->cameAt = $now->modify('-'.(25 - 10 * min(2, $i)).' minutes');
        }
        $visits = array_filter(
            array_map(
                fn (string $name): ?Visit => $this->manager
                    ->getRepository(Visit::class)
                    ->findOneBy(['dog' => $this->dog($name)], ['day' => 'DESC']),
                array_keys(self::CLOSED),
            ),
        );
        usort($visits, static fn (Visit $a, Visit $b): int => $a->day <=> $b->day);
        foreach ($visits as $visit) {
            $wrong = self::CLOSED[$visit->dog->name] ?? null;
            $groom = $this->groom($visit->dog, $visit->staff, $visit->day, $visit->day->setTime(9, 30));
            $groom->visit = $visit;
            $groom->close($visit->staff, $groom->openedAt->modify('+'.($visit->minutes ?? 90).' minutes'));
            $client = $visit->dog->household->clients->first();
            if (false !== $client) {
                $text = \sprintf(
                    '%s is ready. You are welcome at any time: %s, %s.',
                    $visit->dog->name,
                    $visit->salon->name,
                    $groom->place->name,
                );
                $message = new Message(
                    $visit->dog,
                    $client,
                    $visit->staff,
                    $groom->closedAt ?? $groom->openedAt,
                    'ready',
                    $client->phone,
                    $text,
                );
                // It has long gone out.
                $message->state = 'sent';
                $message->receipt = 'simulated: kept in the outbox, sent nowhere';
                $this->manager->persist($message);
            }
            if (null !== $wrong) {
                [$what, $zone, $tool, $action, $told, $then] = $wrong;
                $this->tap($groom, $visit->staff, 40, 'incident', [
                    'what' => $what,
                    'zone' => $zone,
                    'tool' => $tool,
                    'action' => $action,
                    'told' => $told,
                    'follow_up' => $then,
                ]);
            }
        }
        $this->otherwise();
        $this->halfway($now);
        $this->manager->flush();
    }

    /** At Dimity's last visit some was done otherwise than her card has it, and one place was a patch. */
    private function otherwise(): void
    {
        $visit = $this->manager
            ->getRepository(Visit::class)
            ->findOneBy(['dog' => $this->dog('Dimity')], ['day' => 'DESC']);
        $done = [
            'tail_flag' => ['actual_entered_um' => 26_000, 'finished_um' => 26_000, 'why' => 'owner asked today'],
            'chest' => [
                'actual_guard_um' => 10_000,
                'actual_tool' => '10 mm guard',
                'finished_um' => 11_000,
                'why' => 'that tool is not here',
            ],
            'throat' => [
                'actual_method' => Method::Clip->value,
                'actual_blade' => '10',
                'actual_tool' => '10',
                'actual_guard_um' => null,
                'actual_base' => null,
                'actual_reason' => 'forced_by_mat',
                'actual_exception' => 1,
                'finished_um' => 1500,
                'why' => 'matted below',
            ],
        ];
        if (null === $visit) {
            return;
        }
        foreach ($done as $zone => $columns) {
            $this->manager
                ->getConnection()
                ->update('visit_zone', $columns, ['visit_id' => $visit->id->toBinary(), 'zone' => $zone]);
        }
    }

    /** Tove has begun, and hands the dog over to Idris with the second side still to strip. */
    private function halfway(\DateTimeImmutable $now): void
    {
        $tove =
            $this->manager->getRepository(Staff::class)->findOneBy(['role' => Role::Groomer]) ??
            throw new \LogicException('The demo salon has a groomer.');
        $idris =
            $this->manager->getRepository(Staff::class)->findOneBy(['role' => Role::MobileGroomer]) ??
            throw new \LogicException('The demo salon has a mobile groomer.');
        $groom = $this->groom($this->dog(self::OPEN), $tove, $now->setTime(0, 0), $now->modify('-64 minutes'));
        $steps = [
            2 => 'check',
            6 => 'comb_test',
            13 => 'nails',
            14 => 'ears',
            17 => 'bath',
            32 => 'dry',
            38 => 'comb_out',
        ];
        foreach ($steps as $minute => $step) {
            $this->tap($groom, $tove, $minute, 'step', ['step' => $step, 'state' => 'done']);
        }
        $this->tap($groom, $tove, 8, 'zone', ['zones' => ['groin', 'under_tail_ring', 'belly'], 'state' => 'done']);
        $this->tap($groom, $tove, 10, 'zone', [
            'zones' => array_map(static fn (string $f): string => "pads_$f", ZoneTable::FEET),
            'state' => 'done',
        ]);
        foreach (ZoneTable::FEET as $foot) {
            $this->tap($groom, $tove, 11, 'pads', ['foot' => $foot, 'bare' => 5]);
        }
        foreach ([1 => 'ground', 2 => 'ground', 3 => 'tipped'] as $claw => $state) {
            $this->tap($groom, $tove, 12, 'claw', ['foot' => 'front_left', 'claw' => $claw, 'state' => $state]);
        }
        $this->tap($groom, $tove, 46, 'zone', [
            'zones' => ['back', 'loin', 'ribs_left', 'shoulder_left'],
            'state' => 'done',
        ]);
        $this->tap($groom, $tove, 50, 'zone', ['zones' => ['rump'], 'state' => 'partly', 'why' => 'tired of standing']);
        $this->tap($groom, $tove, 51, 'note', ['text' => 'Stands best with a hand under the chest.']);
        $this->tap($groom, $tove, 52, 'hand_over', [
            'to' => $idris->name,
            'side' => 'left',
            'next' => 'right side from the shoulder back',
            'note' => 'pull in short goes, he tires',
        ]);
    }

    private function groom(Dog $dog, Staff $staff, \DateTimeImmutable $day, \DateTimeImmutable $opened): Groom
    {
        $arrival = $this->manager->getRepository(Arrival::class)->findOneBy(['dog' => $dog, 'day' => $day]);
        if (null === $arrival) {
            $this->manager->persist($arrival = new Arrival(Uuid::v7(), $dog, $staff, $day));
            $arrival->cameAt = $opened->modify('-10 minutes');
        }
        $plan = [];
        $of = $this->manager->getRepository(TrimPlan::class)->findOneBy(['dog' => $dog]);
        foreach ($this->manager->getRepository(PlanZone::class)->findBy(['plan' => $of]) as $zone) {
            if (null !== $zone->recipe->method) {
                $plan[$zone->zone] = $zone->recipe;
            }
        }
        $groom = new Groom(
            Uuid::v7(),
            $arrival,
            $staff->place ?? throw new \LogicException('Demo staff have places.'),
            $staff,
            $opened,
        );
        $groom->plan = array_map(RecipeCodec::toArray(...), $plan);
        $today = TodayReader::plain($dog, $plan, $arrival);
        $groom->today = GroomToday::kept($today, $plan);
        $groom->steps = GroomSteps::of($this->order->of($dog, $plan, $arrival), $today);
        $minutes = $this->order->minutes($dog, $plan, $arrival, prices: $dog->salon->pricesOn($arrival->day));
        $groom->estimate =
            null === $minutes
                ? []
                : [
                    'likely' => round($minutes->likely, 1),
                    'phases' => $minutes->scaled(),
                    'price_minor' => $minutes->price,
                    'price_terms' => $minutes->priceTerms,
                    'tax_minor' => $minutes->tax,
                ];
        $this->manager->persist($groom);

        return $groom;
    }

    /** @param array<string, mixed> $data */
    private function tap(Groom $groom, Staff $staff, int $minute, string $kind, array $data): void
    {
        $tap = new Tap(
            bin2hex(random_bytes(8)),
            ++$groom->seq,
            $staff->name,
            'tablet-'.$staff->login,
            $groom->openedAt->modify("+$minute minutes"),
            $kind,
            $data,
        );
        $this->manager->persist(new GroomTap($groom, $staff, $tap));
        if ('incident' === $kind) {
            $this->manager->persist(new Incident($groom, $staff, $tap));
        }
    }

    private function dog(string $name): Dog
    {
        return $this->manager->getRepository(Dog::class)->findOneBy(['name' => $name]) ??
            throw new \LogicException("The demo salon has $name.");
    }
}
