<?php

/**
 * What the OpenAPI document promises is what the API answers: every answer of a working day is held against its
 * schema.
 */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use PHPUnit\Framework\Attributes\DataProvider;

final class ContractTest extends ContractCase
{
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
        yield 'emergency' => ['tove', '/api/emergency', '/api/emergency'];
        yield 'kinds of Perrin' => ['tove', '/api/dogs/{id}/kinds', '/api/dogs/Perrin/kinds'];
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
        $this->ask('PUT', '/api/house', ['mat_limit' => 11.5], 200, [
            'If-Match' => '"1"',
        ]);
        $this->holds('put', '/api/house', '200');
        $blade = self::find(self::rows($this->ask('GET', '/api/kit')['items']), 'kind', 'blade');
        $this->ask('PUT', '/api/kit/'.self::text($blade['id']).'/measurement', ['measured_mm' => 0.22], 200, [
            'If-Match' => '"1"',
        ]);
        $this->holds('put', '/api/kit/{id}/measurement', '200');
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
}
