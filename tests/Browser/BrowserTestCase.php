<?php

/**
 * What the browser tests share: one Chromium a class on the running application, and the ways a user takes through it.
 */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;

abstract class BrowserTestCase extends TestCase
{
    private const SETTLE_US = 300_000;

    private static ?Chrome $shared = null;
    protected Chrome $page;

    /** @var list<Chrome> */
    private array $others = [];

    protected function setUp(): void
    {
        $this->prepare();
    }

    /** A new salon, and a browser where nobody has been. */
    protected function prepare(): void
    {
        Salon::asNew();
        $this->again();
        $this->signOut();
    }

    /** The class's browser as it was left. */
    protected function again(): void
    {
        $this->page = self::$shared ??= Chrome::open(self::address());
        $this->page->size(1280, 800);
        // A test that failed without a network leaves the next one its own.
        $this->page->network(true);
        $this->page->go('/thistle.svg');
        $this->page->consoleErrors();
    }

    /** Nobody has ever been here; an answer that was under way may have brought the session back. */
    protected function signOut(): void
    {
        $this->page->driver->executeScript('localStorage.clear(); sessionStorage.clear()');
        do {
            $this->page->driver->manage()->deleteAllCookies();
            usleep(self::SETTLE_US);
        } while ([] !== $this->page->driver->manage()->getCookies());
        $this->page->consoleErrors();
    }

    protected function tearDown(): void
    {
        foreach ($this->others as $other) {
            $other->close();
        }
        $this->others = [];
    }

    public static function tearDownAfterClass(): void
    {
        self::$shared?->close();
        self::$shared = null;
    }

    protected static function address(): string
    {
        $address = getenv('KT_ADDRESS');
        self::assertIsString($address, 'the browser tests are run by bin/test browser');

        return $address;
    }

    /** Another browser, of another person; closed after the test. */
    protected function another(): Chrome
    {
        return $this->others[] = Chrome::open(self::address());
    }

    /** Opens the card of a dog, found the way its user would. */
    protected function card(Chrome $page, string $dog, ?string $zone = null): void
    {
        $page->find($dog);
        $page->css('svg[role=listbox]');
        if (null !== $zone) {
            $path = parse_url($page->driver->getCurrentURL(), \PHP_URL_PATH);
            $page->go("$path?zone=$zone");
            $page->css('svg[role=listbox]');
        }
    }

    protected function finished(Chrome $page): string
    {
        return $page->css('[data-testid=finished]')->getText();
    }

    /** Waits until the sheet gives this length. */
    protected function leaves(Chrome $page, string $length): void
    {
        $page->until(
            fn (): ?bool => $length === $this->finished($page) ? true : null,
            "the zone does not leave $length",
        );
        $this->addToAssertionCount(1);
    }

    /** Until a hit counts again after another step has come in hand: sooner it is a glove's second one. */
    protected function settle(): void
    {
        usleep(750_000);
    }

    protected function sees(Chrome $page, string $text, int $seconds = 90): void
    {
        $page->sees($text, $seconds);
        $this->addToAssertionCount(1);
    }

    /** Presses Tab until the element has the focus, as somebody without a mouse would. */
    protected function tabTo(string $selector): void
    {
        $this->page->css($selector);
        for ($i = 0; $i < 60; ++$i) {
            if (
                true ===
                $this->page->driver->executeScript('return document.activeElement.matches(arguments[0])', [$selector])
            ) {
                return;
            }
            $this->page->keys(WebDriverKeys::TAB);
            usleep(15_000);
        }
        self::fail("Tab does not reach $selector");
    }
}
