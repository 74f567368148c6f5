<?php

/** What a refused request must look like. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

abstract class HostileCase extends ApiTestCase
{
    protected function refusedPlainly(string $line): void
    {
        $status = $this->client->getResponse()->getStatusCode();
        self::assertGreaterThanOrEqual(400, $status, $line);
        self::assertLessThan(500, $status, $line);
        $this->plain();
    }

    protected function plain(): void
    {
        $answer = (string) $this->client->getResponse()->getContent();
        self::assertJson($answer);
        self::assertDoesNotMatchRegularExpression(
            '~SQLSTATE|Stack trace|Doctrine\\\\|Symfony\\\\|\.php|/vendor/~',
            $answer,
        );
    }
}
