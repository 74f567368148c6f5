<?php

/** Brings a dog to the table. Its plan and steps are fixed then, with what is kept from last time. */

declare(strict_types=1);

namespace KeenThistle\Table;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Arrival\Arrival;
use KeenThistle\Arrival\ArrivalRows;
use KeenThistle\Arrival\GivenId;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Handling\State;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Diary\Bookings;
use KeenThistle\Kit\KitReader;
use KeenThistle\Log\Entry;
use KeenThistle\Plan\Plans;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<OpenGroom> */
final readonly class OpenGroomHandler implements Handler
{
    public function __construct(
        private GroomRows $rows,
        private ArrivalRows $arrivals,
        private Plans $plans,
        private RepeatReader $repeat,
        private GroomToday $today,
        private KitReader $kit,
        private Places $places,
        private Bookings $bookings,
        private Scope $scope,
        private ClockInterface $clock,
        private EntityManagerInterface $manager,
    ) {
    }

    /** Goes on with what is open; a dog is at one table only. */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $dog = $this->scope->get($actor, Dog::class, $command->dog, $this->manager, 'dog');
        if (!State::from($dog->state)->comes()) {
            throw Refused::conflict("$dog->name is no longer coming: change its state first.");
        }
        $arrival = $this->arrival($actor, $dog);
        $there = $this->rows->open($dog) ?? $this->meant($arrival, $command->form->id);
        if (null !== $there) {
            return new Outcome(['groom' => (string) $there->id]);
        }
        $place = $this->places->of($actor, $command->form->place, 'where the dog stands');
        $who = $this->scope->person($actor);
        $groom = new Groom(GivenId::of($command->form->id), $arrival, $place, $who, $this->clock->now());
        $card = [];
        foreach ($this->plans->of($actor, $groom->dog)[1] as $zone => $p) {
            if (null !== $p['recipe']->method) {
                $card[$zone] = $p['recipe'];
            }
        }
        $groom->notices = $this->today->begin($actor, $groom, $card, $this->kept($actor, $groom, $command->form->keep));
        $unreachable = $this->unreachable($actor, $groom, GroomReader::plan($groom));
        $groom->notices = array_values(array_unique([...$groom->notices, ...$unreachable]));
        $this->manager->persist($groom);
        $words = 'came to the table at '.$groom->place->name;

        return new Outcome(['groom' => (string) $groom->id], [new Entry($dog, 'groom', (string) $groom->id, $words)]);
    }

    /**
     * What a device without a signal means, where it is closed by now: the groom that has the id it gives, or one that
     * another device had not closed yet at that moment. One dog, one table, one visit.
     */
    private function meant(Arrival $arrival, ?string $given): ?Groom
    {
        $last = $this->rows->ofArrival($arrival);
        $isLater = null !== $last?->closedAt && $last->closedAt > $this->clock->now();

        return $isLater || (null !== $given && (string) $last?->id === $given) ? $last : null;
    }

    /** Today's, or a new one: what came in belongs to the groom. */
    private function arrival(Actor $actor, Dog $dog): Arrival
    {
        $today = $this->scope->today($actor);
        $arrival = $this->manager->getRepository(Arrival::class)->findOneBy(['dog' => $dog, 'day' => $today]);
        if (null === $arrival) {
            $arrival = new Arrival(Uuid::v7(), $dog, $this->scope->person($actor), $today);
            $arrival->cameAt = $this->clock->now();
            [$arrival->kind, $arrival->washed] = $this->bookings->kind($actor, $dog, $today);
            $this->manager->persist($arrival);
            $this->manager->flush();
        }

        return $this->arrivals->arrival($actor, (string) $arrival->id);
    }

    /**
     * @param list<string> $keep
     *
     * @return array<string, ZoneRecipe> as last time, by zone
     */
    private function kept(Actor $actor, Groom $groom, array $keep): array
    {
        $kept = [];
        $rows = [] === $keep ? [] : array_column($this->repeat->rows($actor, $groom->dog), null, 'zone');
        foreach ($keep as $i => $zone) {
            $row =
                $rows[$zone] ?? throw InvalidInput::at("keep[$i]", Zone::of($zone)->label.' was not done last time');
            if (null !== $row['refused']) {
                throw InvalidInput::at("keep[$i]", Zone::of($zone)->label.': '.$row['refused']);
            }
            $kept[$zone] = $row['last'];
        }

        return $kept;
    }

    /**
     * @param array<string, ZoneRecipe> $plan
     *
     * @return list<string>
     */
    private function unreachable(Actor $actor, Groom $groom, array $plan): array
    {
        $kit = $this->kit->match($actor, (string) $groom->place->id);
        $missing = [];
        foreach ($plan as $recipe) {
            if (!$kit->canMake($recipe->forRules())) {
                $missing[$recipe->forRules()->tool->words()] = true;
            }
        }

        return [] === $missing
            ? []
            : [
                \sprintf(
                    'Not at %s: %s. The nearest is shown at each zone, with the difference.',
                    $groom->place->name,
                    implode(', ', array_keys($missing)),
                ),
            ];
    }
}
