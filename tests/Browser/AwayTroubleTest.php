<?php

/**
 * What goes wrong with days that are kept on a device: a store that is full or cleared, a newer application, two
 * devices of one person. Nothing is lost that was entered, nothing is there twice.
 */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

final class AwayTroubleTest extends AwayCase
{
    private const FULL = <<<'JS'
        window.puts = IDBObjectStore.prototype.put;
        IDBObjectStore.prototype.put = () => { throw new DOMException('No room.', 'QuotaExceededError') };
        JS;
    private const SHELL = __DIR__.'/../../public/app/sw.js';

    public function testAStoreThatIsFullAndOneThatIsCleared(): void
    {
        $this->page->signIn('tove');
        $this->keep('Cobnut', '8530');
        $this->page->go("/dogs/$this->dog/arrival");
        $this->page->css('[data-testid=load]');
        $this->page->network(false);
        $this->comb($this->page, 'tangles', 'back');
        $this->waits($this->page, '1 thing waits');
        $origin = ['origin' => self::address()];
        // The browser looks at its limit when it likes: here it says at once what it says then.
        $this->page->driver->executeScript(self::FULL);
        $this->page->tapZone('loin');
        $this->severity('loin', '1');
        $this->waits($this->page, 'This device has no room left');
        $this->page->driver->executeScript('IDBObjectStore.prototype.put = window.puts');
        // Thrown away, with what waits in it: the page still has what was entered, and sends it by itself.
        $this->page->tools('Storage.clearDataForOrigin', $origin + ['storageTypes' => 'indexeddb']);
        $this->page->tapZone('belly');
        $this->severity('belly', '1');
        $this->waits($this->page, 'The browser has thrown away what was kept');
        $this->page->network(true);
        // The device had counted on where the salon has not heard: it is asked, and nothing is overwritten.
        $this->sees($this->page, 'The salon never had what this comb test goes on from');
        $this->page->button('Keep mine')->click();
        $this->sees($this->page, 'comb test saved');
        $away = $this->ask('/api/dogs/'.$this->dog.'/away');
        $comb = \is_array($away['arrival']) && \is_array($away['arrival']['comb']) ? $away['arrival']['comb'] : [];
        $zones = array_column(\is_array($comb['zones'] ?? null) ? $comb['zones'] : [], 'severity', 'zone');
        self::assertSame([1, 1, 1], [$zones['back'] ?? 0, $zones['loin'] ?? 0, $zones['belly'] ?? 0]);
        $this->page->go('/kept');
        $this->sees($this->page, 'The browser has thrown away what was kept here');
        $this->page->button('I have seen it')->click();
        $this->keepHere($this->page, '8530');
        self::assertStringNotContainsString('thrown away', $this->page->text());
        $this->page->consoleErrors();
    }

    public function testANewerApplicationIsTakenWithAFullOutbox(): void
    {
        $this->page->signIn('tove');
        $this->keep('Tansy', '8530');
        $shell = (string) file_get_contents(self::SHELL);
        $this->page->tools('Network.enable');
        try {
            // There is a network, and no salon behind it.
            $this->page->tools('Network.setBlockedURLs', ['urls' => ['*/api/*']]);
            $this->page->go("/dogs/$this->dog/arrival");
            $this->unlock('8530');
            $this->page->css('[data-testid=load]');
            $this->comb($this->page, 'tangles', 'back');
            $this->waits($this->page, '2 things wait');
            file_put_contents(self::SHELL, "$shell\n// newer\n");
            $this->page->go('/kept');
            $this->unlock('8530');
            $this->waits($this->page, 'A newer Keen Thistle is here.');
            $this->waits($this->page, '2 things wait');
            $this->page->button('Take it now')->click();
            $this->sees($this->page, 'No connection to the salon');
            $this->unlock('8530');
            $this->waits($this->page, '2 things wait');
            self::assertStringNotContainsString('A newer', $this->strip($this->page));
            $this->page->tools('Network.setBlockedURLs', ['urls' => []]);
            $this->page->button('Send it now')->click();
            $this->sees($this->page, 'Nothing: the salon has all that was done here.');
        } finally {
            file_put_contents(self::SHELL, $shell);
            $this->page->tools('Network.setBlockedURLs', ['urls' => []]);
        }
        $away = $this->ask('/api/dogs/'.$this->dog.'/away');
        self::assertTrue($away['arrived']);
        $comb = \is_array($away['arrival']) && \is_array($away['arrival']['comb']) ? $away['arrival']['comb'] : [];
        $zones = \is_array($comb['zones'] ?? null) ? $comb['zones'] : [];
        self::assertSame(['back' => 1], array_column($zones, 'severity', 'zone'));
        $this->page->consoleErrors();
    }

