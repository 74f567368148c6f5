<?php

/**
 * The wash on the screen: today's mix made, labelled and emptied; a wrong date refused; a reaction carried to the card
 * and the arrival.
 */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

final class WashTest extends BrowserTestCase
{
    public function testTodaysShampooIsMixedLabelledAndEmptied(): void
    {
        $this->page->signIn('pell');
        $this->page->xpath("//nav//a[contains(., 'Wash')]")->click();
        $this->sees($this->page, '2.02 l Barley undercoat wash');
        $this->page->css('[aria-label="Mix Barley undercoat wash"]')->click();
        $this->page->type('Litres of mixed shampoo', '2.02');
        $this->page->type('Discard by', date('Y-m-d', strtotime('+8 days')));
        $this->page->button('Mixed: make the labels')->click();
        $this->sees($this->page, 'at the latest');
        $this->page->type('Discard by', '');
        $this->page->button('Mixed: make the labels')->click();
        $this->page->xpath("//h1[.='Labels']");
        $this->sees($this->page, 'one part to 12 parts water');
        self::assertCount(
            3,
            $this->page->driver->findElements(\Facebook\WebDriver\WebDriverBy::xpath("//p[.='Barley undercoat wash']")),
        );
        $this->page->button('Back to the wash')->click();
        $this->page
            ->xpath("//button[starts-with(@aria-label, 'Barley undercoat wash') and contains(@aria-label, 'is empty')]")
            ->click();
        $this->sees($this->page, 'bottle emptied');
    }

    public function testAReactionStandsOnTheCardAndChoosesAnotherProduct(): void
    {
        $this->page->signIn('pell');
        $this->page->go('/wash');
        $this->sees($this->page, '0.22 l Terrier soap');
        $this->page->css('[aria-label="Wick: skin reacted"]')->click();
        $this->sees($this->page, 'a vet now');
        $this->page->type('What was seen', 'red belly');
        $this->page->button('Put it on the card')->click();
        $this->sees($this->page, 'Not Terrier soap: red belly');
        $this->page->xpath("//li[.//a[.='Wick']]//b[contains(., 'Oat wash')]");
        $this->card($this->page, 'wick');
        $this->sees($this->page, 'Reacted to Terrier soap');
        $this->page->go('/wash');
        $this->page->css('[aria-label="Wick: skin reacted"]')->click();
        $this->page->css('[aria-label="Take off the card: Terrier soap, red belly"]')->click();
        $this->page->xpath("//li[.//a[.='Wick']]//b[contains(., 'Terrier soap')]");
    }
}
