<?php

/** What a command is answered with: its response record, marked where the command had been done before. */

declare(strict_types=1);

namespace KeenThistle\Command\Http;

use KeenThistle\Command\Done;
use KeenThistle\Http\Json;
use Symfony\Component\HttpFoundation\Response;

final class Answer
{
    private function __construct()
    {
    }

    /** @param object|array<mixed>|null $body */
    public static function to(Done $done, object|array|null $body, int $status = 200): Response
    {
        $response = Json::response($body, $status);
        if ($done->again) {
            $response->headers->set('Idempotent-Replay', 'true');
        }

        return $response;
    }
}
