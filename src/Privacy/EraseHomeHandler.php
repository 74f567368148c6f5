<?php

/** Erases what names the people of a home; the record of the work on its dogs stays, naming nobody. */

declare(strict_types=1);

namespace KeenThistle\Privacy;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Book\DogIndex;
use KeenThistle\Book\Household;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Owner\OwnerLinks;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<EraseHome> */
final readonly class EraseHomeHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private Erasure $erasure,
        private OwnerLinks $links,
        private DogIndex $index,
        private Connection $db,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $home = $this->scope->get($actor, Household::class, $command->home, $this->manager, 'home');
        $id = $home->id->toBinary();
        // Nobody books or changes it meanwhile.
        $this->db->fetchOne('SELECT id FROM household WHERE id = ? FOR UPDATE', [$id]);
        $first = $this->erasure->of($actor, $home)->first;
        if ([] !== $first) {
            throw Refused::conflict('Before that: '.implode('; ', $first).'.');
        }
        $of = 'SELECT id FROM dog WHERE household_id = :home';
        $erased = Erasure::ERASED;
        foreach (
            [
                "UPDATE client SET name = '$erased', phone = '', email = '', word = '', collects = 0, writes = 'no',
                    version = version + 1 WHERE household_id = :home",
                "UPDATE household SET name = '$erased', note = '', vet = '', others = '[]', quiet_from = '',
                    quiet_to = '', version = version + 1 WHERE id = :home",
                "UPDATE dog SET vet = '', emergency = '', may_collect = '', told = '', paper = '', photo_consent = 0,
                    state = IF(state = 'passed_away', state, 'moved'), due_on = NULL, version = version + 1,
                    row_version = row_version + 1 WHERE household_id = :home",
                "UPDATE message SET text = '', sent_to = '', receipt = '', client_id = NULL,
                    state = IF(state IN ('waiting', 'failed'), 'stopped', state) WHERE dog_id IN ($of)",
                "UPDATE message SET text = '', sent_to = '', receipt = '', client_id = NULL,
                    state = IF(state IN ('waiting', 'failed'), 'stopped', state)
                    WHERE client_id IN (SELECT id FROM client WHERE household_id = :home)",
                "UPDATE arrival SET left_with = '', left_word = '' WHERE dog_id IN ($of)",
                "UPDATE change_log SET was = NULL, became = NULL, summary = '$erased'
                    WHERE dog_id IN ($of) AND kind IN ('dog', 'home', 'message', 'arrival', 'booking', 'till')",
                "UPDATE booking SET note = '', told = '', let_go = '' WHERE dog_id IN ($of)",
                "DELETE FROM waiting_dog WHERE dog_id IN ($of)",
                // What other salons know of it stays theirs; nothing is seen from here any more, or from there.
                "DELETE FROM history_ask WHERE dog_id IN ($of)",
                "UPDATE history_ask SET state = 'revoked', from_dog_id = NULL WHERE from_dog_id IN ($of)",
            ] as $sql
        ) {
            $this->db->executeStatement($sql, ['home' => $id]);
        }
        $this->db->executeStatement(
            'UPDATE change_log SET was = NULL, became = NULL, summary = ? WHERE salon_id = ? AND subject = ?',
            [$erased, $actor->salon->toBinary(), (string) $home->id],
        );
        $this->manager->clear();
        $this->scope->apply($actor, $this->manager);
        $entries = [];
        foreach ($this->manager->getRepository(Dog::class)->findBy(['household' => $home->id]) as $dog) {
            $this->links->closeOfDog($this->manager, $dog->id);
            $this->index->refresh($dog);
            $entries[] = new Entry($dog, 'erased', (string) $dog->id, 'its home was erased; it comes no more');
        }

        return new Outcome(
            ['home' => (string) $home->id],
            [
                ...$entries,
                new Entry(null, 'erased', (string) $home->id, "a home was erased, asked for $command->asked"),
            ],
        );
    }
}
