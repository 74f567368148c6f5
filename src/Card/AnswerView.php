<?php

/** The response record of a recipe being tried on a dog. */

declare(strict_types=1);

namespace KeenThistle\Card;

use KeenThistle\Input\Gives;
use KeenThistle\Visit\HereView;

final readonly class AnswerView
{
    /**
     * @param array<string, mixed> $length
     * @param list<array<string, mixed>> $blends
     * @param array<string, mixed>|null $recovery
     * @param list<array<string, mixed>> $options
     */
    public function __construct(
        public string $zone,
        #[Gives(
            'array{finished_mm: float|null, low_mm: float|null, high_mm: float|null, inch: string|null, '.
                'estimated: bool, reasons: list<ReasonView>, warnings: list<CautionView>}',
        ),]
        public array $length,
        #[Gives(
            'list<array{zone: string, label: string, finished_mm: float, blend: \'none\'|\'shears\'|\'ladder\'|'.
                '\'hard_line\', hard_line: bool, words: string, reasons: list<ReasonView>}>',
        ),]
        public array $blends,
        #[Gives(
            'array{weeks: float|null, level: \'none\'|\'months\'|\'agree_first\', message: string, '.
                'back_to_mm: float, reasons: list<ReasonView>, warnings: list<CautionView>}|null',
        ),]
        public ?array $recovery,
        public HereView $here,
        #[Gives(
            'list<array{tool: ToolView, lay: string, words: string, finished_mm: float, inch?: string, '.
                'difference_mm: float, close: bool, tool_changes?: int}>',
        ),]
        public array $options,
    ) {
    }
}
