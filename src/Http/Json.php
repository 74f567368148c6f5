<?php

/** The one way responses become JSON. */

declare(strict_types=1);

namespace KeenThistle\Http;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

final class Json
{
    private const FLAGS =
        \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_INVALID_UTF8_SUBSTITUTE | \JSON_THROW_ON_ERROR;

    private function __construct()
    {
    }

    /** @param object|array<mixed>|null $body a response record, or null for nothing */
    public static function response(object|array|null $body, int $status = 200): Response
    {
        return self::ofText(null === $body ? '' : self::text($body), null === $body ? 204 : $status);
    }

    /** @param object|array<mixed> $body */
    public static function text(object|array $body): string
    {
        return json_encode($body, self::FLAGS);
    }

    /** @param string $json as text() made it */
    public static function ofText(string $json, int $status = 200): Response
    {
        $response = new Response($json, $status);
        $response->headers->set('Content-Type', 'application/json');
        $response->headers->set('Cache-Control', 'no-store');

        return $response;
    }

    public static function problem(Problem $problem): Response
    {
        $response = new Response(json_encode($problem->document(), self::FLAGS), $problem->status, $problem->headers);
        $response->headers->set('Content-Type', 'application/problem+json');
        $response->headers->set('Cache-Control', 'no-store');

        return $response;
    }

    /** Marks a response with its version; the browser asks again with If-None-Match. */
    public static function withEtag(Response $response, string $etag): Response
    {
        $response->headers->set('ETag', '"'.$etag.'"');
        $response->headers->set('Cache-Control', 'private, no-cache');

        return $response;
    }

    public static function matches(Request $request, string $etag): bool
    {
        foreach ($request->getETags() as $given) {
            if (\is_string($given) && str_replace('W/', '', $given) === '"'.$etag.'"') {
                return true;
            }
        }

        return false;
    }

    public static function notModified(string $etag): Response
    {
        return self::withEtag(new Response('', 304), $etag);
    }
}
