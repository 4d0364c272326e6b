<?php

declare(strict_types=1);

namespace Tests\Browser;

use Database\Seeders\DemoWorkroom;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\WebDriverKeys;
use PDO;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\BrowserCase;

/** Every screen at every width, by day and at night, with large letters and by keys. */
final class EveryScreenTest extends BrowserCase
{
    private static bool $isSeeded = false;

    protected function setUp(): void
    {
        parent::setUp();
        if (! self::$isSeeded) {
            self::emptyWorkroom();
            self::seed(DemoWorkroom::class);
            self::$isSeeded = true;
        }
    }

    protected function tearDown(): void
    {
        self::devTools()->execute('Emulation.setEmulatedMedia', ['features' => []]);
        self::devTools()->execute('Emulation.clearDeviceMetricsOverride');
        self::devTools()->execute('Page.setFontSizes', ['fontSizes' => ['standard' => 16]]);
        parent::tearDown();
    }

    public static function tearDownAfterClass(): void
    {
        self::$isSeeded = false;
        parent::tearDownAfterClass();
    }

    /** @return list<string> */
    private static function screens(): array
    {
        /** @var array<string, string> $codes */
        $codes = (new PDO('sqlite:'.self::database()))
            ->query('SELECT status, code FROM batches WHERE gone_at IS NULL ORDER BY id DESC')
            ->fetchAll(PDO::FETCH_KEY_PAIR);
        $lot = (new PDO('sqlite:'.self::database()))
            ->query("SELECT code FROM lots WHERE kind = 'infused_oil' ORDER BY id LIMIT 1")
            ->fetchColumn();
        $line = json_decode(
            (string) (new PDO('sqlite:'.self::database()))
                ->query('SELECT draft FROM formulas WHERE id = 1')
                ->fetchColumn(),
            true,
        )['lines'][6]['key'];
        [$made, $making] = [$codes['finished'], $codes['making']];

        return [
            '/',
            '/formulas',
            '/formulas/1',
            '/formulas/5',
            '/formulas/1/versions/1',
            '/formulas/1/compare?a=1&b=2',
            '/formulas/4',
            '/formulas/4/suggest?wish=firm&feel=firm&celsius=26',
            '/formulas/1/simulation?beside=ice_bath',
            '/formulas/1/set-out',
            "/formulas/1/substitute/$line",
            '/formulas/3/acidity?product=10&added=6+drops&wanted=4.5',
            '/formulas/1/how-to',
            '/ready-made',
            '/recipe',
            '/infusions',
            '/infusions/1',
            '/infusions/4',
            '/infusions/1/label',
            '/preparations',
            '/preparations/3',
            '/pantry',
            "/pantry/$lot",
            "/pantry/$lot/trace",
            '/shopping',
            '/own-ingredients',
            '/own-ingredients?key=jojoba-oil',
            '/make',
            '/learn',
            '/shelf',
            "/batches/$made",
            "/batches/$made/label",
            "/batches/$made/trace",
            "/batches/$made/price",
            '/labels',
            '/handbook',
            '/handbook/preserving',
            '/handbook?q=shea',
            '/search?q=shea',
            '/ingredients/shea-butter-refined',
            '/practice',
            '/practice/3-77?what=1&way=1',
            '/practice/30-5?what=1',
            '/practice/36-3',
            '/settings',
            '/backups',
            '/on-the-phone',
            '/no-such-page',
            "/make/$making/sanitise", "/make/$making/weigh.4", "/make/$making/heat", "/make/$making/gate",
        ];
    }

    /** @return iterable<string, array{int, bool}> */
    public static function widths(): iterable
    {
        foreach ([360, 768, 1280, 1920] as $width) {
            yield "$width px" => [$width, false];
        }
        yield '1280 px and letters twice as large' => [1280, true];
    }

    #[DataProvider('widths')]
    public function test_no_screen_has_to_be_pushed_sideways(int $width, bool $isLarge): void
    {
        self::devTools()->execute(
            'Emulation.setDeviceMetricsOverride',
            ['width' => $width, 'height' => 800, 'deviceScaleFactor' => 1, 'mobile' => $width < 500],
        );
        self::devTools()->execute('Page.setFontSizes', ['fontSizes' => ['standard' => $isLarge ? 32 : 16]]);
        $wide = [];
        foreach (self::screens() as $screen) {
            self::visit($screen);
            $over = self::$browser->executeScript(<<<'JS'
                const most = document.documentElement.clientWidth + 1;
                if (document.documentElement.scrollWidth <= most) return [];
                const scrolls = (el) => {
                    for (let up = el; up && up !== document.body; up = up.parentElement) {
                        if (getComputedStyle(up).overflowX !== 'visible') return true;
                    }
                    return false;
                };
                return [...document.querySelectorAll('body *')]
                    .filter((el) => el.getBoundingClientRect().right > most && !scrolls(el))
                    .slice(0, 3)
                    .map((el) => el.outerHTML.slice(0, 90));
                JS);
            $over === [] ?: $wide[$screen] = $over;
        }
        self::$browser->manage()->getLog('browser'); // the page that is not there is meant
        self::assertSame([], $wide);
    }

