<?php

/** What a visit asks of a day: its phases at the minutes that four of five visits keep, by where they are done. */

declare(strict_types=1);

namespace KeenThistle\Core\Day;

use KeenThistle\Core\Handling\SkillCheck;
use KeenThistle\Core\Timing\DryWay;
use KeenThistle\Core\Timing\Minutes;
use KeenThistle\Core\Timing\Phase;
use KeenThistle\Core\Timing\Service;

final readonly class VisitTasks
{
    /** What a bather does, and what takes a groomer. */
    public const WASH = 'wash';
    public const GROOM = 'groom';
    public const STRIP = 'strip';

    /** @var array<string, string> phase => what it is part of */
    private const PARTS = [
        'settle' => 'prepare',
        'check' => 'prepare',
        'knots' => 'prepare',
        'close_work' => 'prepare',
        'nails_pads_ears' => 'prepare',
        'bath' => 'bath',
        'dry' => 'dry',
        'strip' => 'strip',
    ];

    private function __construct()
    {
    }

    /** What a phase is part of: prepare, bath, dry, strip or cut. */
    public static function partOf(Phase $phase): string
    {
        return self::PARTS[$phase->value] ?? 'cut';
    }

    /**
     * @param string $groomer skill of who has the dog at the table; empty: any groomer
     * @param bool $strips whether that one strips by hand as well; else somebody does who does
     *
     * @return list<Task> in the order of the visit
     */
    public static function of(
        Minutes $minutes,
        Service $kind,
        DryWay $way = DryWay::Forced,
        string $groomer = '',
        bool $strips = true,
    ): array {
        $table = null === (new SkillCheck())->refuses('bather', $kind, null) ? self::WASH : self::GROOM;
        $table = '' === $groomer ? $table : $groomer;
        $share = array_sum($minutes->phases);
        $sure = $minutes->sure - $minutes->extras;
        $parts = array_fill_keys(['prepare', 'bath', 'dry', 'strip', 'cut'], 0.0);
        foreach (Phase::cases() as $phase) {
            $part = self::partOf($phase);
            $parts[$part] += $minutes->phases[$phase->value] ?? 0.0;
        }
        $out = [];
        foreach ($parts as $part => $length) {
            $length = $share > 0 ? ($length * $sure) / $share : 0.0;
            $length += 'cut' === $part ? $minutes->extras : 0.0;
            $ticks = (int) round($length * Day::TICKS);
            if ($ticks > 0) {
                $by = 'strip' === $part && ('' === $groomer || !$strips) ? self::STRIP : $table;
                $out[] = self::task($part, $ticks, $way, $by);
            }
        }

        return $out;
    }

    /**
     * @param list<Task> $tasks
     *
     * @return list<string> skills of whoever has the dog at the table
     */
    public static function skills(array $tasks): array
    {
        $table = array_filter($tasks, static fn (Task $t): bool => StationKind::Table === $t->station);

        return array_values(array_unique(array_map(static fn (Task $t): string => $t->skill, $table)));
    }

    private static function task(string $part, int $ticks, DryWay $way, string $table): Task
    {
        return match ($part) {
            'bath' => new Task('bath', $ticks, StationKind::Tub, skill: self::WASH),
            'dry' => $way->takesAPerson()
                ? new Task('dry', $ticks, StationKind::Dryer, true, self::WASH, true, true)
                : new Task('dry', $ticks, StationKind::Pen, false, '', true),
            default => new Task($part, $ticks, StationKind::Table, true, $table),
        };
    }
}
