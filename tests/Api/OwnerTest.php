<?php

/** What owners see and what is kept of them: one home's people, the link to a home-care sheet, messages. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use Doctrine\ORM\EntityManagerInterface;

final class OwnerTest extends ApiTestCase
{
    public function testAnotherDogOfTheHomeHasItsOwnersNewPhoneAtOnce(): void
    {
        $this->signIn('junia');
        $household = self::text(self::map($this->card('Tansy')['dog'])['household']);
        $sibling = $this->ask(
            'POST',
            '/api/dogs',
            ['name' => 'Burdock', 'breed' => 'cross', 'coat' => 'wire', 'household' => $household],
            201,
        );
        $path = '/api/dogs/'.self::text($sibling['id']);
        $this->client->request('GET', "$path/card");
        $etag = (string) $this->client->getResponse()->headers->get('ETag');
        $dog = self::map($this->card('Tansy')['dog']);
        $change = [
            'name' => 'Tansy',
            'breed' => $dog['breed'],
            'coat' => 'curly',
            'owner' => ['name' => 'Somebody New', 'phone' => '0555 777 1234'],
        ];
        $this->ask('PUT', '/api/dogs/'.$this->dogId('Tansy'), $change, 200, [
            'If-Match' => '"'.(int) self::number($dog['version']).'"',
        ]);
        $this->ask('GET', "$path/card", expect: 200, headers: ['If-None-Match' => $etag]);
        self::assertSame(
            '0555 777 1234',
            self::rows(self::map($this->ask('GET', "$path/card", expect: 200)['dog'])['people'])[0]['phone'],
        );
        self::assertContains(
            'Burdock',
            array_column(self::rows($this->ask('GET', '/api/dogs?q=7771234', expect: 200)['dogs']), 'name'),
            'and is found by it',
        );
        // Whose form was open would put the old number back: told instead.
        $this->ask(
            'PUT',
            $path,
            [
                'name' => 'Burdock',
                'breed' => 'cross',
                'coat' => 'wire',
                'owner' => ['name' => 'x', 'phone' => '0555 000'],
            ],
            412,
            ['If-Match' => '"1"'],
        );
    }

    public function testMeasuringAnEarHoldsUpNobodysForm(): void
    {
        $this->signIn('tove');
        $dog = self::map($this->card('Tansy')['dog']);
        $this->ask('PUT', '/api/dogs/'.$this->dogId('Tansy').'/measures', ['neck_mm' => 310], 200);
        $this->ask(
            'PUT',
            '/api/dogs/'.$this->dogId('Tansy'),
            ['name' => 'Tansy', 'breed' => 'otherwise', 'coat' => 'curly'],
            200,
            ['If-Match' => '"'.(int) self::number($dog['version']).'"'],
        );
        self::assertSame(
            310,
            (int) self::number(
                self::map($this->ask('GET', '/api/dogs/'.$this->dogId('Tansy').'/measures')['measures'])['neck_mm'],
            ),
        );
    }

    public function testAnOwnersLinkIsClosedAtOnceAndExpires(): void
    {
        $this->signIn('tove');
        $groom = $this->groomOf('Cobnut');
        $link = self::text($this->ask('POST', "/api/grooms/$groom/close", [], 200)['care_link']);
        foreach (["$link", "$link.pdf"] as $path) {
            $this->client->request('GET', $path);
            self::assertResponseIsSuccessful();
        }
        self::assertSame(1, $this->db()->fetchOne('SELECT COUNT(*) FROM owner_pdf'), 'made once and kept');
        $this->client->request('GET', "$link.pdf");
        self::assertStringStartsWith('%PDF', (string) $this->client->getResponse()->getContent());
        $this->db()->executeStatement('UPDATE groom SET link_until = ? WHERE care_token IS NOT NULL', [
            date('Y-m-d H:i:s', time() - 60),
        ]);
        self::forget();
        $this->client->request('GET', $link);
        self::assertResponseStatusCodeSame(404);
        $this->db()->executeStatement('UPDATE groom SET link_until = ? WHERE care_token IS NOT NULL', [
            date('Y-m-d H:i:s', time() + 3600),
        ]);
        self::forget();
        $this->ask('DELETE', "/api/grooms/$groom/care-link", expect: 204);
        self::forget();
        foreach (["$link", "$link.pdf"] as $path) {
            $this->client->request('GET', $path);
            self::assertResponseStatusCodeSame(404);
        }
        self::assertNull($this->ask('GET', "/api/grooms/$groom", expect: 200)['care_link']);
    }

    /** The next request reads the database, as it does in a process of its own. */
    private static function forget(): void
    {
        $manager = self::getContainer()->get(EntityManagerInterface::class);
        self::assertInstanceOf(EntityManagerInterface::class, $manager);
        $manager->clear();
    }
}
