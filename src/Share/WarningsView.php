<?php

/** What other salons warn of in a dog, as far as its owner lets it be seen. A response record. */

declare(strict_types=1);

namespace KeenThistle\Share;

use KeenThistle\Input\Gives;

final readonly class WarningsView
{
    /** @param list<array<string, mixed>> $cautions */
    public function __construct(#[Gives('list<CautionView>')] public array $cautions)
    {
    }
}
