<?php

/** Days that are kept on a device, in the browser: kept under a PIN, opened by it, asked of the salon afterwards. */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

abstract class AwayCase extends ArrivalCase
{
    private const BOOK = <<<'JS'
        const [name, done] = arguments;
        (async () => {
          const get = (path) => fetch(path).then((r) => r.json());
          const { csrf, id } = await get('/api/session');
          const { today } = await get('/api/away');
          const dog = (await get(`/api/dogs?q=${name}`)).dogs[0].id;
          const answer = await fetch(`/api/dogs/${dog}/bookings`, { method: 'POST',
            headers: { 'Content-Type': 'application/json', 'X-CSRF-Token': csrf,
              'Idempotency-Key': crypto.randomUUID() },
            body: JSON.stringify({ day: today, time: '10:40', kind: 'full', staff: id }) });
          if (!answer.ok) throw new Error(await answer.text());
          done(dog);
        })().catch((e) => done('failed: ' + e));
        JS;
    private const ASK = 'const [path, done] = arguments; fetch(path).then((r) => r.json()).then(done, () => done(""))';

    protected string $dog;

    protected function again(): void
    {
        parent::again();
        $this->page->tools('Storage.clearDataForOrigin', [
            'origin' => self::address(),
            'storageTypes' => 'indexeddb,service_workers,cache_storage',
        ]);
    }

    /** Books the dog for today with whoever is signed in, and keeps their days here. */
    protected function keep(string $dog, string $pin): void
    {
        $this->page->driver->manage()->timeouts()->setScriptTimeout(60);
        $booked = $this->page->driver->executeAsyncScript(self::BOOK, [$dog]);
        self::assertIsString($booked);
        self::assertStringStartsNotWith('failed', $booked);
        $this->dog = $booked;
        $this->page->go('/kept');
        $this->keepHere($this->page, $pin);
    }

    /** On the page about this device: keeps the days of whoever is signed in. */
    protected function keepHere(Chrome $page, string $pin): void
    {
        $page->type('Your PIN', $pin);
        $page->button('Keep my days here')->click();
        $this->sees($page, 'Fetch my days again');
        $page->until(
            static fn (): ?bool => str_contains($page->text(), 'not fetched yet') ? null : true,
            'the days are not fetched',
            90,
        );
        $page->driver->manage()->timeouts()->setScriptTimeout(60);
        $page->driver->executeAsyncScript('navigator.serviceWorker.ready.then(() => arguments[0](true))');
    }

    protected function unlock(string $pin, ?Chrome $on = null): void
    {
        $page = $on ?? $this->page;
        $field = $page->css('main input[type=password]');
        $page->until(static fn (): ?bool => $field->isEnabled() ? true : null, 'the PIN is not asked for');
        $field->sendKeys($pin);
        $page->button('Open my days')->click();
    }

    protected function tab(string $name): void
    {
        $this->page->xpath("//button[@role='tab'][.='$name']")->click();
    }

    /** @return array<string, mixed> */
    protected function ask(string $path): array
    {
        $answer = $this->page->driver->executeAsyncScript(self::ASK, [$path]);
        self::assertIsArray($answer, "$path says nothing");
        $out = [];
        foreach ($answer as $name => $value) {
            $out[(string) $name] = $value;
        }

        return $out;
    }
}
