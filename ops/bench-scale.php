<?php

declare(strict_types=1);

// From the scale's line to the number on the screen, in a real browser at a bench, as a ratio to the time between two lines
// measured in the same run. Whoever weighs sees a reading late where it is above one.

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;

require dirname(__DIR__).'/vendor/autoload.php';

const SECONDS = 25;

$web = 'http://127.0.0.1:'.getenv('TINTA_WEB_PORT');
$driverPort = 9700 + getmypid() % 200;
$driver = proc_open(['chromedriver', "--port={$driverPort}"], [['file', '/dev/null', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']], $pipes);
while (is_resource($driver) && ($line = fgets($pipes[1])) !== false && ! str_contains($line, 'started successfully')) {
    // It says so when it listens.
}
$options = (new ChromeOptions)->addArguments(['--headless=new', '--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--window-size=1280,800', '--user-data-dir='.sys_get_temp_dir().'/tinta-bench-'.bin2hex(random_bytes(4))]);
$wanted = DesiredCapabilities::chrome();
$wanted->setCapability(ChromeOptions::CAPABILITY, $options);
$page = RemoteWebDriver::create("http://127.0.0.1:{$driverPort}", $wanted, 20_000, 60_000);
try {
    $page->get($web);
    $see = static function (string $css) use ($page): \Facebook\WebDriver\Remote\RemoteWebElement {
        for ($until = microtime(true) + 20; microtime(true) < $until; usleep(50_000)) {
            foreach ($page->findElements(WebDriverBy::cssSelector($css)) as $element) {
                return $element;
            }
        }
        throw new RuntimeException("Did not see {$css}.");
    };
    $see('#email')->sendKeys('ines@sailcloth.example');
    $see('#password')->sendKeys('harbour-light');
    $see('#sign-in')->click();
    $see('.frame-head');
    $bowl = $page->executeAsyncScript("const done = arguments[0]; fetch('/api/today').then((answer) => answer.json()).then((day) => done(day.visits.filter((visit) => visit.status === 'expected').flatMap((visit) => visit.bowls)[0].id))");
    $page->get("{$web}/bench/{$bowl}");
    $see('#scale-badge .grams');
    $page->executeScript("window.seen = []; new MutationObserver(() => { const grams = document.querySelector('#scale-badge .grams'); if (grams !== null) requestAnimationFrame(() => window.seen.push([grams.textContent, Date.now()])) }).observe(document.querySelector('#scale-badge'), { subtree: true, childList: true, characterData: true })");

    $scale = stream_socket_client('tcp://127.0.0.1:'.getenv('TINTA_SCALE_PORT'), $code, $error, 3) ?: throw new RuntimeException($error);
    fwrite($scale, "reset\nbowl 210\nflow 4\n");
    $sent = [];
    for ($until = microtime(true) + SECONDS; microtime(true) < $until && ($line = fgets($scale)) !== false;) {
        if (preg_match('/ (-?\d+)\.(\d)\d g (?:still|moving)/', $line, $m) === 1) {
            $sent[] = ["{$m[1]}.{$m[2]} g", microtime(true) * 1000];
        }
    }
    fwrite($scale, "flow 0\n");
    usleep(600_000);
    $seen = $page->executeScript('return window.seen');
} finally {
    $page->quit();
    proc_terminate($driver);
}
$late = [];
foreach ($seen as [$shown, $at]) {
    foreach (array_reverse($sent) as [$text, $from]) {
        // Its latest line that says so and was sent before.
        if ($text === $shown && $from <= $at + 2 && $at - $from < 1_000) {
            $late[] = max(0.0, $at - $from);
            break;
        }
    }
}
sort($late);
$gaps = array_map(static fn (array $one, array $next): float => $next[1] - $one[1], array_slice($sent, 0, -1), array_slice($sent, 1));
sort($gaps);
$gap = $gaps[intdiv(count($gaps), 2)];
printf("%d lines sent, every %.0f ms; %d readings shown\n", count($sent), $gap, count($late));
foreach (['half of them' => 0.5, '19 of 20' => 0.95, 'all' => 1.0] as $words => $share) {
    $ms = $late[max(0, (int) ceil($share * count($late)) - 1)];
    printf("line to screen, %-14s within %6.1f ms   ratio to the time between two lines %6.3f\n", $words, $ms, $ms / $gap);
}
