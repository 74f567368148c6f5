<?php

/** When a patch is seen no more: three ways to bring it and the coat around it together again. */

declare(strict_types=1);

namespace KeenThistle\Core\Converge;

use KeenThistle\Core\Blend\BlendRule;
use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\Season;
use KeenThistle\Core\Growth\Growth;
use KeenThistle\Core\Measure\Length;

final readonly class ConvergeRule
{
    private const LONGEST_WEEKS = 260;

    public function __construct(
        private Growth $growth,
        private CoatStage $stage = CoatStage::Adult,
        private Season $season = Season::North,
    ) {
    }

    /**
     * @param int $every weeks between visits; the first is today
     *
     * @return list<array{way: string, around_mm: float, visit: int|null, weeks: int|null, date: string|null}>
     *     visit null: it is always seen
     */
    public function ways(Length $patch, Length $style, int $every, \DateTimeImmutable $today): array
    {
        $out = [];
        $half = Length::ofMicrometres(intdiv($patch->micrometres() + $style->micrometres(), 2));
        foreach (['keep' => $style, 'half_way' => $half, 'all_down' => $patch] as $way => $around) {
            $visit = $this->visit($patch, $around, $every, $today);
            $out[] = [
                'way' => $way,
                'around_mm' => $around->rounded(),
                'visit' => $visit,
                'weeks' => null === $visit ? null : $visit * $every,
                'date' => null === $visit ? null : $today->modify('+'.$visit * $every.' weeks')->format('Y-m-d'),
            ];
        }

        return $out;
    }

    /** At each visit all around is cut to its length again; the patch goes on growing until it is as long. */
    private function visit(Length $patch, Length $around, int $every, \DateTimeImmutable $today): ?int
    {
        for ($visit = 0; $visit * $every <= self::LONGEST_WEEKS; ++$visit) {
            $grown = $this->growth->after($patch, $visit * $every, $this->stage, $today, $this->season);
            $step = $around->micrometres() - $grown->micrometres();
            if ($step <= BlendRule::unseen($around->micrometres())) {
                return $visit;
            }
        }

        return null;
    }
}
