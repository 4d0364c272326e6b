<?php

declare(strict_types=1);

namespace Tests\Browser;

use Database\Seeders\DemoWorkroom;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use PDO;
use Symfony\Component\Process\Process;
use Tests\Support\BrowserCase;

/**
 * A phone in the home network that trusts the workroom's own authority: what stands before the workroom is what
 * bin/start --lan puts there, and the browser's only help is the certificate that was installed in it.
 */
final class SecureTest extends BrowserCase
{
    private const NAME = 'ilvane.lan';

    private static string $own = '';

    private static int $port = 0;

    private static ?Process $front = null;

    private static ?Process $room = null;

    private static int $roomPort = 0;

    private ?RemoteWebDriver $phone = null;

    protected function setUp(): void
    {
        parent::setUp();
        self::emptyWorkroom();
        self::seed(DemoWorkroom::class);
        if (self::$room !== null && ! self::$room->isRunning()) {
            self::startRoom(); // a test that failed while it had closed it
        }
        if (self::$own === '') {
            self::$own = self::$directory.'/authority';
            self::inRoom([PHP_BINARY, 'artisan', 'ilvane:certificate', self::NAME], ['ILVANE_AUTHORITY' => self::$own]);
            self::$port = self::free();
            self::startRoom();
            self::startFront();
        }
    }

    protected function tearDown(): void
    {
        $this->phone?->quit();
        parent::tearDown();
    }

    public function test_an_installed_authority_makes_the_phone_secure_and_one_that_is_not_there_refuses(): void
    {
        $this->phone = self::phoneOf(trusts: false);
        $this->phone->get('https://'.self::NAME.':'.self::$port.'/');
        self::assertStringContainsString('ERR_CERT_AUTHORITY_INVALID', $this->phone->getPageSource());
        $this->phone->quit();

        $this->phone = self::phoneOf(trusts: true);
        $this->phone->get('https://'.self::NAME.':'.self::$port.'/authority');
        self::assertSame([], self::axe($this->phone));
        $this->make();
        self::assertTrue($this->js('return window.isSecureContext'));
        $this->comes('return document.querySelector(".hob-screen").dataset.state === "kept"', 'no lock on the screen');

        // the phone is locked and unlocked: another page in front, and this one again
        $here = $this->phone->getWindowHandle();
        $this->js('window.states = []; document.addEventListener("visibilitychange", () => states.push(document.visibilityState))');
        $this->phone->switchTo()->newWindow();
        $other = $this->phone->getWindowHandle();
        $this->phone->switchTo()->window($here);
        (new ChromeDevToolsDriver($this->phone))->execute('Page.bringToFront');
        $this->comes('return states.length >= 2', 'the page was never hidden');
        $this->comes('return document.querySelector(".hob-screen").dataset.state === "kept"', 'the lock is not taken again');
        $this->phone->switchTo()->window($other)->close();
        $this->phone->switchTo()->window($here);
    }

    public function test_a_killed_tab_comes_back_without_the_workroom_and_what_was_told_goes_in_once(): void
    {
        $this->phone = self::phoneOf(trusts: true);
        $make = $this->make();
        $this->comes('return navigator.serviceWorker.controller !== null', 'no service worker');
        $this->push('Done');
        $this->stands('Distilled or deionised water');
        $this->phone->navigate()->refresh(); // the page of this make is in its cache now, with a token of this session
        $this->stands('Distilled or deionised water');
        $this->comes(
            'return caches.match(location.origin + "/make/'.basename($make).'").then((kept) => !!kept)',
            'the page is not kept',
        );
        $this->comes(
            'return new Promise((done) => { const asked = indexedDB.open("ilvane", 2); asked.onsuccess = () => { const got = asked.result.transaction("pages").objectStore("pages").getAll(); got.onsuccess = () => { asked.result.close(); done(got.result.some((page) => Object.keys(page.ahead).length > 0 && page.html.includes("data-step=\\"weigh.1\\""))); }; }; })',
            'the next steps are not kept',
        );
        self::endRoom();
        $this->fill('129.4');
        $this->push('Added');
        $this->stands('Marshmallow');

        // killed, and opened again at its address: its tools are there, and what waits is shown
        $this->phone->get('about:blank');
        $this->phone->get("$make/weigh.2");
        $this->stands('Marshmallow');
        self::until(
            fn (): bool => count($this->every('.hob-waiting li')) === 1 ?: throw new WebDriverException('not yet'),
            'what waits is not shown',
        );
        $this->every('.reading-hands button')[1]->click();
        self::assertSame('30.00', $this->every('input[name=weight]')[0]->getAttribute('value'));
        $this->push('Added');
        $this->stands('Glycerin');
        self::assertSame(0, self::weights());

        // the session is gone in the meantime: what waits goes in with a new token
        $this->phone->manage()->deleteAllCookies();
        self::startRoom();
        self::until(
            static fn (): bool => self::weights() === 2 ?: throw new WebDriverException('not yet'),
            'what was told does not arrive',
        );
        $this->comes('return document.querySelector(".hob-offline").hidden', 'it still says there is no connection');
        $this->phone->navigate()->refresh();
        $this->stands('Glycerin');
        self::assertSame(2, self::weights(), 'once');
    }

