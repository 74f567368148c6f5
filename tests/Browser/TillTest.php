<?php

/** From the date an owner answers about to the till: moved by a link, a deposit kept after a no-show, the drawer. */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

final class TillTest extends BrowserTestCase
{
    /** What the API answers to whoever is signed in, as JSON. */
    private function api(Chrome $at, string $method, string $path, string $body = '{}'): string
    {
        $answer = $at->driver->executeAsyncScript(<<<JS
            const done = arguments[0];
            (async () => {
            const me = await fetch('/api/session').then(r => r.json());
            const init = {method: '$method', headers: {'Content-Type': 'application/json',
              'X-CSRF-Token': me.csrf, 'Idempotency-Key': crypto.randomUUID()}};
            if ('$method' !== 'GET') init.body = JSON.stringify($body);
            done(await fetch('$path', init).then(r => r.text()));
            })();
            JS);
        self::assertIsString($answer);

        return $answer;
    }

    /** What stands over the page is done: what is under it can be reached. */
    private function closed(Chrome $at): void
    {
        $at->until(
            static fn (): ?bool => true === $at->driver->executeScript(
                'return document.querySelector("[role=dialog]") === null',
            ) ? true : null,
            'the dialog does not close',
        );
    }

    private function dog(Chrome $at, string $name): string
    {
        $this->card($at, $name);

        return explode('/', (string) parse_url($at->driver->getCurrentURL(), \PHP_URL_PATH))[2] ?? '';
    }

    public function testAnOwnerTakesAnotherDayByTheLinkAndTheSalonReadsWhatHasChanged(): void
    {
        $salon = $this->page;
        $salon->signIn('junia');
        $dog = $this->dog($salon, 'sorrel');
        $day = date('Y-m-d', (int) strtotime('+40 days'));
        $this->api($salon, 'POST', "/api/dogs/$dog/bookings", "{day: '$day', time: '09:00', write: true}");
        self::assertSame(1, preg_match('~/date/[0-9a-f]{64}~', $this->api($salon, 'GET', '/api/outbox'), $link));
        $owner = $this->another();
        $owner->size(390, 844, true);
        $owner->go($link[0]);
        $this->sees($owner, 'This date suits');
        $axe = file_get_contents(\dirname(__DIR__, 2).'/web/node_modules/axe-core/axe.min.js');
        self::assertIsString($axe);
        $owner->tools('Runtime.evaluate', ['expression' => $axe]);
        $faults = $owner->driver->executeAsyncScript(
            'const done = arguments[0]; axe.run().then(r => done(r.violations.map(v => v.id)))',
        );
        self::assertSame([], $faults);
        $owner->css('textarea')->sendKeys('A new tablet for the heart');
        $owner->css('input[name=to]')->click();
        $owner->xpath("//button[.='Take the chosen day']")->click();
        $this->sees($owner, 'we know that this date suits');
        $salon->go("/dogs/$dog?tab=back");
        $this->sees($salon, 'owner says it suits');
        $this->sees($salon, 'A new tablet for the heart');
    }

    public function testADepositIsKeptAfterANoShowAndTheDrawerIsCountedAndCorrected(): void
    {
        $till = $this->page;
        $till->signIn('junia');
        $dog = $this->dog($till, 'skein');
        $today = gmdate('Y-m-d');
        // It should have come already, at whatever hour this runs.
        $this->api($till, 'POST', "/api/dogs/$dog/bookings", "{day: '$today', time: '00:00'}");
        $till->go("/dogs/$dog?tab=back");
        $till->xpath("//a[starts-with(@aria-label, 'Deposit for')]")->click();
        $till->type('Deposit (EUR)', '20');
        $till->xpath("//div[@role='dialog']//button[.='All of it']")->click();
        $till->xpath("//div[@role='dialog']//button[.='Paid']")->click();
        $this->closed($till);
        $till->go('/floor');
        $till->xpath("//button[@aria-label='Skein did not come']")->click();
        $this->sees($till, 'house terms ask for');
        $till->go('/till');
        $till->xpath("//button[@aria-label='Pay for Skein']")->click();
        $this->sees($till, 'Deposit paid before');
        $till->xpath("//div[@role='dialog']//button[.='Cash']")->click();
        $till->xpath("//div[@role='dialog']//button[.='All of it']")->click();
        $till->xpath("//div[@role='dialog']//button[.='Paid']")->click();
        $this->closed($till);
        $this->sees($till, 'Did not come on');
        $this->sees($till, 'How it came in');
        $till->type('Counted', '1');
        $till->xpath("//form[@aria-label='Count the drawer']//button[@type='submit']")->click();
        $this->sees($till, 'is needed');
        $till->type('Why it does not add up', 'nobody knows');
        $till->xpath("//form[@aria-label='Count the drawer']//button[@type='submit']")->click();
        $this->sees($till, 'nobody knows');
        $till->button('Count again');
        // What was typed wrong goes back by a bill of its own.
        $till->xpath("(//button[starts-with(@aria-label, 'Take back')])[1]")->click();
        $till->type('Why', 'the owner was ill');
        $till->button('in cash')->click();
        $this->closed($till);
        $this->sees($till, 'takes back of');
        $this->sees($till, 'count it again');
        $till->xpath("//button[@aria-label='Pay for Skein']");
    }
}
