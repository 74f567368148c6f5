<?php

/** Changes a home once, for every dog of it; messages to who is of it no more stay, under the address they went to. */

declare(strict_types=1);

namespace KeenThistle\Book;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<ChangeHome> */
final readonly class ChangeHomeHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private HomeReader $homes,
        private DogIndex $index,
        private EntityManagerInterface $manager,
        private Connection $db,
        private ClockInterface $clock,
    ) {
    }

    /** @throws Refused 412 with theirs where somebody else changed it meanwhile */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $form = $command->form;
        $form->hold();
        $home = $this->scope->get($actor, Household::class, $command->home, $this->manager, 'home');
        // First, and locked by it: its people are rows of their own, which no version of theirs would guard together.
        $mine = $this->db->executeStatement(
            'UPDATE household SET version = version + 1 WHERE id = ? AND version = ?',
            [$home->id->toBinary(), $command->version],
        );
        $this->manager->refresh($home);
        if (1 !== (int) $mine) {
            throw Refused::stale('Somebody else changed this home meanwhile.', [
                'version' => $home->version,
                'theirs' => $this->homes->of($actor, $command->home),
            ]);
        }
        $home->name = trim($form->name);
        $home->note = trim($form->note);
        $home->vet = trim($form->vet);
        $home->others = array_map(static fn (HomeOtherForm $o): array => $o->row(), $form->others);
        [$home->quietFrom, $home->quietTo] = [$form->quiet_from, $form->quiet_to];
        $this->people($home, $form, $this->scope->today($actor), $this->scope->person($actor));
        $this->manager->flush();
        $entries = [];
        foreach ($this->manager->getRepository(Dog::class)->findBy(['household' => $home]) as $dog) {
            $this->index->refresh($dog);
            $entries[] = new Entry($dog, 'home', (string) $home->id, "$home->name: the home changed");
        }
        // Open forms of its dogs are old now.
        $this->db->executeStatement(
            'UPDATE dog SET version = version + 1, row_version = row_version + 1 WHERE household_id = ?',
            [$home->id->toBinary()],
        );

        return new Outcome(
            entries: [] === $entries
                ? [new Entry(null, 'home', (string) $home->id, "$home->name: the home changed")]
                : $entries,
        );
    }

    private function people(Household $home, HomeForm $form, \DateTimeImmutable $today, Staff $by): void
    {
        $known = [];
        foreach ($home->clients as $c) {
            $known[(string) $c->id] = $c;
        }
        foreach ($form->people as $i => $p) {
            $id = $p->id ?? '';
            $client = '' === $id
                ? new Client(Uuid::v7(), $home, '', '')
                : $known[$id] ?? throw InvalidInput::at("people[$i].id", 'is nobody of this home');
            [$client->name, $client->phone, $client->email] = [trim($p->name), trim($p->phone), trim($p->email)];
            [$client->collects, $client->word] = [$p->collects, trim($p->word)];
            if ($client->writes !== $p->writes) {
                $client->writes = $p->writes;
                $client->writesOn = 'unasked' === $p->writes ? null : $today;
                $this->manager->persist(Consent::toMessages($client, $by, $this->clock->now()));
            }
            unset($known[$id]);
        }
        foreach ($known as $gone) {
            foreach (['message', 'consent'] as $table) {
                $this->db->executeStatement("UPDATE $table SET client_id = NULL WHERE client_id = ?", [
                    $gone->id->toBinary(),
                ]);
            }
            $home->clients->removeElement($gone);
        }
    }
}
