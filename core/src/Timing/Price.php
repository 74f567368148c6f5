<?php

/** What a visit costs: every minute charged once, every term the product of what stands in it, never below nothing. */

declare(strict_types=1);

namespace KeenThistle\Core\Timing;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Matting\MattingRule;
use KeenThistle\Core\Say\Say;

final readonly class Price
{
    /** @param list<array{label: string, minor: int}> $terms */
    private function __construct(public ?int $total, public array $terms)
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
        if (null === $work->rate) {
            return new self(null, []);
        }
        $mats = round(max(0.0, $matting - MattingRule::FREE_MINUTES), 1);
        $rest = round(max(0.0, round($charged, 1) - $mats), 1);
        $terms = [self::term(false, $rest, $work->rate)];
        if ($mats > 0) {
            $terms[] = self::term(true, $mats, $work->matRate ?? $work->rate);
        }
        $terms = [...$terms, ...$work->fees];
        $total = array_sum(array_column($terms, 'minor'));
        if ($total < 0) {
            throw InvalidInput::at('fees', Say::it('timing.more_is_taken_off'));
        }

        return new self($total, $terms);
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
