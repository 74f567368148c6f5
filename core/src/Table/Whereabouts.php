<?php

/** Which part of its visit a dog at the table is in, and since when. */

declare(strict_types=1);

namespace KeenThistle\Core\Table;

use KeenThistle\Core\Day\VisitTasks;
use KeenThistle\Core\Order\Step;

final readonly class Whereabouts
{
    public const READY = 'ready';

    private function __construct(public string $part, public \DateTimeImmutable $since, public ?string $who)
    {
    }

    /**
     * Where somebody said it is; once work was tapped since, where the first step that is left belongs.
     *
     * @param list<array{key: string, zones: list<string>}> $steps in their order
     */
    public static function of(Board $board, array $steps, \DateTimeImmutable $began): self
    {
        $worked = $who = null;
        foreach ([...$board->steps, ...$board->zones] as $mark) {
            [$state, $at, $by] = $mark instanceof ZoneMark
                ? [$mark->state, $mark->at, $mark->who]
                : [$mark['state'], $mark['at'], $mark['who']];
            if ('done' === $state && (null === $worked || $at >= $worked)) {
                [$worked, $who] = [$at, $by];
            }
        }
        $said = [] === $board->phases ? null : $board->phases[\count($board->phases) - 1];
        if (null !== $said && (null === $worked || $said['at'] >= $worked)) {
            return new self($said['phase'], $said['at'], $said['who']);
        }
        foreach ($steps as $step) {
            if (!\in_array($board->stepState($step['key'], $step['zones']), ['done', 'skipped'], true)) {
                $phase = Step::ofStored(explode(':', $step['key'])[0])?->phase();

                return new self(null === $phase ? 'cut' : VisitTasks::partOf($phase), $worked ?? $began, $who);
            }
        }

        return new self(self::READY, $worked ?? $began, $who);
    }
}
