<?php

/** Takes back the link to an owner's copy: what it opened is not there any more, at once. */

declare(strict_types=1);

namespace KeenThistle\Desk;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Arrival\Agreement;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Owner\OwnerLinks;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<CloseAgreementLink> */
final readonly class CloseAgreementLinkHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private OwnerLinks $links,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $agreement = $this->scope->get($actor, Agreement::class, $command->agreement, $this->manager, 'agreement');
        $this->links->close($this->manager, 'agreement', $agreement->id);
        $arrival = $agreement->arrival;

        return new Outcome(
            entries: [
                new Entry($arrival->dog, 'arrival', (string) $arrival->id, 'link to the agreement taken back'),
            ],
        );
    }
}
