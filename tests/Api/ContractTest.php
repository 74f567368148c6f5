<?php

/**
 * What the OpenAPI document promises is what the API answers: every answer of a working day is held against its
 * schema.
 */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;

final class ContractTest extends ApiTestCase
{
    /** @var array<string, mixed> */
    private static array $document = [];

    public static function setUpBeforeClass(): void
    {
        self::$document = self::map(
            json_decode(
                (string) file_get_contents(\dirname(__DIR__, 2).'/docs/api/openapi.json'),
                true,
                512,
                \JSON_THROW_ON_ERROR,
            ),
        );
    }

    /** @return iterable<string, array{string, string, string}> who, path of the document, path that is asked */
    public static function reads(): iterable
    {
        yield 'session' => ['tove', '/api/session', '/api/session'];
        yield 'words' => ['tove', '/api/words', '/api/words'];
        yield 'book' => ['tove', '/api/dogs', '/api/dogs'];
        yield 'search' => ['tove', '/api/dogs', '/api/dogs?q=marchp'];
        yield 'search, a typo away' => ['tove', '/api/dogs', '/api/dogs?q=tansey'];
        yield 'nothing found' => ['tove', '/api/dogs', '/api/dogs?q=nobodyatall'];
        yield 'house' => ['wim', '/api/house', '/api/house'];
        yield 'order of Perrin' => ['tove', '/api/dogs/{id}/order', '/api/dogs/Perrin/order'];
        yield 'kit' => ['tove', '/api/kit', '/api/kit'];
        yield 'log' => ['tove', '/api/log', '/api/log'];
        yield 'incidents' => ['wim', '/api/incidents', '/api/incidents'];
        yield 'outbox' => ['junia', '/api/outbox', '/api/outbox'];
        yield 'last time of Sorrel' => ['tove', '/api/dogs/{id}/repeat', '/api/dogs/Sorrel/repeat'];
        yield 'measures of Sorrel' => ['tove', '/api/dogs/{id}/measures', '/api/dogs/Sorrel/measures'];
        yield 'line of Sorrel' => ['tove', '/api/dogs/{id}/line', '/api/dogs/Sorrel/line'];
        yield 'schools of Sorrel' => ['tove', '/api/dogs/{id}/schools', '/api/dogs/Sorrel/schools'];
        yield 'bookings' => ['junia', '/api/bookings', '/api/bookings'];
        foreach (
            [
                'Tansy',
                'Osric',
                'Marl',
                'Dimity',
                'Gantry',
                'Sorrel',
                'Perrin',
                'Cobnut',
                'Isolde',
                'Hobnob',
                'Wick',
                'Sedge',
            ] as $dog
        ) {
            yield "card of $dog" => ['tove', '/api/dogs/{id}/card', "/api/dogs/$dog/card?wish=9"];
        }
    }

