<?php

/** What the owner agreed about today: patches, one even length, or several visits; signed or not yet. */

declare(strict_types=1);

namespace KeenThistle\Core\Today;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Zone\Zone;

final readonly class Agreement
{
    public const CHOICES = ['patches', 'even', 'several_visits', 'none'];

    /**
     * @param string $choice one of CHOICES
     * @param list<string> $zones that an even length was agreed for
     * @param string|null $blade of the even length
     * @param array<string, string> $later zone => the day of the visit it waits for
     * @param string $carry repeat or do_not_repeat: what an even length is next time
     * @param list<string>|null $covers zones whose mats may be clipped; null: all that were found
     * @param array<string, float> $least zone => mm as they were shown, to 0.1; shorter than that is not covered
     */
    public function __construct(
        public string $choice = 'none',
        public array $zones = [],
        public ?string $blade = null,
        public bool $signed = false,
        public array $later = [],
        public string $carry = 'do_not_repeat',
        public ?array $covers = null,
        public array $least = [],
    ) {
    }

    public static function shape(): Shape
    {
        $zones = Shape::list(Zone::shape(), 0, 80);

        return Shape::object([
            'choice' => Shape::choice(self::CHOICES, 'choice')->required(),
            'zones' => $zones->default([])->describe('the zones of an even length'),
            'blade' => Shape::choice(BladeTable::labels(), 'blade')->nullable()->describe('of the even length'),
            'signed' => Shape::boolean()->default(false),
            'later' => Shape::list(
                Shape::object(['date' => Shape::date()->required(), 'zones' => $zones->required()]),
                0,
                12,
            )
                ->default([])
                ->describe('zones of a later visit, by its day'),
            'carry' => Shape::choice(['repeat', 'do_not_repeat'], 'carry')->default('do_not_repeat'),
            'covers' => $zones->nullable()->describe('zones whose mats may be clipped; left out: all that were found'),
        ]);
    }

    /** @throws InvalidInput for an even length without a blade, or a zone that waits for two days */
    public static function fromFields(Fields $in): self
    {
        $choice = $in->text('choice');
        if ('even' === $choice && null === $in->textOrNull('blade')) {
            throw InvalidInput::missing($in->pathOf('blade'), Say::it('today.the_blade_of_the_even_length'));
        }
        $later = [];
        foreach ($in->objects('later') as $visit) {
            $day = $visit->dateOrNull('date')?->format('Y-m-d') ?? '';
            foreach ($visit->texts('zones') as $zone) {
                if (isset($later[$zone])) {
                    throw InvalidInput::at($visit->pathOf('zones'), Say::it('today.waits_for_two_days', $zone));
                }
                $later[$zone] = $day;
            }
        }

        return new self(
            $choice,
            $in->texts('zones'),
            $in->textOrNull('blade'),
            $in->bool('signed'),
            $later,
            $in->text('carry'),
            $in->has('covers') ? $in->texts('covers') : null,
        );
    }

    public function isSigned(): bool
    {
        return $this->signed && 'none' !== $this->choice;
    }

    /**
     * Whether a signature covers what is done to this zone.
     *
     * @param Length|null $leaves what is left there; shorter than the even length that was agreed is not covered by it
     */
    public function covers(string $zone, ?Length $leaves = null): bool
    {
        return $this->isSigned()
            && (null === $this->covers
                || (\in_array($zone, $this->covers, true) && !$this->isShorter($zone, $leaves))
                || ('even' === $this->choice
                    && \in_array($zone, $this->zones, true)
                    && (null === $leaves
                        || null === $this->blade
                        || !$leaves->shorterThan(BladeTable::residual($this->blade)))));
    }

    /** Whether more comes off than was shown. */
    private function isShorter(string $zone, ?Length $leaves): bool
    {
        return null !== $leaves
            && isset($this->least[$zone])
            && $leaves->rounded() < $this->least[$zone];
    }
}
