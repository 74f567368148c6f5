<?php

/**
 * House patterns and then-and-now on the screen: laid on a dog that must not be clipped, changed with a preview; a
 * coat that grows under a slider.
 */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

final class PatternTest extends BrowserTestCase
{
    public function testAPatternSaysWhatACoatMustNotAndIsTakenOverWhereItFits(): void
    {
        $this->page->signIn('tove');
        $this->card($this->page, 'isolde');
        $this->page->button('Dog')->click();
        $this->sees($this->page, 'This card follows none.');
        $this->page->xpath("//a[.='Lay a pattern on']")->click();
        $this->page->xpath("//button[.//b[.='Close and cool']]")->click();
        $this->sees($this->page, 'A slip shows for months on this coat');
        $this->page->css('[aria-label="Take over back"]')->click();
        $this->sees($this->page, 'The owner has heard the weeks and agreed');
        self::assertFalse(
            $this->page->xpath("//button[starts-with(., 'Take over ')]")->isEnabled(),
            'not without the owner',
        );
        $this->page->css('[aria-label="Take over back"]')->click();
        $this->page->xpath("//button[starts-with(., 'Take over ')]")->click();
        $this->sees($this->page, 'follows Close and cool');
        $this->page->button('Who follows')->click();
        $this->page->xpath("//li[.//a[.='Isolde']]//button[.='Let go']")->click();
        $this->sees($this->page, 'Let go. Its plan stays');
    }

    public function testAChangeIsSeenOnEveryCardBeforeItIsSpread(): void
    {
        $this->page->signIn('maren');
        $this->page->go('/patterns');
        $this->page->button('New pattern')->click();
        $this->page->type('Name', 'Short for summer');
        $this->page->type('The plan on one line', 'loin: 13/10');
        $this->page->button('Save the pattern')->click();
        $this->page->xpath("//h2[contains(., 'Short for summer')]");
        $this->page->field('Which dog')->sendKeys('dimity');
        $this->page->xpath("//button[.//b[.='Dimity']]")->click();
        $this->page->button('Follow it as it is')->click();
        $this->sees($this->page, 'follows Short for summer');
        $this->page->button('Change')->click();
        $this->page->type('The pattern on one line', 'loin: 10');
        $this->sees($this->page, 'One card changes');
        $this->page->until(
            fn (): ?bool => $this->page->button('Keep it, one card follows')->isEnabled() ? true : null,
            'it cannot be kept',
        );
        $this->page->button('Keep it, one card follows')->click();
        $this->sees($this->page, 'Kept, and one card follows');
        $this->card($this->page, 'dimity', 'loin');
        $this->leaves($this->page, '1.5 mm');
        $this->page->go('/log');
        $this->page->xpath("//div[h3[.='Dimity']]//li[contains(., 'oin')]//button[contains(., 'Undo')]")->click();
        $this->sees($this->page, 'Taken back');
    }

    public function testTheCoatGrowsUnderTheSliderByKeyboard(): void
    {
        $this->page->signIn('tove');
        $this->card($this->page, 'tansy');
        $this->page->xpath("//a[contains(., 'Then and now')]")->click();
        $slider = $this->page->css('input[type=range]');
        $before = $this->mm('zone-back');
        self::assertLessThan($before, $this->mm('zone-then-back'), 'it has grown since the visit');
        $this->tabTo('input[type=range]');
        for ($i = 0; $i < 12; ++$i) {
            $this->page->keys(WebDriverKeys::ARROW_RIGHT);
        }
        $this->sees($this->page, 'In 6 weeks');
        $this->page->until(fn (): ?bool => $this->mm('zone-back') > $before + 12 ? true : null, 'it does not grow');
        self::assertStringContainsString('due:', (string) $slider->getAttribute('aria-valuetext'));
        $this->page->choose(
            'Then',
            (string) $this->page->xpath("//select/option[contains(., 'full')][3]")->getAttribute('value'),
        );
        $this->sees($this->page, 'What grows in 6 weeks');
        $this->page->xpath("//label[.='In 6 weeks']/following-sibling::select/option[contains(., 'full')][2]")->click();
        $this->sees($this->page, 'What differs');
        $this->page->until(
            fn (): ?bool => [] ===
            $this->page->driver->findElements(\Facebook\WebDriver\WebDriverBy::cssSelector('input[type=range]'))
                ? true
                : null,
            'two visits need no slider',
        );
    }

    public function testTheLineAtTheTableMarksWhatWasDone(): void
    {
        $this->page->signIn('tove');
        $this->card($this->page, 'sedge');
        $this->page->xpath("//a[contains(., 'Table')]")->click();
        $this->sees($this->page, 'Before the first cut');
        $this->page->button('Begin')->click();
        $this->page->css('[data-testid=now-tool]');
        $this->page->button('One line')->click();
        $this->page->type('What was done, on one line', 'breeches: scissor 50; back: card 45');
        $this->sees($this->page, 'differently: back');
        $this->page->button('looked better so')->click();
        $this->page->until(
            fn (): ?bool => str_contains((string) $this->page->css('#zone-back')->getAttribute('aria-label'), 'done')
                ? true
                : null,
            'back is not done',
        );
        $this->page->until(
            fn (): ?bool => str_contains(
                (string) $this->page->css('#zone-breeches_left')->getAttribute('aria-label'),
                'done',
            )
                ? true
                : null,
            'breeches are not done',
        );
    }

    private function mm(string $id): float
    {
        return 1 ===
            preg_match('/([\d.]+) millimetres/', (string) $this->page->css("#$id")->getAttribute('aria-label'), $m)
            ? (float) $m[1]
            : 0.0;
    }
}
