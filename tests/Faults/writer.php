<?php

// Writes without end until the file STOP appears, every write again with its own key until it is acknowledged, and
// notes
// what it was told: php writer.php ADDRESS NAME FOLDER steps|photos. A line a write: key, tries, other answers.

declare(strict_types=1);

use KeenThistle\Tests\Faults\Person;

require dirname(__DIR__, 2).'/vendor/autoload.php';

[, $address, $name, $folder, $kind] = $argv;
$text = static fn (mixed $value): string => is_string($value)
    ? $value
    : throw new RuntimeException('no text: '.json_encode($value));
$person = Person::again($address);
// Servers may be killed while somebody is still coming in.
$patiently = static function (string $method, string $path, int $status) use (&$person, $address): array {
    for ($try = 0;; ++$try) {
        [$got, $answer] = $person->ask($method, $path);
        if ($got === $status) {
            return $answer;
        }
        if ($try > 200) {
            throw new RuntimeException("$method $path: $got ".json_encode($answer));
        }
        usleep(100_000);
        if (in_array($got, [401, 403], true)) {
            $person = Person::again($address);
        }
    }
};
$found = $patiently('GET', '/api/dogs?q=wick', 200)['dogs'] ?? null;
$dog = $text(is_array($found) && is_array($found[0] ?? null) ? $found[0]['id'] : null);
$arrival = '/api/arrivals/'.$text($patiently('POST', "/api/dogs/$dog/arrivals", 200)['id'] ?? null);
for ($n = 1; !file_exists("$folder/STOP"); ++$n) {
    $key = sprintf('key-%s-%d-%d', $name, $n, getmypid());
    $other = [];
    do {
        [$status] =
            'photos' === $kind
                ? $person->photo("$arrival/photos", $key)
                : $person->ask(
                    'POST',
                    "/api/dogs/$dog/handling/dryer/ladder",
                    ['rung' => 'sees_it', 'calm' => true],
                    key: $key,
                );
        if (in_array($status, [401, 403], true)) {
            // After a restore nobody is signed in any more.
            $person = Person::again($address);
        }
        if (201 !== $status) {
            $other[] = $status;
            usleep(20_000);
        }
    } while (201 !== $status && !file_exists("$folder/STOP") && count($other) < 1000);
    if (201 === $status) {
        file_put_contents(
            "$folder/$name.log",
            sprintf("%s %d %s\n", $key, count($other) + 1, implode(',', $other)),
            \FILE_APPEND,
        );
    }
    if ('photos' === $kind) {
        $person->takeOutAPhoto($arrival);
    }
}
