<?php

/** How a timer stands at the moment of the answer. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Table\TimerAnswer;
use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class TimerView
{
    /**
     * @param list<array<string, mixed>> $cautions
     * @param list<array<string, mixed>> $reasons
     */
    private function __construct(
        public string $timer,
        public string $label,
        public bool $running,
        public ?string $who,
        public ?string $since,
        public ?string $blade,
        public float $ran_s,
        public ?int $limit_s,
        public ?float $left_s,
        #[Says('off, running, due, warn or stop')] public string $level,
        #[Says('it has run so long that its device may have died')] public bool $forgotten,
        public string $words,
        #[Says('said when its time is up')] public string $due_words,
        #[Gives('list<CautionView>')] public array $cautions,
        #[Gives('list<ReasonView>')] public array $reasons,
    ) {
    }

    public static function of(TimerAnswer $t): self
    {
        return new self(
            $t->kind->value,
            $t->kind->label(),
            $t->running,
            $t->who,
            $t->since?->format('Y-m-d\TH:i:s\Z'),
            $t->blade,
            round($t->ran, 1),
            $t->limit,
            null === $t->left ? null : round($t->left, 1),
            $t->level,
            $t->forgotten,
            $t->words,
            $t->kind->due(),
            Caution::listToArray($t->cautions),
            Reason::listToArray($t->reasons),
        );
    }
}
