<?php

/** A day of the van, on a phone: its calls on the map, another order, a bridge that is shut, a delay, one dog more. */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

final class RoundTest extends BrowserTestCase
{
    use Axe;

    /** Homes put on the map and dogs booked with the van: name, where, time, kind. */
    private const MAKE = <<<'JS'
        const [calls, day, done] = arguments;
        (async () => {
          const get = (path) => fetch(path).then((r) => r.json());
          const { csrf } = await get('/api/session');
          const send = async (method, path, body, version) => {
            const headers = { 'Content-Type': 'application/json', 'X-CSRF-Token': csrf,
              'Idempotency-Key': crypto.randomUUID() };
            if (version) headers['If-Match'] = `"${version}"`;
            const answer = await fetch(path, { method, headers, body: JSON.stringify(body) });
            if (!answer.ok) throw new Error(`${path}: ${await answer.text()}`);
            return answer.json();
          };
          const { van } = await get('/api/round');
          for (const [name, spot, time, kind] of calls) {
            const dog = (await get(`/api/dogs?q=${name}`)).dogs[0].id;
            const home = (await get(`/api/dogs/${dog}/card`)).dog.household;
            const { version } = await get(`/api/homes/${home}`);
            await send('PUT', `/api/homes/${home}/spot`, { spot }, version);
            if (time) await send('POST', `/api/dogs/${dog}/bookings`, { day, time, kind, staff: van.staff });
          }
          done('');
        })().catch((e) => done(String(e)));
        JS;

    public function testADayIsPlannedOrderedAndKeptFromAShutBridge(): void
    {
        $day = date('Y-m-d', (int) strtotime('+33 days'));
        $this->page->signIn('maren');
        $this->page->consoleErrors();
        $this->make($day, [
            ['Marl', 'alderlap', '09:15', 'nails'],
            ['Wick', 'rookstall', '10:30', 'nails'],
            ['Gantry', 'thornhope', '11:45', 'tidy'],
            ['Sorrel', 'low_byre', '', ''],
        ]);
        $this->page->size(390, 844, true);
        $this->page->go("/round?on=$day");
        $this->sees($this->page, 'Nothing breaks');
        self::assertSame([], $this->axe(), 'phone');
        self::assertSame(['alderlap', 'rookstall', 'thornhope'], $this->called());
        $this->page->size(1280, 800);

        // The last one to the front, by the keys.
        $grips = $this->page->driver->findElements(WebDriverBy::cssSelector('button[aria-label^="Move "]'));
        $this->page->driver->executeScript('arguments[0].focus()', [$grips[2]]);
        foreach ([WebDriverKeys::SPACE, WebDriverKeys::ARROW_UP, WebDriverKeys::ARROW_UP] as $key) {
            $this->page->keys($key);
            usleep(350_000);
        }
        $this->page->keys(WebDriverKeys::SPACE);
        $this->sees($this->page, 'Your order costs');
        self::assertSame('thornhope', $this->called()[0]);
        $this->page->button('Back to the best order')->click();
        $this->sees($this->page, 'Nothing breaks');

        $this->page->button('Roads')->click();
        $this->page->choose('Which is shut', 'market_bridge');
        $this->page->button('It is shut')->click();
        $this->sees($this->page, 'is shut from 00:00 to 24:00');
        $this->sees($this->page, 'Market bridge, shut');
        $this->page->button('Open after all')->click();
        $this->sees($this->page, 'Every road is open');

        $this->page->button('Fit one more in?')->click();
        $this->page->xpath("//*[@aria-label='Kind of visit']//button[.='Nails']")->click();
        $this->page->type('Which dog', 'sorrel');
        $this->page->xpath("//ul[@aria-label='Dogs']//b[.='Sorrel']")->click();
        $this->page->xpath("//button[contains(., 'Book Sorrel at')]")->click();
        $this->sees($this->page, 'is booked with the van');
        $this->page->until(fn (): ?bool => \in_array('low_byre', $this->called(), true) ? true : null, 'no call there');
        self::assertSame([], $this->page->consoleErrors());
    }

    public function testADelayIsAnsweredAndItsWordsAreReadBeforeTheyGo(): void
    {
        $this->page->signIn('maren');
        $this->page->consoleErrors();
        $this->make(date('Y-m-d'), [['Marl', 'alderlap', '00:05', 'nails']]);
        $this->page->go('/round');
        $this->page->button('Running late')->click();
        $this->page->button('60 min')->click();
        $this->sees($this->page, 'its window ends at');
        $this->page->xpath("//button[contains(., 'Tell 1 home')]")->click();
        $this->sees($this->page, 'Running late: we are with Marl at about');
        self::assertSame([], $this->axe(), 'the words');
        $this->page->button('Leave it')->click();
        $this->page->button('Not late after all')->click();
        self::assertSame([], $this->page->consoleErrors());
    }

    /** @param list<array{string, string, string, string}> $calls */
    private function make(string $day, array $calls): void
    {
        $this->page->go('/round');
        $this->page->css('#main');
        self::assertSame('', $this->page->driver->executeAsyncScript(self::MAKE, [$calls, $day]));
    }

    /** @return list<string> where the van calls, in its order */
    private function called(): array
    {
        $where = $this->page->driver->executeScript(<<<'JS'
            return [...document.querySelectorAll('ol[aria-label="Calls in their order"] > li')]
              .map((li) => li.textContent)
            JS);
        $spots = ['Alderlap' => 'alderlap', 'Rookstall' => 'rookstall', 'Thornhope' => 'thornhope',
            'Low Byre' => 'low_byre', ];
        $out = [];
        foreach (\is_array($where) ? $where : [] as $text) {
            foreach ($spots as $name => $spot) {
                if (\is_string($text) && str_contains($text, $name)) {
                    $out[] = $spot;
                }
            }
        }

        return $out;
    }
}
