<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverDimension;
use PHPUnit\Framework\Assert;

/**
 * The devices on which the tests look at the page. Starting a browser takes longer than most of what is done in it: one
 * that a test is done with is handed to the next as new, with nothing of the test before in it.
 */
final class Devices
{
    /**
     * The browser without its own windows, which takes half the time of the whole one: nobody looks at tabs here. The
     * program itself: what Debian starts it with draws by a graphics card that is not there, at the processor's cost.
     */
    private const PROGRAM = '/usr/lib/chromium/chromium-headless-shell';

    /** @var resource|null */
    private static $driverProcess = null;

    private static int $driverPort = 0;

    /** @var list<RemoteWebDriver> done with, and empty */
    private static array $idle = [];

    public static function take(string $address, int $width, int $height): RemoteWebDriver
    {
        $device = array_pop(self::$idle);
        if ($device !== null) {
            $device->manage()->window()->setSize(new WebDriverDimension($width, $height));
            $device->get($address);

            return $device;
        }

        // A browser that dies before it has been asked anything says nothing about the page: another one is opened.
        for ($try = 1; ; $try++) {
            try {
                $device = self::start($width, $height);
                $device->get($address);

                return $device;
            } catch (WebDriverException $died) {
                if ($try === 2) {
                    throw $died;
                }
            }
        }
    }

    /** Empties it for the next test; what cannot be emptied is closed. */
    public static function giveBack(RemoteWebDriver $device, string $address): void
    {
        try {
            // What was set for a tab goes with it.
            $old = $device->getWindowHandles();
            $device->switchTo()->newWindow();
            $new = $device->getWindowHandle();
            foreach ($old as $each) {
                $device->switchTo()->window($each)->close();
            }
            $device->switchTo()->window($new);
            self::say($device, 'Storage.clearDataForOrigin', ['origin' => $address, 'storageTypes' => 'all']);
            self::say($device, 'Network.clearBrowserCookies');
            self::say($device, 'Network.clearBrowserCache');
            self::$idle[] = $device;
        } catch (WebDriverException) {
            self::close($device);
        }
    }

    public static function close(RemoteWebDriver $device): void
    {
        try {
            $device->quit();
        } catch (WebDriverException) {
            // It is gone already.
        }
    }

    private static function start(int $width, int $height): RemoteWebDriver
    {
        $options = (new ChromeOptions)->setBinary(self::PROGRAM)->addArguments([
            '--no-sandbox',
            '--disable-gpu',
            '--disable-gpu-rasterization',
            '--disable-quic',
            '--no-first-run',
            '--disable-background-networking',
            '--disable-component-update',
            '--disable-sync',
            '--disable-dev-shm-usage',
            // What fades and slides is drawn anew sixty times a second, by the processor: a seventh of all its time here.
            '--force-prefers-reduced-motion',
            '--disable-features=PreloadTopChromeWebUI',
            "--window-size={$width},{$height}",
        ]);
        $wanted = DesiredCapabilities::chrome();
        $wanted->setCapability(ChromeOptions::CAPABILITY, $options);

        return RemoteWebDriver::create('http://127.0.0.1:'.self::driverPort(), $wanted, 20_000, 60_000);
    }

    /** @param  array<string, mixed>  $what */
    private static function say(RemoteWebDriver $device, string $command, array $what = []): void
    {
        $device->executeCustomCommand(
            '/session/:sessionId/goog/cdp/execute',
            'POST',
            ['cmd' => $command, 'params' => (object) $what],
        );
    }

    private static function driverPort(): int
    {
        if (self::$driverProcess === null) {
            $probe = stream_socket_server('tcp://127.0.0.1:0');
            self::$driverPort = (int) substr((string) strrchr((string) stream_socket_get_name($probe, false), ':'), 1);
            fclose($probe);
            self::$driverProcess = proc_open(
                ['chromedriver', '--port='.self::$driverPort],
                [['file', '/dev/null', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']],
                $pipes,
            );
            Assert::assertIsResource(self::$driverProcess, 'ChromeDriver is not installed.');
            while (($line = fgets($pipes[1])) !== false && ! str_contains($line, 'started successfully')) {
                // It says so when it listens.
            }
            register_shutdown_function(self::end(...));
        }

        return self::$driverPort;
    }

    private static function end(): void
    {
        array_map(self::close(...), self::$idle);
        if (self::$driverProcess !== null) {
            proc_terminate(self::$driverProcess);
            proc_close(self::$driverProcess);
        }
    }
}
