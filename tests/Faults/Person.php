<?php

/** Somebody signed in at a running instance: a session of their own, over real HTTP. */

declare(strict_types=1);

namespace KeenThistle\Tests\Faults;

/**
 * An answer is its status and body; status 0: nothing came back.
 *
 * @phpstan-type Answer array{int, array<string, mixed>}
 */
final readonly class Person
{
    /** @param list<string> $headers */
    private function __construct(private string $address, private array $headers, public string $id)
    {
    }

    public static function signIn(string $address, string $login = 'maren', string $password = 'thistle-demo'): self
    {
        $call = self::handle(
            $address,
            'POST',
            '/api/session',
            ['login' => $login, 'password' => $password],
            ['Content-Type: application/json'],
        );
        curl_setopt($call, \CURLOPT_HEADER, true);
        $answer = (string) curl_exec($call);
        if (
            200 !== curl_getinfo($call, \CURLINFO_RESPONSE_CODE)
            || 1 !== preg_match('/^set-cookie: ([^;]+)/mi', $answer, $cookie)
        ) {
            throw new \RuntimeException("$login could not sign in: $answer");
        }
        $session = json_decode(substr($answer, (int) strpos($answer, "\r\n\r\n")), true);
        \assert(\is_array($session) && \is_string($session['csrf']) && \is_string($session['id']));

        return new self(
            $address,
            ['Content-Type: application/json', "Cookie: $cookie[1]", "X-CSRF-Token: {$session['csrf']}"],
            $session['id'],
        );
    }

    /**
     * @param array<string, mixed>|null $body
     *
     * @return Answer
     */
    public function ask(
        string $method,
        string $path,
        ?array $body = null,
        ?int $version = null,
        ?string $key = null,
    ): array {
        $call = $this->call($method, $path, $body, $version, $key);
        $text = curl_exec($call);

        return self::answer($call, \is_string($text) ? $text : '');
    }

    /** Signs in until it is possible. */
    public static function again(string $address): self
    {
        for ($try = 0;; ++$try) {
            try {
                return self::signIn($address);
            } catch (\RuntimeException $e) {
                if ($try > 200) {
                    throw $e;
                }
                usleep(100_000);
            }
        }
    }

    /**
     * Adds a small photo.
     *
     * @return Answer
     */
    public function photo(string $path, string $key): array
    {
        static $file = null;
        if (null === $file) {
            $file = tempnam(sys_get_temp_dir(), 'kt');
            $image = imagecreatetruecolor(40, 30);
            \assert(false !== $image && false !== $file);
            imagejpeg($image, $file);
        }
        \assert(\is_string($file));
        $call = self::handle($this->address, 'POST', $path, null, [
            ...\array_slice($this->headers, 1),
            "Idempotency-Key: $key",
        ]);
        curl_setopt($call, \CURLOPT_POSTFIELDS, [
            'photo' => new \CURLFile($file, 'image/jpeg', 'p.jpg'),
            'zone' => 'back',
            'moment' => 'before',
        ]);

        return self::answer($call, (string) curl_exec($call));
    }

    /** One of those that are there. */
    public function takeOutAPhoto(string $arrival): void
    {
        $photos = $this->ask('GET', $arrival)[1]['photos'] ?? [];
        if (\is_array($photos) && [] !== $photos) {
            $one = $photos[array_rand($photos)];
            \assert(\is_array($one) && \is_string($one['id']));
            $this->ask('DELETE', "/api/photos/{$one['id']}");
        }
    }

    /**
     * Prepared, for sending many at the same moment.
     *
     * @param array<string, mixed>|null $body
     */
    public function call(
        string $method,
        string $path,
        ?array $body = null,
        ?int $version = null,
        ?string $key = null,
    ): \CurlHandle {
        $headers = [...$this->headers, 'Idempotency-Key: '.($key ?? bin2hex(random_bytes(12)))];
        if (null !== $version) {
            $headers[] = "If-Match: \"$version\"";
        }

        return self::handle($this->address, $method, $path, 'GET' === $method ? null : $body ?? [], $headers);
    }

    /**
     * All at once.
     *
     * @param array<int|string, \CurlHandle> $calls
     *
     * @return array<int|string, Answer>
     */
    public static function together(array $calls): array
    {
        $multi = curl_multi_init();
        foreach ($calls as $call) {
            curl_multi_add_handle($multi, $call);
        }
        do {
            curl_multi_exec($multi, $running);
            if ($running > 0) {
                curl_multi_select($multi, 0.05);
            }
        } while ($running > 0);
        $answers = [];
        foreach ($calls as $name => $call) {
            $answers[$name] = self::answer($call, (string) curl_multi_getcontent($call));
            curl_multi_remove_handle($multi, $call);
        }

        return $answers;
    }

    /** @return Answer */
    private static function answer(\CurlHandle $call, string $text): array
    {
        $body = json_decode($text, true);
        $map = [];
        foreach (\is_array($body) ? $body : ['text' => mb_substr($text, 0, 300)] as $name => $value) {
            $map[(string) $name] = $value;
        }
        $status = curl_getinfo($call, \CURLINFO_RESPONSE_CODE);

        return [\is_int($status) ? $status : 0, $map];
    }

    /**
     * @param array<string, mixed>|null $body
     * @param list<string> $headers
     */
    private static function handle(
        string $address,
        string $method,
        string $path,
        ?array $body,
        array $headers,
    ): \CurlHandle {
        \assert('' !== $method);
        $call = curl_init($address.$path);
        \assert(false !== $call);
        curl_setopt_array($call, [
            \CURLOPT_RETURNTRANSFER => true,
            \CURLOPT_CUSTOMREQUEST => $method,
            \CURLOPT_HTTPHEADER => $headers,
            \CURLOPT_TIMEOUT => 60,
        ]);
        if (null !== $body) {
            curl_setopt(
                $call,
                \CURLOPT_POSTFIELDS,
                json_encode([] === $body ? new \stdClass() : $body, \JSON_THROW_ON_ERROR),
            );
        }

        return $call;
    }
}
