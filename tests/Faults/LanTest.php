<?php

/** The salon's own network: TLS by a root of the salon's making, a plain page that leads there, loopback as ever. */

declare(strict_types=1);

namespace KeenThistle\Tests\Faults;

final class LanTest extends FaultCase
{
    private const NAME = 'salon.home.arpa';

    /** As bin/start --lan does it; the instance is what it was afterwards. */
    public function testANameIsServedOverTlsAndTrustedByItsRoot(): void
    {
        $port = self::house(self::as('stop_one nginx; start_web; echo "$LAN_PORT"'));
        try {
            self::assertSame(['{"status":"ok"}', 0], self::get('https', $port, '/api/health', true));
            self::assertNotSame(0, self::get('https', $port, '/api/health', false)[1], 'no root, no trust');
            // Without TLS nothing of the salon is there but the page that leads to it.
            foreach (['/', '/api/health', '/book'] as $path) {
                self::assertStringContainsString('Fetch the salon', self::get('http', $port, $path, false)[0]);
            }
            self::assertStringContainsString(
                'BEGIN CERTIFICATE',
                self::get('http', $port, '/salon-root.crt', false)[0],
            );
            [$signedIn] = self::get('https', $port, '/api/session', true, [
                '-i', '-H', 'Content-Type: application/json', '-d', '{"login":"maren","password":"thistle-demo"}',
            ]);
            self::assertMatchesRegularExpression('/thistle=.*secure; httponly; samesite=strict/i', $signedIn);
            $dates = self::house(self::as(
                'cd "$HOME_DIR/tls"; stat -c %a root.key salon.key; '.
                    'openssl x509 -noout -checkend 31000000 -in salon.crt; openssl verify -CAfile root.crt salon.crt',
            ));
            self::assertStringStartsWith("600\n600\n", $dates);
            self::assertStringContainsString('Certificate will not expire', $dates);
            self::assertStringEndsWith('salon.crt: OK', $dates);
        } finally {
            self::house('stop_one nginx; start_web');
        }
        self::assertNotSame(0, self::get('https', $port, '/api/health', true)[1], 'loopback alone again');
        self::assertSame(200, self::person()->ask('GET', '/api/health')[0]);
    }

    private static function as(string $command): string
    {
        return 'LAN_NAME='.self::NAME.'; use_instance "$INSTANCE" "$WEB_PORT"; '.$command;
    }

    /**
     * @param list<string> $more
     *
     * @return array{string, int} what came, and curl's own end
     */
    private static function get(string $scheme, string $port, string $path, bool $trusts, array $more = []): array
    {
        $call = [
            'curl', '-s', '-m', '20', '--resolve', self::NAME.":$port:127.0.0.1", ...$more,
            ...($trusts ? ['--cacert', self::given('KT_HOME').'/tls/root.crt'] : []),
            "$scheme://".self::NAME.":$port$path",
        ];
        exec(implode(' ', array_map(escapeshellarg(...), $call)), $lines, $end);

        return [implode("\n", $lines), $end];
    }
}
