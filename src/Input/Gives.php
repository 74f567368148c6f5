<?php

/** What a response holds, as a type in words, where the type of its PHP says less. */

declare(strict_types=1);

namespace KeenThistle\Input;

/**
 * Written as in a docblock: "list<VisitView>", "array<string, float>", "array{zone: string, day?: string|null}",
 * "'note'|'caution'"; a class is the response record of that name. On a class it says the whole of it.
 */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_CLASS)]
final readonly class Gives
{
    public function __construct(public string $type)
    {
    }
}
