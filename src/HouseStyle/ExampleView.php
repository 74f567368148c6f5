<?php

/** The sides of one school on the same dog. A response record. */

declare(strict_types=1);

namespace KeenThistle\HouseStyle;

use KeenThistle\Core\Order\Example;
use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class ExampleView
{
    private const SIDES =
        'list<array{side: string, lines: list<array{title: string, tool: string|null, '.
        'minutes: float|null, notes: list<string>, differs: bool}>, begins: string, breaks: string|null}>';

    /** @param list<array<string, mixed>> $sides */
    public function __construct(
        #[Says('what it is shown on')] public string $dog,
        #[Gives(self::SIDES),
            Says('differs: other than with another side; breaks: the must it goes against'),]
        public array $sides,
    ) {
    }

    public static function of(Example $example): self
    {
        return new self($example->dog, $example->sides);
    }
}
