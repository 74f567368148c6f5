<?php

/** Makes a home of everybody in an address book who is new and can be kept; all of them or none. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Homes;
use KeenThistle\Book\OwnerForm;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<TakeContactsIn> */
final readonly class TakeContactsInHandler implements Handler
{
    public function __construct(
        private Contacts $contacts,
        private Homes $homes,
        private Scope $scope,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $salon = $this->scope->salon($actor);
        $made = 0;
        foreach ($this->contacts->of($actor, $command->bytes) as $c) {
            if ('new' === $c->state) {
                $this->homes->begin($this->manager, $salon, new OwnerForm($c->name, $c->phone, $c->email));
                ++$made;
            }
        }
        $said = (1 === $made ? 'a home was' : "$made homes were").' taken in from an address book';

        return new Outcome(
            ['made' => $made],
            0 === $made ? [] : [new Entry(null, 'import', (string) $salon->id, $said)],
        );
    }
}
