<?php

/**
 * Every view by axe in light, dark and on a phone; no broken policy; nothing wider than the screen, at 200 % text too.
 */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

use Facebook\WebDriver\Exception\StaleElementReferenceException;
use PHPUnit\Framework\Attributes\DataProvider;

final class AccessibilityTest extends BrowserTestCase
{
    private static bool $signedIn = false;

    protected function prepare(): void
    {
        if (self::$signedIn) {
            $this->again();
        } else {
            parent::prepare();
        }
    }

    public static function tearDownAfterClass(): void
    {
        self::$signedIn = false;
        parent::tearDownAfterClass();
    }

    /** @return iterable<string, array{string, string}> view and what it says when it is there */
    public static function views(): iterable
    {
        yield 'book' => ['/book', 'All dogs by name'];
        yield 'search' => ['/book?typed=mar', 'found'];
        yield 'card, when back' => ['tansy', 'The clocks'];
        yield 'card, a zone' => ['perrin?zone=armpit_left', 'Where it meets its neighbours'];
        yield 'card, double coat' => ['marl?zone=ribs_left', 'Where it meets its neighbours'];
        yield 'card, empty zone' => ['gantry?zone=throat', 'Plan this zone'];
        yield 'visit' => ['tansy/visit', 'Everything as planned'];
        yield 'new dog' => ['/dogs/new', 'As described so far'];
        yield 'card on paper' => ['tansy/paper', 'head, from the front'];
        yield 'day list' => ['/day', 'The Fulling Room ·'];
        yield 'dog form' => ['tansy/edit', 'Edit Tansy'];
        yield 'arrival, mats' => ['perrin/arrival', 'Decisions'];
        yield 'arrival, agree' => ['perrin/arrival#Agree', 'How to go on'];
        yield 'arrival, check' => ['gantry/arrival#Check', 'Hands on'];
        yield 'arrival, handling' => ['marl/arrival#Handling', 'Who can take'];
        yield 'arrival, photos' => ['hobnob/arrival#Photos', 'not photographed'];
        yield 'card, order' => ['perrin?#Order', 'Done when'];
        yield 'card, one line' => ['perrin?#One line', 'This is the plan as it is.'];
        yield 'kit' => ['/kit', 'Mill room'];
        yield 'kit, a tool' => ['/kit#10 blade', 'Its log'];
        yield 'kit, measuring' => ['/kit#16 mm guard#Measure', 'Read the calliper'];
        yield 'kit, who needs it' => ['/kit#quiet cordless#Needed by', 'cards name it'];
        yield 'kit, place' => ['/kit#10 blade#Place', 'Retire or replace'];
        yield 'wash' => ['/wash', 'How we wash and dry'];
        yield 'wash, labels' => ['/wash#Print labels', 'Discard by'];
        yield 'then and now' => ['tansy/then', 'What differs'];
        yield 'then and now, photos' => ['hobnob/then', 'What differs'];
        yield 'patterns' => ['/patterns', 'Which dog'];
        yield 'patterns, changed' => ['/patterns#Weir rounds#Change', 'No card changes'];
        yield 'patterns, followers' => ['/patterns#Weir rounds#Who follows', 'has an older version'];
        yield 'arrival, one line' => ['perrin/arrival#One line', 'This is the plan as it is.'];
        yield 'table, one line' => ['osric/table#Go on#One line', 'the dog follows'];
        yield 'house style' => ['/house', 'Our way of doing it'];
        yield 'before the first cut' => ['dimity/table', 'Before the first cut'];
        yield 'table' => ['osric/table#Go on', 'Done when'];
        yield 'table, below' => ['osric/table#Go on#Below', 'Done when'];
        yield 'table, rear' => ['osric/table#Go on#Rear', 'Around the ring'];
        yield 'table, claws' => ['osric/table#Go on#Nails, ears', 'Nails and pads'];
        yield 'table, steps' => ['osric/table#Go on#Steps', 'hands over to'];
        yield 'table, notes' => ['osric/table#Go on#Notes (1)', 'Notes for the next person'];
        yield 'finish' => ['osric/table#Go on#Finish', 'From all sides'];
        yield 'outbox' => ['/outbox', 'stand-in'];
        yield 'incidents' => ['/log?of=incidents', 'By tool'];
        yield 'log' => ['/log', 'recorded'];
    }

