<?php

/** Reads a home with its people, its dogs and what went to it: four queries, however many dogs. */

declare(strict_types=1);

namespace KeenThistle\Book;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

final readonly class HomeReader
{
    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    public function of(Actor $actor, string $id): HomeView
    {
        $home = $this->scope->get($actor, Household::class, $id, $this->manager, 'home');
        $phones = $actor->may(May::PHONE);

        return new HomeView(
            (string) $home->id,
            $home->version,
            $home->name,
            $home->note,
            array_map(
                static fn (Client $c): array => [
                    'id' => (string) $c->id,
                    'name' => $c->name,
                    'phone' => $phones ? $c->phone : '',
                    'email' => $phones ? $c->email : '',
                ],
                array_values($home->clients->toArray()),
            ),
            $this->dogs($actor, $home->id),
            $this->messages($actor, $home->id),
        );
    }

    /** @return list<HomeDogView> */
    private function dogs(Actor $actor, Uuid $home): array
    {
        return array_map(
            static fn (array $r): HomeDogView => new HomeDogView(
                Row::id($r['id']),
                Row::int($r['version']) ?? 1,
                Row::text($r['name']),
                Row::text($r['breed']),
                Row::text($r['state']),
                null === $r['last_visit'] ? null : Row::text($r['last_visit']),
                null === $r['next_booking'] ? null : Row::text($r['next_booking']),
            ),
            $this->scope->rows(
                $actor,
                "SELECT d.id, d.version, d.name, d.breed, d.state,
                    (SELECT MAX(v.day) FROM visit v WHERE v.dog_id = d.id) last_visit,
                    (SELECT MIN(b.day) FROM booking b WHERE b.dog_id = d.id AND b.state = 'booked' AND b.day >= :day)
                        next_booking
                FROM dog d WHERE d.salon_id = :salon AND d.household_id = :home ORDER BY d.name LIMIT 100",
                ['home' => $home->toBinary(), 'day' => $this->scope->today($actor)->format('Y-m-d')],
            ),
        );
    }

    /** @return list<HomeMessageView> */
    private function messages(Actor $actor, Uuid $home): array
    {
        return array_map(
            static fn (array $r): HomeMessageView => new HomeMessageView(
                Row::instant($r['at']),
                Row::text($r['dog']),
                Row::text($r['text']),
                Row::text($r['state']),
            ),
            $this->scope->rows(
                $actor,
                'SELECT m.at, m.text, m.state, d.name dog FROM message m JOIN dog d ON d.id = m.dog_id
                JOIN client c ON c.id = m.client_id
                WHERE m.salon_id = :salon AND c.household_id = :home ORDER BY m.id DESC LIMIT 10',
                ['home' => $home->toBinary()],
            ),
        );
    }
}
