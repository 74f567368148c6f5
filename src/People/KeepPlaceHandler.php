<?php

/** Keeps a place. One that is closed loses nothing: its tools and people move, and what was done there stays. */

declare(strict_types=1);

namespace KeenThistle\People;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Place;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<KeepPlace> */
final readonly class KeepPlaceHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private EntityManagerInterface $manager,
        private Connection $db,
        private PlacesReader $places,
    ) {
    }

    /** @throws Refused 409 where a dog is at work there, 412 where somebody else changed it meanwhile */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $form = $command->form;
        $name = trim($form->name);
        $place = null === $command->place ? null : $this->known($command->place, $command->version, $actor);
        $this->mustBeNew($name, $place, $actor);
        if (null === $place) {
            $last = Row::int(
                $this->db->fetchOne('SELECT MAX(position) FROM place WHERE salon_id = ?', [$actor->salon->toBinary()]),
            );
            $place = new Place(Uuid::v7(), $this->scope->salon($actor), $name, $form->kind, 1 + ($last ?? 0));
            $this->equip($place, $form);
            $this->manager->persist($place);

            return $this->outcome($place, "$name: a new place");
        }
        $words = match (true) {
            $place->open && !$form->open => $this->close($place, $form, $actor),
            !$place->open && $form->open => "$name: open again",
            $place->name !== $name => "$place->name is called $name now",
            $place->kind !== $form->kind => "$name is a $form->kind now",
            default => null,
        };
        [$place->name, $place->kind, $place->open] = [$name, $form->kind, $form->open];
        if ($this->equip($place, $form)) {
            $words ??= "$name: hours or stations changed";
        }

        return null === $words ? new Outcome(['place' => (string) $place->id]) : $this->outcome($place, $words);
    }

    /** @return bool whether anything is another than it was */
    private function equip(Place $place, PlaceForm $form): bool
    {
        $before = [$place->hours, $place->closedDays, $place->stations];
        if (null !== $form->hours) {
            $place->hours = HoursForm::rows($form->hours);
        }
        if (null !== $form->closed) {
            $place->closedDays = ClosedForm::rows($form->closed);
        }
        if (null !== $form->stations) {
            $place->stations = $form->stations->row();
        }
        $place->opening()->hold();

        return $before !== [$place->hours, $place->closedDays, $place->stations];
    }

    private function known(string $id, int $version, Actor $actor): Place
    {
        $place = $this->scope->get($actor, Place::class, $id, $this->manager, 'place');
        $this->manager->refresh($place);
        if ($place->version !== $version) {
            throw Refused::stale('Somebody else changed this place meanwhile.', [
                'version' => $place->version,
                'theirs' => $this->places->one($actor, $id),
            ]);
        }

        return $place;
    }

    private function mustBeNew(string $name, ?Place $but, Actor $actor): void
    {
        foreach ($this->places->all($actor)->places as $other) {
            if ($other->id !== (string) $but?->id && mb_strtolower($other->name) === mb_strtolower($name)) {
                throw InvalidInput::at('name', 'is another place\'s'.($other->open ? '' : ', which is closed'));
            }
        }
    }

    /** @return string what the log is to say */
    private function close(Place $place, PlaceForm $form, Actor $actor): string
    {
        $there = $this->db->fetchFirstColumn(
            'SELECT d.name FROM groom g JOIN dog d ON d.id = g.dog_id WHERE g.place_id = ? AND g.closed_at IS NULL',
            [$place->id->toBinary()],
        );
        if ([] !== $there) {
            $dogs = implode(', ', array_filter($there, is_string(...)));
            throw Refused::conflict("$dogs: still at work in $place->name. Finish there first.");
        }
        $now = $this->places->one($actor, (string) $place->id);
        $others = array_filter(
            $this->places->all($actor)->places,
            static fn (PlaceView $p): bool => $p->open && $p->id !== $now->id,
        );
        if ([] === $others) {
            throw InvalidInput::at('open', 'stays: a salon has at least one place that is open');
        }
        if (0 === $now->tools + $now->people) {
            return "$place->name: closed";
        }
        $to = $form->move_to ?? '';
        $target = '' === $to ? null : $this->scope->get($actor, Place::class, $to, $this->manager, 'place');
        if (null === $target || !$target->open || $target->id->equals($place->id)) {
            throw InvalidInput::at('move_to', 'is needed: a place that is open, where its tools and people go');
        }
        foreach (['kit_item', 'staff'] as $table) {
            $this->db->executeStatement("UPDATE $table SET place_id = ?, version = version + 1 WHERE place_id = ?", [
                $target->id->toBinary(),
                $place->id->toBinary(),
            ]);
        }

        return "$place->name: closed; $now->tools tools and $now->people people moved to $target->name";
    }

    private function outcome(Place $place, string $words): Outcome
    {
        $id = (string) $place->id;

        return new Outcome(['place' => $id], [new Entry(null, 'place', $id, $words)], allCards: true);
    }
}
