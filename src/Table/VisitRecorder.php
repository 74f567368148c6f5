<?php

/** A finished visit becomes history, with what was planned beside what was done. */

declare(strict_types=1);

namespace KeenThistle\Table;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Arrival\Arrival;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Kit\KitReader;
use KeenThistle\Log\Entry;
use KeenThistle\Order\WorkOrder;
use KeenThistle\Plan\Plans;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Visit\Visit;
use KeenThistle\Visit\VisitZone;
use KeenThistle\Visit\VisitZoneStore;
use Symfony\Component\Uid\Uuid;

final readonly class VisitRecorder
{
    public function __construct(
        private Scope $scope,
        private Plans $plans,
        private WorkOrder $order,
        private KitReader $kit,
        private Places $places,
        private VisitZoneStore $zones,
        private EntityManagerInterface $manager,
    ) {
    }

    /**
     * @param list<RecordedZone> $zones
     * @param array<string, ZoneRecipe>|null $plan what was planned, by zone; null: as the card has it
     *
     * @return array{Visit, Entry}
     */
    public function record(Actor $actor, string $dogId, VisitForm $form, array $zones, ?array $plan = null): array
    {
        $dog = $this->scope->get($actor, Dog::class, $dogId, $this->manager, 'dog');
        $place = $this->places->of($actor, $form->place, 'where the visit was');
        $day = $this->day($actor, $form->day, $dog);
        $visit = new Visit(Uuid::v7(), $dog, $this->scope->person($actor), $place, $day, $form->kind);
        $visit->minutes = $form->minutes;
        $plan ??= Plans::recipes($this->plans->of($actor, $dog)[1]);
        $arrival = $this->manager->getRepository(Arrival::class)->findOneBy(['dog' => $dog, 'day' => $visit->day]);
        $likely = $this->order->minutes($dog, $plan, $arrival, Service::from($visit->kind))?->likely;
        $visit->estimate = null === $likely ? null : round($likely, 1);
        $visit->arrivalLoad = $form->arrival_load;
        $visit->tenderSeverity = $form->tender_severity;
        $visit->upkeep = $form->upkeep;
        $visit->stage = $dog->stage;
        $visit->kg = $form->kg;
        $visit->note = trim($form->note);
        $visit->noteOwn = $form->note_own;
        $this->manager->persist($visit);
        if (null !== $visit->kg) {
            $dog->kg = $visit->kg;
            ++$dog->version; // The weight stands in the dog's form.
        }
        $this->keepZones($actor, $visit, $zones, $plan);
        $words = \sprintf('%s visit of %s recorded', $visit->kind, Say::day($visit->day));

        return [$visit, new Entry($dog, 'visit', (string) $visit->id, $words, null, ['zones' => \count($zones)])];
    }

    private function day(Actor $actor, \DateTimeImmutable $day, Dog $dog): \DateTimeImmutable
    {
        if ($day->format('Y-m-d') > $this->scope->today($actor)->format('Y-m-d')) {
            throw InvalidInput::at('day', 'must not be in the future: book it instead');
        }
        if (null !== $dog->bornOn && $day < $dog->bornOn) {
            throw InvalidInput::at('day', 'is before this dog was born');
        }

        return $day;
    }

    /**
     * @param list<RecordedZone> $zones
     * @param array<string, ZoneRecipe> $plan
     */
    private function keepZones(Actor $actor, Visit $visit, array $zones, array $plan): void
    {
        $lengths = $this->kit->lengths($actor, (string) $visit->place->id);
        $seen = $rows = [];
        foreach ($zones as $i => $z) {
            if (isset($seen[$z->zone->id])) {
                throw InvalidInput::at("zones[$i].zone", 'is listed twice');
            }
            $seen[$z->zone->id] = true;
            $planned = $plan[$z->zone->id] ?? new ZoneRecipe();
            $actual = $z->actual ?? $planned;
            $cut = 'done' === $z->state || 'partly' === $z->state;
            if ($cut && null === $actual->method) {
                throw InvalidInput::missing("zones[$i].actual", 'nothing was planned here, so say what was done');
            }
            if ('deferred' === $z->state && '' === $z->why) {
                throw InvalidInput::missing("zones[$i].why", 'say why it was deferred');
            }
            $row = new VisitZone(Uuid::v7(), $visit, $z->zone->id, $z->state, clone $planned, clone $actual);
            $row->why = $z->why;
            $row->arrivalUm = $z->arrival?->micrometres();
            $row->ownerCut = $z->ownerCut;
            $row->finishedUm =
                $cut && Method::Leave !== $actual->method
                    ? $lengths->actual($actual->forRules(), $z->zone)->finished?->micrometres()
                    : null;
            $rows[] = $row;
        }
        // The visit first: its zones are one statement and name it.
        $this->manager->flush();
        $this->zones->add($rows);
    }
}
