<?php

/** Closes a one-time link that nobody has used yet. */

declare(strict_types=1);

namespace KeenThistle\People;

use Doctrine\DBAL\Connection;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<TakeLinkBack> */
final readonly class TakeLinkBackHandler implements Handler
{
    public function __construct(private Connection $db, private Scope $scope)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $id = Uuid::isValid($command->link) ? Uuid::fromString($command->link) : throw Refused::notFound('link');
        $gone = $this->db->executeStatement(
            'UPDATE one_time_link SET until_at = made_at WHERE id = ? AND salon_id = ? AND used_at IS NULL AND '.
                'until_at > made_at',
            [$id->toBinary(), $actor->salon->toBinary()],
        );
        if (1 !== (int) $gone) {
            $this->scope->logIfForeign($actor, 'one_time_link', (string) $id, 'link');
            throw Refused::notFound('link');
        }

        return new Outcome(entries: [new Entry(null, 'person', (string) $id, 'link taken back')]);
    }
}
