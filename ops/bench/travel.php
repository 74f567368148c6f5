<?php

// Measures what goes out and comes in: the export of a salon of 20 000 dogs, a sheet of 20 000 rows, a feed of 2 000
// bookings. travel.php HOME OF BENCH, PORT

declare(strict_types=1);

require dirname(__DIR__, 2).'/vendor/autoload.php';
require __DIR__.'/Visitor.php';

[, $home, $port] = $argv;
const ROWS = 20_000;
const BOOKED = 2_000;

$db = new PDO("mysql:unix_socket=$home/run/db/mariadb.sock;dbname=thistle", get_current_user(), '', [
    PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION,
    PDO::ATTR_DEFAULT_FETCH_MODE => PDO::FETCH_ASSOC,
]);
$manager = new Visitor("http://127.0.0.1:$port");
$csrf = json_decode($manager->signIn('bench101-manager'), true)['csrf'];
$asked = 0;
$write = static function (string $how, string $path, mixed $body, int $expect) use ($manager, $csrf, &$asked): array {
    $isFile = is_array($body) && ($body['file'] ?? null) instanceof CURLFile;
    [$ms, $answer] = $manager->get(
        $path,
        [
            \CURLOPT_HTTPGET => false,
            \CURLOPT_POST => true,
            \CURLOPT_CUSTOMREQUEST => $how,
            \CURLOPT_POSTFIELDS => $isFile ? $body : json_encode($body),
            \CURLOPT_HTTPHEADER => [
                "X-CSRF-Token: $csrf",
                'Idempotency-Key: travel-'.getmypid().'-'.++$asked,
                ...($isFile ? [] : ['Content-Type: application/json']),
            ],
        ],
        $expect,
    );

    return [$ms, json_decode($answer, true)];
};
$read = static fn (string $path, int $expect = 200): array => $manager->get(
    $path,
    [\CURLOPT_CUSTOMREQUEST => 'GET', \CURLOPT_HTTPGET => true],
    $expect,
);
/** The largest that a process of the worker has been, in MB. */
$largest = static function () use ($home): float {
    $most = 0.0;
    foreach ((array) glob('/proc/[0-9]*/cmdline') as $file) {
        $line = (string) @file_get_contents((string) $file);
        if (str_contains($line, 'messenger:consume') && str_contains($line, "error_log=$home/")) {
            preg_match('/VmHWM:\s+(\d+) kB/', (string) @file_get_contents(dirname((string) $file).'/status'), $found);
            $most = max($most, (int) ($found[1] ?? 0) / 1024);
        }
    }

    return $most;
};
$wait = static function (string $job, float $most) use ($read): float {
    for ($began = hrtime(true);; usleep(200_000)) {
        $now = json_decode($read("/api/jobs/$job")[1], true);
        $seconds = (hrtime(true) - $began) / 1e9;
        if ('done' === $now['state']) {
            return $seconds;
        }
        if ('failed' === $now['state'] || $seconds > $most) {
            throw new RuntimeException("The work of $job came to no end: {$now['state']} {$now['why']}");
        }
    }
};

// The floor of an export: the same rows read and written as JSON, and no more.
$salon = $db->query("SELECT salon_id FROM staff WHERE login = 'bench101-manager'")->fetchColumn();
$began = hrtime(true);
$file = tempnam(sys_get_temp_dir(), 'floor');
$out = fopen($file, 'w');
const TABLES = ['household', 'client', 'dog', 'trim_plan', 'plan_zone', 'visit', 'visit_zone', 'booking', 'change_log'];
foreach (TABLES as $t) {
    $rows = $db->prepare("SELECT * FROM $t WHERE salon_id = ?");
    $rows->execute([$salon]);
    foreach ($rows as $row) {
        $plain = array_map(static fn (mixed $v): mixed => is_string($v) ? bin2hex($v) : $v, $row);
        fwrite($out, json_encode($plain)."\n");
    }
}
fclose($out);
unlink($file);
$floor = (hrtime(true) - $began) / 1e9;
$export = $wait($write('POST', '/api/exports', ['papers' => false], 202)[1]['job']['id'], 600);
$made = json_decode($read('/api/exports')[1], true)['exports'][0];
printf(
    "  %-66s %.0f s / %.1f s = %.1f×   aim < 180 s\n",
    sprintf('a salon of 20 000 dogs as a zip of %.0f MB, against its rows alone', $made['bytes'] / 1e6),
    $export,
    $floor,
    $export / $floor,
);
printf("  %-66s %.0f MB (aim ≤ 256)\n", 'the worker at its largest meanwhile', $largest());

