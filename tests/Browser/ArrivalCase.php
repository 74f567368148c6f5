<?php

/** An arrival in the browser. */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

abstract class ArrivalCase extends BrowserTestCase
{
    protected function arrive(string $dog): void
    {
        $this->page->find($dog);
        $this->page->xpath("//a[contains(., 'Arrival')]")->click();
        $this->page->css('[data-testid=load]');
    }

    protected function load(string $load, string $why): void
    {
        $this->page->until(
            fn (): ?bool => $load === $this->page->css('[data-testid=load]')->getText() ? true : null,
            "the load is not $load: $why",
        );
        $this->addToAssertionCount(1);
    }

    protected function severity(string $zone, string $severity): void
    {
        $this->page->until(
            fn (): ?bool => str_contains(
                (string) $this->page->css("#zone-$zone")->getAttribute('aria-label'),
                "severity $severity",
            )
                ? true
                : null,
            "$zone is not severity $severity",
        );
        $this->addToAssertionCount(1);
    }

    /** One stroke of a pressed finger from zone to zone. */
    protected function stroke(string ...$zones): void
    {
        $type = 'mousePressed';
        $at = [0, 0];
        foreach ($zones as $zone) {
            $at = $this->page->pointIn("zone-$zone");
            $this->page->tools('Input.dispatchMouseEvent', [
                'type' => $type,
                'x' => $at[0],
                'y' => $at[1],
                'button' => 'left',
                'buttons' => 1,
                'clickCount' => 1,
            ]);
            $type = 'mouseMoved';
        }
        $this->page->tools('Input.dispatchMouseEvent', [
            'type' => 'mouseReleased',
            'x' => $at[0],
            'y' => $at[1],
            'button' => 'left',
            'clickCount' => 1,
        ]);
    }

    protected function sign(): void
    {
        $pad = $this->page->css('[data-testid=signature]');
        $this->page->driver->executeScript('arguments[0].scrollIntoView({block: "center"})', [$pad]);
        $box = $this->page->driver->executeScript(
            'const b = arguments[0].getBoundingClientRect(); return [b.x, b.y, b.width, b.height]',
            [$pad],
        );
        \assert(\is_array($box));
        foreach (
            [
                [0.2, 0.5, 'mousePressed'],
                [0.4, 0.2, 'mouseMoved'],
                [0.6, 0.8, 'mouseMoved'],
                [0.8, 0.4, 'mouseMoved'],
                [0.8, 0.4, 'mouseReleased'],
            ] as [$x, $y, $type]
        ) {
            $this->page->tools('Input.dispatchMouseEvent', [
                'type' => $type,
                'x' => self::number($box[0]) + $x * self::number($box[2]),
                'y' => self::number($box[1]) + $y * self::number($box[3]),
                'button' => 'left',
                'buttons' => 1,
                'clickCount' => 1,
            ]);
        }
    }

    protected static function number(mixed $value): float
    {
        return is_numeric($value) ? (float) $value : 0.0;
    }

    protected function tabToText(string $text): void
    {
        for ($i = 0; $i < 90; ++$i) {
            $this->page->keys(WebDriverKeys::TAB);
            if ($text === $this->page->driver->executeScript('return document.activeElement.textContent.trim()')) {
                return;
            }
        }
        self::fail("Tab does not reach \"$text\"");
    }
}
