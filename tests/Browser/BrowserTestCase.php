<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\Internal\UnexpectedResponseException;
use Facebook\WebDriver\Exception\JavascriptErrorException;
use Facebook\WebDriver\Exception\ScriptTimeoutException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\UnknownErrorException;
use Facebook\WebDriver\Remote\RemoteExecuteMethod;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;

/** A real browser on the running application, with the demo salon, and a hand on the simulated scale. */
abstract class BrowserTestCase extends TestCase
{
    /** The first element of a kind that is shown and says a text. */
    private const FIND = <<<'JS'
        const seen = (each) => each.checkVisibility({ opacityProperty: true, visibilityProperty: true });
        const shown = (each) => each.tagName === 'OPTION' ? seen(each.closest('select')) : seen(each) && [...each.getClientRects()].some((box) => box.width > 0 || box.height > 0);
        // What stands there before the page's own piece has come is no part of it yet.
        const atDoor = (each) => each.closest('[data-door]') !== null;
        const says = (each, text) => (each.innerText ?? each.textContent).replaceAll('\u00a0', ' ').includes(text);
        const find = (css, text) => [...document.querySelectorAll(css)].find((each) => !atDoor(each) && shown(each) && (text === '' || says(each, text))) ?? null;

        JS;

    /** It, found in one question. */
    private const SHOWN = <<<'JS'
        return find(...arguments);
        JS;

    /** It, once it is there: the page itself looks again and again, which is cheaper than to be asked. */
    private const SEEN = <<<'JS'
        const [css, text, most, done] = arguments;
        const until = performance.now() + most;
        const look = () => {
            const found = find(css, text);
            if (found !== null || performance.now() > until) done(found); else setTimeout(look, 30);
        };
        look();
        JS;

    /** Brings it before one's eyes, and notices whether it is what the finger meets. */
    private const AIMED = <<<'JS'
        const [what] = arguments;
        what.scrollIntoView({ block: 'center' });
        window.pressMet = false;
        what.addEventListener('pointerdown', () => { window.pressMet = true }, { once: true, capture: true });
        JS;

    /** Answers once nothing was under way twice in a row. */
    private const RESTED = <<<'JS'
        const [most, done] = arguments;
        const until = performance.now() + most;
        let quiet = 0;
        const look = () => {
            quiet = document.documentElement.dataset.busy === undefined ? quiet + 1 : 0;
            if (quiet > 1 || performance.now() > until) done(quiet > 1); else setTimeout(look, 30);
        };
        look();
        JS;

    /** What the page asked last and how it was answered, and what waits on the device. */
    private const ASKED = <<<'JS'
        const asked = performance.getEntriesByType('resource').filter(({ name }) => !name.includes('/build/')).slice(-25);
        return [
            ...asked.map(({ name, startTime, duration, responseStatus }) => `${Math.round(startTime - performance.now())} ms: ${new URL(name).pathname} ${responseStatus} in ${Math.round(duration)} ms`),
            ...Object.entries(localStorage).filter(([key]) => /outbox|touched/.test(key)).map(([key, value]) => `${key}: ${value.slice(0, 600)}`),
        ].join('\n');
        JS;

    /** Longest wait of one question, in seconds: a page that is left meanwhile never answers. */
    private const TURN = 2.0;

    private static bool $seenIn = false;

    /** @var list<RemoteWebDriver> */
    private array $browsers = [];

    /** Its network was taken away, or it reached the page by a cable: no other test gets it. */
    private bool $cutOff = false;

    /** Where this device reaches the application; null for its own address. */
    protected ?Cable $cable = null;

    protected function setUp(): void
    {
        parent::setUp();
        // Nobody learns anything from waiting until the pan has come to rest.
        foreach ([1, 2] as $each) {
            $this->scale('reset', $each);
            $this->scale('quick 4', $each);
        }
    }

    protected function tearDown(): void
    {
        foreach ($this->browsers as $browser) {
            if ($this->cutOff || $this->cable !== null || $this->status()->isFailure() || $this->status()->isError()) {
                Devices::close($browser);
            } else {
                Devices::giveBack($browser, $this->address(''));
            }
        }
        $this->browsers = [];
        $this->cutOff = false;
        $this->cable?->pull();
        $this->cable = null;
        parent::tearDown();
    }

