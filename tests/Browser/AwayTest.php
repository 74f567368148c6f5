<?php

/** A day of the van without a signal: kept under a PIN, worked through with the network cut, sent when it is back. */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverBy;

final class AwayTest extends AwayCase
{
    use Axe;

    private const A_DAY_AHEAD = <<<'JS'
        (() => {
          const Real = Date, day = 86_400_000;
          globalThis.Date = class extends Real {
            constructor(...given) { given.length ? super(...given) : super(Real.now() + day); }
            static now() { return Real.now() + day; }
          };
        })();
        JS;

    public function testSixHoursWithoutASignal(): void
    {
        $this->page->signIn('tove');
        $this->keep('Cobnut', '8530');
        $this->page->network(false);

        // A cold start: the shell comes from the device, the PIN opens the day.
        $this->page->go('/');
        $this->unlock('1111');
        $this->sees($this->page, 'That is not your PIN. 4 more tries.');
        $this->unlock('8530');
        $this->sees($this->page, 'My days');
        $this->page->go("/dogs/$this->dog");
        $this->unlock('8530');
        $this->sees($this->page, 'Cobnut');
        self::assertStringContainsString('No connection', $this->page->css('[data-testid=kept-strip]')->getText());
        $this->page->xpath("//main//a[contains(., 'Arrival')]")->click();
        $this->page->css('[data-testid=load]');

        // What the comb finds is looked up; a limit is said, and nothing is clipped for it.
        $this->page->xpath("//div[@aria-label='The comb finds']//button[contains(., 'felted')]")->click();
        $this->page->tapZone('chest');
        $this->severity('chest', '4');
        $this->sees($this->page, '10 blade');
        $this->tab('Photos');
        $this->photo();
        $this->tab('Agree');
        $this->page->button('Show it to the owner')->click();
        $this->page->type('Who signs', 'Nell Farrow');
        $this->sign();
        $this->page->button('Agree and sign')->click();
        $this->sees($this->page, 'Agreed and sealed');

        // Reloaded in the middle: all of it is there again.
        $this->page->go($this->here());
        $this->unlock('8530');
        $this->severity('chest', '4');
        $this->page->xpath("//a[.='To the table']")->click();
        $this->page->button('Begin')->click();
        $this->page->css('[data-testid=now-tool]');
        $this->page->button('Steps')->click();
        self::assertStringContainsString('mats clipped', $this->page->css('[aria-label=Steps]')->getText());
        for ($i = 0; $i < 4; ++$i) {
            $now = $this->page->css('section[aria-label=Now]')->getText();
            $this->page->css('[data-testid=done]')->click();
            $this->page->until(
                fn (): ?bool => $now === $this->page->css('section[aria-label=Now]')->getText() ? null : true,
                'the next step does not come',
            );
            $this->settle();
        }
        $this->page->xpath("//a[.='Finish']")->click();
        $this->page->button('Close the visit')->click();
        $this->sees($this->page, 'Cobnut: visit recorded');
        $this->page->go('/kept');
        $this->unlock('8530');
        $waits = $this->page->css('section[aria-label="Waits for the salon"]')->getText();
        foreach (['arrived', 'comb test', 'photo before', 'signed by the owner', 'at the table', 'closed'] as $word) {
            self::assertStringContainsString($word, $waits);
        }
        self::assertSame([], $this->axe(), 'on this device');
        self::assertSame(
            [],
            $this->page->driver->executeScript(
                'return Object.values(localStorage).filter((v) => /Cobnut|Farrow|chest/.test(v))',
            ),
            'outside the seal',
        );

        // The signal is back: sent in its order, each once.
        $this->page->network(true);
        $this->page->button('Send it now')->click();
        $this->sees($this->page, 'Nothing: the salon has all that was done here.');
        $groom = $this->ask('/api/dogs/'.$this->dog.'/away');
        self::assertTrue($groom['arrived']);
        $arrival = \is_array($groom['arrival']) ? $groom['arrival'] : [];
        self::assertSame('agreed', $arrival['state'] ?? null);
        $agreements = \is_array($arrival['agreements'] ?? null) ? $arrival['agreements'] : [];
        self::assertCount(1, $agreements);
        self::assertCount(1, \is_array($arrival['photos'] ?? null) ? $arrival['photos'] : []);
        $table = \is_array($groom['groom']) ? $groom['groom'] : [];
        self::assertSame(['closed', 'Tove Lindgarth'], [$table['state'] ?? null, $table['closed_by'] ?? null]);
        self::assertNotNull($table['visit'] ?? null);
        $zones = array_column(\is_array($table['zones'] ?? null) ? $table['zones'] : [], null, 'zone');
        self::assertIsArray($zones['chest'] ?? null);
        self::assertStringNotContainsString(
            'not taken',
            (string) json_encode($this->page->driver->executeScript('return document.body.innerText')),
        );
        $this->page->consoleErrors();
    }

