<?php

/** What happened to a tool. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Wear\ToolEvent;
use KeenThistle\Input\Choice;
use KeenThistle\Input\Number;
use KeenThistle\Input\Says;
use KeenThistle\Input\Shaped;
use KeenThistle\Input\Text;

final readonly class ToolEntryForm
{
    public function __construct(
        #[Choice(ToolEvent::KINDS, 'kind of entry')] public string $kind,
        #[Number(0, 1440, 'minutes it ran', true)] public ?float $minutes = null,
        #[Shaped([self::class, 'dirts'])] public string $dirt = 'clean',
        #[Text(0, 36)] public ?string $dog = null,
        #[Number(-20, 200, '°C'), Says('null: read from the probe')] public ?float $celsius = null,
    ) {
    }

    public static function dirts(): Shape
    {
        return Shape::choice(array_keys(ToolEvent::DIRT), 'dirt');
    }
}
