<?php

/** Gives a controller's `Key $key` argument: the request's Idempotency-Key. */

declare(strict_types=1);

namespace KeenThistle\Command\Http;

use KeenThistle\Command\Key;
use KeenThistle\Http\Pending;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;

final readonly class KeyResolver implements ValueResolverInterface
{
    /** @return list<Pending> */
    public function resolve(Request $request, ArgumentMetadata $argument): array
    {
        return Key::class === $argument->getType()
            ? [new Pending(static fn (): Key => new Key($request->headers->get('Idempotency-Key', '')))]
            : [];
    }
}
