<?php

/** What one visit told about a coat's speed on one zone. */

declare(strict_types=1);

namespace KeenThistle\Core\Growth;

use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\Season;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Say\Say;

final readonly class Observation
{
    private function __construct(
        public Length $finished,
        public Length $arrival,
        public float $weeks,
        public string $visit,
        public ?\DateTimeImmutable $from,
        public ?CoatStage $stage,
        public bool $ownerCut,
    ) {
    }

    /**
     * @param float $weeks between the two, more than 0
     * @param string $visit zones of the same visit are averaged; empty stands for a visit of its own
     *
     * @throws InvalidInput when the coat arrived shorter than it left and no owner's cut explains it
     */
    public static function of(
        Length $finished,
        Length $arrival,
        float $weeks,
        string $visit = '',
        ?\DateTimeImmutable $from = null,
        ?CoatStage $stage = null,
        bool $ownerCut = false,
        string $field = '',
    ): self {
        $at = '' === $field ? '' : $field.'.';
        if (!is_finite($weeks) || $weeks <= 0 || $weeks > 260) {
            throw InvalidInput::at($at.'weeks', Say::it('growth.must_be_more_than_0_and'));
        }
        if ($arrival->shorterThan($finished) && !$ownerCut) {
            throw InvalidInput::at($at.'arrival_mm', Say::it('growth.is_shorter_than_what_was_left'));
        }

        return new self($finished, $arrival, $weeks, $visit, $from, $stage, $ownerCut);
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'finished_mm' => Shape::number(0, Length::MAX_MM, 'mm left at the visit before')->required(),
            'arrival_mm' => Shape::number(0, Length::MAX_MM, 'mm found on arrival')->required(),
            'weeks' => Shape::number(0, 260, 'weeks between the two', true),
            'from' => Shape::date()->describe('day of the visit before'),
            'to' => Shape::date()->describe('day of arrival'),
            'stage' => Shape::enum(CoatStage::class, 'coat stage'),
            'visit' => Shape::text(0, 64)->describe('zones with the same visit are averaged and count once'),
            'zone' => Shape::text(0, 40),
            'owner_cut' => Shape::boolean()->default(false)->describe('the owner cut here in between: left out'),
        ]);
    }

    public static function fromFields(Fields $in): self
    {
        $from = $in->dateOrNull('from');
        $to = $in->dateOrNull('to');
        $weeks = $in->floatOrNull('weeks');
        if (null === $weeks) {
            if (null === $from || null === $to) {
                throw InvalidInput::missing($in->pathOf('weeks'), Say::it('growth.the_weeks_in_between_or_both'));
            }
            $weeks = ($to->getTimestamp() - $from->getTimestamp()) / 604_800;
        }

        return self::of(
            Length::ofMillimetres($in->float('finished_mm'), $in->pathOf('finished_mm')),
            Length::ofMillimetres($in->float('arrival_mm'), $in->pathOf('arrival_mm')),
            $weeks,
            $in->textOrNull('visit') ?? '',
            $from,
            $in->enumOrNull('stage', CoatStage::class),
            $in->bool('owner_cut'),
            $in->path,
        );
    }

    /** mm/week with season and stage taken out, where they are known. */
    public function rate(Season $season): float
    {
        $factor =
            ($this->stage?->growthFactor() ?? 1.0) *
            (null === $this->from ? 1.0 : $season->meanFactor($this->from, $this->weeks));

        return ($this->arrival->mm() - $this->finished->mm()) / $this->weeks / $factor;
    }
}
