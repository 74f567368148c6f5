<?php

/** Takes a step out of the queue and does it, as the person whose job it is. */

declare(strict_types=1);

namespace KeenThistle\Work;

use KeenThistle\Command\Commands;
use KeenThistle\Command\Key;
use KeenThistle\Core\Say\Say;
use KeenThistle\Refusal\Kind;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Acting;
use KeenThistle\Staff\Actors;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;
use Symfony\Component\Messenger\Exception\UnrecoverableMessageHandlingException;

#[AsMessageHandler]
final readonly class OnJobStep
{
    public function __construct(
        private Jobs $jobs,
        private Actors $actors,
        private Acting $acting,
        private Commands $commands,
    ) {
    }

    public function __invoke(JobStep $step): void
    {
        $next = $this->jobs->next($step->job);
        if (null === $next || 'open' !== $next[1] || $next[2] !== $step->step) {
            return;
        }
        $actor =
            $this->actors->of($next[0])[0] ??
            throw new UnrecoverableMessageHandlingException('Whoever began this is not in the salon any more.');
        Say::in($actor->language);
        $this->acting->is($actor, $step->job);
        $key = new Key(\sprintf('job-%s-%d', str_replace('-', '', $step->job), $step->step));
        try {
            $this->commands->run(new StepJob($step->job, $step->step), $actor, $key);
        } catch (Refused $e) {
            throw Kind::Busy === $e->kind ? $e : new UnrecoverableMessageHandlingException($e->getMessage());
        } catch (\UnexpectedValueException $e) {
            throw new UnrecoverableMessageHandlingException($e->getMessage());
        }
    }
}
