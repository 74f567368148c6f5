<?php

/** A demo dog with its home, its plan, and its visits simulated back from today. */

declare(strict_types=1);

namespace KeenThistle\Demo;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Client;
use KeenThistle\Book\Dog;
use KeenThistle\Book\Household;
use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Coat\Finish;
use KeenThistle\Core\Coat\Upkeep;
use KeenThistle\Core\Growth\GrowthRule;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Interval\Ground;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Shorthand\Notation;
use KeenThistle\Core\Timing\MinutesRule;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Core\Timing\Work;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Diary\Booking;
use KeenThistle\Log\Change;
use KeenThistle\Plan\PlanLine;
use KeenThistle\Plan\PlanZone;
use KeenThistle\Plan\TrimPlan;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Salon\Place;
use KeenThistle\Salon\Salon;
use KeenThistle\Staff\Staff;
use KeenThistle\Visit\Visit;
use KeenThistle\Visit\VisitZone;
use KeenThistle\Visit\VisitZoneStore;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;

/** @phpstan-import-type Story from DemoDogs */
final class DemoHistories
{
    private const AT_ONCE = 200;

    private readonly Randomizer $random;

    /** @var list<VisitZone> */
    private array $zones = [];

    public function __construct(private readonly EntityManagerInterface $manager)
    {
        $this->random = new Randomizer(new Mt19937(20_240_401));
    }

    /**
     * @param list<Place> $places
     * @param array<string, Staff> $staff
     * @param array<string, Household> $households by owner
     * @param Story $s
     */
    public function dog(
        Salon $salon,
        array $places,
        array $staff,
        array &$households,
        array $s,
        \DateTimeImmutable $today,
        int $number,
    ): void {
        [$owner, $phone] = $s['owner'];
        if (!isset($households[$owner])) {
            $words = explode(' ', $owner);
            $households[$owner] = new Household(Uuid::v7(), $salon, end($words));
            $client = new Client(Uuid::v7(), $households[$owner], $owner, $phone);
            $client->email = strtolower($words[0]).'@example.invalid';
            if (isset($s['collect']) && str_contains($s['collect'], 'brother')) {
                new Client(Uuid::v7(), $households[$owner], 'Corin Marchpane', '0555 014 4472');
                $households[$owner]->others = [
                    [
                        'name' => 'Bryony Sallow',
                        'phone' => '0555 014 4473',
                        'role' => 'second',
                        'collects' => true,
                        'word' => 'heron',
                    ],
                ];
                [$households[$owner]->quietFrom, $households[$owner]->quietTo] = ['21:00', '08:00'];
            }
            $households[$owner]->vet = $s['vet'] ?? 'Dr Umbel, Weirside Animal Practice, 0555 019 4410';
            $this->manager->persist($households[$owner]);
        }
        $dog = new Dog(Uuid::v7(), $households[$owner], $s['name'], $s['breed'], CoatType::from($s['coat']));
        $dog->kg = $s['kg'];
        $dog->bornOn = $today->modify('-'.$s['born'].' years')->modify('-'.(17 * $number) % 300 .' days');
        $dog->bornEstimated = $s['estimated'] ?? false;
        $dog->sex = $s['sex'] ?? 'male';
        $dog->stage = CoatStage::from($s['stage'] ?? 'adult');
        $dog->build = $s['build'] ?? 'square';
        $dog->muzzle = $s['muzzle'] ?? 'medium';
        [$dog->earType, $dog->earSet] = $s['ears'];
        [$dog->tailType, $dog->tailCarriage] = $s['tail'];
        $dog->upkeep = Upkeep::from($s['upkeep'] ?? 'weekly');
        $dog->finish = Finish::from($s['finish'] ?? 'neat');
        $dog->ground = Ground::from($s['ground'] ?? 'mixed');
        $dog->hardFloor = $s['floor'] ?? false;
        $dog->dewclaws = $s['dewclaws'] ?? 2;
        $dog->handStripped = $s['stripped'] ?? false;
        $dog->colour = $s['colour'] ?? '';
        $dog->markings = $s['markings'] ?? [];
        $dog->handling = Handling::from($s['handling'] ?? 'calm');
        $dog->handlingNote = $s['note'];
        $dog->health = $s['health'] ?? [];
        $dog->healthNote = $s['healthnote'] ?? '';
        $dog->mayCollect = $s['collect'] ?? '';
        $dog->photoConsent = 0 === $number % 2;
        $dog->wishWeeks = $s['wish'] ?? null;
        $this->manager->persist($dog);
        $plan = new TrimPlan(Uuid::v7(), $dog);
        $plan->revision = 1;
        $this->manager->persist($plan);
        $recipes = [];
        foreach ($s['plan'] as $line) {
            foreach (self::line($line) as $zone => $recipe) {
                $recipes[$zone] = $recipe;
                $this->manager->persist(new PlanZone(Uuid::v7(), $plan, $zone, clone $recipe));
            }
        }
        $who = [$staff['tove'], $staff['pell'], $staff['idris'], $staff['maren']];
        $first = $this->visits($dog, $recipes, $s, $who, $places[$s['place']], $today, $number);
        $this->log($dog, $staff['maren'], $first->modify('-1 day 16:10'), 'dog', $dog->id, 'taken into the book');
        if (0 === $number % 3) {
            $booking = new Booking(
                Uuid::v7(),
                $dog,
                $who[$s['place']],
                $today->modify('+'.(3 + $number).' days'),
                \sprintf('%02d:30', 9 + ($number % 6)),
                $s['kind'] ?? 'full',
            );
            $this->manager->persist($booking);
        }
    }

