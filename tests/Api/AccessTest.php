<?php

/** Who may do what, and that no route leaks across salons: one table of route × role × salon. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Demo\DemoLoader;
use Symfony\Component\Routing\RouterInterface;

final class AccessTest extends AccessCase
{
    public function testTheTableNamesEveryRoute(): void
    {
        $router = self::getContainer()->get('router');
        self::assertInstanceOf(RouterInterface::class, $router);
        $routes = [];
        foreach ($router->getRouteCollection() as $route) {
            $routes[] = $route->getMethods()[0].' '.$route->getPath();
        }
        $known = [
            ...array_keys(self::table()),
            'POST /api/session',
            'GET /api/health',
            'GET /api/enter/{token}',
            'POST /api/enter/{token}/salon',
            'POST /api/enter/{token}/person',
            'POST /api/enter/{token}/password',
            'GET /agreement/{token}',
            'GET /agreement/{token}.pdf',
            'GET /care/{token}',
            'GET /care/{token}.pdf',
            'GET /date/{token}',
            'POST /date/{token}',
            'GET /receipt/{token}',
            'GET /history/{token}',
            'POST /history/{token}',
            'GET /calendar/{token}.ics',
            'GET /receipt/{token}.pdf',
        ];
        sort($routes);
        sort($known);
        self::assertSame($known, $routes);
    }

    public function testNobodyGetsInWithoutSigningIn(): void
    {
        foreach (array_keys(self::table()) as $line) {
            [$method, $path] = explode(' ', $line);
            $this->ask($method, $this->fill($path, 'Tansy'), $this->body($line), 401);
        }
    }

    public function testEveryRouteLetsItsRolesInAndNoOther(): void
    {
        foreach (self::ROLES as $login => $role) {
            foreach (self::table() as $line => [$roles]) {
                if ('DELETE /api/session' === $line) {
                    continue;
                }
                $this->signIn($login);
                [$method, $path] = explode(' ', $line);
                $target = $this->fill($path, 'Tansy');
                if ('POST /api/homes/{id}/erasure' === $line) {
                    $target = "/api/homes/{$this->anEmptyHome()}/erasure";
                }
                if ('DELETE /api/imports/{id}' === $line) {
                    $target = '/api/imports/'.$this->anImport('done');
                }
                if ('DELETE /api/photos/{id}' === $line) {
                    $target = '/api/photos/'.$this->anotherPhoto();
                }
                $file = self::file($line);
                if (null !== $file) {
                    $this->giveSheet($file, path: $path);
                } elseif ('POST /api/dogs/{id}/histories/file' === $line) {
                    $this->giveSheet($this->aCopy($target), path: $target);
                } elseif ('POST /api/arrivals/{id}/photos' === $line) {
                    $this->sendPhoto($target);
                } else {
                    $own = 'POST /api/me/pin/answer' === $line ? ['pin' => DemoLoader::PEOPLE[$login][2]] : null;
                    $this->ask($method, $target, $own ?? $this->body($line), headers: ['If-Match' => '"1"']);
                }
                $status = $this->client->getResponse()->getStatusCode();
                if (\in_array($role, $roles, true)) {
                    self::assertNotContains($status, [401, 403, 404, 422, 500], "$role may $line");
                } else {
                    self::assertSame(403, $status, "$role may not $line");
                }
            }
        }
    }

    public function testAnotherSalonsIdsDoNotExistHere(): void
    {
        $this->signIn('sunniva');
        foreach (self::table() as $line => [, $owned]) {
            if ($owned) {
                [$method, $path] = explode(' ', $line);
                $this->ask($method, $this->fill($path, 'Tansy'), $this->body($line), 404, ['If-Match' => '"1"']);
            }
        }
    }

    public function testListsShowOnlyTheOwnSalon(): void
    {
        $this->signIn('sunniva');
        $dogs = self::rows($this->ask('GET', '/api/dogs')['dogs']);
        self::assertSame(['Quillon'], array_column($dogs, 'name'));
        self::assertSame([], $this->ask('GET', '/api/dogs?q=tansy')['dogs']);
        self::assertSame([], $this->ask('GET', '/api/dogs?q=4471')['dogs']);
        self::assertSame(
            ['Quillon'],
            array_values(
                array_unique(
                    array_map(
                        self::text(...),
                        array_column(self::rows($this->ask('GET', '/api/log')['entries']), 'dog_name'),
                    ),
                ),
            ),
        );
        self::assertSame([], $this->ask('GET', '/api/log?dog='.$this->dogId('Tansy'))['entries']);
        foreach (self::rows($this->ask('GET', '/api/kit')['items']) as $item) {
            self::assertSame('Loft', $item['place_name']);
        }
        $this->signIn('maren');
        self::assertCount(18, self::rows($this->ask('GET', '/api/dogs')['dogs']));
    }

    public function testAnotherSalonsPlaceAndPersonCannotBeNamed(): void
    {
        $this->signIn('sunniva');
        $place = self::text(self::rows($this->ask('GET', '/api/session')['places'])[0]['id']);
        $person = self::text($this->ask('GET', '/api/session')['id']);
        $household = self::text(self::map($this->card('Quillon')['dog'])['household']);
        $this->signIn('maren');
        $tansy = $this->dogId('Tansy');
        $this->ask('GET', "/api/dogs/$tansy/card?place=$place", expect: 404);
        $this->ask('POST', "/api/dogs/$tansy/visits", ['day' => date('Y-m-d'), 'place' => $place, 'zones' => []], 404);
        $this->ask('POST', "/api/dogs/$tansy/bookings", ['day' => date('Y-m-d'), 'staff' => $person], 404);
        $this->ask(
            'POST',
            '/api/dogs',
            ['name' => 'Brisk', 'breed' => 'cross', 'coat' => 'wire', 'household' => $household],
            404,
        );
    }
}
