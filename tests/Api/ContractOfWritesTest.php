<?php

/** The answers of a groom, of kit, wash, then and patterns are what the document says. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use Symfony\Component\Uid\Uuid;

final class ContractOfWritesTest extends ContractCase
{
    public function testTheAnswersOfAGroom(): void
    {
        $this->signIn('tove');
        $groom = self::text($this->ask('POST', '/api/dogs/'.$this->dogId('Osric').'/grooms', [], 200)['id']);
        $this->holds('post', '/api/dogs/{id}/grooms', '200');
        $at = gmdate('Y-m-d\TH:i:s.000\Z');
        $taps = [
            ['kind' => 'timer', 'timer' => 'clipping', 'on' => true, 'blade' => '10'],
            ['kind' => 'timer', 'timer' => 'drying', 'on' => true],
            ['kind' => 'incident', 'what' => 'slip'],
            ['kind' => 'extents', 'ring' => 12, 'channel' => 60, 'arc' => 20],
            ['kind' => 'ear', 'side' => 'left', 'place' => 'inside', 'state' => 'cleaned'],
            ['kind' => 'eye', 'side' => 'left', 'state' => 'wiped'],
            ['kind' => 'zone', 'zones' => ['rump'], 'state' => 'done', 'actual' => self::blade('7F')],
            ['kind' => 'nonsense'],
        ];
        $this->ask(
            'POST',
            "/api/grooms/$groom/taps",
            [
                'sent_at' => $at,
                'device' => 'tablet-1',
                'taps' => array_map(
                    static fn (array $t): array => ['id' => bin2hex(random_bytes(8)), 'at' => $at] + $t,
                    $taps,
                ),
            ],
            200,
        );
        $this->holds('post', '/api/grooms/{id}/taps', '200');
        $this->ask(
            'POST',
            "/api/grooms/$groom/taps",
            [
                'sent_at' => $at,
                'device' => 'phone-9',
                'taps' => [
                    [
                        'id' => bin2hex(random_bytes(8)),
                        'at' => $at,
                        'kind' => 'zone',
                        'zones' => ['rump'],
                        'state' => 'partly',
                    ],
                ],
            ],
            200,
        );
        $this->holds('post', '/api/grooms/{id}/taps', '200');
        $this->ask('GET', "/api/grooms/$groom", expect: 200);
        $this->holds('get', '/api/grooms/{id}', '200');
        $this->ask('GET', "/api/grooms/$groom/finish", expect: 200);
        $this->holds('get', '/api/grooms/{id}/finish', '200');
        $this->ask('POST', "/api/grooms/$groom/probe/answer", ['blade' => '10'], 200);
        $this->holds('post', '/api/grooms/{id}/probe/answer', '200');
        $arrival = self::text($this->ask('GET', "/api/grooms/$groom")['arrival']);
        $comb = self::map($this->ask('GET', "/api/arrivals/$arrival")['comb'])['version'];
        $felt = [['zone' => 'ribs_right', 'severity' => 4, 'spread' => 1, 'clearance' => false]];
        $this->ask('PUT', "/api/arrivals/$arrival/comb", ['zones' => $felt], 200, [
            'If-Match' => '"'.self::number($comb).'"',
        ]);
        $this->ask('POST', "/api/grooms/$groom/ask", [], 200);
        $this->holds('post', '/api/grooms/{id}/ask', '200');
        $this->ask(
            'PUT',
            '/api/dogs/'.$this->dogId('Osric').'/measures',
            [
                'neck_mm' => 300,
                'left_higher_mm' => 5,
                'left_leather_mm' => 60,
                'right_leather_mm' => 62,
                'leg_to_chest' => 0.8,
            ],
            200,
        );
        $this->holds('put', '/api/dogs/{id}/measures', '200');
        $line = ['zone' => 'loin', 'other' => 'back', 'wanted' => true];
        $this->ask('PUT', '/api/dogs/'.$this->dogId('Osric').'/hard-lines', $line, 200);
        $this->holds('put', '/api/dogs/{id}/hard-lines', '200');
        $this->ask('POST', "/api/grooms/$groom/close", ['message' => 'Osric is ready.'], 200);
        $this->holds('post', '/api/grooms/{id}/close', '200');
    }

    public function testTheAnswersOfKitWashThenAndPatterns(): void
    {
        $this->signIn('maren');
        $kit = self::rows($this->ask('GET', '/api/kit', expect: 200)['items']);
        $this->holds('get', '/api/kit', '200');
        $blade = self::text(self::find($kit, 'label', '10')['id']);
        $this->ask('GET', "/api/kit/$blade", expect: 200);
        $this->holds('get', '/api/kit/{id}', '200');
        $this->ask('POST', "/api/kit/$blade/measurement/answer", ['readings_mm' => [1.5, 1.6, 3.4]], 200);
        $this->holds('post', '/api/kit/{id}/measurement/answer', '200');
        $this->ask('POST', "/api/kit/$blade/calliper/answer", ['stroke' => 1], 200);
        $this->holds('post', '/api/kit/{id}/calliper/answer', '200');
        $derivation = self::text(
            $this->ask('PUT', "/api/kit/$blade/measurement", ['measured_mm' => 1.7], 200, ['If-Match' => '"1"'])['id'],
        );
        $this->workThrough();
        $this->ask('GET', "/api/kit/derivations/$derivation", expect: 200);
        $this->holds('get', '/api/kit/derivations/{id}', '200');
        $job = $this->newest('job');
        $this->ask('GET', "/api/jobs/$job", expect: 200);
        $this->holds('get', '/api/jobs/{id}', '200');
        $this->db()->executeStatement("UPDATE job SET state = 'failed', why = 'the server was away'");
        $this->ask('GET', '/api/jobs', expect: 200);
        $this->holds('get', '/api/jobs', '200');
        $this->ask('POST', "/api/jobs/$job/again", [], 200);
        $this->holds('post', '/api/jobs/{id}/again', '200');
        $this->db()->executeStatement("UPDATE message SET state = 'failed'");
        $message = $this->newest('message');
        $this->ask('POST', "/api/outbox/$message/again", [], 200);
        $this->holds('post', '/api/outbox/{id}/again', '200');
        $this->ask('POST', '/api/kit', ['kind' => 'rake', 'label' => 'fine rake', 'place' => $kit[0]['place']], 201);
        $this->holds('post', '/api/kit', '201');
        $this->ask('PUT', "/api/kit/$blade", ['place' => $kit[0]['place']], 200, ['If-Match' => '"2"']);
        $this->holds('put', '/api/kit/{id}', '200');
        $this->ask('POST', "/api/kit/$blade/entries", ['kind' => 'heat'], 201);
        $this->holds('post', '/api/kit/{id}/entries', '201');
        $wash = $this->ask('GET', '/api/wash', expect: 200);
        $this->holds('get', '/api/wash', '200');
        $this->ask(
            'POST',
            '/api/wash/bottles',
            ['product' => self::rows($wash['products'])[0]['id'], 'litres' => 2],
            201,
        );
        $this->holds('post', '/api/wash/bottles', '201');
        $this->ask(
            'POST',
            '/api/dogs/'.$this->dogId('Tansy').'/reactions',
            ['product' => self::rows($wash['products'])[0]['id'], 'what' => 'itch'],
            201,
        );
        $this->holds('post', '/api/dogs/{id}/reactions', '201');
        foreach (['Tansy', 'Gantry', 'Hobnob', 'Marl'] as $name) {
            $this->ask('GET', '/api/dogs/'.$this->dogId($name).'/then', expect: 200);
            $this->holds('get', '/api/dogs/{id}/then', '200');
        }
        $patterns = self::rows($this->ask('GET', '/api/patterns', expect: 200)['patterns']);
        $this->holds('get', '/api/patterns', '200');
        $first = self::text($patterns[0]['id']);
        $this->ask('GET', "/api/patterns/$first", expect: 200);
        $this->holds('get', '/api/patterns/{id}', '200');
        $this->ask('POST', "/api/patterns/$first/spread/answer", ['line' => 'back: 7F'], 200);
        $this->holds('post', '/api/patterns/{id}/spread/answer', '200');
        $this->zonesOf(self::rows($this->card('Tansy')['visits'])[0]);
        $this->holds('get', '/api/visits/{id}', '200');
        $this->ask('DELETE', "/api/patterns/$first/spread/$first", [], 200);
        $this->holds('delete', '/api/patterns/{id}/spread/{change}', '200');
        $fit = $this->ask('POST', '/api/dogs/'.$this->dogId('Sedge').'/pattern/answer', ['pattern' => $first], 200);
        $this->holds('post', '/api/dogs/{id}/pattern/answer', '200');
        $this->ask(
            'PUT',
            '/api/dogs/'.$this->dogId('Sedge').'/pattern',
            ['pattern' => $first, 'zones' => []],
            200,
            ['If-Match' => '"'.(\is_int($fit['revision']) ? $fit['revision'] : 0).'"'],
        );
        $this->holds('put', '/api/dogs/{id}/pattern', '200');
        $this->ask('GET', '/api/dogs/'.$this->dogId('Sedge').'/pattern', expect: 200);
        $this->holds('get', '/api/dogs/{id}/pattern', '200');
    }

    private function newest(string $table): string
    {
        return (string) Uuid::fromBinary(
            self::text($this->db()->fetchOne("SELECT id FROM $table ORDER BY id DESC LIMIT 1")),
        );
    }
}
