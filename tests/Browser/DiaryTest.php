<?php

/** From a date that is offered to the day that is laid out: booked on the card, found in the diary, printed. */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

final class DiaryTest extends BrowserTestCase
{
    public function testADateThatIsOfferedIsBookedAndStandsInTheDiary(): void
    {
        $this->page->signIn('tove');
        $this->card($this->page, 'holm');
        $offer = $this->page->css('[aria-label="Dates to offer"] button');
        $this->page->driver->executeScript('arguments[0].scrollIntoView({block: "center"})', [$offer]);
        $offer->click();
        $this->page->xpath("//form[@aria-label='Book the next date']//button[starts-with(., 'Book ')]")->click();
        $this->sees($this->page, 'Booked:');
        $day = $this->page->driver->executeScript(
            'return fetch("/api/bookings").then(r => r.json()).then(b => '.
                'b.bookings.filter(x => x.dog_name === "Holm").pop().day)',
        );
        self::assertIsString($day);
        $this->page->go("/diary?on=$day");
        $this->sees($this->page, 'Holm');
        $this->sees($this->page, 'It can all be done in time');
        $this->page->xpath("//a[contains(., 'Day list')]")->click();
        $this->sees($this->page, 'Holm');
        self::assertStringContainsString("on=$day", $this->page->driver->getCurrentURL());
    }

    public function testTheWeekLeadsToItsDaysByKey(): void
    {
        $this->page->signIn('junia');
        $this->page->go('/diary?on='.date('Y-m-d', (int) strtotime('+1 day')));
        $this->sees($this->page, 'Mill room');
        $today = $this->page->xpath("//nav[@aria-label='The week']//button[not(@aria-current)][1]");
        $today->sendKeys("\n");
        $this->page->css("nav[aria-label='The week'] button:first-child");
        $this->page->xpath("//nav[@aria-label='The week']//button[@aria-current='date']");
        self::assertStringContainsString('/diary?on=', $this->page->driver->getCurrentURL());
    }

    public function testADogIsTakenToAnotherHourByMouseAndByKeyAndBack(): void
    {
        $this->page->signIn('junia');
        $this->page->go('/diary?on='.date('Y-m-d', (int) strtotime('+1 day')));
        $block = $this->page->xpath("//ul[@aria-label='People']//button[contains(., 'Isolde')]");
        $this->page->driver->executeScript('arguments[0].scrollIntoView({block: "center"})', [$block]);
        $hour = (int) ($this->page->css('ol[aria-label$="in order"]')->getSize()->getWidth() / 9);
        $this->page->driver->action()->dragAndDropBy($block, -$hour, 0)->perform();
        $this->sees($this->page, 'Isolde: ');
        self::assertLessThan('13:30', $this->comesAt('Isolde'));
        $this->page->xpath("//button[.='Undo']")->click();
        $this->page->until(fn (): bool => '13:30' === $this->comesAt('Isolde'), 'Isolde is not back');
        $block = $this->page->xpath("//ul[@aria-label='People']//button[contains(., 'Isolde')]");
        $this->page->driver->executeScript('arguments[0].focus()', [$block]);
        $this->page->driver->getKeyboard()->sendKeys(WebDriverKeys::ARROW_RIGHT);
        $this->page->driver->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $this->page->until(fn (): bool => '13:45' === $this->comesAt('Isolde'), 'Isolde has not moved');
    }

    private function comesAt(string $dog): string
    {
        $on = date('Y-m-d', (int) strtotime('+1 day'));
        $time = $this->page->driver->executeAsyncScript(
            'const done = arguments[1]; fetch("/api/bookings?from='.$on.'").then(r => r.json()).then(b => '.
                'done(b.bookings.find(x => x.dog_name === arguments[0]).time))',
            [$dog],
        );
        self::assertIsString($time);

        return $time;
    }

    public function testVisitsAreHeldAheadAndOneIsTakenToAnotherWeekByKey(): void
    {
        $this->page->signIn('tove');
        $this->card($this->page, 'osric');
        $this->page->xpath("//a[.='The year ahead']")->click();
        $this->sees($this->page, 'Hold visits ahead');
        $this->page->xpath("//button[starts-with(., 'Hold ')]")->click();
        $this->sees($this->page, ' held, from ');
        $handle = $this->page->css('[aria-label="Booked"] button');
        $was = $handle->getText();
        $this->page->driver->executeScript('arguments[0].focus()', [$handle]);
        $this->page->driver->getKeyboard()->sendKeys([WebDriverKeys::PAGE_DOWN, WebDriverKeys::PAGE_DOWN]);
        $this->sees($this->page, 'Move to ');
        $this->page->driver->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $this->sees($this->page, 'Undo');
        $this->page->until(
            fn (): bool => $was !== $this->page->css('[aria-label="Booked"] button')->getText(),
            'it has not moved',
        );
    }
}