    public function testFiveWrongPinsLockItAndNothingIsLost(): void
    {
        $this->page->signIn('tove');
        $this->keep('Tansy', '8530');
        $this->page->network(false);
        $this->page->go("/dogs/$this->dog/arrival");
        $this->unlock('8530');
        $this->page->css('[data-testid=load]');
        $this->page->xpath("//div[@aria-label='The comb finds']//button[contains(., 'tangles')]")->click();
        $this->page->tapZone('back');
        $this->severity('back', '1');
        $this->page->until(
            fn (): ?bool => str_contains($this->page->css('[data-testid=kept-strip]')->getText(), '2 things wait')
                ? true
                : null,
            'arrival and comb test do not wait',
        );
        $this->page->go('/');
        for ($i = 4; $i >= 0; --$i) {
            $this->unlock('1212');
            $this->sees($this->page, $i > 0 ? "That is not your PIN. $i more" : 'Locked until there is a signal');
        }
        $this->page->go('/');
        $this->sees($this->page, 'Locked until there is a signal');

        // With a signal one's sign-in opens it again, and what waited is sent.
        $this->page->network(true);
        $this->page->go('/kept');
        $this->sees($this->page, 'Nothing: the salon has all that was done here.');
        $away = $this->ask('/api/dogs/'.$this->dog.'/away');
        $comb = \is_array($away['arrival']) && \is_array($away['arrival']['comb']) ? $away['arrival']['comb'] : [];
        $zones = \is_array($comb['zones'] ?? null) ? $comb['zones'] : [];
        self::assertSame(['back' => 1], array_column($zones, 'severity', 'zone'));
        // Signing out takes all of it off the device.
        $this->page->xpath("//button[contains(., 'change person')]")->click();
        $this->page->button('Sign out')->click();
        $this->page->css('input[name=login]');
        $left = $this->page->driver->executeAsyncScript(
            'const [done] = arguments; const r = indexedDB.open("keen-thistle");
            r.onsuccess = () => { const t = r.result.transaction(["people", "docs", "out", "files"]);
                const all = ["people", "docs", "out", "files"].map((s) => new Promise((ok) => {
                    const c = t.objectStore(s).count(); c.onsuccess = () => ok(c.result); }));
                Promise.all(all).then(done); };',
        );
        self::assertSame([0, 0, 0, 0], $left);
        $this->page->consoleErrors();
    }

    /** The device's clock is a day ahead, and its person signs out in the middle of a valley. */
    public function testSignedOutWithAFullOutboxAndAClockADayWrong(): void
    {
        $this->page->signIn('tove');
        $this->keep('Tansy', '8530');
        $before = $this->ask('/api/dogs/'.$this->dog.'/away');
        $this->page->network(false);
        $ahead = $this->page->tools('Page.addScriptToEvaluateOnNewDocument', ['source' => self::A_DAY_AHEAD]);
        try {
            $this->page->go("/dogs/$this->dog/arrival");
            $this->unlock('8530');
            $this->page->css('[data-testid=load]');
            $this->page->xpath("//button[@role='tab'][.='Check']")->click();
            $this->page->type('Anything else', 'Shy of the dryer');
            $this->page->until(
                fn (): ?bool => str_contains($this->page->css('[data-testid=kept-strip]')->getText(), '2 things wait')
                    ? true
                    : null,
                'arrival and check do not wait',
            );
            $this->page->xpath("//button[contains(., 'change person')]")->click();
            $this->sees($this->page, 'They stay sealed on this device');
            $this->page->button('Sign out')->click();
            $this->sees($this->page, 'No connection to the salon');
            $this->page->driver->manage()->deleteAllCookies();
            $this->page->network(true);
            $this->page->signIn('tove');
            $this->page->go('/kept');
            $this->sees($this->page, 'Nothing: the salon has all that was done here.');
        } finally {
            $this->page->tools('Page.removeScriptToEvaluateOnNewDocument', [
                'identifier' => \is_array($ahead) ? $ahead['identifier'] ?? '' : '',
            ]);
        }
        $away = $this->ask('/api/dogs/'.$this->dog.'/away');
        self::assertTrue($away['arrived']);
        $arrival = \is_array($away['arrival']) ? $away['arrival'] : [];
        self::assertSame($before['on'], $arrival['day'] ?? null, 'it is the salon\'s own day');
        self::assertSame(['note' => 'Shy of the dryer'], $arrival['hands_on'] ?? null);
        $this->page->consoleErrors();
    }

    private function photo(): void
    {
        $file = sys_get_temp_dir().'/kt-away.jpg';
        $image = imagecreatetruecolor(60, 40);
        self::assertNotFalse($image);
        imagejpeg($image, $file);
        $input = $this->page->driver->findElement(WebDriverBy::cssSelector('input[type=file]'));
        $input->setFileDetector(new LocalFileDetector())->sendKeys($file);
        // Shown from the device itself.
        $this->page->until(fn (): ?bool => true ===
            $this->page->driver->executeScript(
                'const i = document.querySelector("img[alt*=before]");
                return i !== null && i.src.startsWith("blob:") && i.naturalWidth > 0',
            ) ? true : null, 'the photo is not shown');
    }

    private function here(): string
    {
        return (string) parse_url($this->page->driver->getCurrentURL(), \PHP_URL_PATH);
    }
}
