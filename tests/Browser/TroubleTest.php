<?php

/** When things go wrong: nothing typed is lost, nothing is done twice, and the words stay plain. */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

final class TroubleTest extends BrowserTestCase
{
    public function testAVisitSentTwiceIsRecordedOnce(): void
    {
        $this->page->signIn('maren');
        $this->visit('isolde', 'sent twice');
        $this->page->driver->executeScript(
            'const f = document.querySelector("main form"); f.requestSubmit(); f.requestSubmit(); setTimeout(() '.
                '=> f.isConnected && f.requestSubmit(), 30)',
        );
        $this->sees($this->page, 'Isolde: visit recorded');
        self::assertSame(1, $this->visitsNoted('sent twice'));
    }

    public function testASessionThatEndsInTheMiddleOfAFormLosesNothing(): void
    {
        $this->page->signIn('maren');
        $this->visit('marl', 'before the session ended');
        $this->page->driver->manage()->deleteAllCookies();
        $this->page->button('Record visit')->click();
        $this->sees($this->page, 'Sign in again');
        $this->page->css('input[name=login]')->sendKeys('maren');
        $this->page->css('input[name=password]')->sendKeys('thistle-demo');
        $this->page->button('Sign in')->click();
        $this->page->until(
            fn (): ?bool => str_contains($this->page->text(), 'Sign in again') ? null : true,
            'the sign-in stays',
        );
        self::assertSame(
            'before the session ended',
            $this->page->field('Note for the next person')->getAttribute('value'),
        );
        $this->page->button('Record visit')->click();
        $this->sees($this->page, 'Marl: visit recorded');
        self::assertSame(1, $this->visitsNoted('before the session ended'));
    }

    public function testALostConnectionLosesNothing(): void
    {
        $this->page->signIn('maren');
        $this->visit('gantry', 'typed without a network');
        $this->page->network(false);
        $this->page->button('Record visit')->click();
        $this->sees($this->page, 'No connection');
        $this->sees($this->page, 'try again when it is back');
        $this->page->network(true);
        $this->page->button('Record visit')->click();
        $this->sees($this->page, 'Gantry: visit recorded');
        self::assertSame(1, $this->visitsNoted('typed without a network'));
    }

    public function testAStoppedDatabaseIsSaidPlainlyAndLosesNothing(): void
    {
        $this->page->signIn('maren');
        $this->visit('sedge', 'typed while the database was away');
        $this->database('stop_one mariadb');
        try {
            $this->page->button('Record visit')->click();
            $this->sees($this->page, 'server is not answering');
            foreach (['SQLSTATE', 'Exception', 'Stack trace', '/src/'] as $inside) {
                self::assertStringNotContainsString($inside, $this->page->text());
            }
            $other = $this->another();
            $other->go('/');
            $other->sees('server is not answering');
            $other->button('Try again');
        } finally {
            $this->database('start_database');
        }
        self::assertSame(
            'typed while the database was away',
            $this->page->field('Note for the next person')->getAttribute('value'),
        );
        $this->page->button('Record visit')->click();
        $this->sees($this->page, 'Sedge: visit recorded');
        self::assertSame(1, $this->visitsNoted('typed while the database was away'));
    }

    public function testAWrongNumberIsSaidAtItsFieldAndTheRestStays(): void
    {
        $this->page->signIn('maren');
        $this->visit('tansy', 'kept <i>as typed</i>');
        $this->page->type('Minutes', 'ninety');
        $this->page->type('Weight (kg)', '9000');
        $this->page->type('back (mm)', '-3');
        $this->page->button('Record visit')->click();
        $this->sees($this->page, 'Some fields need another look.');
        foreach (['Minutes', 'Weight (kg)', 'back (mm)'] as $label) {
            $error = $this->page->css('#'.$this->page->field($label)->getAttribute('aria-describedby'))->getText();
            self::assertStringStartsWith("$label must be", $error);
        }
        self::assertSame('ninety', $this->page->field('Minutes')->getAttribute('value'));
        self::assertSame('kept <i>as typed</i>', $this->page->field('Note for the next person')->getAttribute('value'));
    }

    public function testAnImpossibleLengthIsRefusedAtTheFieldAndAnUnknownDogIsNoCard(): void
    {
        $this->page->signIn('tove');
        $this->card($this->page, 'isolde', 'breeches_left');
        foreach (['0', '10000'] as $mm) {
            $this->page->type('Left at about (mm)', $mm);
            $this->sees($this->page, 'Left at about (mm) must be');
        }
        $this->page->go('/dogs/0190a0b0-0000-7000-8000-000000000000');
        $this->sees($this->page, 'There is no such dog');
    }

    public function testAViewWhoseScriptIsGoneLoadsAnewOnceAndThenWaitsForAHand(): void
    {
        $this->page->signIn('maren');
        $this->page->tools('Network.enable');
        $this->page->tools('Network.setBlockedURLs', ['urls' => ['*/assets/Wash-*']]);
        $this->page->driver->executeScript('window.before = true');
        $this->page->xpath("//nav//a[normalize-space(.)='Wash']")->click();
        $this->page->until(
            fn (): ?bool => true === $this->page->driver->executeScript('return window.before') ? null : true,
            'the page was not loaded anew',
        );
        $this->sees($this->page, 'This page could not be loaded');
        $this->page->tools('Network.setBlockedURLs', ['urls' => []]);
        $this->page->button('Load again')->click();
        $this->page->xpath("//h1[contains(., 'Wash')]");
    }

    public function testAViewThatCannotComeWithoutANetworkKeepsTheFrame(): void
    {
        $this->page->signIn('maren');
        // The book's script is here once somebody was there; the log's is not.
        $this->page->go('/book');
        $this->page->css('#find');
        $this->page->network(false);
        $this->page->xpath("//nav//a[normalize-space(.)='Log']")->click();
        $this->sees($this->page, 'This page could not be loaded');
        $this->page->button('Load again')->click();
        $this->sees($this->page, 'The salon cannot be reached');
        $this->page->button('To the book')->click();
        $this->page->css('#find');
        $this->page->network(true);
        $this->page->xpath("//nav//a[normalize-space(.)='Log']")->click();
        $this->page->xpath("//h1[contains(., 'Log')]");
    }

    private function visit(string $dog, string $note): void
    {
        $this->card($this->page, $dog);
        $this->page->xpath("//a[contains(., 'Record visit')]")->click();
        $this->page->type('Note for the next person', $note);
    }

    private function visitsNoted(string $note): int
    {
        $this->page->css('svg[role=listbox]');
        $this->page->button('Visits')->click();
        // The card that was there shows first; the one with the visit is fetched meanwhile.
        $this->page->xpath("//details[@data-visit]//p[.='$note']");
        usleep(300_000);

        return \count($this->page->driver->findElements(WebDriverBy::xpath("//details[@data-visit]//p[.='$note']")));
    }

    /** Runs one of the house's own functions on the instance under test. */
    private function database(string $function): void
    {
        $port = parse_url(self::address(), \PHP_URL_PORT);
        // Of two browsers each has an instance of its own.
        $instance = basename((string) getenv('KT_HOME'));
        exec(
            'bash -c '.escapeshellarg(". ops/house.sh; use_instance $instance $port; $function").' >/dev/null 2>&1',
            result_code: $code,
        );
        self::assertSame(0, $code, "$function failed");
    }
}
