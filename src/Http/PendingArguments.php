<?php

/** Makes the arguments that wait for the check of the role. */

declare(strict_types=1);

namespace KeenThistle\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ControllerArgumentsEvent;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** After #[IsGranted], which listens at priority 20. */
#[AsEventListener]
final readonly class PendingArguments
{
    public function __invoke(ControllerArgumentsEvent $event): void
    {
        $event->setArguments(
            array_map(
                static fn (mixed $given): mixed => $given instanceof Pending ? ($given->make)() : $given,
                $event->getArguments(),
            ),
        );
    }
}
