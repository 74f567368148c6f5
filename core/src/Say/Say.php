<?php

/** What the rules say: a code with what it is about, put into words by one catalogue a language. */

declare(strict_types=1);

namespace KeenThistle\Core\Say;

/**
 * English is en.php, and en-US.php where it is written otherwise in the United States; another language is another
 * file beside them, and no rule is touched. The language is chosen once a
 * request or job, as a process has one: English until somebody says otherwise, and wherever another one has no words.
 */
final class Say
{
    private const US = 'en-US';

    private static string $language = 'en';

    /** @var array<string, array<string, string>> by language, then code: as sprintf takes it */
    private static array $texts = [];

    private function __construct()
    {
    }

    /** @throws \LogicException for a code that no catalogue has */
    public static function it(string $code, string|int|float|null ...$about): string
    {
        $text =
            self::texts(self::$language)[$code] ??
            (self::texts('en')[$code] ?? throw new \LogicException("Nothing is said for $code."));

        return vsprintf($text, $about);
    }

    /** A day as screens and papers write it, without a figure that could be day or month: Sat 28 Nov 2026. */
    public static function day(\DateTimeImmutable $day): string
    {
        return $day->format(self::US === self::$language ? 'D, M j, Y' : 'D j M Y');
    }

    /** @param string $language one that has a catalogue; any other: English */
    public static function in(string $language): void
    {
        self::$language = 1 === preg_match('/^[a-z]{2}(-[A-Z]{2})?$/D', $language) ? $language : 'en';
    }

    public static function language(): string
    {
        return self::$language;
    }

    /** @return array<string, string> */
    private static function texts(string $language): array
    {
        if (!isset(self::$texts[$language])) {
            $file = __DIR__."/$language.php";
            /** @var array<string, string> $texts */
            $texts = is_file($file) ? require $file : [];
            self::$texts[$language] = $texts;
        }

        return self::$texts[$language];
    }
}
