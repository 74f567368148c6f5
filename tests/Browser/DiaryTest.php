<?php

/** From a date that is offered to the day that is laid out: booked on the card, found in the diary, printed. */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

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
}
