<?php

// Measures the interface in a browser whose processor is slowed four times: how long a task holds the page up, how soon
// a card and a zone's sheet are there, how many frames a second the slider of weeks shows.
// screen.php ADDRESS

declare(strict_types=1);

require_once dirname(__DIR__, 2).'/vendor/autoload.php';

use KeenThistle\Tests\Browser\Chrome;

const SLOWED = 4;
const TIMES = 5;

$page = Chrome::open($argv[1] ?? 'http://127.0.0.1:8460');
$js = static fn (string $script): mixed => $page->driver->executeScript($script);
$number = static fn (mixed $value): float => is_numeric($value) ? (float) $value : 0.0;
$middle = static function (array $all): float {
    sort($all);

    return $all[intdiv(count($all), 2)] ?? 0.0;
};
/** Watches for tasks that hold the page up, and for elements that come; times by the page's own clock. */
$watch = static fn (): mixed => $js(<<<'JS'
    window.longest = 0
    const seen = (e) => (window.longest = Math.max(window.longest, e.duration))
    new PerformanceObserver((list) => list.getEntries().forEach(seen)).observe({ type: 'longtask' })
    window.until = (selector) => new Promise((done) => {
        const began = performance.now()
        const look = () => document.querySelector(selector) ? done(performance.now() - began) : setTimeout(look, 4)
        look()
    })
    JS);
$async = static fn (string $script): mixed => $page->driver->executeAsyncScript($script);

$page->signIn('tove');
$page->tools('Emulation.setCPUThrottlingRate', ['rate' => SLOWED]);
$opened = $longest = $sheets = $frames = $slowed = [];
for ($i = 0; $i < TIMES; ++$i) {
    $page->go('/book');
    $page->css('a[href^="/dogs/"]');
    usleep(2_000_000);
    $watch();
    $opened[] = $number(
        $async(<<<'JS'
            const done = arguments[0]
            const dogs = [...document.querySelectorAll('a[href^="/dogs/"]')]
            dogs.find((a) => a.textContent.includes('Tansy')).click()
            until('[role=tablist]').then(done)
            JS),
    );
    $page->css('svg[role=listbox] [data-zone=back]');
    usleep(1_500_000);
    $longest[] = $number($js('return window.longest'));
    $zone = 0 === $i % 2 ? 'back' : 'rump';
    $sheets[] = $number(
        $async(<<<JS
            const done = arguments[0]
            const zone = document.querySelector('[data-zone=$zone]')
            zone.dispatchEvent(new MouseEvent('click', { bubbles: true }))
            until('[data-testid=finished]').then(done)
            JS),
    );
    $path = parse_url($page->driver->getCurrentURL(), \PHP_URL_PATH);
    $page->tools('Emulation.setCPUThrottlingRate', ['rate' => 1]);
    $page->go("$path/then");
    $page->css('input[type=range]');
    usleep(8_000_000); // a look at the dog, before anybody asks for the weeks
    $slide = static fn (): float => $number(
        $async(<<<'JS'
            const done = arguments[0]
            const slider = document.querySelector('input[type=range]')
            const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set
            const most = Number(slider.max)
            let n = 0
            const began = performance.now()
            const step = () => {
                const gone = performance.now() - began
                if (gone > 2000) return done((n / gone) * 1000)
                n++
                set.call(slider, String(((gone / 2000) * most).toFixed(1)))
                slider.dispatchEvent(new Event('input', { bubbles: true }))
                requestAnimationFrame(step)
            }
            requestAnimationFrame(step)
            JS),
    );
    $frames[] = $slide();
    $page->tools('Emulation.setCPUThrottlingRate', ['rate' => SLOWED]);
    $slowed[] = $slide();
}
$page->close();
$line = static fn (string $what, float $is, string $aim): string => sprintf("  %-66s %.0f (%s)\n", $what, $is, $aim);
echo 'The interface, on a processor slowed '.SLOWED." times; medians\n";
echo $line('Book to card, ms', $middle($opened), 'aim < 1 000');
echo $line('longest task while a card opens, ms', $middle($longest), 'aim ≤ 200');
echo $line('tap on a zone to its sheet, ms', $middle($sheets), 'aim < 100');
echo $line('frames a second while the weeks slide, not slowed', $middle($frames), 'aim 60');
echo $line('the same, slowed', $middle($slowed), 'no aim');
