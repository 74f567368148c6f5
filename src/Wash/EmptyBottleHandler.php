<?php

/** Takes a bottle off the shelf, or puts it back. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<EmptyBottle> */
final readonly class EmptyBottleHandler implements Handler
{
    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $bottle = $this->scope->get($actor, Bottle::class, $command->bottle, $this->manager, 'bottle');
        if ($bottle->version !== $command->version) {
            throw Refused::stale('Somebody emptied this bottle meanwhile.', ['version' => $bottle->version]);
        }
        $bottle->pouredOn = $command->poured ? $this->scope->today($actor) : null;
        $words = $command->poured ? 'a bottle is empty' : 'a bottle stands there after all';

        return new Outcome(entries: [$bottle->product->entry($words)]);
    }
}
