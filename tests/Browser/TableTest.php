<?php

/**
 * At the table: a whole groom by pointer and by keyboard, handed over, without a network, across a reload, and closed.
 */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

final class TableTest extends TableCase
{
    public function testAWholeGroomByPointer(): void
    {
        $this->page->signIn('tove');
        $this->begin('cobnut');
        $this->page->xpath("//section[@aria-label='Now']//*[.='check']");
        $this->page->css('[data-testid=done]')->click();
        $this->tool('comb');
        // One zone is tapped on the dog before its step comes, and done otherwise than planned.
        $this->page->tapZone('back');
        $this->page->button('Differently')->click();
        $this->page->type('Left at about (mm)', '20');
        $this->page->button('looked better so')->click();
        $this->page->until(
            fn (): ?bool => str_contains((string) $this->page->css('#zone-back')->getAttribute('aria-label'), 'done')
                ? true
                : null,
            'back does not light up',
        );
        $this->page->tapZone('back');
        $this->sees($this->page, '-12 mm against the plan');
        $this->page->button('Repeated next time')->click();
        $this->page->button('Not repeated');
        $this->page->button('back to the step')->click();
        // Something goes wrong, and the next step is not in its way.
        $this->page->button('Incident')->click();
        $this->page->button('Nail cut into the quick')->click();
        $this->page->button('styptic, pressure')->click();
        $this->untilClosed();
        for (
            $i = 0;
            $i < 40 && [] === $this->page->driver->findElements(WebDriverBy::xpath("//p[.='Every step is done.']"));
            ++$i
        ) {
            $now = $this->page->css('section[aria-label=Now]')->getText();
            $this->page->css('[data-testid=done]')->click();
            $this->page->until(
                fn (): ?bool => $now === $this->page->css('section[aria-label=Now]')->getText() ? null : true,
                'the next step does not come',
            );
            $this->settle();
        }
        $this->sees($this->page, 'Every step is done.');
        $this->page->xpath("//a[.='Finish']")->click();
        $this->sees($this->page, 'The owner has not been told');
        $this->page->button('Owner is told')->click();
        $this->page->until(
            fn (): ?bool => str_contains($this->page->text(), 'has not been told') ? null : true,
            'the owner stays untold',
        );
        $this->page->xpath("//section[@aria-label='Next dates']//button[1]")->click();
        $this->page->type('Note for the next person', 'done by pointer');
        $this->page->button('Close the visit')->click();
        $this->sees($this->page, 'Closed by Tove Lindgarth');
        $this->page->xpath("//a[contains(., 'Outbox')][contains(@class, 'min-h-12')][not(ancestor::nav)]")->click();
        $this->sees($this->page, 'Cobnut is ready.');
        $this->card($this->page, 'cobnut');
        $this->page->button('Visits')->click();
        $this->page->xpath("//details[@data-visit][contains(., 'done by pointer')]");
        $this->page->go('/log?of=incidents');
        $this->sees($this->page, 'Cobnut');
        $this->page->xpath(
            "//li[contains(., 'Nail cut into the quick') and contains(., 'Cobnut') and contains(., 'owner told')]",
        );
    }