    #[DataProvider('views')]
    public function testTheViewHoldsInLightDarkAndOnAPhone(string $view, string $says): void
    {
        // Views are only looked at: whoever is signed in stays so from one to the next.
        if (!self::$signedIn) {
            $this->page->signIn('maren');
            self::$signedIn = true;
        }
        $this->open($view, $says);
        self::assertSame([], $this->axe(), 'light');
        $this->page->driver->executeScript('document.documentElement.dataset.theme = "dark"');
        self::assertSame([], $this->axe(['color-contrast', 'link-in-text-block']), 'dark: only colours are others');
        $this->page->driver->executeScript('document.documentElement.dataset.theme = "light"');
        $this->page->size(390, 844, true);
        self::assertSame([], $this->axe(), 'phone');
        self::assertLessThanOrEqual(390, $this->width(), 'wider than a phone');
        $this->page->size(1280, 800);
        $this->page->driver->executeScript('document.documentElement.style.fontSize = "200%"');
        self::assertLessThanOrEqual(1280, $this->width(), 'wider than the screen at 200 % text');
        self::assertSame([], $this->page->consoleErrors());
    }

    public function testSigningInHoldsToo(): void
    {
        $this->signOut();
        self::$signedIn = false;
        $this->page->go('/');
        $this->page->css('input[name=login]');
        self::assertSame([], $this->axe());
        $this->page->size(390, 844, true);
        self::assertSame([], $this->axe());
        self::assertLessThanOrEqual(390, $this->width());
    }

    public function testWhatOpensOverAViewHolds(): void
    {
        $this->signOut();
        self::$signedIn = false;
        $this->page->signIn('maren');
        $this->card($this->page, 'tansy', 'back');
        $this->page->consoleErrors();
        $this->page->css('[aria-label^="Why: what back"]')->click();
        $this->page->css('[role=dialog]');
        self::assertSame([], $this->axe(), 'reasons');
        $this->page->keys(\Facebook\WebDriver\WebDriverKeys::ESCAPE);
        $this->page->css('header button[aria-haspopup=dialog]')->click();
        $this->page->sees('Who is at the table?');
        self::assertSame([], $this->axe(), 'change of person');
        $this->page->keys(\Facebook\WebDriver\WebDriverKeys::ESCAPE);
        $this->page->css('[aria-label="Keyboard shortcuts"]')->click();
        $this->page->sees('find a dog');
        self::assertSame([], $this->axe(), 'shortcuts');
        self::assertSame([], $this->page->consoleErrors());
    }

    private function open(string $view, string $says): void
    {
        if (str_starts_with($view, '/book?typed=')) {
            $this->page->go('/book');
            $this->page->css('#find')->sendKeys(substr($view, 12));
        } elseif (str_starts_with($view, '/')) {
            $parts = explode('#', $view);
            $this->page->go(array_shift($parts));
            foreach ($parts as $part) {
                $this->press($part);
            }
        } else {
            preg_match('/^(\w+)(.*)$/', $view, $part);
            $tabs = explode('#', $part[2] ?? '');
            $this->page->go('/dogs/'.Salon::dog(ucfirst($part[1] ?? '')).array_shift($tabs));
            foreach ($tabs as $tab) {
                'Finish' === $tab ? $this->page->xpath("//a[.='Finish']")->click() : $this->page->button($tab)->click();
            }
        }
        $this->page->sees($says);
        usleep(500_000);
        $this->page->consoleErrors();
    }

    /** A button or tab by its name, or by how its name begins. */
    private function press(string $name): void
    {
        $t = Chrome::quote($name);
        // What is drawn anew between looking and clicking is looked for once more.
        $this->page->until(function () use ($t): ?bool {
            try {
                $this->page
                    ->xpath(
                        "//button[normalize-space(.)=$t or .//b[normalize-space(.)=$t] ".
                            "or .//span[normalize-space(.)=$t]]",
                    )
                    ->click();

                return true;
            } catch (StaleElementReferenceException) {
                return null;
            }
        }, "$name cannot be pressed");
    }

    private function width(): int
    {
        $width = $this->page->driver->executeScript('return document.documentElement.scrollWidth');

        return \is_int($width) ? $width : 0;
    }

    /**
     * @param list<string> $rules only these; none: all of WCAG 2.2 AA
     *
     * @return list<string> what axe finds
     */
    private function axe(array $rules = []): array
    {
        static $source = null;
        $source ??= file_get_contents(\dirname(__DIR__, 2).'/web/node_modules/axe-core/axe.min.js');
        \assert(\is_string($source));
        if (true !== $this->page->driver->executeScript('return typeof axe !== "undefined"')) {
            $this->page->tools('Runtime.evaluate', ['expression' => $source]);
        }
        $found = $this->page->driver->executeAsyncScript(
            <<<'JS'
            const [rules, done] = arguments
            const all = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']
            const said = v => v.nodes.slice(0, 3).map(n => n.html.slice(0, 160)).join(' | ')
            const runOnly = rules.length ? rules : all
            axe.run(document, { runOnly, resultTypes: ['violations'], preload: false })
              .then(
                r => done(r.violations.map(v => `${v.id}: ${said(v)} ${v.nodes[0].failureSummary}`)),
                e => done([String(e)]),
              )
            JS
            ,
            [$rules],
        );
        self::assertIsArray($found);

        return array_values(array_filter($found, is_string(...)));
    }
}
