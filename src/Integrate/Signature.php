<?php

/** Signs what a programme is told, so that it can tell ours from anybody's. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

final class Signature
{
    /** Older than this, a signature is to be refused: it may be somebody else's copy. */
    public const GOOD_FOR_S = 300;

    private function __construct()
    {
    }

    /** t=SECONDS,v1=HMAC-SHA-256 of "SECONDS.BODY" under the programme's secret, in hexadecimal digits. */
    public static function of(string $body, string $secret, int $now): string
    {
        return "t=$now,v1=".hash_hmac('sha256', "$now.$body", $secret);
    }

    /** As who is told checks it. */
    public static function fits(string $signature, string $body, string $secret, int $now): bool
    {
        return 1 === preg_match('/^t=(\d{1,12}),v1=[0-9a-f]{64}$/D', $signature, $found)
            && abs($now - (int) $found[1]) <= self::GOOD_FOR_S
            && hash_equals(self::of($body, $secret, (int) $found[1]), $signature);
    }
}
