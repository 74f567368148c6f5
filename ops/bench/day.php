<?php

// Holds the day's search against an exact solver on thirty seeded days, against first come, first served, and times it.
// day.php [SECONDS a day for the exact solver, 20]; needs MiniZinc with Gecode, no database

declare(strict_types=1);

require_once dirname(__DIR__, 2).'/vendor/autoload.php';

use KeenThistle\Core\Day\Board;
use KeenThistle\Core\Day\Day;
use KeenThistle\Core\Day\DayRule;
use KeenThistle\Core\Day\Job;
use KeenThistle\Core\Day\Moves;
use KeenThistle\Core\Day\Search;
use KeenThistle\Core\Day\StationKind;
use KeenThistle\Core\Tests\DayChecks;

const LONG = 1_500_000;
$seconds = (int) ($argv[1] ?? 20);

/** Nobody waits for anybody: what can begin soonest is begun, by whoever is free first. */
$greedy = static function (Day $day): ?float {
    $moves = new Moves(new Board($day));
    $state = $moves->begin();
    while (!$moves->isDone($state)) {
        $next = $moves->of($state);
        if (is_int($next)) {
            return null;
        }
        usort($next, static fn (array $a, array $b): int => [$a[4], $a[0], $a[5]] <=> [$b[4], $b[0], $b[5]]);
        $state = $moves->place($state, $next[0]);
    }

    return $state->bound / Day::TICKS;
};

/** @return array{?int, bool} cost in ticks, proven */
$exact = static function (Day $day, int $upper) use ($seconds): array {
    $list = static fn (array $of): string => '['.implode(',', $of).']';
    $kinds = array_map(static fn (StationKind $k): string => $k->value, [
        StationKind::Tub,
        StationKind::Dryer,
        StationKind::Table,
        StationKind::Pen,
    ]);
    $rows = [];
    foreach ($day->jobs as $j => $job) {
        foreach ($job->tasks as $task) {
            $able = array_keys(array_filter($day->people, static fn ($w): bool => $w->can($task)));
            $rows[] = [
                $j + 1,
                $task->ticks,
                (int) array_search($task->station->value, $kinds, true) + 1,
                $task->attended ? 'true' : 'false',
                '{'.implode(',', array_map(static fn (int $p): int => $p + 1, $able)).'}',
            ];
        }
    }
    $of = static fn (callable $what): string => $list(array_map($what, $day->jobs));
    $by = static fn (callable $what): string => $list(array_map($what, $day->people));
    $data = [
        'n='.count($rows),
        'm='.count($day->people),
        'dogs='.count($day->jobs),
        'most='.(24 * 60 * Day::TICKS),
        'upper='.$upper,
        'job='.$list(array_column($rows, 0)),
        'ticks='.$list(array_column($rows, 1)),
        'kind='.$list(array_column($rows, 2)),
        'attended='.$list(array_column($rows, 3)),
        'able='.$list(array_column($rows, 4)),
        'ready='.$of(static fn (Job $j): int => $j->arrives + $j->settle),
        'arrives='.$of(static fn (Job $j): int => $j->arrives),
        'promised='.$of(static fn (Job $j): int => $j->promised),
        'from='.$by(static fn ($w): int => $w->from),
        'to='.$by(static fn ($w): int => $w->to),
        'breakFrom='.$by(static fn ($w): int => $w->breaks[0][0]),
        'breakTo='.$by(static fn ($w): int => $w->breaks[0][1]),
        'units='.$list(array_map(static fn (string $k): int => $day->stations[$k], $kinds)),
    ];
    $file = tempnam(sys_get_temp_dir(), 'day').'.dzn';
    file_put_contents($file, implode(';', $data).';');
    $model = escapeshellarg(__DIR__.'/day.mzn');
    $said = (string) shell_exec("minizinc --solver gecode -p 2 --time-limit {$seconds}000 $model $file 2>/dev/null");
    unlink($file);
    preg_match_all('/^(-?\d+)$/m', $said, $found);

    return [[] === $found[1] ? null : (int) min($found[1]), str_contains($said, '==========')];
};

$within = $proved = $byGecode = $beaten = $wrong = $held = 0;
$times = [];
foreach ([[6, 3, 8], [6, 2, 8], [5, 3, 7], [5, 2, 7]] as [$dogs, $people, $days]) {
    for ($n = 1; $n <= $days; ++$n) {
        $day = DayChecks::seeded(31 * $n, $dogs, $people);
        // The solver's model knows nothing of lifting.
        $day = $day->with(
            array_map(static fn (Job $j): Job => new Job($j->id, $j->arrives, $j->promised, $j->tasks, 1), $day->jobs),
        );
        $began = hrtime(true);
        $plan = (new DayRule())->plan($day);
        $times[] = (hrtime(true) - $began) / 1e6;
        $held += [] === $plan->unfit ? 1 : 0;
        [$state, $long] = $plan->proven ? [null, true] : Search::day(new Board($day), LONG);
        $best = min($plan->cost, null === $state ? \INF : $state->bound / Day::TICKS);
        [$found, $gecode] = $exact($day, (int) round($plan->cost * Day::TICKS));
        $best = min($best, null === $found ? \INF : $found / Day::TICKS);
        $byGecode += $gecode ? 1 : 0;
        $proved += $gecode || $long ? 1 : 0;
        $beaten += null !== $found && $found / Day::TICKS < $plan->cost - 1e-9 ? 1 : 0;
        $within += $plan->cost <= 1.01 * $best + 1e-9 ? 1 : 0;
        $first = $greedy($day);
        $wrong += null === $first || $first > 1.01 * $best ? 1 : 0;
    }
}
sort($times);
printf("%-52s %d of 30\n", 'day: a plan was found', $held);
printf("%-52s %d of 30\n", 'day: within 1 % of the best that is known', $within);
printf("%-52s %d of 30 (%d by the exact solver)\n", 'day: the best is proven', $proved, $byGecode);
printf("%-52s %d of 30\n", 'day: the exact solver found a better one', $beaten);
printf("%-52s %d of 30\n", 'day: first come, first served is worse', $wrong);
printf("%-52s %.0f ms, the longest %.0f\n", 'day: up to 6 dogs, 3 people, median', $times[15], end($times));
$times = [];
for ($n = 1; $n <= 9; ++$n) {
    $day = DayChecks::seeded(17 * $n, 14, 4);
    $began = hrtime(true);
    (new DayRule())->plan($day);
    $times[] = (hrtime(true) - $began) / 1e6;
}
sort($times);
printf("%-52s %.0f ms, the longest %.0f\n", 'day: 14 dogs, 4 people, median', $times[4], end($times));
