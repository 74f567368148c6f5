<?php

/** What a hands-on check comes to: whether to go on, what to say, what does not fit together. */

declare(strict_types=1);

namespace KeenThistle\Core\Check;

use KeenThistle\Core\Reason\Caution;

final readonly class Findings
{
    /**
     * @param bool $stop the groom does not go on before somebody has decided
     * @param bool $refer a vet should look
     * @param list<Caution> $cautions worst first
     * @param list<array{field: string, message: string}> $questions
     */
    public function __construct(
        public bool $stop,
        public bool $refer,
        public array $cautions,
        public array $questions,
    ) {
    }
}
