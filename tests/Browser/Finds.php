<?php

/** Finds things on a page as a person does, and waits for them. */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;

trait Finds
{
    public function sees(string $text, int $seconds = self::WAIT_SECONDS): void
    {
        $this->until(
            fn (): ?bool => str_contains($this->text(), $text) ? true : null,
            "the page does not say \"$text\"",
            $seconds,
        );
    }

    /**
     * @template T
     *
     * @param callable(): (T|null) $ask
     *
     * @return T
     */
    public function until(callable $ask, string $failure, int $seconds = self::WAIT_SECONDS): mixed
    {
        $end = microtime(true) + $seconds;
        do {
            try {
                $answer = $ask();
                if (null !== $answer) {
                    return $answer;
                }
            } catch (\Facebook\WebDriver\Exception\StaleElementReferenceException) {
                // The page was drawn anew in between: ask again.
            }
            usleep(60_000);
        } while (microtime(true) < $end);
        throw new \RuntimeException(
            "$failure after $seconds s at {$this->driver->getCurrentURL()}:\n".mb_substr($this->text(), 0, 1500),
        );
    }

    public function text(): string
    {
        $text = $this->driver->executeScript('return document.body.innerText');

        return \is_string($text) ? $text : '';
    }

    /** The first element that matches, once it is there. */
    public function css(string $selector): RemoteWebElement
    {
        return $this->until(
            fn (): ?RemoteWebElement => $this->first(WebDriverBy::cssSelector($selector)),
            "no element matches $selector",
        );
    }

    public function xpath(string $path): RemoteWebElement
    {
        return $this->until(
            fn (): ?RemoteWebElement => $this->first(WebDriverBy::xpath($path)),
            "no element matches $path",
        );
    }

    /** A button or tab by what it says. */
    public function button(string $text): RemoteWebElement
    {
        $t = self::quote($text);

        return $this->xpath("//button[normalize-space(.)=$t or @aria-label=$t]");
    }

    /** A form field by its label. */
    public function field(string $label): RemoteWebElement
    {
        $t = self::quote($label);

        return $this->xpath(
            "//*[@id=//label[normalize-space(text())=$t]/@for] | //input[@aria-label=$t] "
                ."| //label[normalize-space(.)=$t]//input",
        );
    }

    private function first(WebDriverBy $by): ?RemoteWebElement
    {
        return $this->driver->findElements($by)[0] ?? null;
    }

    public static function quote(string $text): string
    {
        return str_contains($text, "'") ? "\"$text\"" : "'$text'";
    }

    /** @return array{float, float} the point nearest to its middle where this element itself would be hit */
    public function pointIn(string $id): array
    {
        $this->css("#$id");
        $at = $this->until(
            fn (): mixed => $this->driver->executeScript(
                <<<'JS'
                const zone = document.getElementById(arguments[0])
                const seen = zone.getBoundingClientRect()
                // As a user would, on a page that is longer than the screen.
                if (seen.top < 0 || seen.bottom > innerHeight) zone.scrollIntoView({ block: 'center' })
                const at = zone.dataset.at?.split(' ').map(Number)
                if (at) {
                  const p = new DOMPoint(...at).matrixTransform(zone.getScreenCTM())
                  const under = document.elementFromPoint(p.x, p.y)
                  return under?.closest('svg[role=listbox]') ? [p.x, p.y] : null
                }
                const box = zone.getBoundingClientRect()
                const from = ([i, j]) => (i - 10) ** 2 + (j - 10) ** 2
                const points = Array.from({ length: 361 }, (_, n) => [1 + n % 19, 1 + Math.floor(n / 19)])
                for (const [i, j] of points.sort((a, b) => from(a) - from(b))) {
                  const x = box.x + box.width * i / 20, y = box.y + box.height * j / 20
                  const hit = ([dx, dy]) => document.elementFromPoint(x + dx, y + dy) === zone
                  if ([[0, 0], [3, 0], [-3, 0], [0, 3], [0, -3]].every(hit)) return [x, y]
                }
                return null
                JS
                ,
                [$id],
            ),
            "$id cannot be tapped",
        );
        if (!\is_array($at) || !is_numeric($at[0] ?? null) || !is_numeric($at[1] ?? null)) {
            throw new \LogicException('A point is two numbers.');
        }

        return [(float) $at[0], (float) $at[1]];
    }
}
