<?php

/** An agreement is signed, sealed and shown; what was estimated stays known. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

final class AgreementTest extends ArrivalCase
{
    public function testAnAgreementIsSignedSealedAndShownToTheOwner(): void
    {
        $this->comb([self::mat('armpit_left', 4, 1.0)]);
        $agree = [
            'agreed' => true,
            'signed_by' => 'Aveline <i>M</i>',
            'signature' => 'M10,10L50,80L90,20',
            'comb_version' => 2,
            'check_version' => 1,
            'choice' => 'as_reckoned',
        ];
        $path = '/api/arrivals/'.self::text($this->arrival['id']).'/agreement';
        self::assertArrayHasKey(
            'signature',
            self::errors($this->ask('POST', $path, ['signature' => ''] + $agree, 422)),
        );
        self::assertArrayHasKey(
            'signature',
            self::errors($this->ask('POST', $path, ['signature' => 'M0,0"/><script>alert(1)</script>'] + $agree, 422)),
        );
        $this->ask('POST', $path, ['comb_version' => 1] + $agree, 412);
        self::assertArrayHasKey(
            'choice',
            self::errors($this->ask('POST', $path, ['choice' => 'even_out'] + $agree, 422)),
        );
        $view = $this->ask('POST', $path, $agree, 201);
        self::assertSame('agreed', $view['state']);
        $agreement = self::rows($view['agreements'])[0];
        self::assertSame(
            [1, true, true, true],
            [$agreement['number'], $agreement['agreed'], $agreement['intact'], $agreement['current']],
        );

        $link = self::text($agreement['link']);
        $this->client->getCookieJar()->clear();
        $this->client->request('GET', $link);
        $page = (string) $this->client->getResponse()->getContent();
        self::assertSame(200, $this->client->getResponse()->getStatusCode());
        self::assertStringContainsString('Aveline &lt;i&gt;M&lt;/i&gt;', $page);
        self::assertStringContainsString('left armpit', $page);
        self::assertStringContainsString('unchanged since it was signed', $page);
        self::assertStringContainsString(
            'no-store',
            (string) $this->client->getResponse()->headers->get('Cache-Control'),
        );
        $this->client->request('GET', "$link.pdf");
        self::assertStringStartsWith('%PDF-', (string) $this->client->getResponse()->getContent());
        $this->client->request('GET', '/agreement/'.str_repeat('0', 32));
        self::assertSame(404, $this->client->getResponse()->getStatusCode());
    }

    public function testAChangeAfterSigningIsShownAndTamperingIsSeen(): void
    {
        $sign = fn (int $version, bool $agreed): array => $this->ask(
            'POST',
            '/api/arrivals/'.self::text($this->arrival['id']).'/agreement',
            [
                'agreed' => $agreed,
                'signed_by' => 'Aveline',
                'signature' => 'M1,1L9,9',
                'comb_version' => $version,
                'check_version' => 1,
                'choice' => 'as_reckoned',
            ],
            201,
        );
        $sign(1, true);
        $this->comb([self::mat('chest', 2, 0.5)]);
        $view = $sign(2, false);
        self::assertSame('refused', $view['state']);
        self::assertSame([false, true], array_column(self::rows($view['agreements']), 'current'));
        self::assertSame([true, true], array_column(self::rows($view['agreements']), 'intact'));
        $this->db()->executeStatement(
            "UPDATE agreement SET terms = REPLACE(terms, '\"visits\":1', '\"visits\":2') WHERE number = 1 AND ".
                "signed_by = 'Aveline'",
        );
        self::assertSame(
            [false, false],
            array_column(
                self::rows($this->ask('GET', '/api/arrivals/'.self::text($this->arrival['id']))['agreements']),
                'intact',
            ),
        );
    }

    public function testAVisitAfterwardsKnowsWhatWasEstimated(): void
    {
        $this->comb([self::mat('loin', 2, 1.0)]);
        $this->ask(
            'POST',
            '/api/dogs/'.$this->dogId('Tansy').'/visits',
            ['day' => date('Y-m-d'), 'minutes' => 130, 'zones' => [['zone' => 'back']]],
            201,
        );
        $rows = $this->db()->fetchFirstColumn(
            'SELECT estimate FROM visit v JOIN dog d ON d.id = v.dog_id WHERE d.name = ? ORDER BY v.id DESC LIMIT 2',
            ['Tansy'],
        );
        self::assertGreaterThan(self::number($rows[1]), self::number($rows[0]), 'mats make the estimate longer');
    }
}
