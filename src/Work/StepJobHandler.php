<?php

/** Does one step of a job: what the job says, as if it had been asked for by itself. */

declare(strict_types=1);

namespace KeenThistle\Work;

use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Staff\Actor;
use Psr\Container\ContainerInterface;
use Symfony\Component\DependencyInjection\Attribute\AutowireLocator;

/** @implements Handler<StepJob> */
final readonly class StepJobHandler implements Handler
{
    public function __construct(
        private Jobs $jobs,
        #[AutowireLocator(Handler::class)] private ContainerInterface $handlers,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $what = $this->jobs->take($command->job, $command->step);
        if (null === $what) {
            return new Outcome();
        }
        $handler = $this->handlers->get($what::class.'Handler');
        \assert($handler instanceof Handler);
        $outcome = $handler($what, $actor);
        $this->jobs->stepped($command->job, $command->step, $outcome->progress->done ?? 1, $outcome->progress?->rest);

        return $outcome;
    }
}
