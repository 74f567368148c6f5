<?php

/** The weeks ahead under a finger: a film of the dog goes by, and the drawing takes over where it rests. */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

final class ThenTest extends BrowserTestCase
{
    public function testWeeksGoByAsAFilmAndRestAsTheDrawing(): void
    {
        $page = $this->page;
        $page->signIn('tove');
        $this->card($page, 'tansy');
        $page->go(parse_url($page->driver->getCurrentURL(), \PHP_URL_PATH).'/then');
        $slider = $page->css('input[type=range]');
        $seen = static fn (string $script): mixed => $page->driver->executeScript("return $script");
        $page->css('[data-film-of]');
        $page->until(
            static function () use ($slider, $seen): ?bool {
                $on = '4' === $slider->getAttribute('value') ? WebDriverKeys::ARROW_LEFT : WebDriverKeys::ARROW_RIGHT;
                $slider->sendKeys($on);
                usleep(60_000);
                $film = $seen('document.querySelector("canvas[data-film]")?.dataset.film ?? null');
                if (null === $film) {
                    return null;
                }
                // Something of the dog is on it: not all of it is see-through.
                self::assertTrue($seen(<<<'JS'
                    (() => {
                      const c = document.querySelector('canvas[data-film]')
                      if (!c) return true
                      const d = c.getContext('2d').getImageData(0, 0, c.width, c.height).data
                      let n = 0
                      for (let i = 3; i < d.length; i += 4) if (d[i] > 200) n++
                      return n > d.length / 40
                    })()
                    JS));

                return true;
            },
            'no film of the weeks',
        );
        $page->until(
            static fn (): ?bool => true === $seen('document.querySelector("canvas[data-film]") === null') ? true : null,
            'the film stays',
        );
        $back = $page->driver->findElement(WebDriverBy::cssSelector('svg[role=listbox] [data-zone=back]'));
        self::assertTrue($back->isDisplayed());
    }
}
