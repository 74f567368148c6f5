<?php

/** What the comb found in one zone, what is planned there, and what a groomer has decided over the rule's head. */

declare(strict_types=1);

namespace KeenThistle\Core\Matting;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Zone\Zone;

final readonly class Mat
{
    /** Seconds per cm² of matted area by severity; a felted sheet is not worked out. */
    public const WORK = [0.0, 0.3, 2.0, 8.0];
    /** The same under a rake, on double coats. */
    private const RAKE = [0.0, 0.5, 1.5, 1.5];
    public const CLIP_UNDER = 0.3;
    private const CLIP_UNDER_FELT = 0.6;

    /**
     * @param int $severity 0 clear, 1 tangles, 2 separate mats, 3 tight, 4 felted sheet
     * @param float $spread share of the zone, 0 to 1
     * @param bool|null $clearance whether a comb tooth passes between mat and skin; null where nobody said
     * @param Decision|null $overrule a groomer's own decision, held
     * @param Length|null $planned what today's recipe leaves there; null: not planned, or not known
     * @param string|null $plannedKind kind of the tool it is planned with
     */
    public function __construct(
        public Zone $zone,
        public int $severity,
        public float $spread,
        public ?bool $clearance = null,
        public ?Decision $overrule = null,
        public string $why = '',
        public ?Length $planned = null,
        public ?string $plannedKind = null,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::object(
            self::fields() + [
                'planned_mm' => Shape::number(0, Length::MAX_MM, 'mm')
                    ->nullable()
                    ->describe('what today\'s recipe leaves there'),
                'planned_kind' => Shape::choice(Tool::KINDS, 'tool kind')
                    ->nullable()
                    ->describe('the kind of tool it is planned with'),
            ],
        );
    }

    /** @return array<string, Shape> what the comb finds */
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
            'overrule' => Shape::choice(
                array_map(static fn (Decision $d): string => $d->value, Decision::overrules()),
                'decision',
            )
                ->nullable()
                ->describe('the groomer\'s own decision, held'),
            'why' => Shape::text(0, 200)->default('')->describe('why it was overruled'),
        ];
    }

    /** @throws InvalidInput for an overrule that cannot be done */
    public static function fromFields(Fields $in): self
    {
        $severity = $in->int('severity');
        $overrule = $in->textOrNull('overrule');
        $overrule = null === $overrule ? null : Decision::from($overrule);
        if (4 === $severity && null !== $overrule && Decision::Clip !== $overrule) {
            throw InvalidInput::at($in->pathOf('overrule'), Say::it('matting.a_felted_sheet_is_only_clipped'));
        }
        if ($severity > 0 && Decision::None === $overrule) {
            throw InvalidInput::at($in->pathOf('overrule'), Say::it('matting.knots_are_combed_loosened_split_or'));
        }
        $planned = $in->has('planned_mm') ? $in->floatOrNull('planned_mm') : null;

        return new self(
            Zone::of($in->text('zone')),
            $severity,
            self::share($severity, $in->floatOrNull('spread')),
            $in->boolOrNull('clearance'),
            $overrule,
            $in->text('why'),
            null === $planned ? null : Length::ofMillimetres($planned, $in->pathOf('planned_mm')),
            $in->has('planned_kind') ? $in->textOrNull('planned_kind') : null,
        );
    }

    /** Of a zone that is matted; all of it where nobody said. */
    public static function share(int $severity, ?float $said): float
    {
        return $said ?? ($severity > 0 ? 1.0 : 0.0);
    }

    /** Whether it is what is taken where nobody said how much of the zone, nor whether a comb passes. */
    public function isAsTaken(): bool
    {
        $taken = new self($this->zone, $this->severity, self::share($this->severity, null));

        return $this->spread === $taken->spread && $this->hasClearance() === $taken->hasClearance();
    }

    /** The same place with another decision of the groomer's. */
    public function overruled(Decision $decision, string $why): self
    {
        return new self(
            $this->zone,
            $this->severity,
            $this->spread,
            $this->clearance,
            $decision,
            $why,
            $this->planned,
            $this->plannedKind,
        );
    }

    /** The same place with what is planned there today. */
    public function plannedAs(?Length $leaves, ?string $kind): self
    {
        return new self(
            $this->zone,
            $this->severity,
            $this->spread,
            $this->clearance,
            $this->overrule,
            $this->why,
            $leaves,
            $kind,
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

    /** Where skin is thin or lies over bone: a mat is clipped under with a 10 even where a comb passes. */
    public function isClose(): bool
    {
        return $this->zone->tender || self::isBony($this->zone);
    }

    public static function isBony(Zone $zone): bool
    {
        return str_starts_with($zone->id, 'elbow_') || str_starts_with($zone->id, 'hock_');
    }

    /**
     * Whether today's recipe takes the hair off anyway, at least as short as a mat here may be clipped under; at eye,
     * lips, sheath and vulva only a small trimmer does.
     */
    public function comesOff(): bool
    {
        if (0.0 === $this->matted() || null === $this->planned) {
            return false;
        }
        $kinds = UnderBlade::isTrimmerOnly($this->zone) ? ['trimmer'] : ['blade', 'trimmer'];
        $most = $this->hasClearance() && !$this->isClose() ? UnderBlade::CLEAR_MM : UnderBlade::CLOSE_MM;

        return \in_array($this->plannedKind, $kinds, true) && $this->planned->mm() <= $most + 1e-9;
    }

    /** Minutes under a decision on a body of so many cm². */
    public function minutes(Decision $decision, float $cm2): float
    {
        $seconds = match ($decision) {
            Decision::None => 0.0,
            Decision::Clip, Decision::ComesOff => 4 === $this->severity ? self::CLIP_UNDER_FELT : self::CLIP_UNDER,
            Decision::Rake => self::RAKE[min(3, $this->severity)],
            default => self::WORK[min(3, $this->severity)],
        };

        return ($seconds * $this->matted() * $cm2) / 60;
    }

    /** Left and right are one place, and so are all feet: skin is found and looked after once. */
    public function place(): string
    {
        return 'feet' === $this->zone->group
            ? 'feet'
            : (string) preg_replace('/_(left|right)$/', '', $this->zone->id);
    }
}
