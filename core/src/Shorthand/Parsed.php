<?php

/** What a line says: the plan as far as it was understood, what was spoken and wants a nod, what is wrong. */

declare(strict_types=1);

namespace KeenThistle\Core\Shorthand;

final readonly class Parsed
{
    /**
     * @param array<string, Way> $plan by zone, in the order of the body
     * @param list<array{at: int, length: int, said: string, means: string}> $spoken resolved only when confirmed
     * @param list<Fault> $faults in the order of the line
     */
    public function __construct(public array $plan, public array $spoken, public array $faults)
    {
    }
}
