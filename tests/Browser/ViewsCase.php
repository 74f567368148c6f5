<?php

/**
 * Every view by axe in light, dark and on a phone; no broken policy; nothing wider than the screen, at 200 % text too.
 */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

use Facebook\WebDriver\Exception\StaleElementReferenceException;
use PHPUnit\Framework\Attributes\DataProvider;

abstract class ViewsCase extends BrowserTestCase
{
    use Axe;

    private const SETTLE_US = 150_000;

    protected static bool $signedIn = false;

    protected function prepare(): void
    {
        if (self::$signedIn) {
            $this->again();
        } else {
            parent::prepare();
        }
    }

    public static function tearDownAfterClass(): void
    {
        self::$signedIn = false;
        parent::tearDownAfterClass();
    }

    /** @return iterable<string, array{string, string}> view and what it says when it is there */
    abstract public static function views(): iterable;

    #[DataProvider('views')]
    public function testTheViewHoldsInLightDarkAndOnAPhone(string $view, string $says): void
    {
        // Views are only looked at: whoever is signed in stays so from one to the next.
        if (!self::$signedIn) {
            $this->page->signIn('maren');
            self::$signedIn = true;
        }
        $this->open($view, $says);
        self::assertSame([], $this->axe(), 'light');
        $this->page->driver->executeScript('document.documentElement.dataset.theme = "dark"');
        self::assertSame([], $this->axe(['color-contrast', 'link-in-text-block']), 'dark: only colours are others');
        $this->page->driver->executeScript('document.documentElement.dataset.theme = "light"');
        $this->page->size(390, 844, true);
        self::assertSame([], $this->axe(), 'phone');
        self::assertLessThanOrEqual(390, $this->width(), 'wider than a phone');
        $this->page->size(1280, 800);
        $this->page->driver->executeScript('document.documentElement.style.fontSize = "200%"');
        self::assertLessThanOrEqual(1280, $this->width(), 'wider than the screen at 200 % text');
        self::assertSame([], $this->page->consoleErrors());
    }

    private function open(string $view, string $says): void
    {
        if (str_starts_with($view, '/book?typed=')) {
            $this->page->go('/book');
            $this->page->css('#find')->sendKeys(substr($view, 12));
        } elseif (str_starts_with($view, '/')) {
            $parts = explode('#', $view);
            $this->page->go(array_shift($parts));
            foreach ($parts as $part) {
                $this->press($part);
            }
        } else {
            preg_match('/^(\w+)(.*)$/', $view, $part);
            $tabs = explode('#', $part[2] ?? '');
            $this->page->go('/dogs/'.Salon::dog(ucfirst($part[1] ?? '')).array_shift($tabs));
            foreach ($tabs as $tab) {
                $link = Chrome::quote(ltrim($tab, '>'));
                str_starts_with($tab, '>')
                    ? $this->page->xpath("//a[normalize-space(.)=$link]")->click()
                    : $this->page->button($tab)->click();
            }
        }
        $this->page->sees($says);
        $this->page->consoleErrors();
    }

    /** A button or tab by its name, or by how its name begins. */
    private function press(string $name): void
    {
        $t = Chrome::quote($name);
        // What moves away under the click takes it along.
        $this->rest();
        $this->page->until(function (): ?bool {
            $before = $this->height();
            usleep(self::SETTLE_US);

            return $before === $this->height() ? true : null;
        }, 'the page does not stop growing');
        // What is drawn anew between looking and clicking is looked for once more.
        $this->page->until(function () use ($t): ?bool {
            try {
                $this->page
                    ->xpath(
                        "//button[normalize-space(.)=$t or @aria-label=$t or .//b[normalize-space(.)=$t] ".
                            "or .//span[normalize-space(.)=$t]]",
                    )
                    ->click();

                return true;
            } catch (StaleElementReferenceException) {
                return null;
            }
        }, "$name cannot be pressed");
    }

    private function height(): mixed
    {
        return $this->page->driver->executeScript('return document.documentElement.scrollHeight');
    }

    protected function width(): int
    {
        $width = $this->page->driver->executeScript('return document.documentElement.scrollWidth');

        return \is_int($width) ? $width : 0;
    }
}
