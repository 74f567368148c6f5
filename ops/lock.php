<?php

// Locks and opens a small file with a passphrase: php ops/lock.php lock|open PASSPHRASE-FILE <in >out. Exit 1: the
// wrong one.

declare(strict_types=1);

[, $what, $file] = $argv + ['', '', ''];
$passphrase = trim((string) file_get_contents($file));
$given = (string) stream_get_contents(\STDIN);
$key = static fn (string $salt): string => sodium_crypto_pwhash(
    \SODIUM_CRYPTO_SECRETBOX_KEYBYTES,
    $passphrase,
    $salt,
    \SODIUM_CRYPTO_PWHASH_OPSLIMIT_MODERATE,
    \SODIUM_CRYPTO_PWHASH_MEMLIMIT_MODERATE,
    \SODIUM_CRYPTO_PWHASH_ALG_ARGON2ID13,
);
$salts = \SODIUM_CRYPTO_PWHASH_SALTBYTES;
$nonces = \SODIUM_CRYPTO_SECRETBOX_NONCEBYTES;
if ('' === $passphrase || !in_array($what, ['lock', 'open'], true)) {
    fwrite(\STDERR, "ops/lock.php lock|open PASSPHRASE-FILE\n");
    exit(1);
}
if ('lock' === $what) {
    $salt = random_bytes($salts);
    $nonce = random_bytes($nonces);
    echo base64_encode($salt.$nonce.sodium_crypto_secretbox($given, $nonce, $key($salt)))."\n";
    exit(0);
}
$bytes = (string) base64_decode(trim($given), true);
$opened =
    strlen($bytes) <= $salts + $nonces
        ? false
        : sodium_crypto_secretbox_open(
            substr($bytes, $salts + $nonces),
            substr($bytes, $salts, $nonces),
            $key(substr($bytes, 0, $salts)),
        );
if (false === $opened) {
    exit(1);
}
echo $opened;
