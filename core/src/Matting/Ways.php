<?php

/** The other ways a comb test can be answered: saving what can be saved over several visits, or one even length now. */

declare(strict_types=1);

namespace KeenThistle\Core\Matting;

use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Say\Say;

final readonly class Ways
{
    /**
     * Everything that can be worked out at all is, whatever it takes; held, so that no limit clips it.
     *
     * @param list<Mat> $mats
     *
     * @return list<Mat>
     */
    public function save(array $mats): array
    {
        return array_map(
            static fn (Mat $m): Mat => null !== $m->overrule
                ? $m
                : new Mat(
                    $m->zone,
                    $m->severity,
                    $m->spread,
                    $m->clearance,
                    Decision::None === $m->firstDecision() ? null : $m->firstDecision(),
                    Say::it('matting.to_save_the_coat'),
                ),
            $mats,
        );
    }

    /**
     * Every knot is clipped under: nothing is worked out.
     *
     * @param list<Mat> $mats
     *
     * @return list<Mat>
     */
    public function clipAll(array $mats): array
    {
        return array_map(
            static fn (Mat $m): Mat => $m->matted() > 0
                ? new Mat(
                    $m->zone,
                    $m->severity,
                    $m->spread,
                    $m->clearance,
                    Decision::Clip,
                    Say::it('matting.one_even_length'),
                )
                : $m,
            $mats,
        );
    }

    /** Visits needed so that none goes past this dog's limit, at least one. */
    public function visits(MattingAnswer $answer): int
    {
        return max(1, (int) ceil(round($answer->worked / max(0.1, $answer->limit), 6)));
    }

    /**
     * The length one even clip would leave: what every clipped zone that is not tender still allows; null where none
     * is clipped.
     */
    public function evenLength(MattingAnswer $answer): ?Length
    {
        $shortest = null;
        foreach ($answer->zones as $z) {
            $left = Decision::Clip === $z->decision && !$z->mat->zone->tender ? $z->under?->leaves() : null;
            if (null !== $left && (null === $shortest || $left->shorterThan($shortest))) {
                $shortest = $left;
            }
        }

        return $shortest;
    }
}
