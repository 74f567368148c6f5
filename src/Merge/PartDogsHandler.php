<?php

/** Parts two records that were made one: rows that came along go back, what was written since stays. */

declare(strict_types=1);

namespace KeenThistle\Merge;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Book\DogIndex;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<PartDogs> */
final readonly class PartDogsHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private Hung $hung,
        private Connection $db,
        private DogIndex $index,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $id = Uuid::isValid($command->merge) ? Uuid::fromString($command->merge)->toBinary() : '';
        $row = $this->db->fetchAssociative(
            'SELECT kept_id, dog_id, state, moved, parted FROM dog_merge WHERE id = ? AND salon_id = ? FOR UPDATE',
            [$id, $actor->salon->toBinary()],
        );
        if (false === $row) {
            throw Refused::notFound('merge');
        }
        if (1 === Row::int($row['parted'])) {
            throw Refused::conflict('They are two dogs again already.');
        }
        [$kept, $other] = [Row::text($row['kept_id']), Row::text($row['dog_id'])];
        if (false !== $this->db->fetchOne('SELECT 1 FROM groom WHERE open_for = ? LIMIT 1', [$kept])) {
            throw Refused::conflict('It is at the table: finish there first.');
        }
        $moved = json_decode(Row::text($row['moved']), true);
        $back = [];
        foreach (\is_array($moved) ? $moved : [] as $table => $ids) {
            $back[(string) $table] = array_values(array_filter(\is_array($ids) ? $ids : [], is_string(...)));
        }
        $this->hung->back($back, $kept, $other);
        $this->db->executeStatement(
            'UPDATE dog SET state = ?, version = version + 1, row_version = row_version + 1, card_version = '.
                'card_version + 1 WHERE id = ?',
            [Row::text($row['state']), $other],
        );
        $this->db->executeStatement('UPDATE dog_merge SET parted = 1 WHERE id = ?', [$id]);
        $this->manager->clear();
        $dog = $this->scope->get($actor, Dog::class, Row::id($other), $this->manager, 'dog');
        $this->index->refresh($dog);
        $first = $this->scope->get($actor, Dog::class, Row::id($kept), $this->manager, 'dog');

        return new Outcome(
            ['dog' => Row::id($kept)],
            [
                new Entry($first, 'dog', Row::id($kept), "two dogs again: $dog->name has a record of its own"),
                new Entry($dog, 'dog', Row::id($other), 'two dogs again: a record of its own'),
            ],
        );
    }
}
