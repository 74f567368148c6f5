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

    public function testOfTwoDesksOnOneHourOneWinsAndTheOtherIsOfferedTheNext(): void
    {
        $day = date('Y-m-d', (int) strtotime('monday +6 weeks'));
        [$one, $other] = [$this->page, $this->another()];
        foreach ([[$one, 'tove', 'holm'], [$other, 'junia', 'osric']] as [$desk, $who, $dog]) {
            $desk->signIn($who);
            $this->card($desk, $dog);
            $desk->css('[aria-label="Dates to offer"] button');
            $desk->type('Day', $day);
            $desk->type('Time', '10:00');
            $tove = $desk->driver->executeAsyncScript(
                'const done = arguments[0]; fetch("/api/session").then(r => r.json()).then(s => '.
                    'done([...s.colleagues, {id: s.id, name: s.name}].find(c => c.name === "Tove Lindgarth").id))',
            );
            self::assertIsString($tove);
            $desk->choose('With', $tove);
        }
        $book = "//form[@aria-label='Book the next date']//button[starts-with(., 'Book ')]";
        $one->xpath($book)->click();
        $this->sees($one, 'Booked:');
        $other->xpath($book)->click();
        $this->sees($other, 'Tove Lindgarth has Holm');
        $other->css('[aria-label="Dates to offer"] button')->click();
        $other->xpath($book)->click();
        $this->sees($other, 'Booked:');
    }

    public function testAColleagueIsAwayAndWhatIsBookedWithThemIsMoved(): void
    {
        $manager = $this->page;
        $manager->signIn('maren');
        $day = $manager->driver->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            (async () => {
              const get = (path) => fetch(path).then((r) => r.json())
              const ahead = (await get('/api/bookings')).bookings
              const date = ahead.find((b) => b.staff === 'Tove Lindgarth' && b.day > new Date().toISOString())
              const people = (await get('/api/people')).people
              const { id, version, ...tove } = people.find((p) => p.name === 'Tove Lindgarth')
              const keep = ['name', 'role', 'confidence', 'active', 'place', 'email']
              const form = Object.fromEntries(keep.map((k) => [k, tove[k]]))
              const answer = await fetch('/api/people/' + id, {
                method: 'PUT',
                headers: {
                  'Content-Type': 'application/json',
                  'X-CSRF-Token': (await get('/api/session')).csrf,
                  'Idempotency-Key': crypto.randomUUID(),
                  'If-Match': '"' + version + '"',
                },
                body: JSON.stringify({ ...form, away: [{ from: date.day, to: date.day, why: 'course' }] }),
              })
              done(answer.ok ? date.day + ' ' + date.dog_name : await answer.text())
            })()
            JS);
        self::assertIsString($day);
        self::assertMatchesRegularExpression('/^\d{4}-\d\d-\d\d \w+$/', $day);
        [$on, $dog] = explode(' ', $day);
        $manager->go('/floor');
        $this->sees($manager, 'course');
        $manager->go("/diary?on=$on");
        $manager->xpath("//button[@aria-label='Move $dog']")->click();
        $manager->css('[role=dialog] [aria-label="Dates to offer"] button')->click();
        $manager->xpath("//div[@role='dialog']//button[@type='submit']")->click();
        $manager->until(static fn (): ?bool => null === $manager->driver->executeScript(
            'return document.querySelector("[role=dialog]")',
        ) ? true : null, 'it is not moved');
        $manager->until(fn (): ?bool => $this->isGone($manager, $on, $dog), "$dog is still booked on $on");
    }

    private function isGone(Chrome $at, string $on, string $dog): ?bool
    {
        return true === $at->driver->executeAsyncScript(
            "const done = arguments[0]; fetch('/api/agenda?on=$on').then(r => r.json()).then(a => ".
                "done(!a.places.some(p => p.dogs.some(d => d.name === '$dog' && d.with === 'Tove Lindgarth'))))",
        ) ? true : null;
    }
}
