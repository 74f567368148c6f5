<?php

/** Whose calendars may be subscribed to, and by which links. */

declare(strict_types=1);

namespace KeenThistle\InOut;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Owner\Secret;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Place;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\Uuid;

final readonly class Calendars
{
    public function __construct(
        private Scope $scope,
        private Secret $secret,
        private EntityManagerInterface $manager,
    ) {
    }

    /** One's own, and everybody's and every place's for who leads the salon. */
    public function view(Actor $actor): CalendarsView
    {
        $this->scope->apply($actor, $this->manager);
        $salon = $this->scope->salon($actor);
        $leads = $actor->may(May::PEOPLE);
        $links = [];
        foreach ($this->manager->getRepository(CalendarLink::class)->findBy(['salon' => $salon]) as $link) {
            $links[(string) $link->subject] = $link;
        }
        $out = [];
        foreach ($this->manager->getRepository(Staff::class)->findBy(['active' => true], ['name' => 'ASC']) as $s) {
            if ($leads || $s->id->equals($actor->staff)) {
                $out[] = $this->row('person', $s->id, $s->name, $links);
            }
        }
        foreach ($leads ? $this->manager->getRepository(Place::class)->findBy(['open' => true]) : [] as $p) {
            $out[] = $this->row('place', $p->id, $p->name, $links);
        }

        return new CalendarsView($out);
    }

    /**
     * @param array<string, CalendarLink> $links by whose
     *
     * @return array{kind: string, subject: string, name: string, path: string|null}
     */
    private function row(string $kind, Uuid $id, string $name, array $links): array
    {
        $link = $links[(string) $id] ?? null;

        return [
            'kind' => $kind,
            'subject' => (string) $id,
            'name' => $name,
            'path' => true === $link?->open ? $this->path($link) : null,
        ];
    }

    public function path(CalendarLink $link): string
    {
        return '/calendar/'.$this->secret->token('calendar', $link->id, (string) $link->round).'.ics';
    }

    /** Null: nobody made that link, or it was taken back. */
    public function openedBy(string $token): ?CalendarLink
    {
        $link = $this->manager->find(CalendarLink::class, Secret::id($token));

        return null !== $link && $link->open && hash_equals($this->path($link), "/calendar/$token.ics") ? $link : null;
    }

    /** @throws Refused 404 for nobody's of this salon */
    public function subject(Actor $actor, string $subject): Uuid
    {
        $id = Uuid::isValid($subject) ? Uuid::fromString($subject) : throw Refused::notFound('calendar');
        $this->scope->apply($actor, $this->manager);
        if (null === $this->manager->find(Staff::class, $id) && null === $this->manager->find(Place::class, $id)) {
            throw Refused::notFound('calendar');
        }

        return $id;
    }
}
