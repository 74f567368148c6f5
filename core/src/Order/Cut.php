<?php

/** How one zone is worked today: with what in the hand, and in which lay. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Zone\Zone;

final readonly class Cut
{
    private const HANDS = [
        'scissor' => 'scissor',
        'thin' => 'thin',
        'thinner' => 'thin',
        'strip' => 'strip',
        'hand' => 'strip',
        'knife' => 'strip',
        'card' => 'card',
        'leave' => 'leave',
    ];

    /**
     * @param string $kind guard, blade, trimmer, scissor, thin, strip, card or leave
     * @param string $tool in words, as it is picked up
     * @param float $leaves mm, 0 where the tool says nothing of it
     * @param string $hand what is in the hand: under a guard its base, since a guard is only clipped on
     */
    public function __construct(
        public string $kind,
        public string $tool,
        public Lay $lay = Lay::With,
        public float $leaves = 0.0,
        public string $hand = '',
    ) {
    }

    public static function of(Tool $tool, Lay $lay = Lay::With, ?Length $leaves = null): self
    {
        return new self(
            match (true) {
                $tool->isGuard() => 'guard',
                $tool->isBlade() => 'blade',
                $tool->isTrimmer() => 'trimmer',
                default => self::HANDS[$tool->kind] ?? 'leave',
            },
            $tool->words(),
            $lay,
            $leaves?->mm() ??
                ($tool->isBlade() ? BladeTable::residual($tool->label)->mm() : $tool->guard?->mm() ?? 0.0),
            self::inHand($tool->base ?? $tool->words()),
        );
    }

    /** From words alone, as somebody wrote them down. */
    public static function said(string $words, bool $guard, ?string $method, Lay $lay): self
    {
        $kind = match (true) {
            $guard, 'guard' === $method => 'guard',
            null !== $method && isset(self::HANDS[$method]) => self::HANDS[$method],
            'clip' === $method, 'shave_out' === $method => 'blade',
            1 === preg_match('/\bover\b|guard/i', $words) => 'guard',
            1 === preg_match('/trimmer/i', $words) => 'trimmer',
            1 === preg_match('/thin/i', $words) => 'thin',
            1 === preg_match('/scissor|shear/i', $words) => 'scissor',
            1 === preg_match('/strip|knife/i', $words) => 'strip',
            1 === preg_match('/card|rake/i', $words) => 'card',
            default => 'blade',
        };

        $base = 1 === preg_match('/\bover (\S+)/i', $words, $m) ? $m[1] : $words;

        return new self($kind, $words, $lay, 0.0, self::inHand($base));
    }

    /** "10" and "10 blade" are the same blade. */
    private static function inHand(string $tool): string
    {
        return str_ends_with($tool, ' blade') ? substr($tool, 0, -6) : $tool;
    }

    public function isClipper(): bool
    {
        return 'guard' === $this->kind || 'blade' === $this->kind;
    }

    /** The work it belongs to: that follows from the tool, not only from where it lies; null: nothing is done. */
    public function node(Zone $zone): ?string
    {
        $region = Region::of($zone);
        $bare = 'blade' === $this->kind || 'trimmer' === $this->kind;

        return match (true) {
            'leave' === $this->kind => null,
            'strip' === $this->kind => 'strip',
            'card' === $this->kind => 'card',
            'guard' === $this->kind => 'clip',
            Region::Pads === $region => 'pads',
            $bare && self::isClose($zone, $region) => 'close_work',
            $bare => 'clip',
            Region::EarEdges === $region => 'edges',
            Region::Feet === $region => 'feet',
            Region::Rear === $region, 'sanitary' === $zone->group, 'rump' === $zone->id => 'rear',
            'thin' === $this->kind => 'thin',
            default => 'scissor',
        };
    }

    /** Where a bare blade or a trimmer may go before the bath. */
    private static function isClose(Zone $zone, Region $region): bool
    {
        return Region::CloseWork === $region
            || 'sanitary' === $zone->group
            || 'lips' === $zone->id
            || str_starts_with($zone->id, 'inner_eye_');
    }
}
