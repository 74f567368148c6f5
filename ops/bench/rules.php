<?php

// Measures the rules alone, on whole dogs: today's list, the order of work, mats, clocks, the year, the line.
// rules.php; needs no database

declare(strict_types=1);

require_once dirname(__DIR__, 2).'/vendor/autoload.php';

use KeenThistle\Ask\IntervalQuestion;
use KeenThistle\Ask\OrderQuestion;
use KeenThistle\Ask\Question;
use KeenThistle\Ask\RoundQuestion;
use KeenThistle\Ask\TodayQuestion;
use KeenThistle\Ask\YearQuestion;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Matting\Mat;
use KeenThistle\Core\Matting\MattingRule;
use KeenThistle\Core\Shorthand\Notation;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Core\Zone\ZoneTable;

/** @return list<float> ms of each of so many runs, the first ones left out as warming up */
$run = static function (callable $work, int $times): array {
    $out = [];
    for ($i = -min(20, $times); $i < $times; ++$i) {
        $began = hrtime(true);
        $work();
        if ($i >= 0) {
            $out[] = (hrtime(true) - $began) / 1e6;
        }
    }
    sort($out);

    return $out;
};
$middle = static fn (array $sorted): float => $sorted[intdiv(count($sorted), 2)];
/** Only the rule: what was asked has been read before. */
$asked = static function (Question $question, array $in, int $times = 300) use ($run, $middle): float {
    $fields = $question->shape()->fields(json_decode(json_encode($in)));

    return $middle($run(static fn () => $question->answer($fields), $times));
};

$zones = array_keys(ZoneTable::all());
$tools = [
    ['kind' => 'guard', 'mm' => 16, 'base' => '10'],
    ['kind' => 'blade', 'label' => '10'],
    ['kind' => 'blade', 'label' => '7F'],
    ['kind' => 'guard', 'mm' => 13, 'base' => '10'],
];
$plan = [];
$comb = [];
$cuts = [];
$mats = [];
foreach ($zones as $n => $zone) {
    $plan[] = ['zone' => $zone, 'tool' => $tools[$n % 4], 'lay' => 'with'];
    $comb[] = ['zone' => $zone, 'severity' => $n % 5, 'spread' => 0.5, 'clearance' => false];
    $cuts[] = ['zone' => $zone, 'tool' => 0 === $n % 3 ? ['kind' => 'scissor'] : $tools[$n % 4]];
    if (0 === $n % 5) {
        $mats[] = ['zone' => $zone, 'decision' => 0 === $n % 2 ? 'clip' : 'comb', 'blade' => '10'];
    }
}
$today = $asked(new TodayQuestion(), [
    'kg' => 10,
    'coat' => 'curly',
    'handling' => 'calm',
    'plan' => $plan,
    'comb' => $comb,
    'findings' => [['zone' => 'groin', 'kind' => 'sore']],
    'agreement' => ['choice' => 'patches', 'zones' => [], 'signed' => true],
    'refused' => [['zone' => 'muzzle', 'tool' => 'clipper', 'decision' => 'defer']],
]);
$order = $asked(new OrderQuestion(), ['coat' => 'curly', 'kg' => 10, 'zones' => $cuts, 'mats' => $mats]);
$clocks = $asked(new IntervalQuestion(), [
    'coat' => 'curly',
    'stage' => 'adult',
    'upkeep' => 'weekly',
    'finish' => 'neat',
    'zones' => array_map(static fn (string $z): array => ['zone' => $z, 'finished_mm' => 17], $zones),
    'history' => [],
]);
$year = $asked(new YearQuestion(), [
    'weeks' => 52,
    'full_max' => 6,
    'hygiene_max' => 3,
    'nails_max' => 5,
    'bath_max' => 8,
    'closed' => [4, 30, 31, 52],
]);
$matted = array_map(
    static fn (string $z, int $i): Mat => new Mat(Zone::of($z), $i % 5, [0.05, 0.2, 0.6, 1.0][$i % 4], 0 === $i % 2),
    array_slice($zones, 0, 40),
    range(0, 39),
);
$rule = new MattingRule(10, Handling::Frightened, CoatType::Curly);
$matting = $middle($run(static fn () => $rule->reckon($matted), 1000));
$recipe =
    'back: 16/10; ribs: 13/10; loin: 10; rump: 7F against; shoulder.l: 10; shoulder.r: 16/30 called '.
    '"blue"; chest: scissor 40 =skirt kept; belly: 10 @hygiene; foreleg: 13/10 >elbow; thigh.l: scissor '.
    '25; skull: scissor 24; muzzle: thin 3; tail_flag: scissor 30 #"arc"; pads: toe; groin: 10 once';
$line = $middle($run(static fn () => Notation::parse($recipe), 2000));
$worst = 0.0;
foreach (['x;', '"', 'back:', 'back: 10 #"', 'backk ', ';x ', ':>=@ "a" '] as $rubbish) {
    $text = substr(str_repeat($rubbish, 10_000), 0, 10_000);
    $worst = max($worst, ...$run(static fn () => Notation::parse($text), 20));
}
// Twelve stops with windows, a tank and a battery that have to be filled three times.
$ways = [];
$at = static fn (int $n): array => [($n * 7) % 26, ($n * 11) % 23];
foreach (range(0, 13) as $a) {
    foreach (range(0, 13) as $b) {
        [[$x, $y], [$u, $v]] = [$at($a), $at($b)];
        $ways[] = ['from' => "p$a", 'to' => "p$b", 'minutes' => (int) ceil(hypot($x - $u, $y - $v)) + ($a * $b) % 7];
    }
}
$round = $asked(new RoundQuestion(), [
    'base' => 'p0',
    'starts' => '08:00',
    'ends' => '18:00',
    'tank_litres' => 110,
    'battery_minutes' => 120,
    'refills' => [['at' => 'p13', 'minutes' => 10], ['at' => 'p0', 'power' => true, 'minutes' => 20]],
    'roads' => [['ways' => $ways]],
    'stops' => array_map(static fn (int $n): array => [
        'id' => "s$n",
        'at' => "p$n",
        'minutes' => 20 + ($n * 13) % 35,
        'litres' => 10 + ($n * 17) % 30,
        'power_minutes' => 0 === $n % 2 ? 20 : 0,
        'from' => 0 === $n % 4 ? '12:00' : '08:00',
        'to' => 0 === $n % 3 ? '13:00' : '18:00',
    ], range(1, 12)),
], 7);
echo "medians of PHP on one core, the rules alone\n";
printf("  %-66s %.2f ms (aim ≤ 3)\n", 'today\'s list, all zones planned and combed', $today);
printf("  %-66s %.2f ms (aim ≤ 3)\n", 'the order of work, all zones, mats among them', $order);
printf("  %-66s %d a second (aim ≥ 1 000)\n", 'clocks and next visit, all zones', 1000 / $clocks);
printf("  %-66s %.2f ms (aim ≤ 10)\n", 'a year of 52 weeks, the cheapest that keeps every clock', $year);
printf("  %-66s %.0f ms (aim < 1 000)\n", 'a round of 12 stops with windows and refills, exact', $round);
printf("  %-66s %d a second (aim ≥ 2 000)\n", 'the matting rule, 40 zones', 1000 / $matting);
printf("  %-66s %d a second (aim ≥ 5 000)\n", 'the line, fifteen zones', 1000 / $line);
printf("  %-66s %.2f ms at worst (aim ≤ 5)\n", 'the line, 10 000 characters of rubbish', $worst);
