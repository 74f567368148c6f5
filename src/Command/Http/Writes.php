<?php

/** The HTTP edge of writing: a request's key and what it asks for in, a response out. */

declare(strict_types=1);

namespace KeenThistle\Command\Http;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Once;
use KeenThistle\Command\Wish;
use KeenThistle\Http\Json;
use KeenThistle\Http\Problem;
use KeenThistle\Staff\Actor;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

final readonly class Writes
{
    public function __construct(private Once $once)
    {
    }

    /**
     * @param callable(EntityManagerInterface): array<string, mixed> $write changes things and gives ids, a few
     *     hundred bytes; flushed here, perhaps called several times
     * @param callable(array<string, mixed>, EntityManagerInterface): (object|array<mixed>|null) $answer the response
     *     record that follows from the ids, first time or later
     */
    public function once(Actor $actor, Request $request, callable $write, callable $answer, int $status = 200): Response
    {
        $key = $request->headers->get('Idempotency-Key', '');
        if (1 !== preg_match('/^[A-Za-z0-9_-]{8,64}$/', $key)) {
            throw Problem::badRequest('A write needs an Idempotency-Key of 8 to 64 letters and digits.');
        }
        $wish = [
            $request->getMethod(),
            $request->getPathInfo(),
            $request->headers->get('If-Match', ''),
            $request->getContent(),
        ];
        [$body, $isNew] = $this->once->do(
            $actor,
            new Wish($key, hash('sha256', implode(' ', $wish))),
            $write,
            $answer,
            $status,
        );
        $request->attributes->set(KeyResolver::WRITE, true);
        $response = Json::response($body, $status);
        if (!$isNew) {
            $response->headers->set('Idempotent-Replay', 'true');
        }

        return $response;
    }
}
