<?php

/**
 * The kit on the screen: measured once, every card follows with a list of what changed; worn, felt, retired with the
 * reach in view.
 */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

final class KitTest extends BrowserTestCase
{
    public function testFiveReadingsAreKeptEveryCardFollowsAndItCanBeTakenBack(): void
    {
        $this->page->signIn('maren');
        $this->card($this->page, 'wick', 'back');
        $this->leaves($this->page, '6 mm');
        $this->page->xpath("//nav//a[contains(., 'Kit')]")->click();
        $this->tool('5F blade');
        $this->page->button('Measure')->click();
        for ($i = 1; $i <= 5; ++$i) {
            $this->page->button('Read the calliper')->click();
            $this->page->css("[aria-label^='Take reading $i out']");
        }
        $this->sees($this->page, 'five readings: careful');
        $this->page->until(
            fn (): ?bool => $this->page->button('Keep this length')->isEnabled() ? true : null,
            'it cannot be kept',
        );
        $this->page->button('Keep this length')->click();
        $this->sees($this->page, 'the card promises another length');
        $this->page->xpath("//section[@aria-label='What changed']//a[.='Wick']")->click();
        $this->page->css('svg[role=listbox]');
        $path = parse_url($this->page->driver->getCurrentURL(), \PHP_URL_PATH);
        $this->page->go("$path?zone=back");
        $this->page->until(
            fn (): ?bool => '6 mm' !== $this->finished($this->page) ? true : null,
            'the card did not follow',
        );
        $this->page->go('/kit');
        $this->tool('5F blade');
        $this->page->button('Measure')->click();
        $this->type('6');
        $this->page->until(
            fn (): ?bool => $this->page->button('Keep this length')->isEnabled() ? true : null,
            'it cannot be kept',
        );
        $this->page->button('Keep this length')->click();
        $this->sees($this->page, '→ 6 mm');
        $this->page->go("$path?zone=back");
        $this->leaves($this->page, '6 mm');
    }

    public function testAnotherBladesReadingsAreQuestionedByKeyboardToo(): void
    {
        $this->page->signIn('maren');
        $this->page->go('/kit');
        $this->tool('7F blade');
        $this->page->button('Measure')->click();
        foreach (['6.2', '6,3', '6.3', '6.2', '6.3'] as $mm) {
            $this->type($mm);
        }
        $this->sees($this->page, 'measures like a 5');
        self::assertFalse($this->page->button('Keep this length')->isEnabled());
        $this->page->css('[aria-label^="Take reading 1 out"]')->sendKeys(WebDriverKeys::ENTER);
        $this->sees($this->page, '1 more make it careful');
    }

    public function testOiledAtTheTubAndTakenBack(): void
    {
        $this->page->signIn('pell');
        $this->page->go('/kit');
        $this->tool('10 blade');
        $this->sees($this->page, 'Disinfect it before the next dog.');
        $this->page->button('Disinfected')->click();
        $this->sees($this->page, 'Ready: nothing is due.');
        $this->page->xpath("//*[@aria-live='polite']//button[.='Take back']")->click();
        $this->sees($this->page, 'Disinfect it before the next dog.');
        $this->page->button('Needed by')->click();
        $this->sees($this->page, 'cards name it');
    }

    private function tool(string $name): void
    {
        $t = Chrome::quote($name);
        $this->page->xpath("//section[@aria-label='Tools']//button[.//span[normalize-space(.)=$t]]")->click();
        $this->page->xpath("//h2[normalize-space(.)=$t]");
    }

    private function type(string $mm): void
    {
        $this->page->field('or type it, mm, Enter')->sendKeys($mm.WebDriverKeys::ENTER);
    }
}
