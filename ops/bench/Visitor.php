<?php

/** One person's browser: cookies, a connection kept open, times in ms. */

declare(strict_types=1);

final class Visitor
{
    public CurlHandle $curl;
    public string $etag = '';

    public function __construct(private string $base)
    {
        $this->curl = curl_init();
        curl_setopt_array($this->curl, [
            \CURLOPT_RETURNTRANSFER => true,
            \CURLOPT_COOKIEFILE => '',
            \CURLOPT_ENCODING => '',
        ]);
    }

    /** @return array{float, string} milliseconds, body */
    public function get(string $path, array $more = [], int $expect = 200): array
    {
        curl_setopt_array(
            $this->curl,
            [\CURLOPT_URL => $this->base.$path, \CURLOPT_HTTPGET => true, \CURLOPT_HTTPHEADER => []] + $more,
        );
        if ([] !== $more) {
            curl_setopt_array($this->curl, $more);
        }
        $began = hrtime(true);
        $body = (string) curl_exec($this->curl);
        $ms = (hrtime(true) - $began) / 1e6;
        $status = curl_getinfo($this->curl, \CURLINFO_RESPONSE_CODE);
        if ($status !== $expect) {
            throw new RuntimeException("$path answered $status: ".substr($body, 0, 300));
        }

        return [$ms, $body];
    }

    public function signIn(string $login): string
    {
        return $this->get('/api/session', [
            \CURLOPT_POST => true,
            \CURLOPT_POSTFIELDS => json_encode(['login' => $login, 'password' => 'thistle-demo']),
            \CURLOPT_HTTPHEADER => ['Content-Type: application/json'],
        ])[1];
    }
}