    public function testTwoDevicesOfOnePersonAndOneVisit(): void
    {
        $this->page->signIn('tove');
        $this->keep('Tansy', '8530');
        $tablet = $this->another();
        $tablet->signIn('tove');
        $tablet->go('/kept');
        $this->keepHere($tablet, '8530');
        foreach ([[$this->page, 'felted', '4'], [$tablet, 'tangles', '1']] as [$device, $what, $severity]) {
            $device->network(false);
            $device->go("/dogs/$this->dog/arrival");
            $this->unlock('8530', $device);
            $device->css('[data-testid=load]');
            $this->comb($device, $what, 'chest');
            $this->waits($device, '2 things wait');
        }
        $this->comb($tablet, 'tangles', 'back');
        foreach ([$this->page, $tablet] as $device) {
            $device->xpath("//a[.='To the table']")->click();
            $device->button('Begin')->click();
            $device->css('[data-testid=now-tool]');
            $device->css('[data-testid=done]')->click();
            $this->settle();
        }
        foreach ([$this->page, $tablet] as $device) {
            $device->xpath("//a[.='Finish']")->click();
            $device->button('Close the visit')->click();
            $this->sees($device, 'Tansy: visit recorded');
            $device->go('/kept');
            $this->unlock('8530', $device);
        }
        $this->page->network(true);
        $this->page->button('Send it now')->click();
        $this->sees($this->page, 'Nothing: the salon has all that was done here.');
        $tablet->network(true);
        $tablet->button('Send it now')->click();

        // The same place, found otherwise on both: neither is overwritten, both are shown, somebody chooses.
        $this->sees($tablet, 'salon: 4 felted');
        $this->sees($tablet, 'here: 1 tangles');
        $this->sees($tablet, 'nothing was recorded twice');
        $this->sees($tablet, 'kept in the log, not in the record');
        $before = $this->combed();
        self::assertSame(4, $before['chest'] ?? null);
        self::assertArrayNotHasKey('back', $before);
        $tablet->button('here: 1 tangles')->click();
        $tablet->button('Send it so')->click();
        $tablet->until(
            fn (): ?bool => ['back' => 1, 'chest' => 1] === $this->combed() ? true : null,
            'what was chosen does not arrive',
        );
        $tablet->button('Let it go')->click();
        $tablet->button('I have seen it')->click();
        $this->sees($tablet, 'Nothing: the salon has all that was done here.');
        $groom = $this->ask('/api/dogs/'.$this->dog.'/away')['groom'];
        self::assertSame('closed', \is_array($groom) ? $groom['state'] : null);
        $this->page->consoleErrors();
    }

    /** @return array<mixed> severity by zone, by their names */
    private function combed(): array
    {
        $arrival = $this->ask('/api/dogs/'.$this->dog.'/away')['arrival'];
        $comb = \is_array($arrival) && \is_array($arrival['comb']) ? $arrival['comb'] : [];
        $found = array_column(\is_array($comb['zones'] ?? null) ? $comb['zones'] : [], 'severity', 'zone');
        ksort($found);

        return $found;
    }

    private function comb(Chrome $device, string $what, string $zone): void
    {
        $device->xpath("//div[@aria-label='The comb finds']//button[contains(., '$what')]")->click();
        $device->tapZone($zone);
        $isMarked = static fn (): bool => str_contains(
            (string) $device->css("#zone-$zone")->getAttribute('aria-label'),
            'severity',
        );
        $device->until(static fn (): ?bool => $isMarked() ? true : null, "$zone is not marked");
    }

    private function strip(Chrome $device): string
    {
        return $device->css('[data-testid=kept-strip]')->getText();
    }

    private function waits(Chrome $device, string $what): void
    {
        $device->until(
            fn (): ?bool => str_contains($this->strip($device), $what) ? true : null,
            "the strip does not say \"$what\"",
        );
        $this->addToAssertionCount(1);
    }
}
