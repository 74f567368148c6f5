<?php

/**
 * The plan on one line: typed, followed by the drawn dog, completed, corrected, confirmed, kept; by keyboard
 * throughout.
 */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

final class LineTest extends BrowserTestCase
{
    public function testALineIsTypedTheDogFollowsAndItIsKept(): void
    {
        $this->page->signIn('tove');
        $this->card($this->page, 'cobnut', 'rump');
        $this->page->button('One line')->click();
        $this->sees($this->page, 'This is the plan as it is.');
        $line = (string) $this->page->field('The plan on one line')->getAttribute('value');
        self::assertStringContainsString('card 32', $line);
        $this->retype('rumpp: 7F');
        $this->page->button('rump')->click();
        $this->sees($this->page, 'taken out');
        $this->page->until(
            fn (): ?bool => str_contains(
                (string) $this->page->css('#zone-rump')->getAttribute('aria-label'),
                '3.2 millimetres',
            )
                ? true
                : null,
            'the dog does not follow',
        );
        $this->page->until(
            fn (): ?bool => str_contains(
                (string) $this->page->css('#zone-back')->getAttribute('aria-label'),
                'not planned',
            )
                ? true
                : null,
            'what is left out is still planned',
        );
        $this->page->button('As it was')->click();
        $this->sees($this->page, 'This is the plan as it is.');
        $this->retype($line.'; throat: seven eff');
        $this->sees($this->page, '“seven eff” is 7F');
        $this->page->button('Yes, that is it')->click();
        $this->page->until(
            fn (): ?bool => $this->page->button('Keep this plan')->isEnabled() ? true : null,
            'it cannot be kept',
        );
        $this->page->field('The plan on one line')->sendKeys(WebDriverKeys::ENTER);
        $this->sees($this->page, 'The plan is what the line says');
        $this->page->button('Close the line')->click();
        $this->page->until(
            fn (): ?bool => str_contains(
                (string) $this->page->css('#zone-throat')->getAttribute('aria-label'),
                '3.2 millimetres',
            )
                ? true
                : null,
            'the card does not have it',
        );
        $this->page->go('/log');
        $this->page
            ->xpath("//div[h3[.='Cobnut']]//li[contains(., 'hroat')]//button[contains(., 'Undo')]")
            ->click();
        $this->sees($this->page, 'Taken back');
    }

    public function testTheLineStandsAtAnArrivalTooAndTheCheckIsNotLost(): void
    {
        $this->page->signIn('tove');
        $this->card($this->page, 'perrin');
        $this->page->xpath("//a[contains(., 'Arrival')]")->click();
        $this->page->css('#zone-chest');
        $this->page->button('Check')->click();
        $this->sees($this->page, 'Hands on');
        $this->page->button('One line')->click();
        $this->sees($this->page, 'This is the plan as it is.');
        $this->page->until(
            fn (): ?bool => str_contains(
                (string) $this->page->css('#zone-back')->getAttribute('aria-label'),
                '11 millimetres',
            )
                ? true
                : null,
            'the dog does not stand as planned',
        );
        $this->retype('back: 7F; wing: 10');
        $this->sees($this->page, 'expected a zone');
        $this->page->until(
            fn (): ?bool => str_contains(
                (string) $this->page->css('#zone-back')->getAttribute('aria-label'),
                '3.2 millimetres',
            )
                ? true
                : null,
            'the dog does not follow',
        );
        self::assertFalse($this->page->button('Keep this plan')->isEnabled(), 'nothing is kept with a fault');
        $this->page->button('As it was')->click();
        $this->page->button('Close the line')->click();
        $this->sees($this->page, 'Hands on');
    }

    private function retype(string $text): void
    {
        $this->page->type('The plan on one line', $text);
    }
}
