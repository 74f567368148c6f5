<?php

/** What the comb found in one zone, and what a groomer has decided about it over the rule's head. */

declare(strict_types=1);

namespace KeenThistle\Core\Matting;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Zone\Zone;

final readonly class Mat
{
    /** Seconds per cm² of matted area by severity; a felted sheet is not worked out. */
    public const WORK = [0.0, 0.3, 2.0, 8.0];
    public const CLIP_UNDER = 0.3;
    private const CLIP_UNDER_FELT = 0.6;

    /**
     * @param int $severity 0 clear, 1 tangles, 2 separate mats, 3 tight, 4 felted sheet
     * @param float $spread share of the zone, 0 to 1
     * @param bool|null $clearance whether a comb tooth passes between mat and skin; null where nobody said
     * @param Decision|null $overrule a groomer's own decision, held
     */
    public function __construct(
        public Zone $zone,
        public int $severity,
        public float $spread,
        public ?bool $clearance = null,
        public ?Decision $overrule = null,
        public string $why = '',
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::object(self::fields());
    }

    /** @return array<string, Shape> */
    public static function fields(): array
    {
        return [
            'zone' => Zone::shape()->required(),
            'severity' => Shape::integer(0, 4)
                ->required()
                ->describe('0 clear, 1 tangles, 2 separate mats, 3 tight and close to the skin, 4 felted sheet'),
            'spread' => Shape::number(0, 1, 'share of the zone')
                ->nullable()
                ->describe('share of the zone; all of it where it is left out'),
            'clearance' => Shape::boolean()
                ->nullable()
                ->describe('a comb tooth passes between mat and skin; left out: yes up to severity 2, no from 3'),
            'overrule' => Shape::enum(Decision::class, 'decision')
                ->nullable()
                ->describe('the groomer\'s own decision, held'),
            'why' => Shape::text(0, 200)->default('')->describe('why it was overruled'),
        ];
    }

    /** @throws InvalidInput for an overrule that cannot be done */
    public static function fromFields(Fields $in): self
    {
        $severity = $in->int('severity');
        $overrule = $in->enumOrNull('overrule', Decision::class);
        if (4 === $severity && null !== $overrule && Decision::Clip !== $overrule) {
            throw InvalidInput::at($in->pathOf('overrule'), Say::it('matting.a_felted_sheet_is_only_clipped'));
        }
        if ($severity > 0 && Decision::None === $overrule) {
            throw InvalidInput::at($in->pathOf('overrule'), Say::it('matting.knots_are_combed_loosened_split_or'));
        }

        return new self(
            Zone::of($in->text('zone')),
            $severity,
            $in->floatOrNull('spread') ?? ($severity > 0 ? 1.0 : 0.0),
            $in->boolOrNull('clearance'),
            $overrule,
            $in->text('why'),
        );
    }

    public function hasClearance(): bool
    {
        return $this->severity < 4 && ($this->clearance ?? $this->severity < 3);
    }

    /** Contribution to the load, 0 to 100. */
    public function load(): float
    {
        return (100 * $this->matted() * $this->severity) / 4;
    }

    /** Matted share of the whole body, 0 to 1. */
    public function matted(): float
    {
        return 0 === $this->severity ? 0.0 : $this->zone->share() * $this->spread;
    }

    /** Minutes under a decision on a body of so many cm². */
    public function minutes(Decision $decision, float $cm2): float
    {
        $seconds = match ($decision) {
            Decision::None => 0.0,
            Decision::Clip => 4 === $this->severity ? self::CLIP_UNDER_FELT : self::CLIP_UNDER,
            default => self::WORK[min(3, $this->severity)],
        };

        return ($seconds * $this->matted() * $cm2) / 60;
    }

    /** What the rule decides before any limit. */
    public function firstDecision(): Decision
    {
        return match (true) {
            0.0 === $this->matted() => Decision::None,
            3 === $this->severity && !$this->hasClearance() => Decision::Clip,
            default => Decision::forSeverity($this->severity),
        };
    }
}
