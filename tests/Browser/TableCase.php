<?php

/** A groom in the browser. */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

abstract class TableCase extends BrowserTestCase
{
    protected function begin(string $dog): void
    {
        $this->card($this->page, $dog);
        $this->page->xpath("//main//a[contains(., 'Table')]")->click();
        $this->page->button('Begin')->click();
        $this->page->css('[data-testid=now-tool]');
        $this->page->css('svg[role=listbox]');
    }

    protected function tool(string $words): void
    {
        $this->page->until(
            fn (): ?bool => $words === $this->page->css('[data-testid=now-tool]')->getText() ? true : null,
            "$words is not next",
        );
        $this->addToAssertionCount(1);
    }

    protected function untilClosed(): void
    {
        $this->page->until(
            fn (): ?bool => [] === $this->page->driver->findElements(WebDriverBy::cssSelector('[role=dialog]'))
                ? true
                : null,
            'the dialog stays open',
        );
    }

    /** Seconds a timer still says. */
    protected function left(Chrome $page, string $timer): int
    {
        return (int) $page->until(static function () use ($page, $timer): ?int {
            $text = $page->xpath("//*[@aria-label='$timer timer']")->getText();

            return 1 === preg_match('/(\d+):(\d\d)/', $text, $m) ? 60 * (int) $m[1] + (int) $m[2] : null;
        }, "$timer says no time");
    }
}
