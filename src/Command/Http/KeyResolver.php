<?php

/** Gives a controller's `Key $key` argument: the request's Idempotency-Key, and how long ago it was done. */

declare(strict_types=1);

namespace KeenThistle\Command\Http;

use KeenThistle\Command\Key;
use KeenThistle\Http\Pending;
use KeenThistle\Refusal\Refused;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;

final readonly class KeyResolver implements ValueResolverInterface
{
    /** @return list<Pending> */
    public function resolve(Request $request, ArgumentMetadata $argument): array
    {
        return Key::class === $argument->getType()
            ? [new Pending(static fn (): Key => self::key($request))]
            : [];
    }

    private static function key(Request $request): Key
    {
        $ago = $request->headers->get('Done-Ago', '0');
        if (1 !== preg_match('/^\d{1,9}$/D', $ago)) {
            throw Refused::badRequest('Done-Ago must be whole seconds.');
        }

        return new Key($request->headers->get('Idempotency-Key', ''), (int) $ago);
    }
}
