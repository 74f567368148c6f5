<?php

/** Who leaves what: how far off the plan a person is with a tool, told from how the coat comes back. */

declare(strict_types=1);

namespace KeenThistle\Core\Bias;

use KeenThistle\Core\Say\Say;

/**
 * Normal–normal by precision. It is offered to that person on the card, never listed against others; the growth must
 * come from other visits than these, or it swallows what is looked for.
 */
final readonly class BiasRule
{
    private const PRIOR_SD_MM = 0.7;
    private const MEASURING_SD_MM = 2.0;
    private const OFFERS_FROM_MM = 1.0;
    private const SURE_SD = 2.0;

    /** @param float|null $terminal mm at which the coat stops: arrivals near it say nothing */
    public function __construct(private float $mmPerWeek, private float $growthSd, private ?float $terminal = null)
    {
    }

    /**
     * @param list<array{who: string, tool: string, planned: float, arrival: float, weeks: float}> $observations mm
     *
     * @return list<array{who: string, tool: string, bias_mm: float, sd: float, n: int, low_mm: float, high_mm: float,
     *     offer: bool, words: string}> by who and tool, in the order they come first
     */
    public function biases(array $observations): array
    {
        $by = [];
        foreach ($observations as $o) {
            $key = $o['who']."\0".$o['tool'];
            $by[$key] ??= ['who' => $o['who'], 'tool' => $o['tool'], 'all' => []];
            if (null === $this->terminal || $o['arrival'] < $this->terminal - 1) {
                $sd = sqrt(self::MEASURING_SD_MM ** 2 + ($o['weeks'] * $this->growthSd) ** 2);
                $by[$key]['all'][] = [$o['arrival'] - $this->mmPerWeek * $o['weeks'] - $o['planned'], $sd];
            }
        }

        return array_map(
            static fn (array $one): array => self::said($one['who'], $one['tool'], $one['all']),
            array_values($by),
        );
    }

    /**
     * @param list<array{float, float}> $all mm off the plan, sd
     *
     * @return array{who: string, tool: string, bias_mm: float, sd: float, n: int, low_mm: float, high_mm: float,
     *     offer: bool, words: string}
     */
    private static function said(string $who, string $tool, array $all): array
    {
        $precision = 1 / self::PRIOR_SD_MM ** 2;
        $weighted = 0.0;
        foreach ($all as [$off, $sd]) {
            $precision += 1 / $sd ** 2;
            $weighted += $off / $sd ** 2;
        }
        $bias = $weighted / $precision;
        $sd = sqrt(1 / $precision);
        $offer = abs($bias) > self::OFFERS_FROM_MM && abs($bias) > self::SURE_SD * $sd;
        $mm = round(abs($bias), 1);

        return [
            'who' => $who,
            'tool' => $tool,
            'bias_mm' => round($bias, 1),
            'sd' => round($sd, 2),
            'n' => \count($all),
            'low_mm' => round($bias - $sd, 1),
            'high_mm' => round($bias + $sd, 1),
            'offer' => $offer,
            'words' => match (true) {
                !$offer => Say::it('bias.as_planned_as_far_as_is_known'),
                $bias > 0 => Say::it('bias.comes_out_longer_take_shorter', $mm),
                default => Say::it('bias.comes_out_shorter_take_longer', $mm),
            },
        ];
    }
}
