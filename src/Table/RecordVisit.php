<?php

/** Use case: a finished visit becomes history, with what was planned beside what was done. */

declare(strict_types=1);

namespace KeenThistle\Table;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Arrival\Arrival;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Coat\Upkeep;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Kit\KitReader;
use KeenThistle\Log\ChangeRecorder;
use KeenThistle\Order\WorkOrder;
use KeenThistle\Plan\Plans;
use KeenThistle\Recipe\RecipeInput;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Salon\Place;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;
use KeenThistle\Visit\Visit;
use KeenThistle\Visit\VisitZone;
use Symfony\Component\Uid\Uuid;

final readonly class RecordVisit
{
    public function __construct(
        private Scope $scope,
        private Plans $plans,
        private WorkOrder $order,
        private KitReader $kit,
        private ChangeRecorder $log,
    ) {
    }

    /** @param array<string, ZoneRecipe>|null $plan what was planned, by zone; null: as the card has it */
    public function __invoke(
        Actor $actor,
        EntityManagerInterface $manager,
        string $dogId,
        Fields $in,
        ?array $plan = null,
    ): RecordedView {
        $dog = $this->scope->get($actor, Dog::class, $dogId, $manager, 'dog');
        $who = $this->scope->person($actor);
        $visit = new Visit(
            Uuid::v7(),
            $dog,
            $who,
            $this->place($actor, $manager, $in, $who),
            $this->day($actor, $in, $dog),
            $in->text('kind'),
        );
        $visit->minutes = $in->intOrNull('minutes');
        $plan ??= array_map(static fn (array $p): ZoneRecipe => $p['recipe'], $this->plans->of($actor, $dog)[1]);
        $arrival = $manager->getRepository(Arrival::class)->findOneBy(['dog' => $dog, 'day' => $visit->day]);
        $likely = $this->order->minutes($dog, $plan, $arrival, Service::from($visit->kind))?->likely;
        $visit->estimate = null === $likely ? null : round($likely, 1);
        $visit->arrivalLoad = $in->floatOrNull('arrival_load');
        $visit->tenderSeverity = $in->int('tender_severity');
        $visit->upkeep = $in->enumOrNull('upkeep', Upkeep::class);
        $visit->stage = $dog->stage;
        $visit->kg = $in->floatOrNull('kg');
        $visit->note = trim($in->text('note'));
        $manager->persist($visit);
        if (null !== $visit->kg) {
            $dog->kg = $visit->kg;
            ++$dog->version; // The weight stands in the dog's form.
        }
        $this->zones($actor, $manager, $visit, $in, $plan);
        $this->log->record(
            $actor,
            $manager,
            $dog,
            'visit',
            (string) $visit->id,
            \sprintf('%s visit on %s recorded', $visit->kind, $visit->day->format('Y-m-d')),
            null,
            ['zones' => \count($in->objects('zones'))],
        );

        return new RecordedView((string) $visit->id, $visit->day->format('Y-m-d'));
    }

    private function day(Actor $actor, Fields $in, Dog $dog): \DateTimeImmutable
    {
        $day = $in->dateOrNull('day') ?? throw new \LogicException('The shape requires a day.');
        $today = $this->scope->today($actor)->format('Y-m-d');
        if ($day->format('Y-m-d') > $today) {
            throw InvalidInput::at('day', 'must not be in the future: book it instead');
        }
        if (null !== $dog->bornOn && $day < $dog->bornOn) {
            throw InvalidInput::at('day', 'is before this dog was born');
        }

        return $day;
    }

    private function place(Actor $actor, EntityManagerInterface $manager, Fields $in, Staff $who): Place
    {
        $id = $in->textOrNull('place') ?? '';
        if ('' !== $id) {
            return $this->scope->get($actor, Place::class, $id, $manager, 'place');
        }

        return $who->place ??
            ($manager->getRepository(Place::class)->findOneBy([], ['position' => 'ASC']) ??
                throw InvalidInput::missing('place', 'where the visit was'));
    }

    /** @param array<string, ZoneRecipe> $plan */
    private function zones(Actor $actor, EntityManagerInterface $manager, Visit $visit, Fields $in, array $plan): void
    {
        $lengths = $this->kit->lengths($actor, (string) $visit->place->id);
        $seen = [];
        foreach ($in->objects('zones') as $z) {
            $zone = Zone::of($z->text('zone'));
            if (isset($seen[$zone->id])) {
                throw InvalidInput::at($z->pathOf('zone'), 'is listed twice');
            }
            $seen[$zone->id] = true;
            $planned = $plan[$zone->id] ?? new ZoneRecipe();
            $given = $z->objectOrNull('actual');
            $actual = null === $given ? $planned : RecipeInput::read($given, $zone, planned: false);
            $state = $z->text('state');
            $cut = 'done' === $state || 'partly' === $state;
            if ($cut && null === $actual->method) {
                throw InvalidInput::missing($z->pathOf('actual'), 'nothing was planned here, so say what was done');
            }
            if ('deferred' === $state && '' === trim($z->text('why'))) {
                throw InvalidInput::missing($z->pathOf('why'), 'say why it was deferred');
            }
            $row = new VisitZone(Uuid::v7(), $visit, $zone->id, $state, clone $planned, clone $actual);
            $row->why = trim($z->text('why'));
            $arrival = $z->floatOrNull('arrival_mm');
            $row->arrivalUm =
                null === $arrival ? null : Length::ofMillimetres($arrival, $z->pathOf('arrival_mm'))->micrometres();
            $row->ownerCut = $z->bool('owner_cut');
            $row->finishedUm =
                $cut && Method::Leave !== $actual->method
                    ? $lengths->actual($actual->forRules(), $zone)->finished?->micrometres()
                    : null;
            $manager->persist($row);
        }
    }
}
