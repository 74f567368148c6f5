<?php

/** What goes out to owners: once a close, page by page, only in the own salon, and never for a dog that is gone. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Outbox\Outbox;
use KeenThistle\Sweep\Night;

final class OutboxTest extends ApiTestCase
{
    public function testPagesFollowEachOtherAndEndAndNobodyElseSeesThem(): void
    {
        $this->signIn('tove');
        for ($i = 0; $i < 36; ++$i) {
            $groom = self::text($this->ask('POST', '/api/dogs/'.$this->dogId('Cobnut').'/grooms', [], 200)['id']);
            $this->ask('POST', "/api/grooms/$groom/close", ['message' => "Number $i."], 200);
        }
        $first = $this->ask('GET', '/api/outbox', expect: 200);
        self::assertCount(40, self::rows($first['messages']));
        self::assertSame('Number 35.', self::rows($first['messages'])[0]['text']);
        $second = $this->ask('GET', '/api/outbox?cursor='.self::text($first['next']), expect: 200);
        self::assertNull($second['next']);
        self::assertCount(4, self::rows($second['messages']));
        self::assertSame(
            [],
            array_intersect(
                array_map(self::text(...), array_column(self::rows($first['messages']), 'id')),
                array_map(self::text(...), array_column(self::rows($second['messages']), 'id')),
            ),
        );
        $this->ask('GET', '/api/outbox?cursor=yesterday', expect: 404);
        $this->signIn('sunniva');
        self::assertSame([], $this->ask('GET', '/api/outbox', expect: 200)['messages']);
        self::assertSame([], $this->ask('GET', '/api/incidents', expect: 200)['incidents']);
    }

    public function testNoMessageIsMadeWithoutOneAndNoneLeavesWithoutANumber(): void
    {
        $this->signIn('tove');
        $groom = self::text($this->ask('POST', '/api/dogs/'.$this->dogId('Cobnut').'/grooms', [], 200)['id']);
        $this->db()->executeStatement(
            "UPDATE client c JOIN dog d ON d.household_id = c.household_id SET c.phone = '', c.email = '' WHERE ".
                "d.name = 'Cobnut'",
        );
        $this->ask('POST', "/api/grooms/$groom/close", ['message' => 'Cobnut is ready.'], 200);
        $this->workThrough();
        $newest = self::rows($this->ask('GET', '/api/outbox', expect: 200)['messages'])[0];
        self::assertSame(['failed', 'no number or address on the card'], [$newest['state'], $newest['receipt']]);
        $again = self::text($this->ask('POST', '/api/dogs/'.$this->dogId('Cobnut').'/grooms', [], 200)['id']);
        $this->ask('POST', "/api/grooms/$again/close", ['message' => null], 200);
        self::assertSame($newest['id'], self::rows($this->ask('GET', '/api/outbox')['messages'])[0]['id']);
    }

    public function testAMessageGoesOutOnceAfterTheVisitIsKept(): void
    {
        $message = $this->message();
        self::assertSame(['waiting', ''], [$message['state'], $message['receipt']], 'the answer does not wait for it');
        $file = $this->sent(self::text($message['id']));
        self::assertFileDoesNotExist($file);
        // As after a worker that died with it in hand: it is in the queue again.
        $this->db()->executeStatement(
            'INSERT INTO messenger_messages (body, headers, queue_name, created_at, available_at) SELECT body, '.
                'headers, queue_name, created_at, available_at FROM messenger_messages',
        );
        $this->workThrough();
        self::assertFileExists($file);
        $sent = self::rows($this->ask('GET', '/api/outbox', expect: 200)['messages'])[0];
        self::assertSame(['sent', 'simulated: kept in the outbox, sent nowhere'], [$sent['state'], $sent['receipt']]);
        unlink($file);
        $this->workThrough();
        self::assertFileDoesNotExist($file, 'what has gone out does not go out again');
    }

    public function testWhatFailsFiveTimesIsKeptAndTheManagerTriesAgain(): void
    {
        $message = self::text($this->message()['id']);
        // The folder of the stand-in is a file: it can keep nothing.
        $folder = \dirname($this->sent($message));
        exec('rm -rf '.escapeshellarg($folder));
        touch($folder);
        $this->workThrough();
        $failed = self::rows($this->ask('GET', '/api/outbox', expect: 200)['messages'])[0];
        self::assertSame('failed', $failed['state']);
        self::assertSame('Tried five times. The message service cannot keep anything.', $failed['receipt']);
        self::assertSame(5, $this->db()->fetchOne('SELECT tries FROM message ORDER BY id DESC LIMIT 1'));
        unlink($folder);
        $this->ask('POST', "/api/outbox/$message/again", [], 403);
        $this->signIn('maren');
        $this->ask('POST', "/api/outbox/$message/again", [], 200);
        $this->workThrough();
        self::assertSame('sent', self::rows($this->ask('GET', '/api/outbox', expect: 200)['messages'])[0]['state']);
        self::assertFileExists("$folder/$message");
        $this->ask('POST', "/api/outbox/$message/again", [], 409);
        $this->signIn('sunniva');
        $this->ask('POST', "/api/outbox/$message/again", [], 404);
    }

    public function testWhatLostItsPlaceInTheQueueIsTakenUp(): void
    {
        $message = self::text($this->message()['id']);
        $this->db()->executeStatement('DELETE FROM messenger_messages');
        $night = self::getContainer()->get(Night::class);
        self::assertInstanceOf(Night::class, $night);
        $night->takeUpLeft();
        $this->workThrough();
        self::assertFileDoesNotExist($this->sent($message), 'it has not waited for an hour');
        $this->db()->executeStatement("UPDATE message SET at = NOW() - INTERVAL 2 HOUR, state = 'sending'");
        $night->takeUpLeft();
        $this->workThrough();
        self::assertFileExists($this->sent($message));
        $this->db()->executeStatement('DELETE FROM night');
        self::assertTrue($night->whenDue());
        self::assertFalse($night->whenDue(), 'once a night, whoever comes first');
    }

    /** @return array<string, mixed> the message of a visit that was just closed */
    private function message(): array
    {
        $this->signIn('tove');
        $groom = self::text($this->ask('POST', '/api/dogs/'.$this->dogId('Cobnut').'/grooms', [], 200)['id']);
        $this->ask('POST', "/api/grooms/$groom/close", ['message' => 'Cobnut is ready.'], 200);

        return self::rows($this->ask('GET', '/api/outbox', expect: 200)['messages'])[0];
    }

    public function testWhoAskedNotToBeWrittenToIsNotAndADogThatIsGoneIsWrittenOfNeverAgain(): void
    {
        foreach (["writes = 'no'" => 'call instead', "writes = 'yes'" => 'does not come'] as $said => $why) {
            $this->signIn('tove');
            $groom = self::text($this->ask('POST', '/api/dogs/'.$this->dogId('Cobnut').'/grooms', [], 200)['id']);
            $this->db()->executeStatement(
                "UPDATE client c JOIN dog d ON d.household_id = c.household_id SET c.$said WHERE d.name = 'Cobnut'",
            );
            if ("writes = 'yes'" === $said) {
                $this->db()->executeStatement("UPDATE dog SET state = 'passed_away' WHERE name = 'Cobnut'");
            }
            $this->ask('POST', "/api/grooms/$groom/close", ['message' => 'Cobnut is ready.'], 200);
            $this->workThrough();
            $kept = self::rows($this->ask('GET', '/api/outbox', expect: 200)['messages'])[0];
            self::assertSame('stopped', $kept['state']);
            self::assertStringContainsString($why, self::text($kept['receipt']));
            self::assertFileDoesNotExist($this->sent(self::text($kept['id'])));
        }
    }

    public function testAMessageThatWaitsForTheMorningIsNotTakenInTheNight(): void
    {
        $id = self::text($this->message()['id']);
        $this->db()->executeStatement(
            "UPDATE message SET not_before = '2099-01-01 08:00:00' WHERE state = 'waiting'",
        );
        $this->workThrough();
        self::assertFileDoesNotExist($this->sent($id));
        $this->db()->executeStatement(
            "UPDATE message SET not_before = NULL, state = 'waiting' WHERE not_before IS NOT NULL",
        );
        self::assertSame('waiting', self::rows($this->ask('GET', '/api/outbox', expect: 200)['messages'])[0]['state']);
        // What was said since it was put in the queue holds.
        $this->db()->executeStatement("UPDATE dog SET state = 'passed_away' WHERE name = 'Cobnut'");
        $outbox = self::getContainer()->get(Outbox::class);
        self::assertInstanceOf(Outbox::class, $outbox);
        $outbox->queueLeft(new \DateTimeImmutable('+1 day'));
        $this->workThrough();
        self::assertFileDoesNotExist($this->sent($id));
        self::assertSame('stopped', self::rows($this->ask('GET', '/api/outbox', expect: 200)['messages'])[0]['state']);
    }

    public function testANextDateOnAClosedDayIsAWishForTheDeskWithWhy(): void
    {
        $this->signIn('tove');
        $this->db()->executeStatement(
            "UPDATE place SET closed_days = '[{\"from\":\"2000-01-01\",\"to\":\"2099-01-01\",\"why\":\"a fair\"}]'",
        );
        $groom = self::text($this->ask('POST', '/api/dogs/'.$this->dogId('Cobnut').'/grooms', [], 200)['id']);
        $on = (new \DateTimeImmutable(self::text($this->card('Cobnut')['today'])))->modify('+30 days')->format('Y-m-d');
        $next = [['on' => $on, 'time' => '09:00', 'kind' => 'full']];
        $this->ask('POST', "/api/grooms/$groom/close", ['message' => null, 'next' => $next], 200);
        $held = self::find(self::rows($this->card('Cobnut')['bookings']), 'day', $on);
        self::assertSame('wished', $held['state']);
        self::assertStringContainsString('a fair', self::text($held['note']));
    }

    private function sent(string $message): string
    {
        $folder = getenv('SENDER_DIR');
        self::assertIsString($folder, 'run by bin/test');

        return "$folder/$message";
    }

    public function testADogThatIsGoneComesToNoTable(): void
    {
        $this->signIn('tove');
        $this->db()->executeStatement("UPDATE dog SET state = 'passed_away' WHERE name = 'Cobnut'");
        $this->ask('POST', '/api/dogs/'.$this->dogId('Cobnut').'/grooms', [], 409);
    }
}
