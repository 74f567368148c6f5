<?php

/** A headless Chromium of our own, driven through ChromeDriver; used by the browser tests and bin/shots. */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeDriver;
use Facebook\WebDriver\Chrome\ChromeDriverService;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\Internal\WebDriverCurlException;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;

final class Chrome
{
    use Finds;

    private const WAIT_SECONDS = 90;
    private string $profile;

    private function __construct(public readonly ChromeDriver $driver, public readonly string $address, string $profile)
    {
        $this->profile = $profile;
    }

    /** @param string $address of the application, such as http://127.0.0.1:8460 */
    public static function open(string $address, int $width = 1280, int $height = 800): self
    {
        putenv('WEBDRIVER_CHROME_DRIVER=/usr/bin/chromedriver');
        $profile = sys_get_temp_dir().'/kt-chrome-'.bin2hex(random_bytes(6));
        $options = (new ChromeOptions())
            ->setBinary('/usr/bin/chromium')
            ->addArguments([
                '--headless=new',
                '--no-sandbox',
                '--disable-gpu',
                '--disable-quic',
                '--no-first-run',
                '--disable-background-networking',
                '--disable-component-update',
                '--disable-sync',
                '--disable-dev-shm-usage',
                '--hide-scrollbars',
                '--force-color-profile=srgb',
                "--user-data-dir=$profile",
                "--window-size=$width,$height",
                '--lang=en-GB',
            ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $driver = self::start($capabilities);
        $chrome = new self($driver, $address, $profile);
        $driver
            ->manage()
            ->timeouts()
            ->setScriptTimeout(self::WAIT_SECONDS * 2);
        $chrome->size($width, $height);

        return $chrome;
    }

    /**
     * On a port that is free; one that somebody takes at that very moment, or a driver that does not come up, is tried
     * anew.
     */
    private static function start(DesiredCapabilities $capabilities): ChromeDriver
    {
        for ($try = 1;; ++$try) {
            $free = stream_socket_server('tcp://127.0.0.1:0');
            $port =
                false === $free
                    ? 0
                    : (int) substr((string) strrchr((string) stream_socket_get_name($free, false), ':'), 1);
            if (false !== $free) {
                fclose($free);
            }
            try {
                return ChromeDriver::start(
                    $capabilities,
                    new ChromeDriverService('/usr/bin/chromedriver', $port, ["--port=$port", '--log-level=OFF']),
                );
            } catch (TimeoutException|WebDriverCurlException $e) {
                if ($try >= 3) {
                    throw $e;
                }
            }
        }
    }

    public function close(): void
    {
        $this->driver->quit();
        exec('rm -rf '.escapeshellarg($this->profile));
    }

    /** Sets the size of the page itself, whatever the window's frame takes. */
    public function size(int $width, int $height, bool $mobile = false): void
    {
        $this->driver->manage()->window()->setSize(new WebDriverDimension($width, $height + 120));
        $this->tools('Emulation.setDeviceMetricsOverride', [
            'width' => $width,
            'height' => $height,
            'deviceScaleFactor' => 1,
            'mobile' => $mobile,
        ]);
    }

    /** @param array<string, mixed> $parameters */
    public function tools(string $command, array $parameters = []): mixed
    {
        return (new ChromeDevToolsDriver($this->driver))->execute($command, $parameters);
    }

    public function network(bool $there): void
    {
        $this->tools('Network.enable');
        $this->tools('Network.emulateNetworkConditions', [
            'offline' => !$there,
            'latency' => 0,
            'downloadThroughput' => -1,
            'uploadThroughput' => -1,
        ]);
    }

    public function go(string $path): void
    {
        $this->driver->get($this->address.$path);
    }

    public function signIn(string $login, string $password = 'thistle-demo'): void
    {
        $this->go('/');
        $this->css('input[name=login]')->sendKeys($login);
        $this->css('input[name=password]')->sendKeys($password);
        $this->button('Sign in')->click();
        $this->css('nav[aria-label="Views"]');
    }

    /** Types a dog's name into the book and opens the first dog found. */
    public function find(string $name): void
    {
        $this->go('/book');
        $this->css('#find')->sendKeys($name);
        $t = self::quote(ucfirst($name));
        $this->xpath("//ul[@id='dogs']/li[1]//a[.//*[normalize-space(.)=$t]]")->click();
    }

    /** Taps a zone of the drawn dog where it can be seen: a zone's box is wider than its shape. */
    public function tapZone(string $zone): void
    {
        $at = $this->pointIn("zone-$zone");
        foreach (['mousePressed', 'mouseReleased'] as $type) {
            $this->tools('Input.dispatchMouseEvent', [
                'type' => $type,
                'x' => $at[0],
                'y' => $at[1],
                'button' => 'left',
                'clickCount' => 1,
            ]);
        }
    }

    public function keys(string ...$keys): void
    {
        $this->driver->getKeyboard()->sendKeys(implode('', $keys));
    }

    /** One of a select's choices, once it is offered: some come with an answer. */
    public function choose(string $label, string $value): void
    {
        $v = self::quote($value);
        $this->until(
            fn (): ?bool => [] ===
                $this->field($label)->findElements(WebDriverBy::xpath(".//option[@value=$v]"))
                    ? null
                    : true,
            "$label does not offer $value",
        );
        $this->driver->executeScript(
            'const e = arguments[0]; const s = Object.getOwnPropertyDescriptor(HTMLSelectElement.prototype, '.
                '"value").set; s.call(e, arguments[1]); e.dispatchEvent(new Event("change", {bubbles: true}));',
            [$this->field($label), $value],
        );
    }

    public function type(string $label, string $text): void
    {
        $field = $this->field($label);
        $field->sendKeys(\Facebook\WebDriver\WebDriverKeys::CONTROL.'a');
        $field->sendKeys(\Facebook\WebDriver\WebDriverKeys::DELETE);
        $field->sendKeys($text);
    }

    public function picture(string $file): void
    {
        $this->driver->takeScreenshot($file);
    }

    /** @return list<string> errors the page wrote to its console, broken policies among them */
    public function consoleErrors(): array
    {
        $errors = [];
        foreach ($this->driver->manage()->getLog('browser') as $entry) {
            if (\is_array($entry) && 'SEVERE' === $entry['level'] && \is_string($entry['message'])) {
                $errors[] = $entry['message'];
            }
        }

        return $errors;
    }
}
