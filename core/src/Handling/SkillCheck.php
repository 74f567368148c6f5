<?php

/** Who on shift can take this dog: roles and skills first, then the go or no-go of every hard task. */

declare(strict_types=1);

namespace KeenThistle\Core\Handling;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Timing\Service;

/**
 * @phpstan-type Flag array{tool: string, decision: string}
 * @phpstan-type Assignment array{who: string, fits: bool, second_person: bool, flags: list<Flag>}
 */
final readonly class SkillCheck
{
    public const ROLES = ['groomer', 'mobile_groomer', 'manager', 'bather', 'apprentice', 'front_desk'];
    private const BATHERS = [Service::Bath, Service::Nails];

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
            'role' => Shape::choice(self::ROLES, 'role')->default('groomer'),
            'signed_off_by' => Shape::line(1, 80)->nullable()->describe('who answers for what an apprentice does'),
        ]);
    }

    /** Why a role is never given such a visit; null where it may be. */
    public function refuses(string $role, Service $kind, ?string $signedOffBy): ?string
    {
        return match (true) {
            'front_desk' === $role => Say::it('handling.the_desk_grooms_nothing'),
            'bather' === $role && !\in_array($kind, self::BATHERS, true) => Say::it('handling.a_bather_washes'),
            'apprentice' === $role && null === $signedOffBy => Say::it('handling.an_apprentice_needs_a_name'),
            default => null,
        };
    }

    /**
     * @param list<Fields> $tasks
     * @param list<Fields> $groomers
     *
     * @return array{assignments: list<Assignment>, not_offered: list<array{who: string, why: string}>}
     */
    public function of(array $tasks, array $groomers, Service $kind = Service::Full): array
    {
        $out = ['assignments' => [], 'not_offered' => []];
        $asked = array_map(self::task(...), $tasks);
        foreach ($groomers as $g) {
            $why = $this->refuses($g->text('role'), $kind, $g->textOrNull('signed_off_by'));
            if (null === $why) {
                $out['assignments'][] = $this->one($g->text('who'), $g->int('confidence'), $asked);
            } else {
                $out['not_offered'][] = ['who' => $g->text('who'), 'why' => $why];
            }
        }

        return $out;
    }

    /** @return array{Tool, int, int|null} */
    private static function task(Fields $in): array
    {
        return [$in->enum('tool', Tool::class), $in->int('tolerance'), $in->intOrNull('risk')];
    }

    /**
     * @param list<array{Tool, int, int|null}> $tasks tool, tolerance, risk
     *
     * @return Assignment
     */
    public function one(string $who, int $confidence, array $tasks): array
    {
        $rule = new HandlingRule();
        $flags = [];
        $second = false;
        $fits = true;
        foreach ($tasks as [$tool, $tolerance, $risk]) {
            $decision = $rule->decide($tolerance, $risk ?? $tool->risk(), $confidence, true);
            if (Decision::Go !== $decision) {
                $flags[] = ['tool' => $tool->value, 'decision' => $decision->value];
                $second = $second || Decision::SecondPerson === $decision;
                $fits = $fits && $decision->fits();
            }
        }

        return ['who' => $who, 'fits' => $fits, 'second_person' => $second, 'flags' => $flags];
    }
}
