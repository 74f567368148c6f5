<?php

/** What an owner reads of a date: in a message, and where what they chose cannot be. */

declare(strict_types=1);

namespace KeenThistle\Core\Care;

use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Timing\Service;

final readonly class DateWords
{
    public const BOOKED = 'booked';
    public const MOVED = 'moved';
    public const REMINDER = 'reminder';

    private function __construct()
    {
    }

    /**
     * @param self::BOOKED|self::MOVED|self::REMINDER $why it is written
     * @param bool $proof whether proof of vaccination is to be brought
     * @param string $link at which the owner answers
     */
    public static function message(
        string $why,
        string $dog,
        Service $kind,
        \DateTimeImmutable $day,
        string $time,
        bool $proof,
        string $link,
    ): string {
        $about = [$dog, $kind->words(), Say::day($day), $time];
        $words = match ($why) {
            self::BOOKED => Say::it('date.booked', ...$about),
            self::MOVED => Say::it('date.moved', ...$about),
            default => Say::it('date.reminder', ...$about),
        };

        return implode(' ', [
            $words,
            ...$proof ? [Say::it('date.bring_the_proof')] : [],
            self::answerHere($link),
        ]);
    }

    /** @param string $links of one date, or of all that were moved together with a space between them */
    public static function answerHere(string $links): string
    {
        return Say::it('date.answer_here', $links);
    }

    public static function notBooked(): string
    {
        return Say::it('date.not_booked_any_more');
    }

    public static function placeHasGone(): string
    {
        return Say::it('date.place_has_gone');
    }

    public static function chooseOne(): string
    {
        return Say::it('date.choose_one');
    }

    public static function closedOn(\DateTimeImmutable $day): string
    {
        return Say::it('date.closed_then', Say::day($day));
    }
}