    /** @return iterable<string, array{string, bool}> */
    public static function schemes(): iterable
    {
        yield 'by day at the desk' => ['light', false];
        yield 'at night on the phone' => ['dark', true];
    }

    #[DataProvider('schemes')]
    public function test_every_screen_is_readable_and_named_for_all(string $scheme, bool $onPhone): void
    {
        $onPhone ? self::phone() : self::desk();
        self::devTools()->execute(
            'Emulation.setEmulatedMedia',
            ['features' => [
                ['name' => 'prefers-color-scheme', 'value' => $scheme],
                ['name' => 'prefers-reduced-motion', 'value' => 'reduce'],
            ]],
        );
        $found = [];
        foreach (self::screens() as $screen) {
            self::visit($screen);
            $axe = self::axe();
            $axe === [] ?: $found[$screen] = $axe;
        }
        self::$browser->manage()->getLog('browser');
        self::assertSame([], $found);
    }

    public function test_the_keys_reach_everything_in_the_order_it_is_read_and_show_where_they_are(): void
    {
        foreach (['/', '/formulas/1', '/infusions/1', '/practice/3-77', '/settings'] as $screen) {
            self::visit($screen);
            self::$browser->executeScript('document.activeElement?.blur?.(); window.scrollTo(0, 0)');
            $unseen = [];
            $last = '';
            for ($n = 0; $n < 25; $n++) {
                self::$browser->getKeyboard()->sendKeys(WebDriverKeys::TAB);
                [$what, $isSeen] = self::$browser->executeScript(<<<'JS'
                    const at = document.activeElement;
                    const box = at.getBoundingClientRect();
                    const style = getComputedStyle(at);
                    const line = document.querySelector('.shelf-line')?.getBoundingClientRect();
                    const isUnder = line && !at.closest('.shelf-line') && box.top >= line.top && box.height > 0;
                    const shows = style.outlineStyle !== 'none' && parseFloat(style.outlineWidth) >= 1;
                    return [at.outerHTML.slice(0, 80), at === document.body || (!isUnder && shows && box.width > 0)];
                    JS);
                $isSeen || $what === $last ?: $unseen[] = $what;
                $last = $what;
            }
            self::assertSame([], $unseen, $screen);
        }
    }

    public function test_the_shelf_line_is_on_every_page_but_the_hob_and_says_nothing_when_nobody_answers(): void
    {
        self::visit('/formulas');
        self::see('Harbour Lane');
        self::until(
            static fn (): bool => count(self::all('.line-thing')) > 5 ?: throw new WebDriverException('not yet'),
            'the line does not come',
        );
        self::assertSame([], self::all('.shelf-line .leans:not(.vessel)'));
        self::find('.line-thing a')->click();
        self::see('for the cool-down');
        self::assertSame([], self::all('.shelf-line'), 'at the hob there is one thing at a time');
        self::visit('/pantry');
        self::until(
            static fn (): bool => self::all('.line-thing') !== [] ?: throw new WebDriverException('not yet'),
            'the line does not come',
        );
        self::stopServer();
        self::$browser->executeScript("document.dispatchEvent(new Event('visibilitychange'))");
        self::until(
            static fn (): bool => self::all('.line-thing') === [] ?: throw new WebDriverException('not yet'),
            'the line still tells what nobody knows',
        );
        self::startServer();
        self::$browser->manage()->getLog('browser');
    }

    public function test_what_is_sent_is_small(): void
    {
        self::visit('/');
        $sizes = self::$browser->executeScript(
            "return performance.getEntriesByType('resource').concat(performance.getEntriesByType('navigation')).map((e) => [new URL(e.name).pathname, e.transferSize, e.encodedBodySize])",
        );
        $scripts = array_sum(array_map(
            static fn (array $entry): int => str_ends_with($entry[0], '.js') ? $entry[2] : 0,
            $sizes,
        ));
        self::assertGreaterThan(1000, $scripts);
        self::assertLessThanOrEqual(60 * 1024, $scripts, 'scripts');
        self::assertLessThanOrEqual(250 * 1024, array_sum(array_column($sizes, 2)), 'the first page with its fonts');
    }
}