    public function test_who_comes_by_https_from_the_network_is_not_taken_for_this_machine(): void
    {
        if (self::lan() === null) {
            self::markTestSkipped('THIS MACHINE HAS NO ADDRESS BUT ITS OWN: NOBODY CAME FROM THE NETWORK.');
        }
        self::assertSame('200', self::asked('127.0.0.1'), 'this machine itself');
        self::assertSame('403', self::asked((string) self::lan()), 'no passphrase: nobody else is answered');
        self::assertSame('403', self::asked((string) self::lan(), 'X-Forwarded-For: 127.0.0.1'), 'nor who says so');
    }

    /** The status with which the first page is answered, asked by https at an address of this machine. */
    private static function asked(string $address, string $header = 'X-Nothing: 1'): string
    {
        return (new Process([
            'curl', '--silent', '--output', '/dev/null', '--write-out', '%{http_code}', '--header', $header,
            '--cacert', self::$own.'/authority.crt', '--resolve', self::NAME.':'.self::$port.":$address",
            'https://'.self::NAME.':'.self::$port.'/',
        ]))->mustRun()->getOutput();
    }

    /** Begins a make on the phone, as its own machine: the passphrase is another test's. Its address. */
    private function make(): string
    {
        $this->phone->get('https://'.self::NAME.':'.self::$port.'/formulas/1');
        $this->push('Make it');
        $this->stands('Jars, tools, surface, hands');

        return dirname((string) $this->phone->getCurrentURL());
    }

    private function js(string $script): mixed
    {
        return $this->phone?->executeScript($script);
    }

    private function comes(string $script, string $else): void
    {
        self::until(fn (): bool => $this->js($script) === true ?: throw new WebDriverException('not yet'), $else);
    }

    private function stands(string $what): void
    {
        self::until(
            fn (): bool => str_contains($this->every('.hob-what')[0]->getText(), $what)
                ?: throw new WebDriverException('not yet'),
            "the step $what does not come",
        );
    }

    /** @return array<\Facebook\WebDriver\Remote\RemoteWebElement> */
    private function every(string $css): array
    {
        return $this->phone?->findElements(WebDriverBy::cssSelector($css)) ?? [];
    }

    private function push(string $words): void
    {
        self::until(
            fn () => $this->phone?->findElement(
                WebDriverBy::xpath("//*[self::button or self::a][contains(normalize-space(.), \"$words\")]"),
            )->click(),
            "no button says $words",
        );
    }

    private function fill(string $grams): void
    {
        $this->every('input[name=weight]')[0]->sendKeys($grams);
    }

    /** A browser with a home of its own, in which the authority was installed or not. */
    private static function phoneOf(bool $trusts): RemoteWebDriver
    {
        $home = self::$directory.'/home-'.bin2hex(random_bytes(4));
        $store = "$home/.pki/nssdb";
        mkdir($store, 0700, true);
        (new Process(['certutil', '-d', "sql:$store", '-N', '--empty-password']))->mustRun();
        if ($trusts) {
            (new Process([
                'certutil', '-d', "sql:$store", '-A', '-t', 'C,,', '-n', 'Ilvane', '-i', self::$own.'/authority.crt',
            ]))->mustRun();
        }
        $driver = self::start(
            static fn (int $port): array => ['/usr/bin/chromedriver', "--port=$port", '--log-level=WARNING'],
            static fn (): array => ['HOME' => $home],
        )[1];

        return self::secondBrowser(['--host-resolver-rules=MAP '.self::NAME.' 127.0.0.1, MAP * ~NOTFOUND'], $driver);
    }

    private static function startRoom(): void
    {
        [self::$room, self::$roomPort] = self::start(
            static fn (int $port): array => [PHP_BINARY, '-S', "127.0.0.1:$port", '-t', 'public', 'router.php'],
            static fn (): array => [
                ...self::$environment,
                'ILVANE_HTTPS' => self::NAME.':'.self::$port,
                'ILVANE_AUTHORITY' => self::$own,
            ],
            self::$roomPort ?: null,
        );
    }

    private static function endRoom(): void
    {
        self::end(self::$room ?? self::fail('it was not open'));
        self::until(
            static fn (): bool => @fsockopen('127.0.0.1', self::$roomPort, timeout: 1) === false
                ?: throw new WebDriverException('a worker is still there'),
            'the workroom does not close',
        );
    }

    /** What bin/start puts before the workroom. */
    private static function startFront(): void
    {
        $written = new Process(
            ['bash', '-c', '. bin/prepare.sh; caddyfile "$@"', 'caddyfile', self::$own, self::NAME,
                (string) self::$port, (string) self::$roomPort],
            self::root(),
        );
        file_put_contents(self::$own.'/Caddyfile', $written->mustRun()->getOutput());
        [self::$front] = self::start(
            static fn (): array => [
                'caddy', 'run', '--config', self::$own.'/Caddyfile', '--adapter', 'caddyfile',
            ],
            static fn (): array => ['XDG_DATA_HOME' => self::$own, 'XDG_CONFIG_HOME' => self::$own],
            self::$port,
        );
    }

    private static function free(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: self::fail('No free port');

        return (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
    }

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $more
     */
    private static function inRoom(array $command, array $more): void
    {
        (new Process($command, self::root(), [...self::$environment, ...$more]))->mustRun();
    }

    private static function weights(): int
    {
        return (int) (new PDO('sqlite:'.self::database()))
            ->query(
                "SELECT count(*) FROM batch_entries WHERE kind IN ('weighed', 'as_planned') AND batch_id = (SELECT max(id) FROM batches)",
            )
            ->fetchColumn();
    }
}
