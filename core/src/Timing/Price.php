<?php

/** What a visit costs: every minute charged once, every term the product of what stands in it, never below nothing. */

declare(strict_types=1);

namespace KeenThistle\Core\Timing;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Matting\MattingRule;
use KeenThistle\Core\Say\Say;

final readonly class Price
{
    private const PERCENT = 100;

    /**
     * @param list<array{label: string, minor: int}> $terms
     * @param int|null $tax of the total; null where the salon knows of none
     */
    private function __construct(public ?int $total, public array $terms, public ?int $tax = null)
    {
    }

    /**
     * @param float $charged minutes half of such visits keep, without what dries by itself
     * @param float $matting of them, on mats
     *
     * @throws InvalidInput where more is taken off than the visit costs (field "fees")
     */
    public static function of(Work $work, float $charged, float $matting): self
    {
        $charges = $work->charges;
        if (null === $charges) {
            return new self(null, []);
        }
        $mats = round(max(0.0, $matting - MattingRule::FREE_MINUTES), 1);
        $rest = round(max(0.0, round($charged, 1) - $mats), 1);
        $terms = [self::term(false, $rest, $charges->rate)];
        if ($mats > 0) {
            $terms[] = self::term(true, $mats, $charges->matRate ?? $charges->rate);
        }
        $short = $charges->leastFor($work->service) - array_sum(array_column($terms, 'minor'));
        if ($short > 0) {
            $terms[] = ['label' => Say::it('timing.up_to_the_least', $work->service->words()), 'minor' => $short];
        }
        $terms = [...$terms, ...$work->fees];
        $total = array_sum(array_column($terms, 'minor'));
        if ($total < 0) {
            throw InvalidInput::at('fees', Say::it('timing.more_is_taken_off'));
        }

        return self::taxed($total, $terms, $charges);
    }

    /** @param list<array{label: string, minor: int}> $terms */
    private static function taxed(int $total, array $terms, Charges $charges): self
    {
        $share = $charges->taxPercent / self::PERCENT;
        if ($share <= 0) {
            return new self($total, $terms);
        }
        if ($charges->taxIncluded) {
            return new self($total, $terms, $total - (int) round($total / (1 + $share)));
        }
        $tax = (int) round($total * $share);
        $terms[] = ['label' => Say::it('timing.tax', $charges->taxPercent), 'minor' => $tax];

        return new self($total + $tax, $terms, $tax);
    }

    /** @return array{label: string, minor: int} */
    private static function term(bool $mats, float $minutes, float $rate): array
    {
        $hour = number_format(HourlyRate::ofHour($rate), 2, '.', '');

        return [
            'label' => Say::it($mats ? 'timing.min_on_mats_an_hour' : 'timing.min_an_hour', $minutes, $hour),
            'minor' => (int) round($minutes * $rate),
        ];
    }
}
