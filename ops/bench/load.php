<?php

// Fills the bench database: one salon of 1 000 dogs made from the demo's dogs, then multiplied inside the server.
// load.php DSN PASSWORD. Dogs 0 to 19 of a salon carry whole plans and whole visits, the rest shortened ones.

declare(strict_types=1);

use KeenThistle\Book\SearchTerms;

require dirname(__DIR__, 2).'/vendor/autoload.php';

const DOGS = 1000;
const SALONS = 100;
const LARGE = 101;
const WHOLE = 20;
const NAMES = [
    'Al',
    'Bri',
    'Cor',
    'Dun',
    'El',
    'Fen',
    'Gor',
    'Hol',
    'Is',
    'Jor',
    'Kes',
    'Lin',
    'Mar',
    'Nor',
    'Os',
    'Pel',
    'Quil',
    'Ros',
    'Sor',
    'Tan',
    'Ul',
    'Ves',
    'Wil',
    'Yar',
    'Zin',
];
const ENDS = [
    'a',
    'bert',
    'cote',
    'dle',
    'ello',
    'fin',
    'gan',
    'hild',
    'ina',
    'jo',
    'kin',
    'low',
    'mund',
    'nock',
    'on',
    'pet',
    'ric',
    'sy',
    'ton',
    'ulf',
    'via',
    'wen',
    'ya',
    'zel',
    'ore',
    'ish',
    'ette',
    'ance',
    'ard',
    'und',
    'illa',
    'omar',
    'usk',
    'ent',
    'oby',
    'eft',
    'amp',
    'ola',
    'ux',
    'ir',
];
const HOUSES = [
    'Ash',
    'Birk',
    'Croft',
    'Dale',
    'Edge',
    'Fold',
    'Garth',
    'Heath',
    'Ing',
    'Knoll',
    'Ley',
    'Mere',
    'Nab',
    'Oak',
    'Pool',
    'Rigg',
    'Shaw',
    'Tarn',
    'Wath',
    'Yew',
];
const PLACES = [
    'bank',
    'beck',
    'brow',
    'by',
    'cross',
    'end',
    'field',
    'gate',
    'gill',
    'hay',
    'holm',
    'hurst',
    'land',
    'march',
    'mont',
    'sett',
    'side',
    'thorn',
    'thwaite',
    'wick',
];

