<?php

/** What a visit is booked for: its phases, and the clocks it sets back. */

declare(strict_types=1);

namespace KeenThistle\Core\Timing;

use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Zone\Zone;

enum Service: string
{
    case Full = 'full';
    case Tidy = 'tidy';
    case Bath = 'bath';
    case Nails = 'nails';

    private const NAILS = ['nails', 'dewclaws'];
    private const TIDY = ['sanitary', 'pads', 'eyes', 'ears', ...self::NAILS];
    private const BATH = ['bath', 'undercoat', 'mat', ...self::TIDY];

    /**
     * @param bool $closeWork whether this coat has a sanitary or an eyes clock
     *
     * @return list<Phase>
     */
    public function phases(bool $closeWork = true): array
    {
        return match ($this) {
            self::Full => Phase::cases(),
            self::Tidy => [Phase::Settle, Phase::Check, Phase::CloseWork, Phase::NailsPadsEars, Phase::Notes],
            self::Bath => [
                Phase::Settle,
                Phase::Check,
                Phase::Knots,
                ...$closeWork ? [Phase::CloseWork] : [],
                Phase::NailsPadsEars,
                Phase::Bath,
                Phase::Dry,
                Phase::CombOut,
                Phase::Notes,
            ],
            self::Nails => [Phase::Settle, Phase::Check, Phase::NailsPadsEars, Phase::Notes],
        };
    }

    /** @return list<string>|null clocks, each only if it was done; null: every one */
    public function resets(): ?array
    {
        return match ($this) {
            self::Full => null,
            self::Bath => self::BATH,
            self::Tidy => self::TIDY,
            self::Nails => self::NAILS,
        };
    }

    /**
     * The smallest that sets all of these back.
     *
     * @param list<string> $clocks
     * @param bool $matNeedsFull whether it is the mats that ask for a full groom
     */
    public static function for(array $clocks, bool $matNeedsFull): self
    {
        if ($matNeedsFull && \in_array('mat', $clocks, true)) {
            return self::Full;
        }
        foreach ([self::Nails, self::Tidy, self::Bath] as $kind) {
            if ([] === array_diff($clocks, $kind->resets() ?? [])) {
                return $kind;
            }
        }

        return self::Full;
    }

    /** Whether a visit of this kind is about that zone: a small one is not about the rest of the dog. */
    public function concerns(Zone $zone): bool
    {
        return match ($this) {
            self::Full => true,
            self::Nails => false,
            self::Bath, self::Tidy => 'sanitary' === $zone->group
                || 1 === preg_match('/^(pads|between_toes)_/', $zone->id)
                || $zone->isAtTheEye()
                || str_starts_with($zone->id, 'ear_inner_'),
        };
    }

    /** As it is said of one of them. */
    public function words(): string
    {
        return match ($this) {
            self::Full => Say::it('interval.a_full_groom'),
            self::Bath => Say::it('interval.a_bath'),
            self::Tidy => Say::it('interval.a_tidy'),
            self::Nails => Say::it('interval.a_nails_visit'),
        };
    }
}
