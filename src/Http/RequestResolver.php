<?php

/** Gives a controller what its request says: the body as a record, and the version it was made from. */

declare(strict_types=1);

namespace KeenThistle\Http;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Input\Form;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;

final readonly class RequestResolver implements ValueResolverInterface
{
    /** @return list<Pending> */
    public function resolve(Request $request, ArgumentMetadata $argument): array
    {
        $body = $argument->getAttributesOfType(FromBody::class)[0] ?? null;
        if (null !== $body) {
            return [new Pending(static fn (): object => self::body($request, $body, $argument))];
        }

        return [] === $argument->getAttributesOfType(FromIfMatch::class)
            ? []
            : [new Pending(static fn (): int => Body::version($request))];
    }

    private static function body(Request $request, FromBody $body, ArgumentMetadata $argument): object
    {
        $type = $argument->getType() ?? '';
        // What may all be left out may be left out together.
        if ('' === $request->getContent() && $argument->isNullable()) {
            $read = $body->shape($type)->fields(new \stdClass());
        } else {
            $read = Body::read($request, $body->shape($type));
        }

        return Fields::class === $type || !class_exists($type) ? $read : Form::make($type, $read);
    }
}