$db = new PDO($argv[1], 'thistle', $argv[2], [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
$db->exec('SET unique_checks = 0, foreign_key_checks = 0');
$began = microtime(true);
$say = static function (string $what) use (&$began): void {
    printf("  %5.1f s  %s\n", microtime(true) - $began, $what);
};
$all = static fn (string $sql, array $values = []): array => (static function (PDOStatement $s) use ($values): array {
    $s->execute($values);

    return $s->fetchAll(PDO::FETCH_ASSOC);
})($db->prepare($sql));

/** Salon, copy of its dogs, and a number, in a key that sorts by them and is a valid UUIDv7. */
$key = static fn (int $salon, int $copy, int $number): string => hex2bin(
    sprintf('0190%04x%04x7000a000%012x', $salon, $copy, $number),
);
$number = 0;
$next = static function () use (&$number, $key): string {
    return $key(1, 0, ++$number);
};

$rows = [];
$add = static function (string $table, array $row) use (&$rows, &$flush): void {
    $rows[$table][] = $row;
    if (count($rows[$table]) >= 400) {
        $flush($table);
    }
};
$flush = static function (string $table) use (&$rows, $db): void {
    $batch = $rows[$table] ?? [];
    if ([] === $batch) {
        return;
    }
    $columns = array_keys($batch[0]);
    $one = '('.implode(',', array_fill(0, count($columns), '?')).')';
    $db->prepare(
        "INSERT INTO $table (".
            implode(',', $columns).
            ') VALUES '.
            implode(',', array_fill(0, count($batch), $one)),
    )->execute(array_merge(...array_map('array_values', $batch)));
    $rows[$table] = [];
};

// --- one salon of 1 000 dogs -----------------------------------------------------------------------------------------
$demo = $all("SELECT * FROM salon WHERE name = 'The Fulling Room'")[0];
$db->beginTransaction();
$salon = $next();
$add('salon', ['id' => $salon, 'name' => 'Bench 1'] + $demo);
foreach ($all('SELECT * FROM price_list WHERE salon_id = ?', [$demo['id']]) as $row) {
    $add('price_list', ['id' => $next(), 'salon_id' => $salon] + $row);
}
$ids = [];
foreach ($all('SELECT * FROM place WHERE salon_id = ? ORDER BY position', [$demo['id']]) as $row) {
    $add('place', ['id' => ($ids[$row['id']] = $next()), 'salon_id' => $salon] + $row);
}
$staff = "SELECT * FROM staff WHERE salon_id = ? AND role IN ('manager', 'groomer') ORDER BY role";
foreach ($all($staff, [$demo['id']]) as $row) {
    $add(
        'staff',
        [
            'id' => ($ids[$row['id']] = $next()),
            'login' => "bench1-{$row['role']}",
            'place_id' => $ids[$row['place_id']] ?? null,
            'salon_id' => $salon,
        ] + $row,
    );
}
$people = array_values(array_slice($ids, -2));
foreach ($all('SELECT * FROM kit_item WHERE salon_id = ?', [$demo['id']]) as $row) {
    $add(
        'kit_item',
        ['id' => $next(), 'place_id' => $ids[$row['place_id']], 'keeper_id' => null, 'salon_id' => $salon] + $row,
    );
}
$models = [];
foreach ($all('SELECT * FROM dog WHERE salon_id = ? ORDER BY id', [$demo['id']]) as $dog) {
    $models[] = [
        $dog,
        $all('SELECT z.* FROM plan_zone z JOIN trim_plan p ON p.id = z.plan_id WHERE p.dog_id = ?', [$dog['id']]),
        array_map(
            static fn (array $v): array => [$v, $all('SELECT * FROM visit_zone WHERE visit_id = ?', [$v['id']])],
            $all('SELECT * FROM visit WHERE dog_id = ? ORDER BY day', [$dog['id']]),
        ),
    ];
}
for ($n = 0; $n < DOGS; ++$n) {
    [$model, $plan, $visits] = $models[$n % count($models)];
    $few = $n < WHOLE ? 1000 : 7;
    $name = NAMES[$n % 25].ENDS[intdiv($n, 25)];
    $owner = NAMES[($n * 7) % 25].ENDS[($n * 11) % 40].' '.HOUSES[($n * 3) % 20].PLACES[intdiv($n, 20) % 20];
    $phone = sprintf('0555 %03d %04d', $n % 1000, ($n * 7919) % 10_000);
    [$house, $dog, $trim] = [$next(), $next(), $next()];
    $add('household', ['id' => $house, 'name' => explode(' ', $owner)[1], 'note' => '', 'salon_id' => $salon]);
    $add('client', [
        'id' => $next(),
        'name' => $owner,
        'phone' => $phone,
        'email' => '',
        'household_id' => $house,
        'salon_id' => $salon,
    ]);
    $add('dog', ['id' => $dog, 'name' => $name, 'household_id' => $house, 'salon_id' => $salon] + $model);
    foreach (SearchTerms::of($name, $model['breed'], [explode(' ', $owner)[1], $owner], [$phone]) as [$field, $term]) {
        $add('dog_term', ['salon_id' => $salon, 'field' => $field, 'term' => $term, 'dog_id' => $dog]);
    }
    $add('trim_plan', ['id' => $trim, 'revision' => 1, 'dog_id' => $dog, 'salon_id' => $salon]);
    foreach (array_slice($plan, 0, $few * 2) as $row) {
        $add('plan_zone', ['id' => $next(), 'plan_id' => $trim, 'salon_id' => $salon] + $row);
    }
    for ($v = 0; $v < (0 === $n % 3 ? 9 : 8); ++$v) {
        [$visit, $zones] = $visits[$v % count($visits)];
        $add(
            'visit',
            [
                'id' => ($at = $next()),
                'dog_id' => $dog,
                'day' => date('Y-m-d', strtotime("-{$v} months -12 days")),
                'staff_id' => $people[$v % 2],
                'place_id' => $ids[$visit['place_id']],
                'salon_id' => $salon,
            ] + $visit,
        );
        foreach (array_slice($zones, 0, $few) as $row) {
            $add('visit_zone', ['id' => $next(), 'visit_id' => $at, 'salon_id' => $salon] + $row);
        }
    }
    $add('booking', [
        // A working day: twenty dogs, one after the other, from today on.
        'day' => date('Y-m-d', strtotime('+'.($n % 50).' days')),
        'time' => sprintf('%02d:%02d', 9 + intdiv(intdiv($n, 50), 3), 15 * (intdiv($n, 50) % 3)),
        'kind' => ['full', 'tidy', 'nails', 'bath'][intdiv($n, 50) % 4],
        'note' => '',
        'state' => 'booked',
        'version' => 1,
        'id' => $next(),
        'dog_id' => $dog,
        'staff_id' => $people[$n % 2],
        'salon_id' => $salon,
    ]);
    foreach (['taken into the book', 'back: 7F blade → 5F blade', 'visit recorded'] as $i => $summary) {
        $add('change_log', [
            'at' => date('Y-m-d H:i:s', time() - 86_400 * (300 - $i)),
            'kind' => 'dog',
            'subject' => 'x',
            'summary' => $summary,
            'was' => null,
            'became' => null,
            'revision' => 0,
            'id' => $next(),
            'dog_id' => $dog,
            'staff_id' => $people[0],
            'undone_by_id' => null,
            'salon_id' => $salon,
        ]);
    }
}
foreach (array_keys($rows) as $table) {
    $flush($table);
}
$db->commit();
$say('one salon of '.DOGS.' dogs');

// --- multiplied inside the server
// ---------------------------------------------------------------------------------------
const SALON_LEVEL = ['salon', 'price_list', 'place', 'staff', 'kit_item'];
const DOG_LEVEL = [
    'household',
    'client',
    'dog',
    'dog_term',
    'trim_plan',
    'plan_zone',
    'visit',
    'visit_zone',
    'booking',
    'change_log',
];
const OF_SALON = ['salon_id', 'place_id', 'staff_id'];
$columns = [];
foreach ([...SALON_LEVEL, ...DOG_LEVEL] as $table) {
    $columns[$table] = array_column($all("SHOW COLUMNS FROM $table"), 'Field');
}
$clone = static function (string $table, int $to, int $copy) use ($db, $columns, $salon): void {
    $values = array_map(static function (string $c) use ($table, $to, $copy): string {
        if ('login' === $c) {
            return "REPLACE(login, 'bench1-', 'bench$to-')";
        }
        if ('salon' === $table && 'name' === $c) {
            return "'Bench $to'";
        }
        if ('id' !== $c && !str_ends_with($c, '_id')) {
            return $c;
        }
        $ofSalon = in_array($table, SALON_LEVEL, true) || in_array($c, OF_SALON, true);

        return sprintf("CONCAT(LEFT($c, 2), x'%04x%04x', SUBSTR($c, 7))", $to, $ofSalon ? 0 : $copy);
    }, $columns[$table]);
    $of = 'salon' === $table ? 'id' : 'salon_id';
    $statement = $db->prepare(
        "INSERT INTO $table (".
            implode(',', $columns[$table]).
            ') SELECT '.
            implode(',', $values).
            " FROM $table WHERE $of = ? ORDER BY ".
            ('dog_term' === $table ? 'salon_id, field, term, dog_id' : 'id'),
    );
    $statement->execute([$salon]);
};
for ($to = 2; $to <= LARGE; ++$to) {
    $db->beginTransaction();
    foreach (SALON_LEVEL as $table) {
        $clone($table, $to, 0);
    }
    foreach (range(0, LARGE === $to ? 19 : 0) as $copy) {
        foreach (DOG_LEVEL as $table) {
            $clone($table, $to, $copy);
        }
    }
    $db->commit();
    if (0 === $to % 10 || LARGE === $to) {
        $say(LARGE === $to ? 'and one of '. 20 * DOGS : "$to of ".SALONS.' salons');
    }
}
$counted = $all(
    'SELECT (SELECT COUNT(*) FROM dog) dogs, (SELECT COUNT(*) FROM visit) visits, (SELECT COUNT(*) FROM '.
        'visit_zone) zones, (SELECT COUNT(*) FROM dog_term) terms',
)[0];
$db->exec('ANALYZE TABLE '.implode(', ', [...SALON_LEVEL, ...DOG_LEVEL]));
$say(
    implode(
        ', ',
        array_map(
            static fn (string $what, string|int $n): string => number_format((int) $n, 0, '', ' ')." $what",
            array_keys($counted),
            $counted,
        ),
    ),
);