// A sheet, taken in and taken out again.
$sheet = tempnam(sys_get_temp_dir(), 'sheet');
$out = fopen($sheet, 'w');
fwrite($out, "Dog,Breed,Coat,Owner,Phone,Born,Weight,Notes\n");
$run = dechex(time());
for ($n = 0; $n < ROWS; ++$n) {
    fwrite($out, "Bench$run$n,Cross,curly,Nell Bench$n,0555 9$n,2020,9.5,back 7F\n");
}
fclose($out);
[, $given] = $write('POST', '/api/imports', ['file' => new CURLFile($sheet, 'text/csv', 'bench.csv')], 201);
unlink($sheet);
$columns = ['columns' => array_column($given['columns'], 'likely')];
[$look, $check] = $write('POST', "/api/imports/{$given['id']}/answer", $columns, 200);
if (ROWS !== $check['ready']) {
    throw new RuntimeException("Only {$check['ready']} rows are ready.");
}
$begun = $write('POST', "/api/imports/{$given['id']}", $columns, 202)[1];
$taken = $wait($begun['job']['id'], 600);
[$undo] = $write('DELETE', "/api/imports/{$given['id']}", (object) [], 200);
printf("  %-66s %.0f s (aim < 240)\n", 'a sheet of 20 000 rows taken in by the worker', $taken);
printf("  %-66s %.1f s; taken out again %.0f s\n", 'looked through before', $look / 1000, $undo / 1000);
printf("  %-66s %.0f MB\n", 'the worker at its largest meanwhile', $largest());

// A feed of a place's people; a run that was stopped has left its own.
$db->exec("DELETE FROM booking WHERE note = 'bench'");
$person = $db->query("SELECT id, HEX(place_id) place FROM staff WHERE login = 'bench101-groomer'")->fetch();
$dogs = $db->prepare('SELECT id FROM dog WHERE salon_id = ? ORDER BY id LIMIT '.BOOKED);
$dogs->execute([$salon]);
$db->beginTransaction();
$columns = $db->query('SHOW COLUMNS FROM booking')->fetchAll();
$needed = array_filter($columns, static fn (array $c): bool => 'NO' === $c['Null'] && null === $c['Default']);
$values = [
    'salon_id' => $salon,
    'staff_id' => $person['id'],
    'kind' => 'full',
    'state' => 'booked',
    'note' => 'bench',
    'version' => 1,
];
foreach ($dogs->fetchAll(PDO::FETCH_COLUMN) as $n => $dog) {
    $row = $values + ['id' => random_bytes(16), 'dog_id' => $dog];
    $row['day'] = (new DateTimeImmutable())->modify('+'.(1 + intdiv($n, 25)).' days')->format('Y-m-d');
    $row['time'] = sprintf('%02d:%02d', 8 + $n % 10, 5 * ($n % 12));
    foreach ($needed as $c) {
        $row += [$c['Field'] => str_contains($c['Type'], 'char') || 'json' === $c['Type'] ? '' : 0];
    }
    $names = array_keys($row);
    $db->prepare(
        'INSERT INTO booking (`'.implode('`, `', $names).'`) VALUES ('.
            implode(', ', array_fill(0, count($names), '?')).')',
    )->execute(array_values($row));
}
$db->commit();
$staff = preg_replace('/^(.{8})(.{4})(.{4})(.{4})(.{12})$/', '$1-$2-$3-$4-$5', bin2hex($person['id']));
$feeds = $write('PUT', "/api/calendars/$staff", (object) [], 200)[1]['calendars'];
$path = array_column($feeds, 'path', 'subject')[$staff] ?? throw new RuntimeException('There is no feed.');
$times = $health = [];
for ($n = 0; $n < 9; ++$n) {
    [$times[], $feed] = $read($path);
    [$health[]] = $read('/api/health');
}
sort($times);
sort($health);
$db->exec("DELETE FROM booking WHERE note = 'bench'");
printf(
    "  %-66s %.0f ms / %.1f ms = %.0f×   aim < 300 ms\n",
    sprintf(
        'a feed of %d bookings, %.0f kB, against health',
        substr_count($feed, 'BEGIN:VEVENT'),
        strlen($feed) / 1000,
    ),
    $times[4],
    $health[4],
    $times[4] / $health[4],
);
