<?php

/** Today as it runs: a dog is taken in, a tap at the table is seen on another device, its owner fetches it. */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

final class FloorTest extends BrowserTestCase
{
    public function testATapIsSeenOnAnotherDeviceAndAStrangerFetchesTheDog(): void
    {
        $floor = $this->page;
        $floor->signIn('junia');
        $this->sees($floor, 'Who works today');
        self::assertStringEndsWith('/floor', $floor->driver->getCurrentURL());
        $table = $this->another();
        $table->signIn('tove');
        $this->card($table, 'burr');
        $groom = $table->driver->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            (async () => {
            const me = await fetch('/api/session').then(r => r.json());
            const dog = location.pathname.split('/')[2];
            const post = (path) => fetch(path, {method: 'POST', body: '{}', headers: {
              'Content-Type': 'application/json', 'X-CSRF-Token': me.csrf, 'Idempotency-Key': crypto.randomUUID()}})
              .then(r => r.json());
            await post(`/api/dogs/${dog}/arrivals`);
            done((await post(`/api/dogs/${dog}/grooms`)).id);
            })();
            JS);
        self::assertIsString($groom);
        $this->sees($floor, 'Table', 20);
        $table->go('/floor');
        $tap = $table->xpath("//button[starts-with(@aria-label, 'Burr: ')]");
        $next = (string) $tap->getAttribute('aria-label');
        $tap->click();
        $floor->until(
            static fn (): bool => !str_contains($floor->driver->getPageSource(), "aria-label=\"$next\""),
            'the tap is not seen on the other device',
            10,
        );
        $table->driver->executeAsyncScript(<<<JS
            const done = arguments[0];
            (async () => {
            const me = await fetch('/api/session').then(r => r.json());
            await fetch('/api/grooms/$groom/close', {method: 'POST', body: '{}', headers: {
              'Content-Type': 'application/json', 'X-CSRF-Token': me.csrf, 'Idempotency-Key': 'close-$groom'}});
            done(1);
            })();
            JS);
        $floor->xpath("//button[@aria-label='Burr went home…']")->click();
        $floor->xpath('(//form//input)[1]')->sendKeys('Wat Hollin');
        $floor->xpath("//form//button[.='Went home']")->click();
        $this->sees($floor, 'not on the list');
        $floor->xpath('(//form//input)[2]')->sendKeys('yes, my brother');
        $floor->xpath("//form//button[.='Went home']")->click();
        $this->sees($floor, 'Burr went home with Wat Hollin');
        $this->sees($floor, 'Gone home');
    }

    public function testAWalkInIsThreeTapsFromTheList(): void
    {
        $this->page->signIn('junia');
        $this->page->button('Walk-in')->click();
        $this->page->css('[role=dialog] input')->sendKeys('marl');
        $this->page->xpath("//div[@role='dialog']//ul//button[contains(., 'Marl')]")->click();
        $this->page->xpath("//button[.='Put it on today’s list'][not(@disabled)]")->click();
        $this->sees($this->page, 'Marl is on today’s list');
        $this->sees($this->page, 'Expected at');
    }
}
