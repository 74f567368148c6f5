<?php

/** The other ways a comb test can be answered: saving what can be saved over several visits, or one even length now. */

declare(strict_types=1);

namespace KeenThistle\Core\Matting;

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
        return array_map(static function (Mat $m): Mat {
            $can = \in_array($m->severity, [2, 3], true) && $m->hasClearance();

            return null !== $m->overrule || !$can
                ? $m
                : $m->overruled(
                    2 === $m->severity ? Decision::Loosen : Decision::Split,
                    Say::it('matting.to_save_the_coat'),
                );
        }, $mats);
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
                ? $m->overruled(Decision::Clip, Say::it('matting.one_even_length'))
                : $m,
            $mats,
        );
    }

    /**
     * What is worked out, spread over visits so that none goes past what the dog bears; tender places first.
     *
     * @return list<array{zones: list<string>, minutes: float}> the first is today's
     */
    public function spread(MattingAnswer $answer): array
    {
        $open = array_values(array_filter($answer->zones, static fn (ZoneDecision $z): bool => $z->workedOut > 0));
        usort(
            $open,
            static fn (ZoneDecision $a, ZoneDecision $b): int => [
                !$a->mat->zone->tender,
                $b->workedOut,
                $a->mat->zone->id,
            ] <=> [!$b->mat->zone->tender, $a->workedOut, $b->mat->zone->id],
        );
        $visits = [];
        foreach ($open as $z) {
            foreach ($visits as $i => $visit) {
                if ($visit['minutes'] + $z->workedOut <= $answer->limit + 1e-9) {
                    $visits[$i]['zones'][] = $z->mat->zone->id;
                    $visits[$i]['minutes'] += $z->workedOut;
                    continue 2;
                }
            }
            $visits[] = ['zones' => [$z->mat->zone->id], 'minutes' => $z->workedOut];
        }

        return array_values($visits);
    }
}
