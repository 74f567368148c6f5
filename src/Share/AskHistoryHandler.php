<?php

/** Asks another salon for a dog's history: its owner is written to from there, and answers by a link. */

declare(strict_types=1);

namespace KeenThistle\Share;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Client;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\ChangeLog;
use KeenThistle\Log\Entry;
use KeenThistle\Outbox\Message;
use KeenThistle\Outbox\Outbox;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Actors;
use KeenThistle\Staff\Scope;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Uid\Uuid;

/**
 * Who asks is told the same whether the other salon knows this dog or not: they would learn from it who goes where.
 *
 * @implements Handler<AskHistory>
 */
final readonly class AskHistoryHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private Asks $asks,
        private Outbox $outbox,
        private Actors $actors,
        private ChangeLog $log,
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
        #[Autowire('%env(SALON_ADDRESS)%')] private string $address,
    ) {
    }

    /** @throws Refused for too many at once, or where nobody could answer */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $dog = $this->scope->get($actor, Dog::class, $command->dog, $this->manager, 'dog');
        $salon = trim($command->salon);
        if (0 === strcasecmp($salon, $dog->salon->name)) {
            throw Refused::field('salon', 'is this salon: name the other one');
        }
        $this->asks->mayAsk($actor, $dog);
        $known = $this->asks->known($dog, $salon);
        $id = $this->asks->ask($actor, $dog, $salon, $known);
        if (null !== $known) {
            $this->write($known, $id, $dog->salon->name);
            $this->scope->apply($actor, $this->manager);
        }

        return new Outcome(['ask' => $id], [new Entry($dog, 'history', $id, "$salon was asked for its history")]);
    }

    /** @param array{salon: Uuid, dog: Uuid, client: Uuid} $known */
    private function write(array $known, string $id, string $who): void
    {
        $there = $this->actors->inNameOf($known['salon']);
        $this->scope->apply($there, $this->manager);
        $dog = $this->scope->get($there, Dog::class, (string) $known['dog'], $this->manager, 'dog');
        $client = $this->scope->get($there, Client::class, (string) $known['client'], $this->manager, 'person');
        $text =
            "{$dog->salon->name}: $who asks what we know of $dog->name. You choose what they may see, and can take ".
            'it back: '.$this->address.$this->asks->path($id, $dog->household->id);
        $this->outbox->post(
            new Message(
                $dog,
                $client,
                $this->scope->person($there),
                $this->clock->now(),
                'history',
                $client->address(),
                $text,
            ),
        );
        $this->manager->flush();
        $this->log->write($there, [
            new Entry($dog, 'history', $id, "$who asks for its history; its owner answers by a link"),
        ]);
    }
}
