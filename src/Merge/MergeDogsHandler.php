<?php

/** Makes two records one: every visit, booking and word of the other comes along, and can go back. */

declare(strict_types=1);

namespace KeenThistle\Merge;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Book\DogIndex;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Say\Say;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<MergeDogs> */
final readonly class MergeDogsHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private Hung $hung,
        private Connection $db,
        private DogIndex $index,
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $kept = $this->scope->get($actor, Dog::class, $command->kept, $this->manager, 'dog');
        $other = $this->scope->get($actor, Dog::class, $command->other, $this->manager, 'dog');
        if ($kept->id->equals($other->id)) {
            throw InvalidInput::at('other', 'is this record itself');
        }
        // Locked in one order, so that two who merge them either way do not wait for each other.
        $states = $this->db->fetchFirstColumn('SELECT state FROM dog WHERE id IN (?, ?) ORDER BY id FOR UPDATE', [
            $kept->id->toBinary(),
            $other->id->toBinary(),
        ]);
        if (\in_array(Dog::MERGED, $states, true)) {
            throw Refused::conflict('One of them has been made one with another dog already.');
        }
        $this->mustBeFree([$kept, $other]);
        $this->mustNotClash($actor, $kept, $other);
        [$moved, $left] = $this->hung->move($other->id->toBinary(), $kept->id->toBinary());
        $id = Uuid::v7();
        $this->db->insert('dog_merge', [
            'id' => $id->toBinary(),
            'salon_id' => $actor->salon->toBinary(),
            'staff_id' => $actor->staff->toBinary(),
            'kept_id' => $kept->id->toBinary(),
            'dog_id' => $other->id->toBinary(),
            'state' => $other->state,
            'moved' => json_encode($moved, \JSON_THROW_ON_ERROR),
            'at' => $this->clock->now()->format('Y-m-d H:i:s'),
        ]);
        $this->db->executeStatement(
            'UPDATE dog SET state = ?, due_on = NULL, version = version + 1, row_version = row_version + 1
            WHERE id = ?',
            [Dog::MERGED, $other->id->toBinary()],
        );
        $this->manager->refresh($other);
        foreach ([$kept, $other] as $dog) {
            $this->index->refresh($dog);
        }
        $rows = array_sum(array_map(\count(...), $moved));

        return new Outcome(
            ['merge' => (string) $id, 'moved' => $rows, 'left' => $left],
            [
                new Entry(
                    $kept,
                    'dog',
                    (string) $kept->id,
                    "one dog with another record of $other->name: $rows entries came along",
                ),
            ],
        );
    }

    /** @param list<Dog> $dogs */
    private function mustBeFree(array $dogs): void
    {
        foreach ($dogs as $dog) {
            $id = $dog->id->toBinary();
            if (false !== $this->db->fetchOne('SELECT 1 FROM groom WHERE open_for = ? LIMIT 1', [$id])) {
                throw Refused::conflict("$dog->name is at the table: finish there first.");
            }
        }
    }

    /** What only one of them can have would be left behind with a record that nobody takes in any more. */
    private function mustNotClash(Actor $actor, Dog $kept, Dog $other): void
    {
        $both = ['kept' => $kept->id->toBinary(), 'other' => $other->id->toBinary()];
        $day = $this->db->fetchOne(
            "SELECT a.day FROM booking a JOIN booking b ON b.slot = a.slot
            WHERE a.dog_id = :kept AND b.dog_id = :other AND b.state = 'booked' LIMIT 1",
            $both,
        );
        if (\is_string($day)) {
            $when = Say::day(new \DateTimeImmutable($day));
            throw Refused::conflict("Both are booked on $when at the same time: cancel one of the two first.");
        }
        $here = $this->db->fetchOne(
            'SELECT 1 FROM arrival a JOIN arrival b ON b.day = a.day
            WHERE a.dog_id = :kept AND b.dog_id = :other AND a.day >= :today LIMIT 1',
            $both + ['today' => $this->scope->today($actor)->format('Y-m-d')],
        );
        if (false !== $here) {
            throw Refused::conflict('Both have been taken in today: make them one tomorrow.');
        }
        $this->db->executeStatement(
            'DELETE w FROM waiting_dog w JOIN waiting_dog k ON k.kind = w.kind
            WHERE w.dog_id = :other AND k.dog_id = :kept',
            $both,
        );
    }
}
