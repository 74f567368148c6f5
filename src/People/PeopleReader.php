<?php

/** Reads who works in the salon, what is booked with those who have left, and which links are open. */

declare(strict_types=1);

namespace KeenThistle\People;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Role;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;
use Symfony\Component\Clock\ClockInterface;

final readonly class PeopleReader
{
    public function __construct(
        private Scope $scope,
        private EntityManagerInterface $manager,
        private OneTimeLinks $links,
        private ClockInterface $clock,
    ) {
    }

    public function all(Actor $actor): PeopleView
    {
        $this->scope->apply($actor, $this->manager);
        $ahead = $this->ahead($actor);
        $people = $this->manager->getRepository(Staff::class)->findBy([], ['active' => 'DESC', 'name' => 'ASC']);

        return new PeopleView(
            array_map(
                fn (Staff $s): PersonView => $this->person($s, $ahead[(string) $s->id] ?? []),
                array_values($people),
            ),
            $this->invitations($actor),
            array_map(
                static fn (Role $r): array => [
                    'id' => $r->value,
                    'label' => $r->label(),
                    'may' => array_map(static fn (string $m): string => May::WORDS[$m], $r->permissions()),
                ],
                Role::cases(),
            ),
        );
    }

    public function one(Actor $actor, string $id): PersonView
    {
        $person = $this->scope->get($actor, Staff::class, $id, $this->manager, 'person');

        return $this->person($person, $this->ahead($actor)[(string) $person->id] ?? []);
    }

    public function invitation(OneTimeLink $link): InvitationView
    {
        return new InvitationView(
            (string) $link->id,
            OneTimeLink::RESET === $link->kind ? 'reset' : 'join',
            $link->staff->name ?? $link->name,
            $link->to,
            $link->role?->label(),
            $link->place?->name,
            $link->untilAt->format('Y-m-d\TH:i:s\Z'),
            $this->links->path($link),
        );
    }

    /** @param list<AheadView> $ahead */
    private function person(Staff $s, array $ahead): PersonView
    {
        return new PersonView(
            (string) $s->id,
            $s->version,
            $s->name,
            $s->login,
            $s->email,
            $s->role->value,
            $s->role->label(),
            null === $s->place ? null : (string) $s->place->id,
            $s->confidence,
            $s->active,
            $ahead,
            (object) $s->skills,
            $s->hours,
            $s->away,
            $s->breakFrom,
            $s->breakTo,
            $s->heavyMost,
            $s->stripMost,
        );
    }

    /** @return list<InvitationView> those of this salon that still open something, newest first */
    private function invitations(Actor $actor): array
    {
        /** @var list<OneTimeLink> $open */
        $open = $this->manager
            ->createQuery(
                'SELECT l, s, p FROM '.
                    OneTimeLink::class.
                    ' l LEFT JOIN l.staff s LEFT JOIN l.place p WHERE l.salon = :of AND l.usedAt IS NULL AND '.
                    'l.untilAt > :now ORDER BY l.id DESC',
            )
            ->setParameter('of', $actor->salon, 'uuid')
            ->setParameter('now', $this->clock->now(), 'datetime_immutable')
            ->getResult();

        return array_map($this->invitation(...), $open);
    }

    /** @return array<string, list<AheadView>> */
    private function ahead(Actor $actor): array
    {
        $out = [];
        $rows = $this->scope->rows(
            $actor,
            'SELECT b.id, b.staff_id, b.day, b.time, b.kind, d.id dog_id, d.name dog FROM booking b
            JOIN staff s ON s.id = b.staff_id AND s.active = 0 JOIN dog d ON d.id = b.dog_id
            WHERE b.salon_id = :salon AND b.state <> \'cancelled\' AND b.day >= :from ORDER BY b.day, b.time LIMIT 500',
            ['from' => $this->scope->today($actor)->format('Y-m-d')],
        );
        foreach ($rows as $r) {
            $out[Row::id($r['staff_id'])][] = new AheadView(
                Row::id($r['id']),
                Row::id($r['dog_id']),
                Row::text($r['dog']),
                Row::text($r['day']),
                Row::text($r['time']),
                str_replace('_', ' ', Row::text($r['kind'])),
            );
        }

        return $out;
    }
}
