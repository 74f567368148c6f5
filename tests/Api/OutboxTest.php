<?php

/** What goes out to owners: once a close, page by page, only in the own salon, and never for a dog that is gone. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

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
        $newest = self::rows($this->ask('GET', '/api/outbox', expect: 200)['messages'])[0];
        self::assertSame(['failed', 'no number or address on the card'], [$newest['state'], $newest['receipt']]);
        $again = self::text($this->ask('POST', '/api/dogs/'.$this->dogId('Cobnut').'/grooms', [], 200)['id']);
        $this->ask('POST', "/api/grooms/$again/close", ['message' => null], 200);
        self::assertSame($newest['id'], self::rows($this->ask('GET', '/api/outbox')['messages'])[0]['id']);
    }

    public function testADogThatIsGoneComesToNoTable(): void
    {
        $this->signIn('tove');
        $this->db()->executeStatement("UPDATE dog SET state = 'passed_away' WHERE name = 'Cobnut'");
        $this->ask('POST', '/api/dogs/'.$this->dogId('Cobnut').'/grooms', [], 409);
    }
}
