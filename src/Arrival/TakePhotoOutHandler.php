<?php

/** Takes a photo out: its maker within a day, a manager always. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Clock\ClockInterface;

/** @implements Handler<TakePhotoOut> */
final readonly class TakePhotoOutHandler implements Handler
{
    public function __construct(
        private PhotoStore $store,
        private Scope $scope,
        private ClockInterface $clock,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $photo = $this->scope->get($actor, Photo::class, $command->photo, $this->manager, 'photo');
        $isMine = $photo->staff->id->equals($actor->staff);
        if (!Photo::mayBeTakenOut($photo->id, $isMine, $this->scope->person($actor), $this->clock->now())) {
            throw Refused::forbidden('A photo is taken out by a manager, or by who took it within a day.');
        }
        $arrival = $photo->arrival;
        $words = 'photo taken out: '.str_replace('_', ' ', $photo->zone);
        $this->manager->remove($photo);
        $this->store->putAside($command->photo);

        return new Outcome(entries: [new Entry($arrival->dog, 'arrival', (string) $arrival->id, $words)]);
    }
}
