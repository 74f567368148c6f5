<?php

// Measures requests through nginx and php-fpm against the floor, side by side in one run, and prints ratios.
// measure.php HOME OF BENCH, PORT OF ALL SALONS, PORT OF ONE SALON

declare(strict_types=1);

require dirname(__DIR__, 2).'/vendor/autoload.php';
require __DIR__.'/Visitor.php';

[, $home, $port, $alone] = $argv;
const ROUNDS = 12;

/** @param list<float> $times */
function median(array $times): float
{
    sort($times);

    return $times[intdiv(count($times), 2)];
}

$root = new PDO("mysql:unix_socket=$home/run/db/mariadb.sock;dbname=thistle", get_current_user(), '', [
    PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION,
]);
/** What the server was asked during a piece of work, word for word. */
$recorded = static function (callable $work) use ($root, $home): array {
    $file = "$home/tmp/asked.log"; // where the server itself may write
    @unlink($file);
    $root->exec("SET GLOBAL general_log_file = '$file'");
    $root->exec('SET GLOBAL general_log = 1');
    $work();
    $root->exec('SET GLOBAL general_log = 0');
    preg_match_all(
        '/^(?:\d{6} [ \d]\d:\d\d:\d\d|\t)\t? *(\d+) (Query|Connect|Quit)\t?(.*?)(?=^(?:\d{6} [ '.
            '\d]\d:\d\d:\d\d|\t)\t? *\d+ (?:Query|Connect|Quit|Prepare|Execute)|\z)/sm',
        (string) file_get_contents($file),
        $lines,
        \PREG_SET_ORDER,
    );

    return array_values(
        array_filter(
            array_map(static fn (array $l): string => 'Query' === $l[2] ? rtrim($l[3], "\n") : '', $lines),
            // Not what the worker asks meanwhile.
            static fn (string $sql): bool => str_starts_with(ltrim($sql), 'SELECT')
                && !str_contains($sql, 'messenger_messages'),
        ),
    );
};
$ids = static fn (int $salon, int $from): array => $root
    ->query(
        sprintf(
            "SELECT LOWER(HEX(id)) FROM dog WHERE salon_id = x'0190%04x00007000a000000000000001' ORDER BY id LIMIT %d",
            $salon,
            $from,
        ),
    )
    ->fetchAll(PDO::FETCH_COLUMN);
$uuid = static fn (string $hex): string => preg_replace('/^(.{8})(.{4})(.{4})(.{4})(.{12})$/', '$1-$2-$3-$4-$5', $hex);

$visitor = new Visitor("http://127.0.0.1:$port");
$floor = new Visitor("http://127.0.0.1:$port");
$large = new Visitor("http://127.0.0.1:$port");
$lonely = new Visitor("http://127.0.0.1:$alone");
$visitor->signIn('bench1-groomer');
$large->signIn('bench101-groomer');
$lonely->signIn('bench1-groomer');

$cards = array_map(static fn (string $id): string => '/api/dogs/'.$uuid($id).'/card', $ids(1, 20));
$queries = array_map(static fn (string $q): string => '/api/dogs?q='.rawurlencode($q), [
    't',
    'ma',
    'sor',
    'tansy',
    'marlow',
    'corbert',
    'ashbank',
    'oakthorn dun',
    'hill terrier',
    'water',
    '0555',
    '7919',
    '555 014',
    'tnasy',
    'marlwo',
    'corbret',
    'isolde',
    'zin',
    'yarella',
    'nobody',
]);
$floors = [];
$most = ['card' => 0, 'search' => 0];
foreach (['card' => $cards, 'search' => $queries] as $kind => $paths) {
    foreach ($paths as $i => $path) {
        $visitor->get($path);
        $asked = $recorded(static fn () => $visitor->get('card' === $kind ? "$path?wish=52" : $path));
        $most[$kind] = max($most[$kind], count($asked));
        $floors["$kind$i"] = array_map(base64_encode(...), $asked);
    }
}
/** A file a kind: the service never looks at one again. */
$keepFloors = static function (string $kind) use (&$floors, $home): void {
    $of = array_filter($floors, static fn (string $k): bool => str_starts_with($k, $kind), \ARRAY_FILTER_USE_KEY);
    file_put_contents("$home/floor-$kind.php", '<?php return '.var_export($of, true).';');
};
$keepFloors('card');
$keepFloors('search');