    #[DataProvider('reads')]
    public function testAnAnswerIsWhatTheDocumentSays(string $who, string $documented, string $path): void
    {
        $this->signIn($who);
        if (1 === preg_match('#^/api/dogs/(\w+)/#', $path, $m)) {
            $path = str_replace($m[1], $this->dogId($m[1]), $path);
        }
        $this->ask('GET', $path, expect: 200);
        $this->holds('get', $documented, '200');
    }

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
        $this->ask('POST', "/api/grooms/$groom/close", ['message' => 'Osric is ready.'], 200);
        $this->holds('post', '/api/grooms/{id}/close', '200');
    }

    public function testTheAnswersOfAWorkingDay(): void
    {
        $this->signIn('maren');
        $tansy = $this->dogId('Tansy');
        $this->ask('POST', "/api/dogs/$tansy/answer", ['zone' => 'back', 'recipe' => self::guard(10, '10')], 200);
        $this->holds('post', '/api/dogs/{id}/answer', '200');
        $this->ask('PUT', "/api/dogs/$tansy/plan/back", self::guard(10, '10'), 200, ['If-Match' => '"1"']);
        $this->holds('put', '/api/dogs/{id}/plan/{zone}', '200');
        $change = ['zone' => 'loin', 'version' => 1, 'recipe' => self::blade('7F')];
        $this->ask('POST', "/api/dogs/$tansy/plan/changes", ['changes' => [$change]], 200);
        $this->holds('post', '/api/dogs/{id}/plan/changes', '200');
        $this->ask('DELETE', "/api/dogs/$tansy/plan/belly", [], 200, ['If-Match' => '"1"']);
        $this->holds('delete', '/api/dogs/{id}/plan/{zone}', '200');
        $change = self::text(self::rows($this->ask('GET', "/api/log?dog=$tansy")['entries'])[0]['id']);
        $this->ask('POST', "/api/log/$change/undo", [], 200);
        $this->holds('post', '/api/log/{id}/undo', '200');
        $visit = [
            'day' => date('Y-m-d'),
            'minutes' => 95,
            'zones' => [
                ['zone' => 'ribs_left', 'state' => 'done', 'arrival_mm' => 30],
                ['zone' => 'belly', 'state' => 'deferred', 'why' => 'tired'],
            ],
        ];
        $this->ask('POST', "/api/dogs/$tansy/visits", $visit, 201);
        $this->holds('post', '/api/dogs/{id}/visits', '201');
        $booking = $this->ask(
            'POST',
            "/api/dogs/$tansy/bookings",
            ['day' => date('Y-m-d', strtotime('+40 days')), 'time' => '10:15', 'kind' => 'tidy'],
            201,
        );
        $this->holds('post', '/api/dogs/{id}/bookings', '201');
        $this->ask('DELETE', '/api/bookings/'.self::text($booking['id']), [], 200, ['If-Match' => '"1"']);
        $dog = $this->ask(
            'POST',
            '/api/dogs',
            [
                'name' => 'Brisk',
                'breed' => 'cross',
                'coat' => 'wire',
                'owner' => ['name' => 'Nell Sedgeley', 'phone' => '0555 014 0000'],
            ],
            201,
        );
        $this->holds('post', '/api/dogs', '201');
        $id = self::text($dog['id']);
        $this->ask('GET', "/api/dogs/$id/card", expect: 200);
        $this->holds('get', '/api/dogs/{id}/card', '200');
        $this->ask('POST', "/api/dogs/$tansy/arrivals", [], 200);
        $arrival = self::text($this->ask('POST', "/api/dogs/$tansy/arrivals", [], 200)['id']);
        $this->holds('post', '/api/dogs/{id}/arrivals', '200');
        $this->ask(
            'PUT',
            "/api/arrivals/$arrival/comb",
            ['zones' => [['zone' => 'back', 'severity' => 4], ['zone' => 'chest', 'severity' => 2, 'spread' => 0.5]]],
            200,
            ['If-Match' => '"1"'],
        );
        $this->holds('put', '/api/arrivals/{id}/comb', '200');
        $this->ask('PUT', "/api/arrivals/$arrival/check", ['kg' => 11.2, 'skin' => ['red']], 200, [
            'If-Match' => '"1"',
        ]);
        $this->holds('put', '/api/arrivals/{id}/check', '200');
        $this->ask('PUT', "/api/dogs/$tansy/handling/dryer", ['tolerance' => 1], 200, ['If-Match' => '"0"']);
        $this->holds('put', '/api/dogs/{id}/handling/{tool}', '200');
        $this->ask('POST', "/api/dogs/$tansy/handling/dryer/ladder", ['rung' => 'near_body', 'calm' => false], 201);
        $this->holds('post', '/api/dogs/{id}/handling/{tool}/ladder', '201');
        $this->ask(
            'POST',
            "/api/arrivals/$arrival/agreement",
            [
                'agreed' => true,
                'signed_by' => 'Aveline',
                'signature' => 'M1,1L2,2',
                'comb_version' => 2,
                'check_version' => 2,
                'choice' => 'even_out',
            ],
            201,
        );
        $this->holds('post', '/api/arrivals/{id}/agreement', '201');
        $this->ask('GET', "/api/arrivals/$arrival", expect: 200);
        $this->holds('get', '/api/arrivals/{id}', '200');
        $this->ask('PUT', '/api/house', ['rate_minor' => 70, 'mat_rate_minor' => 90, 'mat_limit' => 11.5], 200, [
            'If-Match' => '"1"',
        ]);
        $this->holds('put', '/api/house', '200');
        $blade = self::find(self::rows($this->ask('GET', '/api/kit')['items']), 'kind', 'blade');
        $this->ask('PUT', '/api/kit/'.self::text($blade['id']).'/measurement', ['measured_mm' => 0.22], 200, [
            'If-Match' => '"1"',
        ]);
        $this->holds('put', '/api/kit/{id}/measurement', '200');
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
        $this->ask('POST', "/api/kit/derivations/$derivation/steps", [], 200);
        $this->holds('post', '/api/kit/derivations/{id}/steps', '200');
        $this->ask('GET', "/api/kit/derivations/$derivation", expect: 200);
        $this->holds('get', '/api/kit/derivations/{id}', '200');
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

    public function testEveryDocumentedRouteExistsAndEveryReferenceResolves(): void
    {
        $schemas = self::map(self::map(self::$document['components'])['schemas']);
        preg_match_all(
            '~"#/components/schemas/(\w+)"~',
            str_replace('\/', '/', json_encode(self::$document, \JSON_THROW_ON_ERROR)),
            $references,
        );
        foreach (array_unique($references[1]) as $name) {
            self::assertArrayHasKey($name, $schemas);
        }
        self::assertSame('3.0.0', self::$document['openapi']);
        self::assertGreaterThan(12, \count(self::map(self::$document['paths'])));
    }

    /** The last answer against the schema of this operation. */
    private function holds(string $verb, string $path, string $status): void
    {
        $operation = self::map(self::map(self::map(self::$document['paths'])[$path])[$verb]);
        $responses = self::map($operation['responses']);
        self::assertArrayHasKey($status, $responses, "$verb $path does not document $status");
        $schema = self::map(self::map(self::map($responses[$status])['content'])['application/json'])['schema'];
        $whole = json_decode(
            json_encode(
                self::jsonSchema(['allOf' => [$schema], 'components' => self::$document['components']]),
                \JSON_THROW_ON_ERROR,
            ),
            false,
            512,
            \JSON_THROW_ON_ERROR,
        );
        self::assertIsObject($whole);
        $validator = new Validator();
        $validator->setMaxErrors(3);
        $result = $validator->validate(json_decode((string) $this->client->getResponse()->getContent()), $whole);
        $error = $result->error();
        self::assertTrue(
            $result->isValid(),
            "$verb $path: ".
                (null === $error ? '' : json_encode((new \Opis\JsonSchema\Errors\ErrorFormatter())->format($error))),
        );
    }

    /**
     * OpenAPI 3.0's spelling as JSON Schema: nullable, and references beside it.
     *
     * @param array<mixed> $node
     *
     * @return array<mixed>
     */
    private static function jsonSchema(array $node): array
    {
        $nullable = true === ($node['nullable'] ?? null);
        unset($node['nullable']);
        if (true === ($node['exclusiveMinimum'] ?? null)) {
            $node['exclusiveMinimum'] = $node['minimum'];
            unset($node['minimum']);
        }
        $node = array_map(static fn (mixed $v): mixed => \is_array($v) ? self::jsonSchema($v) : $v, $node);

        return $nullable ? ['anyOf' => [['type' => 'null'], $node]] : $node;
    }
}