    public function testAWholeGroomByKeyboard(): void
    {
        $this->page->signIn('maren');
        $this->card($this->page, 'gantry');
        $this->tabTo('a[href$="/table"]');
        $this->page->keys(WebDriverKeys::ENTER);
        $this->page->xpath("//button[.='Begin']");
        $this->tabTo('button.bg-thistle');
        $this->page->keys(WebDriverKeys::ENTER);
        $this->page->css('[data-testid=now-tool]');
        // On the dog: the arrow keys choose a zone, Enter goes to Done.
        $this->tabTo('svg[role=listbox]');
        $this->page->keys(WebDriverKeys::HOME);
        $this->page->css('[role=option][aria-selected=true]');
        $this->page->until(function (): ?bool {
            $inHand = WebDriverBy::xpath("//p[contains(., 'This zone')]");

            return [] === $this->page->driver->findElements($inHand) ? null : true;
        }, 'no zone is in hand');
        $this->page->button('back to the step')->sendKeys(WebDriverKeys::ENTER);
        for (
            $i = 0;
            $i < 40 && [] === $this->page->driver->findElements(WebDriverBy::xpath("//p[.='Every step is done.']"));
            ++$i
        ) {
            $now = $this->page->css('section[aria-label=Now]')->getText();
            $this->tabTo('[data-testid=done]');
            $this->page->keys(WebDriverKeys::ENTER);
            $this->page->until(
                fn (): ?bool => $now === $this->page->css('section[aria-label=Now]')->getText() ? null : true,
                'the next step does not come',
            );
            $this->settle();
        }
        $this->sees($this->page, 'Every step is done.');
        $this->tabTo('a[href$="/finish"]');
        $this->page->keys(WebDriverKeys::ENTER);
        $this->sees($this->page, 'From all sides');
        $this->tabTo('section[aria-label="The look"] input[type=checkbox]');
        $this->page->keys(WebDriverKeys::SPACE);
        $this->page->until(
            fn (): ?bool => $this->page->css('section[aria-label="The look"] input[type=checkbox]')->isSelected()
                ? true
                : null,
            'the look is not noted',
        );
        $this->page->button('Close the visit')->sendKeys(WebDriverKeys::ENTER);
        $this->sees($this->page, 'Closed by Maren Oakhollow');
    }

    public function testClawsEarsAndExtentsAreTapped(): void
    {
        $this->page->signIn('tove');
        $this->begin('perrin');
        $this->page->button('Nails, ears')->click();
        $this->page->xpath("//button[contains(., 'Front left, nail 1:')]")->click();
        $this->page->xpath("//button[contains(., 'Front left, nail 1:') and contains(., 'left') and contains(., '✓')]");
        $this->page->xpath("//*[@aria-label='Hind left: pads bare']//button[.='5']")->click();
        $this->page->button('Rear')->click();
        $this->page->css('input[type=range]')->sendKeys(str_repeat(WebDriverKeys::ARROW_RIGHT, 3));
        $this->sees($this->page, 'Drawn for this dog');
        $this->sees($this->page, 'Around the ring: 16 mm');
        $this->page->until(
            fn (): ?bool => '' === $this->page->css('[data-testid=kept]')->getText() ? true : null,
            'the taps are not sent',
        );
        $this->page->driver->navigate()->refresh();
        $this->page->button('Rear')->click();
        $this->sees($this->page, 'Around the ring: 16 mm');
        $this->page->button('Nails, ears')->click();
        $this->page->xpath("//button[contains(., 'Front left, nail 1:') and contains(., 'left') and contains(., '✓')]");
    }

    public function testWhatIsKeptFromLastTimeIsChosenBeforeTheFirstCut(): void
    {
        $this->page->signIn('tove');
        $this->card($this->page, 'dimity');
        $this->page->xpath("//main//a[contains(., 'Table')]")->click();
        $this->sees($this->page, 'never copied');
        $this->page->xpath("//*[@aria-label='chest: by']//button[.='as last time']")->click();
        $this->page->button('Begin')->click();
        $this->page->css('#zone-chest');
        $this->page->until(
            fn (): ?bool => str_contains(
                (string) $this->page->css('#zone-chest')->getAttribute('aria-label'),
                '11 millimetres',
            )
                ? true
                : null,
            'the chest is not as last time',
        );
        $this->page->until(
            fn (): ?bool => str_contains(
                (string) $this->page->css('#zone-back')->getAttribute('aria-label'),
                '14 millimetres',
            )
                ? true
                : null,
            'the back is not by the card',
        );
        $this->addToAssertionCount(1);
    }

    public function testAnApprenticeLooksAndCannotTap(): void
    {
        $this->page->signIn('wim');
        $this->card($this->page, 'osric');
        $this->page->go((string) parse_url($this->page->driver->getCurrentURL(), \PHP_URL_PATH).'/table');
        $this->page->button('Go on')->click();
        $this->page->css('[data-testid=now-tool]');
        self::assertSame([], $this->page->driver->findElements(WebDriverBy::cssSelector('[data-testid=done]')));
    }
}
