<?php

/** Who on shift can take this dog: the go or no-go of every hard task, groomer by groomer. */

declare(strict_types=1);

namespace KeenThistle\Core\Handling;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;

final readonly class SkillCheck
{
    public static function taskShape(): Shape
    {
        return Shape::object([
            'tool' => Shape::enum(Tool::class, 'tool')->required(),
            'tolerance' => Shape::integer(0, 5)->required()->describe('0 impossible to 5 at ease'),
            'risk' => Shape::integer(1, 5)->nullable()->describe('left out: the tool\'s own'),
        ]);
    }

    public static function groomerShape(): Shape
    {
        return Shape::object([
            'who' => Shape::line(1, 80)->required(),
            'confidence' => Shape::integer(1, 5)->required()->describe('with dogs that bear these tasks badly'),
        ]);
    }

    /**
     * @param list<Fields> $tasks
     * @param list<Fields> $groomers
     *
     * @return list<array{who: string, fits: bool, second_person: bool, flags: list<array{tool: string,
     *     decision: string}>}>
     */
    public function of(array $tasks, array $groomers): array
    {
        return array_map(
            fn (Fields $g): array => $this->one(
                $g->text('who'),
                $g->int('confidence'),
                array_map(
                    static fn (Fields $t): array => [
                        $t->enum('tool', Tool::class),
                        $t->int('tolerance'),
                        $t->intOrNull('risk'),
                    ],
                    $tasks,
                ),
            ),
            $groomers,
        );
    }

    /**
     * @param list<array{Tool, int, int|null}> $tasks tool, tolerance, risk
     *
     * @return array{who: string, fits: bool, second_person: bool, flags: list<array{tool: string, decision: string}>}
     */
    public function one(string $who, int $confidence, array $tasks): array
    {
        $rule = new HandlingRule();
        $flags = [];
        $second = false;
        $fits = true;
        foreach ($tasks as [$tool, $tolerance, $risk]) {
            $decision = $rule->decide($tolerance, $risk ?? $tool->risk(), $confidence, true);
            if ('go' !== $decision) {
                $flags[] = ['tool' => $tool->value, 'decision' => $decision];
                $second = $second || 'second_person' === $decision;
                $fits = $fits && 'second_person' === $decision;
            }
        }

        return ['who' => $who, 'fits' => $fits, 'second_person' => $second, 'flags' => $flags];
    }
}
