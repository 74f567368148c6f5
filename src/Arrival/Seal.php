<?php

/** Makes an agreement tamper-evident: each seal covers its own content and the seal before it. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * Its keys are its own, one a line in a file, newest first: the first one seals, any of them still opens, so that a
 * copy
 * of the salon that is put back elsewhere keeps its agreements, and a new key does not make the old ones read as
 * forged.
 */
final class Seal
{
    /** @var non-empty-list<string>|null */
    private ?array $keys = null;

    public function __construct(#[Autowire('%env(SEAL_KEY_FILE)%')] private readonly string $file)
    {
    }

    /** @param string $before seal of the agreement before this one of the same arrival, or empty */
    public function of(Agreement $a, string $before): string
    {
        return self::with($this->keys()[0], $a, $before);
    }

    /** @param list<Agreement> $agreements of one arrival, oldest first */
    public function holds(array $agreements): bool
    {
        $before = '';
        foreach ($agreements as $i => $a) {
            if ($a->number !== $i + 1 || !$this->fits($a, $before)) {
                return false;
            }
            $before = $a->seal;
        }

        return true;
    }

    /**
     * Of an agreement that came from elsewhere under other ids: made anew, if the one it came with fits.
     *
     * @param list<string> $was what it covered, as it was written: id, arrival, number, state, signed by, signature,
     *                          instant, terms, seal before
     * @param list<string> $is the same, as it is kept here
     */
    public function again(array $was, array $is, string $seal): string
    {
        foreach ($this->keys() as $key) {
            if (hash_equals(self::over($key, $was), $seal)) {
                return self::over($this->keys()[0], $is);
            }
        }

        return $seal;
    }

    /**
     * What leaves the house is signed so that anybody can tell that it was not changed, and this house that it is its
     * own.
     *
     * @return array{key: string, signature: string} hexadecimal digits, Ed25519
     */
    public function sign(string $text): array
    {
        $pair = self::pair($this->keys()[0]);

        return [
            'key' => bin2hex(sodium_crypto_sign_publickey($pair)),
            'signature' => bin2hex(sodium_crypto_sign_detached($text, sodium_crypto_sign_secretkey($pair))),
        ];
    }

    /** @return 'own'|'other'|'no' signed here, signed elsewhere, or changed since */
    public function signed(string $text, string $key, string $signature): string
    {
        $isSaid = 1 === preg_match('/^[0-9a-f]{64}$/D', $key) && 1 === preg_match('/^[0-9a-f]{128}$/D', $signature);
        if (!$isSaid || !self::verifies($text, (string) hex2bin($key), (string) hex2bin($signature))) {
            return 'no';
        }
        $own = array_map(
            static fn (string $k): string => bin2hex(sodium_crypto_sign_publickey(self::pair($k))),
            $this->keys(),
        );

        return \in_array($key, $own, true) ? 'own' : 'other';
    }

    private static function verifies(string $text, string $key, string $signature): bool
    {
        return '' !== $key && '' !== $signature && sodium_crypto_sign_verify_detached($signature, $text, $key);
    }

    /** @return non-empty-string */
    private static function pair(#[\SensitiveParameter] string $key): string
    {
        return sodium_crypto_sign_seed_keypair(hash('sha256', "history $key", true));
    }

    /** @param list<string> $covered */
    private static function over(#[\SensitiveParameter] string $key, array $covered): string
    {
        $covered[7] = hash('sha256', $covered[7]);

        return hash_hmac('sha256', implode("\n", $covered), $key);
    }

    private function fits(Agreement $a, string $before): bool
    {
        foreach ($this->keys() as $key) {
            if (hash_equals(self::with($key, $a, $before), $a->seal)) {
                return true;
            }
        }

        return false;
    }

    private static function with(#[\SensitiveParameter] string $key, Agreement $a, string $before): string
    {
        return self::over($key, [
            (string) $a->id,
            (string) $a->arrival->id,
            (string) $a->number,
            $a->agreed ? 'agreed' : 'refused',
            $a->signedBy,
            $a->signature,
            $a->at->format('Y-m-d H:i:s'),
            $a->terms,
            $before,
        ]);
    }

    /** @return non-empty-list<string> */
    private function keys(): array
    {
        if (null === $this->keys) {
            $lines = is_readable($this->file)
                ? file($this->file, \FILE_IGNORE_NEW_LINES | \FILE_SKIP_EMPTY_LINES)
                : false;
            $keys = array_values(
                array_filter(
                    array_map(trim(...), false === $lines ? [] : $lines),
                    static fn (string $k): bool => \strlen($k) >= 32,
                ),
            );
            $this->keys =
                [] === $keys
                    ? throw new \RuntimeException(
                        "No key to seal agreements with: $this->file (SEAL_KEY_FILE) must hold one "
                        .'of 32 characters or more.',
                    )
                    : $keys;
        }

        return $this->keys;
    }
}
