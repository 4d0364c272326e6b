<?php

declare(strict_types=1);

namespace Tests\Browser;

use Database\Seeders\DemoWorkroom;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\WebDriverBy;
use PDO;
use Tests\Support\BrowserCase;

/** One page for a whole make: Back, addresses, a second device, clocks. */
final class OnePageTest extends BrowserCase
{
    protected function setUp(): void
    {
        parent::setUp();
        self::emptyWorkroom();
        self::seed(DemoWorkroom::class);
        self::phone();
    }

    private static function make(): string
    {
        self::visit('/formulas/1');
        self::press('Make it');
        self::stands('Jars, tools, surface, hands');

        return dirname((string) parse_url((string) self::$browser->getCurrentURL(), PHP_URL_PATH));
    }

    public function test_steps_change_inside_one_page_and_back_and_addresses_work(): void
    {
        $make = self::make();
        self::$browser->executeScript('window.isStillHere = true');
        self::press('Done');
        self::stands('Distilled or deionised water');
        self::type(self::find('input[name=weight]'), '129.4');
        self::press('Added');
        self::stands('Marshmallow');
        self::assertSame("$make/weigh.2", self::path());
        self::$browser->navigate()->back();
        self::stands('Distilled or deionised water');
        self::see('You are looking back.');
        self::assertSame("$make/weigh.1", self::path());
        self::$browser->navigate()->forward();
        self::stands('Marshmallow');
        self::open('Step 3 of');
        self::$browser->findElement(WebDriverBy::linkText('Hold'))->click();
        self::see('You are looking ahead.');
        self::assertSame("$make/hold", self::path());
        self::assertTrue(
            self::$browser->executeScript('return window.isStillHere === true'),
            'no other page was opened in between',
        );
        self::visit("$make/combine");
        self::stands('oil into water');
        self::assertSame([], self::axe());
    }

    public function test_two_devices_follow_each_other_and_nothing_typed_is_lost(): void
    {
        $make = self::make();
        $other = self::secondBrowser();
        try {
            $other->get(self::$base."$make/sanitise");
            self::press('Done');
            $stands = static fn (string $what): bool => self::until(
                static fn (): bool => str_contains(
                    $other->findElement(WebDriverBy::cssSelector('.hob-what'))->getText(),
                    $what,
                ) ?: throw new WebDriverException('not yet'),
                "the other device does not come to $what",
            );
            $stands('Distilled or deionised water');
            $other->findElement(WebDriverBy::name('weight'))->sendKeys('77');
            self::press('Added');
            self::stands('Marshmallow');
            self::until(
                static fn (): bool => $other->findElement(WebDriverBy::cssSelector('.hob-elsewhere'))->isDisplayed()
                    ?: throw new WebDriverException('not yet'),
                'the other device is not told',
            );
            self::assertSame(
                '77',
                $other->findElement(WebDriverBy::name('weight'))->getAttribute('value'),
                'what was typed stands',
            );
            $other->findElement(WebDriverBy::cssSelector('.hob-elsewhere button'))->click();
            self::until(
                static fn (): bool => str_contains(
                    $other->findElement(WebDriverBy::tagName('body'))->getText(),
                    'taken as planned',
                ) ?: throw new WebDriverException('not yet'),
                'what was told elsewhere is not shown',
            );
        } finally {
            $other->quit();
        }
    }

    public function test_a_clock_rings_until_it_is_touched_and_after_a_reload_past_its_end(): void
    {
        $make = self::make();
        self::visit("$make/hold");
        self::press('Start the clock');
        self::see('ends at');
        self::pass(290);
        self::$browser->navigate()->refresh();
        self::assertFalse(self::isRinging(), 'it runs');
        self::pass(20);
        self::$browser->navigate()->refresh();
        self::until(
            static fn (): bool => self::isRinging() ?: throw new WebDriverException('not yet'),
            'it does not ring after a reload past its end',
        );
        self::$browser->navigate()->refresh();
        self::until(
            static fn (): bool => self::isRinging() ?: throw new WebDriverException('not yet'),
            'nobody has touched it, and it is silent',
        );
        self::find('.hob-what')->click();
        self::until(
            static fn (): bool => ! self::isRinging() ?: throw new WebDriverException('not yet'),
            'it rings on',
        );
        self::$browser->navigate()->refresh();
        self::stands('at that heat');
        self::assertFalse(self::isRinging(), 'heard once is heard');
    }

    public function test_a_clock_started_at_the_hob_rings_on_the_laptop_whatever_page_is_open_there(): void
    {
        $make = self::make();
        self::visit("$make/hold");
        self::press('Start the clock');
        self::pass(310);
        self::desk();
        self::visit('/pantry');
        self::until(
            static fn (): bool => self::isRinging() && self::all('.shelf-line .line-clock .is-over') !== []
                ?: throw new WebDriverException('not yet'),
            'it does not ring there',
        );
        self::find('h1')->click();
        self::until(
            static fn (): bool => ! self::isRinging() ?: throw new WebDriverException('not yet'),
            'it rings on',
        );
        self::assertSame([], self::axe());
    }

    /** So many seconds go by for every clock that was started. */
    private static function pass(int $seconds): void
    {
        $pdo = new PDO('sqlite:'.self::database());
        foreach ($pdo->query("SELECT name FROM sqlite_master WHERE type = 'trigger' AND tbl_name = 'batch_entries'")
            ->fetchAll(PDO::FETCH_COLUMN) as $trigger) {
            $pdo->exec("DROP TRIGGER $trigger");
        }
        $pdo->exec(
            "UPDATE batch_entries SET recorded_at = datetime(recorded_at, '-$seconds seconds') WHERE kind = 'timer'",
        );
    }

    private static function isRinging(): bool
    {
        return self::$browser->executeScript('return document.body.classList.contains("is-ringing")') === true;
    }

    private static function stands(string $what): void
    {
        self::until(
            static fn (): bool => str_contains(self::find('.hob-what')->getText(), $what)
                ?: throw new WebDriverException('not yet: '.self::find('.hob-what')->getText()),
            "the step $what does not come",
        );
    }

    private static function path(): string
    {
        return (string) parse_url((string) self::$browser->getCurrentURL(), PHP_URL_PATH);
    }
}
