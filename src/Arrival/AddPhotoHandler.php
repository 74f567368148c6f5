<?php

/** Takes a photo in, made anew from its picture alone. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<AddPhoto> */
final readonly class AddPhotoHandler implements Handler
{
    public function __construct(
        private ArrivalRows $rows,
        private PhotoStore $store,
        private Scope $scope,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $arrival = $this->rows->arrival($actor, $command->arrival);
        $id = Uuid::v7();
        [$width, $height] = $this->store->take((string) $id, $command->bytes);
        $who = $this->scope->person($actor);
        $this->manager->persist(
            new Photo($id, $arrival, $who, $command->zone, $command->moment, $width, $height),
        );
        $words = "photo $command->moment: ".str_replace('_', ' ', $command->zone);

        return new Outcome(
            ['photo' => (string) $id],
            [new Entry($arrival->dog, 'arrival', (string) $arrival->id, $words)],
        );
    }
}
