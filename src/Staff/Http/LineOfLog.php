<?php

/** Says in every line of the log in which request or job it was written, and as whom; ids, no names. */

declare(strict_types=1);

namespace KeenThistle\Staff\Http;

use KeenThistle\Staff\Acting;
use Monolog\Attribute\AsMonologProcessor;
use Monolog\LogRecord;
use Symfony\Component\HttpFoundation\RequestStack;

#[AsMonologProcessor]
final readonly class LineOfLog
{
    /** What the web server calls a request; it is in its own log and in the answer too. */
    private const HEADER = 'X-Request-Id';

    public function __construct(private RequestStack $requests, private Acting $acting)
    {
    }

    public function __invoke(LogRecord $record): LogRecord
    {
        $request = $this->requests->getMainRequest();
        $actor = $this->acting->actor;
        $record->extra += array_filter(
            [
                'request' => $request?->headers->get(self::HEADER),
                'path' => $request?->getPathInfo(),
                'job' => $this->acting->job,
                'staff' => null === $actor ? null : (string) $actor->staff,
                'salon' => null === $actor ? null : (string) $actor->salon,
            ],
            static fn (?string $said): bool => null !== $said,
        );

        return $record;
    }
}
