<?php

/** Reads a request's JSON body against a shape, so that errors name their fields everywhere in the same way. */

declare(strict_types=1);

namespace KeenThistle\Http;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Refusal\Refused;
use Symfony\Component\HttpFoundation\Request;

final class Body
{
    private function __construct()
    {
    }

    public static function read(Request $request, Shape $shape): Fields
    {
        try {
            $body = json_decode($request->getContent(), false, 32, \JSON_THROW_ON_ERROR);
        } catch (\JsonException) {
            throw Refused::badRequest('The request body is not JSON.');
        }

        return $shape->fields($body);
    }

    /** The version named in If-Match: "3". */
    public static function version(Request $request): int
    {
        $given = trim($request->headers->get('If-Match', ''), ' "');
        if (1 !== preg_match('/^\d{1,9}$/', $given)) {
            throw Refused::versionNeeded();
        }

        return (int) $given;
    }
}
