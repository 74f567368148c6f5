<?php

/** A tool that comes into the kit. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Input\Choice;
use KeenThistle\Input\Line;
use KeenThistle\Input\Number;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class NewTool
{
    public function __construct(
        #[Choice(KitItem::KINDS, 'kind of tool')] public string $kind,
        #[Line(1, 40), Says('a blade\'s own label; else as the salon calls it')] public string $label,
        #[Text(1, 36)] public string $place,
        #[Number(0.1, Length::MAX_MM, 'mm a guard is marked for, or a small trimmer set to'),]
        public ?float $nominal_mm = null,
        #[Text(0, 36), Says('id of the person whose own it is')] public ?string $keeper = null,
        #[Line(0, 200)] public string $note = '',
        #[Text(0, 36), Says('id of a tool that is retired with this')] public ?string $replaces = null,
    ) {
    }

    /** µm. @throws InvalidInput for a blade that no table knows, a guard without its length */
    public function nominalUm(): ?int
    {
        $mm = $this->nominal_mm;

        return match ($this->kind) {
            'blade' => null === $mm
                ? BladeTable::residual(trim($this->label), 'label')->micrometres()
                : throw InvalidInput::at(
                    'nominal_mm',
                    'belongs to guards: a blade\'s length follows from its label, then from measuring it',
                ),
            'guard' => Length::ofMillimetres(
                $mm ?? throw InvalidInput::missing('nominal_mm', 'the mm the guard is marked for'),
                'nominal_mm',
            )->micrometres(),
            'trimmer' => Tool::trimmer(
                null === $mm ? null : Length::ofMillimetres($mm, 'nominal_mm'),
            )->set?->micrometres(),
            default => null === $mm ? null : throw InvalidInput::at('nominal_mm', 'belongs to guards'),
        };
    }
}
