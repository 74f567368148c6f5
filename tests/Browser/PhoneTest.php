<?php

/** A thumb on an upright phone: every zone is reached in its middle, in every view of the dog. */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;

final class PhoneTest extends BrowserTestCase
{
    /** @return iterable<string, array{string, string, int}> a dog, a view, the least of zones seen there */
    public static function views(): iterable
    {
        yield 'left side' => ['tansy', 'Side', 20];
        yield 'right side' => ['tansy', 'Turn', 20];
        yield 'head' => ['tansy', 'Head', 14];
        yield 'feet' => ['tansy', 'Feet', 12];
        yield 'toes' => ['tansy', 'Toes', 8];
        yield 'above' => ['tansy', 'Above', 18];
        yield 'rear' => ['tansy', 'Rear', 8];
        yield 'below' => ['tansy', 'Below', 20];
        // Short legs, prick ears and a bob; a sight hound's small head.
        yield 'a low dog' => ['cobnut', 'Side', 20];
        yield 'a leggy dog' => ['isolde', 'Head', 14];
    }

    #[DataProvider('views')]
    public function testEveryZoneIsTappedInItsMiddle(string $dog, string $view, int $least): void
    {
        $this->page->signIn('tove');
        $this->page->size(390, 844, true);
        $this->card($this->page, $dog);
        $this->page->go((string) parse_url($this->page->driver->getCurrentURL(), \PHP_URL_PATH).'/arrival');
        $this->page->css('svg[role=listbox] [data-zone]');
        if ('Side' !== $view) {
            $this->page->xpath("//button[starts-with(normalize-space(.), '$view')]")->click();
        }
        $mark = match ($view) {
            'Side' => '[data-side=left]',
            'Turn' => '[data-side=right]',
            default => '[data-view='.strtolower($view).']',
        };
        $this->page->css("svg$mark [data-zone]");
        $zones = $this->page->driver->executeScript(
            'return [...document.querySelectorAll(`svg${arguments[0]} [data-at]`)].map((z) => z.dataset.zone)',
            [$mark],
        );
        self::assertIsArray($zones);
        $zones = array_values(array_unique(array_filter($zones, is_string(...))));
        self::assertGreaterThanOrEqual($least, \count($zones));
        foreach ($zones as $zone) {
            $this->page->tapZone($zone);
            $this->page->css("svg$mark [data-zone=$zone][aria-selected=true]");
        }
    }
}