    /** A fresh browser, as another device would be. */
    protected function browser(int $width = 1280, int $height = 800): RemoteWebDriver
    {
        return $this->browsers[] = Devices::take($this->address(), $width, $height);
    }

    /** As for whoever has not asked for less motion: most tests look at a page that does not move. */
    protected function inMotion(RemoteWebDriver $browser): void
    {
        $browser->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => 'Emulation.setEmulatedMedia',
            'params' => ['features' => [['name' => 'prefers-reduced-motion', 'value' => 'no-preference']]],
        ]);
    }

    protected function address(string $path = '/'): string
    {
        return 'http://127.0.0.1:'.($this->cable->port ?? self::webPort()).$path;
    }

    protected static function webPort(): int
    {
        return (int) (getenv('TINTA_WEB_PORT') ?: 8460);
    }

    /** Where the instance that is looked at has its processes, sockets and settings. */
    protected static function instance(): string
    {
        foreach (glob(dirname(__DIR__, 2).'/var/*/nginx.conf') ?: [] as $settings) {
            if (preg_match('/127\.0\.0\.1:'.self::webPort().'[ ;]/', (string) file_get_contents($settings)) === 1) {
                return dirname($settings);
            }
        }
        self::fail('No instance here answers at '.self::webPort().'.');
    }

    /** By hand the first time; whoever has seen it be done once is let in by the same request. */
    protected function signIn(RemoteWebDriver $browser, string $login): void
    {
        $browser->get($this->address());
        if (self::$seenIn) {
            $who = ['email' => "{$login}@sailcloth.example", 'password' => 'harbour-light'];
            // The page's token changes when somebody signs out: a request that was under way then has the old one.
            for ($try = 0; $try < 5; $try++) {
                $this->see($browser, '#email');
                $in = $this->send($browser, 'session', $who);
                if (is_array($in) && isset($in['salon'])) {
                    break;
                }
                usleep(300_000);
                $browser->get($this->address());
            }
            $browser->get($this->address());
            $this->see($browser, '.frame-head');

            return;
        }
        $this->type($browser, '#email', "{$login}@sailcloth.example");
        $this->type($browser, '#password', 'harbour-light');
        $this->press($browser, '#sign-in');
        $this->see($browser, '.frame-head');
        self::$seenIn = true;
    }

    /** Waits for an element that is shown; with a text, for one that contains it. */
    protected function see(
        RemoteWebDriver $browser,
        string $css,
        string $text = '',
        float $seconds = 20.0,
    ): RemoteWebElement {
        $until = microtime(true) + $seconds;
        do {
            $found = $this->wait($browser, self::FIND.self::SEEN, [$css, $text], $until);
            if (is_array($found)) {
                return new RemoteWebElement(new RemoteExecuteMethod($browser), (string) current($found), true);
            }
        } while (microtime(true) < $until);
        $shot = sys_get_temp_dir().'/tinta-browser-failure.png';
        try {
            $browser->takeScreenshot($shot);
        } catch (UnexpectedResponseException) {
            // What the page says is worth more than its picture.
        }
        self::fail(
            "Did not see {$css}".(
                $text === '' ? '' : " with “{$text}”"
            ).' on '.$browser->getCurrentURL()."; the page says:\n".mb_substr(
                $browser->findElement(WebDriverBy::tagName('body'))->getText(),
                0,
                1500,
            )."\nand was answered:\n".implode(
                "\nanother device:\n",
                array_map(static fn ($each) => $each->executeScript(self::ASKED), $this->browsers),
            ),
        );
    }

    protected function press(RemoteWebDriver $browser, string $css, string $text = ''): void
    {
        for ($try = 0; ; $try++) {
            try {
                $element = $this->see($browser, $css, $text);
                // Only now: a page that has just been opened has begun nothing yet, and would seem to be at rest.
                $this->rest($browser);
                $browser->executeScript(self::AIMED, [$element]);
                $element->click();
                // What came in meanwhile may have moved it from under the finger. Where the press opened another page,
                // nobody knows any more, and it has met.
                if ($try === 4 || $browser->executeScript('return window.pressMet') !== false) {
                    return;
                }
            } catch (
                StaleElementReferenceException|\Facebook\WebDriver\Exception\ElementClickInterceptedException $moved
            ) {
                if ($try === 4) {
                    throw $moved;
                }
                usleep(200_000);
            }
        }
    }

    /**
     * Waits until nothing is under way on the page: a person does not press what still moves.
     * A page that asks again and again is never at rest for long; after the given time it is taken as it is.
     */
    protected function rest(RemoteWebDriver $browser, float $seconds = 4.0): void
    {
        $until = microtime(true) + $seconds;
        do {
            $rested = $this->wait($browser, self::RESTED, [], $until);
        } while ($rested !== true && microtime(true) < $until);
    }

    /**
     * Lets the page wait for something; null where it was left or drawn anew meanwhile.
     *
     * @param  list<string>  $of
     */
    private function wait(RemoteWebDriver $browser, string $script, array $of, float $until): mixed
    {
        $milliseconds = (int) (1000 * max(0.0, min(self::TURN, $until - microtime(true))));
        try {
            return $browser->executeAsyncScript($script, [...$of, $milliseconds]);
        } catch (JavascriptErrorException|ScriptTimeoutException|UnknownErrorException) {
            usleep(50_000);

            return null;
        }
    }

    /** Replaces what stands in a field. */
    protected function type(RemoteWebDriver $browser, string $css, string $text): void
    {
        $this->rest($browser);
        $field = $this->see($browser, $css);
        $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $field->sendKeys($text === '' ? WebDriverKeys::BACKSPACE : $text);
    }

    /** A finger on the glass, without a mouse anywhere. */
    protected function tap(RemoteWebDriver $browser, string $css, string $text = ''): void
    {
        $this->rest($browser);
        $element = $this->see($browser, $css, $text);
        $browser->executeScript('arguments[0].scrollIntoView({block: "center"})', [$element]);
        $box = $browser->executeScript(
            'const box = arguments[0].getBoundingClientRect(); return [box.x + box.width / 2, box.y + box.height / 2]',
            [$element],
        );
        foreach (['touchStart' => [['x' => $box[0], 'y' => $box[1]]], 'touchEnd' => []] as $type => $points) {
            $browser->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
                'cmd' => 'Input.dispatchTouchEvent', 'params' => ['type' => $type, 'touchPoints' => $points],
            ]);
        }
    }

    protected function key(RemoteWebDriver $browser, string $key): void
    {
        $this->rest($browser);
        $browser->getKeyboard()->sendKeys($key);
    }

    /**
     * Plans a visit of a client with one bowl of equal parts in Tidewater, and stands at its bench with a bowl on the
     * scale.
     *
     * @param  list<string>  $shades
     * @return string the bowl's id
     */
    protected function toTheBench(
        RemoteWebDriver $page,
        string $client,
        string $amount,
        array $shades,
        string $empty,
        ?string $reads = null,
    ): string {
        $page->get($this->address('/clients'));
        $this->type($page, 'input[type=search]', mb_strtolower($client));
        $this->press($page, '.client-list a', $client);
        $this->type($page, '#service', 'One bowl');
        $this->press($page, '#plan');
        $this->press($page, '.round button', '+ bowl');
        $this->type($page, '#job', 'Root');
        $this->type($page, '#amount', $amount);
        foreach ($shades as $shade) {
            $this->press($page, '#add-0');
            $this->type($page, '#shade-search', mb_strtolower($shade));
            $this->key($page, WebDriverKeys::ENTER);
            $this->see($page, '.shade-button', $shade);
        }
        $this->press($page, '#save-bowl');
        $this->see($page, '.desk-foot [role=status]', 'Saved');
        $this->press($page, '#weigh');
        $this->scale("bowl {$empty}");
        $this->see($page, '.stage-number', $reads ?? "{$empty}.0 g");
        preg_match('#/bench/([^?]+)#', $page->getCurrentURL(), $m);

        return $m[1];
    }

    /** Pulls the plug of the page's network, or puts it in again. */
    protected function network(RemoteWebDriver $browser, bool $there): void
    {
        $this->cutOff = true;
        $browser->executeCustomCommand(
            '/session/:sessionId/chromium/network_conditions',
            'POST',
            ['network_conditions' => ['offline' => ! $there, 'latency' => 0, 'throughput' => 10_000_000]],
        );
    }

    /** Closes the tab, and goes on in a new one. */
    protected function closeTab(RemoteWebDriver $browser): void
    {
        $old = $browser->getWindowHandle();
        $browser->switchTo()->newWindow();
        $new = $browser->getWindowHandle();
        $browser->switchTo()->window($old)->close();
        $browser->switchTo()->window($new);
    }

    /**
     * The visit of a client who is expected or in the chair today.
     *
     * @return array<string, mixed>
     */
    protected function visitOf(RemoteWebDriver $browser, string $client): array
    {
        foreach ($this->ask($browser, 'today')['visits'] as $visit) {
            if ($visit['client']['name'] === $client) {
                return $this->ask($browser, "visits/{$visit['id']}");
            }
        }
        self::fail("{$client} is not here today.");
    }

    /** The server's answer to a question of the page's own session. */
    protected function ask(RemoteWebDriver $browser, string $path): mixed
    {
        return $browser->executeAsyncScript(
            'const done = arguments[arguments.length - 1]; fetch(`/api/${arguments[0]}`, {headers: {Accept: "application/json"}}).then(r => r.json()).then(done, () => done(null))',
            [$path],
        );
    }

    /**
     * Something another device writes, in its own session.
     *
     * @param  array<string, mixed>  $body
     * @param  int  $ago  seconds since it was done, as of a device that was without a network
     */
    protected function send(
        RemoteWebDriver $browser,
        string $path,
        array $body,
        int $ago = 0,
        string $method = 'POST',
    ): mixed {
        return $browser->executeAsyncScript(
            'const [path, body, ago, method, done] = arguments; const aged = ago === 0 ? {} : {"X-Write-Id": crypto.randomUUID(), "X-Write-Age": String(ago * 1000)}; const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]); fetch(`/api/${path}`, {method, headers: {Accept: "application/json", "Content-Type": "application/json", "X-XSRF-TOKEN": token, ...aged}, body: JSON.stringify(body)}).then(r => r.json()).then(done, () => done(null))',
            [$path, $body, $ago, $method],
        );
    }

    /** Says one command to a simulated scale and waits for its answer. */
    protected function scale(string $command, int $number = 1): string
    {
        $port = $number === 1 ? (getenv('TINTA_SCALE_PORT') ?: '8461') : (getenv('TINTA_SCALE2_PORT') ?: '8463');
        $socket = stream_socket_client("tcp://127.0.0.1:{$port}", $code, $error, 3);
        self::assertNotFalse($socket, "The simulated scale is not there: {$error}");
        stream_set_timeout($socket, 3);
        fwrite($socket, $command."\n");
        while (($line = fgets($socket)) !== false) {
            if (preg_match('/^(ok|no) (.*)$/', trim($line), $m) === 1) {
                fclose($socket);
                self::assertSame('ok', $m[1], $m[2]);

                return $m[2];
            }
        }
        self::fail("The simulated scale did not answer “{$command}”.");
    }

    /** Begins the bowl: the one on the scale is empty, whether the house has seen it before or not. */
    protected function begin(RemoteWebDriver $browser): void
    {
        $this->key($browser, ' ');
        $this->begun($browser);
    }

    /** Answers what the bench asks until it pours: where a reading came late, it asks once more which bowl it is. */
    protected function begun(RemoteWebDriver $browser): void
    {
        $until = microtime(true) + 20;
        $shown = static fn (string $css): bool => $browser->findElements(WebDriverBy::cssSelector($css)) !== [];
        while (! $shown('#stage-in') && microtime(true) < $until) {
            if ($shown('#pan-question')) {
                // A question that the next reading answers is gone before anybody can press.
                $choice = $browser->executeScript(self::FIND.self::SHOWN, ['.bench-choices button', 'It is empty']);
                if (is_array($choice)) {
                    $browser->executeScript('arguments[0].click()', [$choice]);
                }
            } elseif (
                $shown('#act')
                && str_contains(
                    $browser->executeScript('return document.querySelector("#act")?.textContent ?? ""'),
                    'It is this bowl',
                )
            ) {
                $this->key($browser, ' ');
            }
            usleep(200_000);
        }
        $this->see($browser, '#stage-in');
    }

    /** Pours and waits until the bench shows what is in the line. */
    protected function pour(RemoteWebDriver $browser, string $grams, string $shown): void
    {
        $this->scale("pour {$grams}");
        $this->see($browser, '#stage-in', $shown);
    }
}
