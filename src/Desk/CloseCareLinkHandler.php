<?php

/** Takes back the link to a home-care sheet: what it opened is not there any more, at once. */

declare(strict_types=1);

namespace KeenThistle\Desk;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Owner\OwnerLinks;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Table\Groom;

/** @implements Handler<CloseCareLink> */
final readonly class CloseCareLinkHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private OwnerLinks $links,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $groom = $this->scope->get($actor, Groom::class, $command->groom, $this->manager, 'groom');
        $this->links->close($this->manager, 'groom', $groom->id);

        return new Outcome(
            entries: [new Entry($groom->dog, 'groom', (string) $groom->id, 'link to the home-care sheet taken back')],
        );
    }
}
