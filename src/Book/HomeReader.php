<?php

/** Reads a home with its people, its dogs and its past: eight queries, however many dogs. */

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

        $dogs = $this->dogs($actor, $home->id);

        return new HomeView(
            (string) $home->id,
            $home->version,
            $home->name,
            $home->note,
            $this->people($actor, $home, $phones),
            array_map(
                static fn (array $o): HomeOtherView => new HomeOtherView(
                    $o['name'],
                    $phones ? $o['phone'] : '',
                    $o['role'],
                    $o['collects'],
                    $o['word'],
                ),
                $home->others,
            ),
            $home->vet,
            $home->quietFrom,
            $home->quietTo,
            $home->spot,
            $home->hasWater,
            $home->hasPower,
            HomeOpen::of($home, $dogs),
            $dogs,
            $this->messages($actor, $home->id),
            $this->events(
                $actor,
                $home->id,
                "SELECT v.dog_id, d.name dog, v.day, CONCAT(v.kind, ', ', s.name) what FROM visit v
                JOIN dog d ON d.id = v.dog_id JOIN staff s ON s.id = v.staff_id
                WHERE d.household_id = :home AND v.salon_id = :salon ORDER BY v.day DESC, v.id DESC LIMIT 8",
            ),
            $this->events(
                $actor,
                $home->id,
                "SELECT a.dog_id, d.name dog, a.day, CONCAT(IF(g.agreed, 'agreed by ', 'refused by '), g.signed_by) what
                FROM agreement g JOIN arrival a ON a.id = g.arrival_id JOIN dog d ON d.id = a.dog_id
                WHERE d.household_id = :home AND g.salon_id = :salon ORDER BY g.id DESC LIMIT 8",
            ),
            $this->consents($actor, $home->id),
        );
    }

    /** @return list<HomeConsentView> newest first */
    private function consents(Actor $actor, Uuid $home): array
    {
        return array_map(
            static fn (array $r): HomeConsentView => new HomeConsentView(
                Row::instant($r['at']),
                Row::text($r['said_of']),
                Row::text($r['text']),
                Row::text($r['who']),
            ),
            $this->scope->rows(
                $actor,
                "SELECT k.at, COALESCE(d.name, c.name, '') said_of, k.text, s.name who FROM consent k
                JOIN staff s ON s.id = k.staff_id LEFT JOIN client c ON c.id = k.client_id
                LEFT JOIN dog d ON d.id = k.dog_id
                WHERE k.household_id = :home AND k.salon_id = :salon ORDER BY k.id DESC LIMIT 20",
                ['home' => $home->toBinary()],
            ),
        );
    }

    /** @return list<HomePersonView> with the other homes of each: of somebody with the same name and number */
    private function people(Actor $actor, Household $home, bool $phones): array
    {
        $also = [];
        foreach (
            $this->scope->rows(
                $actor,
                "SELECT mine.id, h.id home, h.name FROM client mine JOIN client c ON c.salon_id = :salon
                    AND c.name = mine.name AND c.phone = mine.phone AND c.household_id <> mine.household_id
                JOIN household h ON h.id = c.household_id
                WHERE mine.salon_id = :salon AND mine.household_id = :home AND mine.phone <> ''
                ORDER BY h.name LIMIT 20",
                ['home' => $home->id->toBinary()],
            ) as $r
        ) {
            $also[Row::id($r['id'])][] = ['id' => Row::id($r['home']), 'name' => Row::text($r['name'])];
        }

        return array_map(
            static fn (Client $c): HomePersonView => new HomePersonView(
                (string) $c->id,
                $c->name,
                $phones ? $c->phone : '',
                $phones ? $c->email : '',
                $c->writes,
                $c->writesOn?->format('Y-m-d'),
                $c->collects,
                $c->word,
                $also[(string) $c->id] ?? [],
            ),
            array_values($home->clients->toArray()),
        );
    }

    /** @return list<HomeEventView> */
    private function events(Actor $actor, Uuid $home, string $sql): array
    {
        return array_map(
            static fn (array $r): HomeEventView => new HomeEventView(
                Row::id($r['dog_id']),
                Row::text($r['dog']),
                Row::text($r['day']),
                Row::text($r['what']),
            ),
            $this->scope->rows($actor, $sql, ['home' => $home->toBinary()]),
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
                FROM dog d WHERE d.salon_id = :salon AND d.household_id = :home AND d.state <> 'merged'
                ORDER BY d.name LIMIT 100",
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