    /**
     * @param array<string, ZoneRecipe> $recipes
     * @param Story $s
     * @param list<Staff> $who
     */
    private function visits(
        Dog $dog,
        array $recipes,
        array $s,
        array $who,
        Place $place,
        \DateTimeImmutable $today,
        int $number,
    ): \DateTimeImmutable {
        $growth = (new GrowthRule())->learn($dog->coat)->withFactor($s['speed']);
        $lengths = new LengthRule();
        $left = [];
        $day = $today
            ->modify('-'.($s['visits'] - 1) * $s['every'].' weeks')
            ->modify('-'.($s['since'] ?? 5 + ((3 * $number) % 20)).' days');
        $first = $day;
        for ($i = 0; $i < $s['visits']; ++$i) {
            $visit = new Visit(
                Uuid::v7(),
                $dog,
                $who[($place->position + (3 === $i % 4 ? 1 : 0)) % \count($who)],
                $place,
                $day,
                $s['kind'] ?? 'full',
            );
            $visit->upkeep = $dog->upkeep;
            $visit->stage = $dog->stage;
            $visit->kg = round($s['kg'] * (1 + $this->random->getInt(-20, 20) / 1000), 1);
            $visit->estimate = round(
                (new MinutesRule())->estimate(
                    new Work(
                        $s['kg'],
                        $dog->coat,
                        $dog->handling,
                        Service::from($visit->kind),
                        zones: array_filter(array_map(static fn (ZoneRecipe $r): ?Method => $r->method, $recipes)),
                    ),
                )->likely,
                1,
            );
            $visit->minutes = (int) round(
                $visit->estimate * (0.94 + 0.05 * ($number % 4)) * (1 + $this->random->getInt(-9, 12) / 100),
            );
            $visit->arrivalLoad = round(max(0, $s['load'] * (1 + $this->random->getInt(-35, 35) / 100)), 1);
            $visit->tenderSeverity = $i >= $s['visits'] - 2 ? $s['tender'] ?? 0 : 0;
            $this->manager->persist($visit);
            $this->log(
                $dog,
                $visit->staff,
                $day->modify(\sprintf('%02d:%02d', 11 + ($number % 6), (5 * $number) % 60)),
                'visit',
                $visit->id,
                \sprintf('%s visit of %s recorded', $visit->kind, Say::day($day)),
            );
            foreach ('nails' === $visit->kind ? [] : $recipes as $zone => $recipe) {
                $actual = clone $recipe;
                $row = new VisitZone(Uuid::v7(), $visit, $zone, 'done', clone $recipe, $actual);
                if (isset($left[$zone]) && \in_array($zone, ['back', 'foreleg_left', 'skull', 'ribs_left'], true)) {
                    $grown = $growth->after(
                        $left[$zone],
                        (float) $s['every'],
                        $dog->stage,
                        $day->modify('-'.$s['every'].' weeks'),
                    );
                    $row->arrivalUm = max(
                        $left[$zone]->micrometres(),
                        (int) round($grown->micrometres() * (1 + $this->random->getInt(-40, 40) / 1000)),
                    );
                }
                if ('ribs_left' === $zone && 2 === $i && Method::Guard === $actual->method) {
                    $actual->base = '30';
                    $row->why = 'the 10 was away for sharpening';
                }
                if (
                    ($s['stopped'] ?? false)
                    && $s['visits'] - 2 === $i
                    && 2 * (int) array_search($zone, array_keys($recipes), true) > \count($recipes)
                ) {
                    // Enough for that day: the rest was left for the next visit.
                    $row->state = 'deferred';
                    $row->why = 'stopped halfway: shaking at the dryer';
                    $this->zones[] = $row;
                    continue;
                }
                $back = \in_array(Zone::of($zone)->group, ['body', 'rear', 'tail'], true);
                if (($s['halves'] ?? false) && Method::Strip === $actual->method && $back === (1 === $i % 2)) {
                    $row->state = 'deferred';
                    $row->why = 'in two goes: at the next visit';
                    $this->zones[] = $row;
                    continue;
                }
                if ('tail_flag' === $zone && 1 === $i) {
                    $row->state = 'partly';
                    $row->why = 'tired, tip left for next time';
                }
                $finished = $lengths->actual($actual->forRules())->finished;
                $row->finishedUm = $finished?->micrometres();
                if (null !== $finished) {
                    $left[$zone] = $finished;
                }
                $this->zones[] = $row;
            }
            $day = $day->modify('+'.$s['every'].' weeks');
        }

        return $first;
    }

    /** Once the visits are there: by the thousand, and nobody asks the manager for them. */
    public function writeZones(): void
    {
        $store = new VisitZoneStore($this->manager->getConnection());
        foreach (array_chunk($this->zones, self::AT_ONCE) as $some) {
            $store->add($some);
        }
        $this->zones = [];
    }

    /** The log is read by its keys, so these are made for the time they tell of. */
    private function log(
        Dog $dog,
        Staff $who,
        \DateTimeImmutable $at,
        string $kind,
        Uuid $subject,
        string $summary,
    ): void {
        $this->manager->persist(
            new Change(
                Uuid::fromString(UuidV7::generate($at)),
                $dog->salon,
                $dog,
                $who,
                $at,
                $kind,
                (string) $subject,
                $summary,
                null,
                null,
            ),
        );
    }

    /** @return array<string, ZoneRecipe> zone by zone as the line names them */
    private static function line(string $line): array
    {
        [$zones, $how] = explode(':', $line, 2);
        $out = [];
        foreach (explode(' ', $zones) as $name) {
            $read = Notation::parse("$name:$how");
            if ([] !== $read->faults) {
                throw new \LogicException("$line: ".$read->faults[0]->message());
            }
            $out += array_map(PlanLine::recipe(...), $read->plan);
        }

        return $out;
    }
}
