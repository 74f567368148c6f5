<?php

/** Whether a message to an owner goes out, and from when: the state of the dog, their word, their quiet hours. */

declare(strict_types=1);

namespace KeenThistle\Core\Care;

use KeenThistle\Core\Handling\State;
use KeenThistle\Core\Say\Say;

final readonly class WriteRule
{
    /** What is said of being written to. */
    public const CONSENT = ['unasked', 'yes', 'no'];
    /** About a dog that is here now: no hour is too late for it. */
    public const NOW = ['ready', 'question', 'late'];
    /** A time of the day. */
    public const TIME = '/^([01]\d|2[0-3]):[0-5]\d$/D';

    private function __construct(
        /** not empty: it never goes out */
        public string $stopped,
        /** null: at once */
        public ?\DateTimeImmutable $notBefore,
    ) {
    }

    /**
     * @param string $consent one of CONSENT
     * @param string $from HH:MM, "": no quiet hours
     * @param \DateTimeImmutable $now by the clock on the salon's wall
     */
    public static function of(
        State $state,
        string $consent,
        string $kind,
        string $from,
        string $to,
        \DateTimeImmutable $now,
    ): self {
        if (!$state->isWrittenTo()) {
            return new self(Say::it('write.the_dog_does_not_come'), null);
        }
        if ('no' === $consent) {
            return new self(Say::it('write.asked_not_to_be_written_to'), null);
        }

        return new self('', \in_array($kind, self::NOW, true) ? null : self::after($from, $to, $now));
    }

    /** When quiet hours end that last now; null: none do. */
    public static function after(string $from, string $to, \DateTimeImmutable $now): ?\DateTimeImmutable
    {
        if ('' === $from || '' === $to || $from === $to) {
            return null;
        }
        $time = $now->format('H:i');
        $quiet = $from < $to ? $time >= $from && $time < $to : $time >= $from || $time < $to;
        if (!$quiet) {
            return null;
        }
        [$hour, $minute] = array_map(intval(...), explode(':', $to));
        $end = $now->setTime($hour, $minute);

        return $end > $now ? $end : $now->modify('+1 day')->setTime($hour, $minute);
    }
}
