<?php

/** A line of the log says in which request or job it was written, and as whom: by ids, never by a name. */

declare(strict_types=1);

namespace KeenThistle\Tests\Unit;

use KeenThistle\Staff\Acting;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Http\LineOfLog;
use KeenThistle\Staff\Role;
use Monolog\Formatter\JsonFormatter;
use Monolog\Level;
use Monolog\LogRecord;
use PHPUnit\Framework\TestCase;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\Uid\Uuid;

final class LogTest extends TestCase
{
    public function testALineNamesItsRequestOrJobAndWhoActs(): void
    {
        [$requests, $acting] = [new RequestStack(), new Acting()];
        $line = static function () use ($requests, $acting): array {
            $record = new LogRecord(new \DateTimeImmutable(), 'app', Level::Notice, "two\nlines");
            $text = (new JsonFormatter())->format((new LineOfLog($requests, $acting))($record));
            self::assertSame(1, substr_count($text, "\n"), 'a line is a line');
            $json = json_decode($text, true);
            self::assertIsArray($json);

            return \is_array($json['extra']) ? $json['extra'] : [];
        };
        self::assertSame([], $line(), 'nobody, nowhere');
        $actor = new Actor(Uuid::v7(), Uuid::v7(), 'tove', Role::Groomer, new \DateTimeZone('UTC'));
        $request = Request::create('/api/kit?q=secret');
        $request->headers->set('X-Request-Id', 'abc123');
        $requests->push($request);
        $acting->is($actor);
        $who = ['staff' => (string) $actor->staff, 'salon' => (string) $actor->salon];
        self::assertSame(['request' => 'abc123', 'path' => '/api/kit'] + $who, $line());
        $requests->pop();
        $acting->is($actor, 'job-1');
        self::assertSame(['job' => 'job-1'] + $who, $line());
        $acting->reset();
        self::assertSame([], $line());
    }
}
