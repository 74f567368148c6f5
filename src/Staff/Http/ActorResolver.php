<?php

/** Gives a controller's `Actor $actor` argument: the signed-in person, with their salon. */

declare(strict_types=1);

namespace KeenThistle\Staff\Http;

use KeenThistle\Core\Say\Say;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Security\SignedIn;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;

final readonly class ActorResolver implements ValueResolverInterface
{
    public function __construct(private Security $security)
    {
    }

    /** @return list<Actor> */
    public function resolve(Request $request, ArgumentMetadata $argument): array
    {
        if (Actor::class !== $argument->getType()) {
            return [];
        }
        $who = $this->security->getUser();
        if (!$who instanceof SignedIn) {
            throw Refused::signInNeeded();
        }
        // From here on the rules speak to this person.
        Say::in($who->actor->language);

        return [$who->actor];
    }
}
