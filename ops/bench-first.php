<?php

declare(strict_types=1);

// How long a tablet waits for the first view: the real browser, its processor four times slower, by a salon's wireless network.

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverExpectedCondition;

require dirname(__DIR__).'/vendor/autoload.php';

const SLOWER = 4;
const MBIT = 10;
const ON_THE_WAY_MS = 20;
const RUNS = 9;

$web = 'http://127.0.0.1:'.(getenv('TINTA_WEB_PORT') ?: '8460');
$free = stream_socket_server('tcp://127.0.0.1:0') ?: exit(1);
$port = (int) substr((string) strrchr((string) stream_socket_get_name($free, false), ':'), 1);
fclose($free);
$driver = proc_open(['chromedriver', "--port={$port}"], [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']], $pipes);
for ($try = 0; $try < 100 && @fsockopen('127.0.0.1', $port) === false; $try++) {
    usleep(100_000);
}

/** A tablet that has never been here: nothing kept. */
$tablet = static function () use ($port): RemoteWebDriver {
    $options = (new ChromeOptions)->setBinary('/usr/lib/chromium/chromium')->addArguments(['--headless=new', '--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--window-size=1024,768']);
    $wanted = DesiredCapabilities::chrome();
    $wanted->setCapability(ChromeOptions::CAPABILITY, $options);
    $tablet = RemoteWebDriver::create("http://127.0.0.1:{$port}", $wanted, 20_000, 60_000);
    $say = static fn (string $cmd, array $what) => $tablet->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => $cmd, 'params' => (object) $what]);
    $say('Network.enable', []);
    $say('Network.emulateNetworkConditions', ['offline' => false, 'latency' => ON_THE_WAY_MS, 'downloadThroughput' => MBIT * 125_000, 'uploadThroughput' => MBIT * 125_000]);
    $say('Emulation.setCPUThrottlingRate', ['rate' => SLOWER]);

    return $tablet;
};

/** Milliseconds from the address to the last thing painted large. */
$painted = static fn (RemoteWebDriver $tablet): float => (float) $tablet->executeAsyncScript(
    'const done = arguments[0]; new PerformanceObserver((seen) => done(seen.getEntries().at(-1).startTime)).observe({ type: "largest-contentful-paint", buffered: true }); setTimeout(() => done(-1), 5000)',
);

/** Milliseconds from the address to the page's own piece standing: what is pressed and typed is answered. */
$begun = static fn (RemoteWebDriver $tablet): float => (float) $tablet->executeScript('return performance.getEntriesByName("begun")[0].startTime');

/** @param  list<float>  $times */
$middle = static function (array $times): float {
    sort($times);

    return $times[intdiv(count($times), 2)];
};

$found = ['bare' => [], 'first' => [], 'begun' => [], 'today' => [], 'todayBegun' => []];
for ($run = 0; $run < RUNS; $run++) {
    $one = $tablet();
    try {
        // A page of one word, by the same server and the same network.
        $one->get("{$web}/mark.svg");
        $found['bare'][] = (float) $one->executeScript('const [it] = performance.getEntriesByType("navigation"); return it.responseEnd');
        $one->get($web);
        $one->wait(20, 50)->until(WebDriverExpectedCondition::presenceOfElementLocated(WebDriverBy::cssSelector('#sign-in')));
        $one->wait(20, 50)->until(static fn (): bool => $one->executeScript('return document.querySelector("[data-door]") === null') === true);
        $found['first'][] = $painted($one);
        $found['begun'][] = $begun($one);
        $one->findElement(WebDriverBy::cssSelector('#email'))->sendKeys('ines@sailcloth.example');
        $one->findElement(WebDriverBy::cssSelector('#password'))->sendKeys('harbour-light');
        $one->findElement(WebDriverBy::cssSelector('#sign-in'))->click();
        $one->wait(20, 50)->until(WebDriverExpectedCondition::presenceOfElementLocated(WebDriverBy::cssSelector('.visit-card')));
        usleep(1_500_000);
        // In the morning: the pieces are kept, the day is asked for.
        $one->get($web);
        $one->wait(20, 50)->until(WebDriverExpectedCondition::presenceOfElementLocated(WebDriverBy::cssSelector('.visit-card')));
        $found['today'][] = $painted($one);
        $found['todayBegun'][] = $begun($one);
    } finally {
        $one->quit();
    }
}
proc_terminate($driver);

$bare = $middle($found['bare']);
printf("A tablet, its processor %d× slower, at %d Mbit/s and %d ms; the middle of %d, the slowest beside it\n", SLOWER, MBIT, ON_THE_WAY_MS, RUNS);
printf("%-58s %6.0f ms %6.0f ms\n", 'a picture of one kilobyte', $bare, max($found['bare']));
$rows = ['first' => 'the first view of all, nothing kept', 'begun' => 'the same, to be typed in and pressed by the page itself', 'today' => 'Today, opened again', 'todayBegun' => 'the same, to be pressed'];
foreach ($rows as $which => $said) {
    printf("%-58s %6.0f ms %6.0f ms   %4.1f×\n", $said, $middle($found[$which]), max($found[$which]), $middle($found[$which]) / $bare);
}
