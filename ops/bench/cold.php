<?php

// Measures a cold start without a signal, on a processor slowed four times: how soon the PIN is asked for, and how soon
// the day is there after it.
// cold.php ADDRESS

declare(strict_types=1);

require_once dirname(__DIR__, 2).'/vendor/autoload.php';

use KeenThistle\Tests\Browser\Chrome;

const SLOWED = 4;
const TIMES = 5;
// Types the PIN as soon as it can be typed, and says by the page's own clock when what was there.
const WATCH = <<<'JS'
    (() => {
      const pin = 'main input[type=password]:not([disabled])', day = 'section[aria-label="My days"] li'
      const look = () => {
        const field = document.querySelector(pin)
        if (field && !window.asked) {
          window.asked = performance.now()
          const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set
          set.call(field, '8530')
          field.dispatchEvent(new Event('input', { bubbles: true }))
          setTimeout(() => field.form.requestSubmit(), 0)
        }
        if (document.querySelector(day)) window.there = performance.now()
        else setTimeout(look, 16)
      }
      look()
    })()
    JS;

$page = Chrome::open($argv[1] ?? 'http://127.0.0.1:8460');
$page->driver->manage()->timeouts()->setScriptTimeout(60);
$page->signIn('tove');
$page->go('/kept');
$page->type('Your PIN', '8530');
$page->button('Keep my days here')->click();
$page->sees('Fetch my days again', 60);
$page->until(static fn (): ?bool => str_contains($page->text(), 'not fetched yet') ? null : true, 'not fetched', 90);
$page->driver->executeAsyncScript('navigator.serviceWorker.ready.then(() => arguments[0](true))');
$page->network(false);
$page->tools('Emulation.setCPUThrottlingRate', ['rate' => SLOWED]);
$page->tools('Page.addScriptToEvaluateOnNewDocument', ['source' => WATCH]);
$asked = $after = [];
for ($i = 0; $i < TIMES; ++$i) {
    $page->go('/');
    $isThere = static fn (): bool => true === $page->driver->executeScript('return window.there > 0');
    $page->until(static fn (): ?bool => $isThere() ? true : null, 'no day', 30);
    $times = $page->driver->executeScript('return [window.asked, window.there]');
    [$pin, $day] = is_array($times) ? array_map('floatval', $times) : [0.0, 0.0];
    $asked[] = $pin;
    $after[] = $day - $pin;
}
$page->close();
$middle = static function (array $all): float {
    sort($all);

    return $all[intdiv(count($all), 2)] ?? 0.0;
};
$line = static fn (string $what, float $is, string $aim): string => sprintf("  %-66s %.0f (%s)\n", $what, $is, $aim);
echo 'A cold start without a signal, on a processor slowed '.SLOWED." times; medians\n";
echo $line('until the PIN is asked for, ms', $middle($asked), 'no aim');
echo $line('from the PIN to the day, ms', $middle($after), 'no aim');
echo $line('both, ms', $middle($asked) + $middle($after), 'aim < 1 500');