$times = [];
$largest = 0;
for ($round = -2; $round < ROUNDS; ++$round) {
    foreach (['card' => $cards, 'search' => $queries] as $kind => $paths) {
        foreach ($paths as $i => $path) {
            // Nobody has asked for the card with this wish before: it is made from the rows.
            $new = 'card' === $kind ? '?wish='.($round + 5) : '';
            $got = [
                'new' => 'card' === $kind ? $visitor->get($path.$new) : null,
                'floor' => $floor->get("/bench/floor?n=$kind$i"),
                'app' => $visitor->get($path),
                'alone' => $lonely->get($path.$new),
                'large' => 'search' === $kind ? $large->get($path) : null,
                'poll' => null,
                'health' => $floor->get('/api/health'),
                'who' => $visitor->get('/api/visits/none', [], 404),
            ];
            if ('card' === $kind) {
                $largest = max($largest, strlen($got['app'][1]));
                $etag = '';
                $visitor->get($path, [
                    \CURLOPT_HEADERFUNCTION => static function ($c, string $h) use (&$etag): int {
                        if (0 === stripos($h, 'etag:')) {
                            $etag = trim(substr($h, 5));
                        }

                        return strlen($h);
                    },
                ]);
                $visitor->get('/api/health', [\CURLOPT_HEADERFUNCTION => static fn ($c, string $h): int => strlen($h)]);
                $got['poll'] = $visitor->get($path, [\CURLOPT_HTTPHEADER => ["If-None-Match: $etag"]], 304);
            }
            foreach ($got as $who => $one) {
                if ($round >= 0 && null !== $one) {
                    $times["$kind $who"][] = $one[0];
                }
            }
        }
    }
}
// A full comb test of forty zones, put and reckoned anew, against a request that only finds out who is asking and
// whether anything changed.
$worker = new Visitor("http://127.0.0.1:$port");
$csrf = json_decode($worker->signIn('bench1-groomer'), true)['csrf'];
$write = static fn (
    string $method,
    string $path,
    array|stdClass|null $body,
    array $headers,
    int $expect,
): array => $worker->get(
    $path,
    [
        \CURLOPT_CUSTOMREQUEST => $method,
        \CURLOPT_POSTFIELDS => null === $body ? '' : json_encode($body),
        \CURLOPT_HTTPHEADER => [
            'Content-Type: application/json',
            "X-CSRF-Token: $csrf",
            'Idempotency-Key: '.bin2hex(random_bytes(8)),
            ...$headers,
        ],
    ],
    $expect,
);
$zones = array_slice(array_keys(KeenThistle\Core\Zone\ZoneTable::all()), 0, 40);
foreach (array_slice($cards, 0, 8) as $card) {
    $arrival = json_decode($write('POST', str_replace('/card', '/arrivals', $card), null, [], 200)[1], true);
    $version = $arrival['comb']['version'];
    for ($round = -2; $round < ROUNDS; ++$round) {
        $comb = [
            'zones' => array_map(
                static fn (string $z, int $i): array => [
                    'zone' => $z,
                    'severity' => ($i + $round + 5) % 5,
                    'spread' => 0.5,
                    'clearance' => 0 === $i % 2,
                ],
                $zones,
                array_keys($zones),
            ),
        ];
        $worker->get($card, [
            \CURLOPT_CUSTOMREQUEST => 'GET',
            \CURLOPT_HTTPGET => true,
            \CURLOPT_HEADERFUNCTION => static function ($c, string $h) use (&$etag): int {
                if (0 === stripos($h, 'etag:')) {
                    $etag = trim(substr($h, 5));
                }

                return strlen($h);
            },
        ]);
        $empty = $worker->get(
            $card,
            [
                \CURLOPT_HTTPHEADER => ["If-None-Match: $etag"],
                \CURLOPT_HEADERFUNCTION => static fn ($c, string $h): int => strlen($h),
            ],
            304,
        );
        $put = $write('PUT', "/api/arrivals/{$arrival['id']}/comb", $comb, ["If-Match: \"$version\""], 200);
        $version = json_decode($put[1], true)['version'];
        if ($round >= 0) {
            $times['comb put'][] = $put[0];
            $times['comb empty'][] = $empty[0];
        }
    }
}
// Two hundred taps of a morning without a network, and one tap with it; against the same request that only asks who and
// whether.
// Dogs that no earlier run has groomed, so that each groom is as long as the next.
$fresh = $root->query(
    "SELECT LOWER(HEX(id)) FROM dog WHERE salon_id = x'0190000100007000a000000000000001' AND
        id NOT IN (SELECT dog_id FROM groom) ORDER BY id DESC LIMIT 6",
);
foreach ($fresh->fetchAll(PDO::FETCH_COLUMN) as $id) {
    $dog = '/api/dogs/'.$uuid($id);
    $card = "$dog/card";
    $groom = json_decode($write('POST', "$dog/grooms", new stdClass(), [], 200)[1], true)['id'];
    $worker->get($card, [
        \CURLOPT_CUSTOMREQUEST => 'GET',
        \CURLOPT_HTTPGET => true,
        \CURLOPT_HEADERFUNCTION => static function ($c, string $h) use (&$etag): int {
            if (0 === stripos($h, 'etag:')) {
                $etag = trim(substr($h, 5));
            }

            return strlen($h);
        },
    ]);
    $seen = 0;
    $tap = static function (int $i) use (&$seen): array {
        return [
            'id' => bin2hex(random_bytes(8)),
            'at' => gmdate('Y-m-d\TH:i:s.000\Z'),
            'kind' => 'zone',
            'zones' => [['back', 'loin', 'rump', 'chest'][$i % 4]],
            'state' => 0 === $i % 3 ? 'not_needed' : 'deferred',
            'why' => "tap $i",
            'saw' => $seen,
        ];
    };
    foreach ([[200, 'taps 200'], ...array_fill(0, 8, [1, 'taps 1'])] as [$many, $what]) {
        $batch = [
            'sent_at' => gmdate('Y-m-d\TH:i:s.000\Z'),
            'device' => 'bench-1',
            'taps' => array_map($tap, range(1, $many)),
        ];
        $empty = $worker->get(
            $card,
            [
                \CURLOPT_CUSTOMREQUEST => 'GET',
                \CURLOPT_HTTPGET => true,
                \CURLOPT_HTTPHEADER => ["If-None-Match: $etag"],
                \CURLOPT_HEADERFUNCTION => static fn ($c, string $h): int => strlen($h),
            ],
            304,
        );
        $sent = $write('POST', "/api/grooms/$groom/taps", $batch, [], 200);
        $seen = json_decode($sent[1], true)['groom']['seq'];
        if (array_fill(0, $many, 'counted') !== array_column(json_decode($sent[1], true)['results'], 'outcome')) {
            throw new RuntimeException('Not every tap was counted.');
        }
        $times[$what][] = $sent[0];
        $times["$what empty"][] = $empty[0];
    }
    // The whole answer the table opens with, against the SQL it asks; what was tapped just now is counted by then.
    $grooms[] = "/api/grooms/$groom";
}
$get = [\CURLOPT_CUSTOMREQUEST => 'GET', \CURLOPT_HTTPGET => true, \CURLOPT_HTTPHEADER => []];
foreach ($grooms ?? [] as $i => $groom) {
    $worker->get($groom, $get);
    $floors["groom$i"] = array_map(base64_encode(...), $recorded(static fn () => $worker->get($groom, $get)));
    $most['groom'] = max($most['groom'] ?? 0, count($floors["groom$i"]));
}
$keepFloors('groom');
foreach ($grooms ?? [] as $i => $groom) {
    for ($round = -2; $round < ROUNDS; ++$round) {
        $asked = [$worker->get($groom, $get)[0], $floor->get("/bench/floor?n=groom$i")[0]];
        if ($round >= 0) {
            [$times['groom'][], $times['groom floor'][]] = $asked;
        }
    }
}
// Days and a year of a salon that is full, read as they are laid out already, against the SQL they ask.
$soon = date('Y-m-d', strtotime('+5 days'));
$dog = str_replace('/card', '', $cards[3]);
$plans = [
    'day' => "/api/agenda?on=$soon",
    'week' => "/api/agenda/week?from=$soon",
    'floor' => '/api/floor',
    'proposals' => "$dog/proposals",
    'year' => "$dog/year",
];
// Somebody of the salon is changed: what was laid out is laid out anew.
$anew = static fn () => $root->exec(
    "UPDATE staff SET version = version + 1 WHERE salon_id = x'0190000100007000a000000000000001' LIMIT 1",
);
foreach ($plans as $kind => $path) {
    $anew();
    $floors[$kind.'0'] = array_map(base64_encode(...), $recorded(static fn () => $worker->get($path, $get)));
    $most[$kind] = count($floors[$kind.'0']);
    $keepFloors($kind);
}
for ($round = -2; $round < ROUNDS; ++$round) {
    foreach ($plans as $kind => $path) {
        $anew();
        $asked = [
            $worker->get($path, $get)[0],
            $worker->get($path, $get)[0],
            $floor->get("/bench/floor?n={$kind}0")[0],
        ];
        if ($round >= 0) {
            [$times["$kind first"][], $times[$kind][], $times["$kind floor"][]] = $asked;
        }
    }
    // An unchanged look at the floor.
    $worker->get('/api/floor', [
        \CURLOPT_HEADERFUNCTION => static function ($c, string $h) use (&$etag): int {
            if (0 === stripos($h, 'etag:')) {
                $etag = trim(substr($h, 5));
            }

            return strlen($h);
        },
    ] + $get);
    $same = $worker->get('/api/floor', [
        \CURLOPT_HTTPHEADER => ["If-None-Match: $etag"],
        \CURLOPT_HEADERFUNCTION => static fn ($c, string $h): int => strlen($h),
    ] + $get, 304);
    $health = $floor->get('/api/health');
    if ($round >= 0) {
        [$times['floor same'][], $times['floor health'][]] = [$same[0], $health[0]];
    }
}
// One blade measured in the salon of 20 000 dogs: every card looked at for what changed, a thousand a step.
$manager = new Visitor("http://127.0.0.1:$port");
$managed = json_decode($manager->signIn('bench101-manager'), true)['csrf'];
$change = static fn (
    string $method,
    string $path,
    array|stdClass $body,
    array $headers,
): array => $manager->get($path, [
    \CURLOPT_CUSTOMREQUEST => $method,
    \CURLOPT_POSTFIELDS => json_encode($body),
    \CURLOPT_HTTPHEADER => [
        'Content-Type: application/json',
        "X-CSRF-Token: $managed",
        'Idempotency-Key: '.bin2hex(random_bytes(8)),
        ...$headers,
    ],
]);
[$kitList, $kitBody] = $manager->get('/api/kit');
$blade = array_values(
    array_filter(
        json_decode($kitBody, true)['items'],
        static fn (array $i): bool => '10' === $i['label'] && 'Mill room' === $i['place_name'],
    ),
)[0];
$began = hrtime(true);
[$ms, $body] = $change(
    'PUT',
    "/api/kit/{$blade['id']}/measurement",
    ['readings_mm' => [1.6, 1.7, 1.6, 1.6, 1.61 + ($blade['version'] % 9) / 100]],
    ["If-Match: \"{$blade['version']}\""],
);
$kept = $ms;
// Counted by the worker; asked for as a screen does.
for ($d = json_decode($body, true); !$d['finished']; $d = json_decode($body, true)) {
    if ((hrtime(true) - $began) / 1e9 > 120) {
        throw new RuntimeException("The worker has counted {$d['done']} cards in two minutes.");
    }
    usleep(50_000);
    [, $body] = $manager->get("/api/kit/derivations/{$d['id']}", [
        \CURLOPT_CUSTOMREQUEST => 'GET',
        \CURLOPT_HTTPGET => true,
    ]);
}
$derived = (hrtime(true) - $began) / 1e9;
if ($d['done'] < 20_000 || $d['changed'] < 1000) {
    throw new RuntimeException("Only {$d['done']} cards were looked at, {$d['changed']} changed.");
}
$m = array_map(median(...), $times);
$line = static fn (string $what, string $of, string $against, string $aim): string => sprintf(
    "  %-66s %6.2f ms / %6.2f ms = %5.2f×   aim %s\n",
    $what,
    $m[$of],
    $m[$against],
    $m[$of] / $m[$against],
    $aim,
);
echo "\n",
'medians of ',
ROUNDS,
' rounds over ',
count($cards),
' cards and ',
count($queries),
" searches, one request at a time, warm\n";
echo $line('card against the floor, read before and not changed since', 'card app', 'card floor', '≤ 1.7×');
echo $line('card against the floor, made for the first time', 'card new', 'card floor', '–');
printf("  %-66s %.1f kB (aim ≤ 30)\n", 'the largest of these cards, before it is compressed', $largest / 1000);
printf(
    "  %-66s %.1f ms over health's %.1f (aim ≤ 1 more)\n",
    'who is asking: a signed-in request that reads nothing else',
    median($times['card who']) - median($times['card health']),
    median($times['card health']),
);
echo $line('unchanged card (304) against the floor', 'card poll', 'card floor', '–');
echo $line('search against the floor', 'search app', 'search floor', '≤ 2×');
echo $line('card with all 101 salons against one salon alone', 'card new', 'card alone', '≤ 1.3×');
echo $line('search with all 101 salons against one salon alone', 'search app', 'search alone', '≤ 1.3×');
echo $line('search in 20 000 dogs against 1 000 dogs', 'search large', 'search app', '≤ 2×');
echo $line('comb test of 40 zones put and reckoned, against an unchanged card', 'comb put', 'comb empty', '≤ 3×');
printf("  %-66s %d (aim ≤ 8)\n", 'most SELECTs of one card request, its session among them', $most['card']);
printf("  %-66s %d\n", 'most SELECTs of one search request, its session among them', $most['search']);
echo $line('one tap at the table, against an unchanged card', 'taps 1', 'taps 1 empty', '≤ 3×');
printf("  %-66s %d ms (aim < 2 000)\n", '200 taps made without a network, counted in one request', $m['taps 200']);
echo $line('the table\'s whole answer against the floor', 'groom', 'groom floor', '≤ 3×');
printf("  %-66s %d\n", 'most SELECTs of one such answer, its session among them', $most['groom'] ?? 0);
foreach (
    [
        'day' => ['a day of the diary, twenty dogs', '≤ 3×'],
        'week' => ['a week of the diary', '≤ 3×'],
        'floor' => ['the floor', '≤ 3×'],
        'proposals' => ['dates to offer over five weeks', '≤ 5×'],
        'year' => ['the year ahead of a dog', '–'],
    ] as $kind => [$what, $aim]
) {
    echo $line("$what, against the floor; $most[$kind] SELECTs", $kind, "$kind floor", $aim);
    echo $line('the same after somebody’s hours have changed', "$kind first", "$kind floor", '–');
}
echo $line('an unchanged look at the floor (304), against health', 'floor same', 'floor health', '≤ 1.2×');
printf(
    "  %-66s %.2f s (aim < 10); %d of %d changed\n",
    'a measurement: lengths of 10 000 cards derived, what changed listed',
    ($derived * 10_000) / $d['done'],
    $d['changed'],
    $d['done'],
);
printf("  %-66s %d ms; the list of the kit %d ms\n", 'keeping that measurement, among 20 000 dogs', $kept, $kitList);
echo "\n";
require __DIR__.'/rules.php';
