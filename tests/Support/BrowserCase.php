<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;
use RuntimeException;
use Symfony\Component\Process\Process;
use Throwable;

/** Drives the real interface in headless Chromium, on a server and a database file of its own. */
abstract class BrowserCase extends TestCase
{
    /** Only how long a failure takes to be called one; nothing waits that long when it works. */
    // a page that was refused waits up to 15 s itself before it asks again
    private const WAIT_S = 60.0;

    protected static RemoteWebDriver $browser;

    protected static string $base;

    protected static ?string $directory = null;

    /** @var array<string, string> */
    protected static array $environment = [];

    private static ?Process $server = null;

    /** Whether this test took the server away: only then may a request find nobody. */
    private static bool $stopped = false;

    /** Of chromedriver. */
    private static int $driver = 0;

    /** @var list<int> ports of this machine that may be asked besides the workroom's */
    private static array $also = [];

    /** Whether this test spoils answers: only then may one be an error. */
    protected static bool $spoils = false;

    /** @var list<Process> */
    private static array $processes = [];

    public static function setUpBeforeClass(): void
    {
        if (self::$directory !== null) {
            return; // one server and one Chromium for the whole run
        }
        self::$directory = sys_get_temp_dir().'/ilvane-browser-'.bin2hex(random_bytes(6));
        mkdir(self::$directory.'/profile', 0700, true);
        touch(self::database());
        register_shutdown_function(self::shutDown(...));
        self::$environment = [ // the real environment wins over any .env; the *_CACHE paths hide a cached config
            'APP_ENV' => 'testing',
            'APP_DEBUG' => 'true',
            'APP_KEY' => 'base64:'.base64_encode(str_repeat("\0", 32)),
            'APP_TIMEZONE' => 'UTC',
            'DB_DATABASE' => self::database(), 'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'file',
            'APP_CONFIG_CACHE' => self::$directory.'/config.php',
            'APP_ROUTES_CACHE' => self::$directory.'/routes.php',
            'PHP_CLI_SERVER_WORKERS' => '4',
        ];
        (new Process([PHP_BINARY, 'artisan', 'migrate', '--force'], self::root(), self::$environment))->mustRun();
        self::startServer();
        self::$driver = $driver = self::start(
            static fn (int $port): array => ['/usr/bin/chromedriver', "--port=$port", '--log-level=WARNING'],
            static fn (): array => [],
        )[1];
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, (new ChromeOptions)
            ->setBinary('/usr/bin/chromium')
            ->addArguments([
                '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run',
                '--disable-background-networking', '--disable-component-update', '--disable-sync',
                // any outside request fails at once
                '--host-resolver-rules=MAP * ~NOTFOUND , EXCLUDE 127.0.0.1'
                    .(self::lan() === null ? '' : ' , EXCLUDE '.self::lan()),
                '--force-device-scale-factor=1', '--hide-scrollbars', '--lang=en-US',
                '--window-size=1280,800', '--user-data-dir='.self::$directory.'/profile',
            ]));
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL', 'performance' => 'ALL']);
        // a machine under load may need more than one knock
        self::$browser = self::until(
            static fn (): RemoteWebDriver => RemoteWebDriver::create(
                "http://127.0.0.1:$driver",
                $capabilities,
                60_000,
                120_000,
            ),
            'Chromium does not start',
        );
        self::desk();
    }

    protected function setUp(): void
    {
        if (self::$server?->isRunning() !== true) {
            self::startServer(); // a test that failed while it had taken the server away
        }
        self::$browser->get('about:blank'); // whatever the last page still meant to send, it doesn't now
        self::desk();
        self::$browser->manage()->getLog('browser');
        self::$stopped = self::$spoils = false;
    }

    protected function onNotSuccessfulTest(Throwable $problem): never
    {
        @mkdir(self::root().'/var');
        self::$browser->takeScreenshot(self::root().'/var/'.$this->name().'.png');

        throw $problem;
    }

    protected function assertPostConditions(): void
    {
        $expected = match (true) {
            self::$spoils => '/\bERR_(CONNECTION_\w+|EMPTY_RESPONSE|CONTENT_LENGTH_MISMATCH|INCOMPLETE_CHUNKED_ENCODING)|status of (409|419|503|507)/',
            self::$stopped => '/\bERR_(CONNECTION_\w+|EMPTY_RESPONSE)|status of 409/',
            default => '/status of 409/',
        };
        $loud = array_filter(
            self::$browser->manage()->getLog('browser'),
            static fn (array $line): bool => $line['level'] === 'SEVERE'
                && preg_match($expected, $line['message']) === 0,
        );
        self::assertSame([], array_values($loud), 'The browser console is quiet.');
        self::assertSame([], self::outside(), 'Nothing is asked of anybody but this workroom.');
    }

    /** @return list<string> every address that was asked for since the last look, and is not this machine's */
    private static function outside(): array
    {
        $outside = [];
        foreach (self::$browser->manage()->getLog('performance') as $line) {
            $said = json_decode((string) $line['message'], true)['message'] ?? [];
            if (in_array($said['method'] ?? '', ['Network.requestWillBeSent', 'Network.webSocketCreated'], true)) {
                $address = (string) ($said['params']['request']['url'] ?? $said['params']['url'] ?? '');
                $isOurs = preg_match(
                    '#^(?:data:|about:|chrome:|blob:http://127\.0\.0\.1|http://(?:127\.0\.0\.1|'.preg_quote(
                        self::lan() ?? '127.0.0.1',
                        '#',
                    ).'):'.'(?:'.implode(
                        '|',
                        [parse_url(self::$base, PHP_URL_PORT), ...self::$also],
                    ).')/)#',
                    $address,
                ) === 1;
                $isOurs ?: $outside[] = $address;
            }
        }

        return $outside;
    }

    protected static function seed(string $class): void
    {
        (new Process(
            [PHP_BINARY, 'artisan', 'db:seed', "--class=$class", '--force'],
            self::root(),
            self::$environment,
        ))->mustRun();
    }

    /** @param  array<string, mixed>  $document  ilvane.formula/1, put on the bench */
    protected static function store(array $document): void
    {
        $environment = [...self::$environment, 'ILVANE_DOCUMENT' => (string) json_encode($document)];
        (new Process(
            [PHP_BINARY, 'artisan', 'db:seed', '--class='.StoreFormula::class, '--force'],
            self::root(),
            $environment,
        ))->mustRun();
    }

    protected static function emptyWorkroom(): void
    {
        (new Process([PHP_BINARY, 'artisan', 'migrate:fresh', '--force'], self::root(), self::$environment))->mustRun();
    }

    protected static function database(): string
    {
        return self::$directory.'/workroom.sqlite';
    }

    protected static function root(): string
    {
        return dirname(__DIR__, 2);
    }

    /** 1280 x 800: --window-size is the outer size, so the frame is added. */
    protected static function desk(): void
    {
        self::devTools()->execute('Emulation.clearDeviceMetricsOverride');
        /** @var array{int, int} $frame */
        $frame = self::$browser->executeScript('return [outerWidth - innerWidth, outerHeight - innerHeight]');
        self::$browser->manage()->window()->setSize(new WebDriverDimension(1280 + $frame[0], 800 + $frame[1]));
    }

    protected static function phone(): void
    {
        self::devTools()->execute(
            'Emulation.setDeviceMetricsOverride',
            ['width' => 390, 'height' => 844, 'deviceScaleFactor' => 1, 'mobile' => true],
        );
    }

    /** An address of this machine other than its own name for itself; null where it has none. */
    protected static function lan(): ?string
    {
        static $address = false;
        if ($address === false) {
            $address = array_values(array_filter(
                explode(' ', (string) shell_exec('hostname -I 2>/dev/null')),
                static fn (string $one): bool => filter_var(trim($one), FILTER_VALIDATE_IP, FILTER_FLAG_IPV4) !== false,
            ))[0] ?? null;
        }

        return $address;
    }

    protected static function devTools(): ChromeDevToolsDriver
    {
        return new ChromeDevToolsDriver(self::$browser);
    }

    protected static function visit(string $path): void
    {
        self::$browser->get(self::$base.$path);
    }

    protected static function find(string $css): RemoteWebElement
    {
        return self::until(
            static fn (): RemoteWebElement => self::clear(self::$browser->findElement(WebDriverBy::cssSelector($css))),
            "nothing matches $css",
        );
    }

    /** What stands under the line along the foot of the page is brought up, as a maker would. */
    protected static function clear(RemoteWebElement $element): RemoteWebElement
    {
        self::$browser->executeScript(
            "const line = document.querySelector('.shelf-line'); if (line && arguments[0].getBoundingClientRect().bottom > line.getBoundingClientRect().top) arguments[0].scrollIntoView({ block: 'center' });",
            [$element],
        );

        return $element;
    }

    /** @return list<RemoteWebElement> */
    protected static function all(string $css): array
    {
        return self::$browser->findElements(WebDriverBy::cssSelector($css));
    }

    protected static function button(string $words): RemoteWebElement
    {
        return self::until(
            static fn (): RemoteWebElement => self::clear(
                self::$browser->findElement(
                    WebDriverBy::xpath(
                        "//*[self::button or self::a][contains(normalize-space(translate(., '\u{202F}', ' ')), \"$words\")]",
                    ),
                ),
            ),
            "no button says $words",
        );
    }

    /** Presses what leads to another page, or to another step of the page at the hob, and waits until it is there. */
    protected static function press(string $words): void
    {
        self::pressThe(self::button($words), $words);
    }

    protected static function pressThe(RemoteWebElement $button, string $words = 'the button'): void
    {
        self::$browser->executeScript(
            "window.isTheOldPage = true; document.querySelector('.hob-page')?.setAttribute('data-is-old', '')",
        );
        $button->click();
        self::until(
            static fn (): bool => self::$browser->executeScript(
                "const hob = document.querySelector('.hob-page');"
                    ." return document.readyState === 'complete'"
                    .' && (!window.isTheOldPage || (hob && hob.dataset.isOld === undefined))',
            ) === true ?: throw new WebDriverException('not yet: '.mb_substr(self::text(), 0, 1500)),
            "$words leads nowhere",
        );
    }

    protected static function see(string $words): void
    {
        self::until(
            static fn (): bool => str_contains(self::text(), $words)
                ?: throw new WebDriverException('not yet: '.mb_substr(self::text(), 0, 1500)),
            "\"$words\" is not to be seen",
        );
    }

    protected static function text(): string
    {
        return str_replace("\u{202F}", ' ', self::$browser->findElement(WebDriverBy::cssSelector('body'))->getText());
    }

    /**
     * Tries until it holds; never sleeps for a fixed time.
     *
     * @template T
     *
     * @param  callable(): T  $try
     * @return T
     */
    protected static function until(callable $try, string $else): mixed
    {
        for ($end = microtime(true) + self::WAIT_S; ; usleep(15_000)) {
            try {
                return $try();
            } catch (StaleElementReferenceException|WebDriverException $problem) {
                if (microtime(true) > $end) {
                    throw new RuntimeException($else, 0, $problem);
                }
            }
        }
    }

    /** Nothing typed waits to be sent or answered. */
    protected static function settled(): void
    {
        self::until(
            static fn (): bool => self::$browser->executeScript(
                "return document.querySelector('#bench')?.dataset.state === 'saved'"
                    ." && !document.querySelector('#bench-body[data-notes]')",
            ) === true ?: throw new WebDriverException('not yet: '.json_encode(self::unsettled())),
            'the bench does not settle',
        );
    }

    /** @return mixed what the bench still waits for: its state, what it says of it, and what was typed */
    private static function unsettled(): mixed
    {
        return self::$browser->executeScript(
            "const bench = document.querySelector('#bench');"
                .'return { at: location.pathname, state: bench?.dataset.state,'
                ."net: bench?.querySelector('.net')?.textContent,"
                ."notes: bench?.querySelector('#bench-body')?.dataset.notes,"
                ."told: bench?.querySelector('.not-saved:not([hidden])')?.textContent,"
                ."lines: [...(bench?.querySelectorAll('.row input') ?? [])].map((input) => input.value) }",
        );
    }

    protected static function type(object $field, string $text): void
    {
        self::$browser->executeScript("arguments[0].closest('details')?.setAttribute('open', '')", [$field]);
        $field->clear();
        $field->sendKeys($text);
    }

    protected static function open(string $summary): void
    {
        self::until(
            static fn () => self::clear(
                self::$browser->findElement(
                    WebDriverBy::xpath("//summary[contains(., '$summary')]"),
                ),
            )->click(),
            "nothing to open: $summary",
        );
    }

    protected static function typeOver(object $field, string $text): void
    {
        $field->sendKeys(WebDriverKeys::CONTROL.'a'.WebDriverKeys::CONTROL);
        $field->sendKeys($text.WebDriverKeys::TAB);
    }

    /** @param  array<string, string>  $fields by name */
    protected static function fillIn(array $fields, string $button): void
    {
        foreach ($fields as $name => $value) {
            self::type(self::find("input[name=$name]"), $value);
        }
        self::press($button);
    }

    /** Types over what stands in a field, as hands do: emptying it by the driver would leave the field in between. */
    protected static function retype(string $selector, string $text): void
    {
        self::find($selector)->click();
        self::$browser->switchTo()->activeElement()->sendKeys([WebDriverKeys::CONTROL, 'a'])->sendKeys($text);
    }

    /** @return list<string> serious and critical findings of axe-core on this page */
    protected static function axe(?RemoteWebDriver $browser = null): array
    {
        $browser ??= self::$browser;
        $browser->executeScript((string) file_get_contents(self::root().'/node_modules/axe-core/axe.min.js'));
        /** @var list<array{id: string, impact: string, nodes: list<array{html: string}>}> $violations */
        $violations = $browser->executeAsyncScript(
            "const done = arguments[0]; axe.run(document, {resultTypes: ['violations']}).then((r) => done(r.violations))",
        );

        return array_values(array_map(
            static fn (array $violation): string => "{$violation['impact']} {$violation['id']}: ".implode(
                ' | ',
                array_slice(array_column($violation['nodes'], 'html'), 0, 4),
            ),
            array_filter(
                $violations,
                static fn (array $violation): bool => in_array($violation['impact'], ['serious', 'critical'], true),
            ),
        ));
    }

    /**
     * A second way to the workroom, on which its answers can be spoiled by what is written into the file.
     *
     * @return array{string, string} its address, and the file
     */
    protected static function faultProxy(): array
    {
        $faults = self::$directory.'/faults';
        file_put_contents($faults, 'pass');
        $workroom = (int) parse_url(self::$base, PHP_URL_PORT);
        [, $port] = self::start(
            static fn (int $port): array => [
                PHP_BINARY,
                dirname(__DIR__).'/Support/fault-proxy.php',
                (string) $port,
                (string) $workroom,
                $faults,
            ],
            static fn (): array => [],
        );
        self::$also[] = $port;

        return ["http://127.0.0.1:$port", $faults];
    }

    /**
     * A browser of somebody else: its own cookies, its own pages.
     *
     * @param  list<string>  $more  arguments
     * @param  int|null  $driver  port of a chromedriver of its own
     */
    protected static function secondBrowser(array $more = [], ?int $driver = null): RemoteWebDriver
    {
        $profile = self::$directory.'/second-'.bin2hex(random_bytes(4));
        mkdir($profile, 0700);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, (new ChromeOptions)
            ->setBinary('/usr/bin/chromium')
            ->addArguments([
                '--headless=new',
                '--no-sandbox',
                '--disable-gpu',
                '--no-first-run',
                '--disable-background-networking',
                '--lang=en-US',
                '--window-size=1280,900',
                "--user-data-dir=$profile",
                ...$more,
            ]));

        return self::until(
            static fn (): RemoteWebDriver => RemoteWebDriver::create(
                'http://127.0.0.1:'.($driver ?? self::$driver),
                $capabilities,
                60_000,
                120_000,
            ),
            'a second Chromium does not start',
        );
    }

    protected static function stopServer(): void
    {
        self::$stopped = true;
        if (self::$server !== null) {
            self::end(self::$server);
            self::until(static function (): bool {
                $line = @fsockopen('127.0.0.1', (int) parse_url(self::$base, PHP_URL_PORT), timeout: 1);

                return $line === false ?: throw new WebDriverException('a worker is still there');
            }, 'the server does not end');
        }
    }

    protected static function startServer(): void
    {
        $port = isset(self::$base) ? (int) parse_url(self::$base, PHP_URL_PORT) : null;
        [self::$server, $port] = self::start(
            static fn (int $port): array => [
                PHP_BINARY,
                '-d',
                'opcache.enable_cli=1',
                '-S',
                "0.0.0.0:$port",
                '-t',
                'public',
                'router.php',
            ],
            static fn (int $port): array => [
                ...self::$environment,
                'ILVANE_LAN' => self::lan() === null ? '' : self::lan().":$port",
            ],
            $port,
        );
        self::$base = "http://127.0.0.1:$port";
    }

    /**
     * @param  callable(int): list<string>  $command
     * @param  callable(int): array<string, string>  $environment
     * @return array{Process, int}
     */
    protected static function start(callable $command, callable $environment, ?int $port = null): array
    {
        if ($port === null) {
            $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No free port');
            $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
            fclose($socket);
        }
        $process = new Process(['setsid', ...$command($port)], self::root(), $environment($port), null, null);
        $process->disableOutput();
        $process->start();
        self::$processes[] = $process;
        for ($end = microtime(true) + 15; ! ($connection = @fsockopen(
            '127.0.0.1',
            $port,
            timeout: 1,
        )); usleep(20_000)) {
            microtime(true) < $end ?: throw new RuntimeException("Nothing listens on port $port");
        }
        fclose($connection);

        return [$process, $port];
    }

    /**
     * With its whole group, because workers outlive their parent. The group of a process that is gone would be our own.
     */
    protected static function end(Process $process): void
    {
        $group = (int) $process->getPid();
        if ($group > 0) {
            posix_kill(-$group, SIGTERM);
            $process->stop(3);
        }
    }

    private static function shutDown(): void
    {
        if (isset(self::$browser)) {
            self::$browser->quit();
        }
        foreach (array_reverse(self::$processes) as $process) {
            self::end($process);
        }
        (new Process(['rm', '-rf', (string) self::$directory]))->run();
    }
}
