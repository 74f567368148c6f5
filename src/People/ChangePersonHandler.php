<?php

/** Changes a person. Who is let go is signed out everywhere at once; their name and what they did stays. */

declare(strict_types=1);

namespace KeenThistle\People;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Diary\Booking;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Place;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Role;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;

/** @implements Handler<ChangePerson> */
final readonly class ChangePersonHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private EntityManagerInterface $manager,
        private Connection $db,
        private PeopleReader $people,
    ) {
    }

    /** @throws Refused 412 with theirs where somebody else changed them meanwhile */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $change = $command->change;
        $person = $this->scope->get($actor, Staff::class, $command->person, $this->manager, 'person');
        $this->manager->refresh($person);
        if ($person->version !== $command->version) {
            throw Refused::stale('Somebody else changed this person meanwhile.', [
                'version' => $person->version,
                'theirs' => $this->people->one($actor, $command->person),
            ]);
        }
        $this->hold($person, $change, $actor);
        $before = self::plain($person);
        $place = $change->place ?? '';
        $person->name = trim($change->name);
        $person->role = $change->role;
        $person->confidence = $change->confidence;
        $person->active = $change->active;
        $person->email = $change->address();
        self::times($person, $change);
        $person->place = '' === $place
            ? null
            : $this->scope->get($actor, Place::class, $place, $this->manager, 'place');
        $after = self::plain($person);
        $changed = array_keys(array_diff_assoc($after, $before));
        if ([] === $changed) {
            return new Outcome();
        }
        $words = match (true) {
            $before['works here'] === $after['works here'] => implode(', ', $changed).' changed',
            $person->active => 'works here again',
            default => 'works here no more',
        };

        return new Outcome(
            entries: [new Entry(null, 'person', (string) $person->id, "$person->name: $words", $before, $after)],
        );
    }

    private static function times(Staff $person, PersonChange $change): void
    {
        if (null !== $change->skills) {
            $person->skills = array_column(
                array_map(static fn (SkillForm $s): array => ['task' => $s->task, 'sure' => $s->sure], $change->skills),
                'sure',
                'task',
            );
        }
        if (null !== $change->hours) {
            $person->hours = HoursForm::rows($change->hours);
        }
        if (null !== $change->away) {
            $person->away = ClosedForm::rows($change->away);
        }
        $person->opening()->hold('hours', 'away');
        self::rest($person, $change);
        [$person->heavyMost, $person->stripMost] = [$change->heavy_most, $change->strip_most];
    }

    /** @throws InvalidInput for a break without an end, or one that ends before it begins */
    private static function rest(Staff $person, PersonChange $change): void
    {
        $from = $change->break_from ?? $person->breakFrom;
        $to = $change->break_to ?? $person->breakTo;
        foreach (['break_from' => $from, 'break_to' => $to] as $field => $time) {
            if (1 !== preg_match('' === $from.$to ? '/^$/' : Booking::TIME, $time)) {
                throw InvalidInput::at($field, 'must be a time such as 12:30');
            }
        }
        if ('' !== $from && $to <= $from) {
            throw InvalidInput::at('break_to', "must be after $from");
        }
        [$person->breakFrom, $person->breakTo] = [$from, $to];
    }

    /** @throws Refused where nobody would be left who can let people in */
    private function hold(Staff $person, PersonChange $change, Actor $actor): void
    {
        if (!$change->active && $person->id->equals($actor->staff)) {
            throw InvalidInput::at('active', 'cannot be taken from oneself: another manager lets you go');
        }
        if (Role::Manager !== $person->role || !$person->active) {
            return;
        }
        if (Role::Manager === $change->role && $change->active) {
            return;
        }
        // Locked, so that two who let each other go at once are not both right.
        $others = $this->db->fetchFirstColumn(
            'SELECT id FROM staff WHERE salon_id = ? AND role = ? AND active = 1 FOR UPDATE',
            [$actor->salon->toBinary(), Role::Manager->value],
        );
        if (\count($others) < 2) {
            throw InvalidInput::at(
                $change->active ? 'role' : 'active',
                'stays as it is: this is the last manager of the salon. Make somebody else one first',
            );
        }
    }

    /** @return array<string, string> */
    private static function plain(Staff $person): array
    {
        return [
            'name' => $person->name,
            'role' => $person->role->label(),
            'confidence' => (string) $person->confidence,
            'place' => $person->place->name ?? 'none',
            'e-mail' => '' === $person->email ? 'none' : 'known',
            'works here' => $person->active ? 'yes' : 'no',
            'skills' => (string) json_encode($person->skills),
            'working days' => (string) json_encode($person->hours),
            'days away' => (string) json_encode($person->away),
            'most a day' => "$person->heavyMost/$person->stripMost",
            'break' => "$person->breakFrom-$person->breakTo",
        ];
    }
}
