<?php

declare(strict_types=1);

namespace Tests\Browser;

use Database\Seeders\DemoWorkroom;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\BrowserCase;

final class BenchBehaviourTest extends BrowserCase
{
    protected function setUp(): void
    {
        parent::setUp();
        self::emptyWorkroom();
        self::seed(DemoWorkroom::class);
    }

    public function test_a_late_or_broken_line_loses_nothing(): void
    {
        self::visit('/formulas/1');
        $amount = self::all('.row .amount')[2];
        self::stopServer();
        $amount->clear();
        $amount->sendKeys('5 %');
        self::see('Not saved yet: there is no connection');
        self::startServer();
        self::settled();
        self::visit('/formulas/1');
        self::assertSame('5 %', self::all('.row .amount')[2]->getAttribute('value'));
    }

    public function test_the_field_in_use_is_never_replaced(): void
    {
        self::visit('/formulas/1');
        $name = self::find('input[name=name]');
        $name->clear();
        foreach (mb_str_split('Every letter of this stays where it was typed') as $letter) {
            $name->sendKeys($letter);
        }
        self::settled();
        self::assertSame('Every letter of this stays where it was typed', $name->getAttribute('value'));
        self::assertSame('name', self::$browser->switchTo()->activeElement()->getAttribute('name'));
    }

    public function test_band_and_row_light_each_other_up(): void
    {
        self::visit('/formulas/1');
        self::all('.row .amount')[3]->click();
        self::assertSame(1, count(self::all('.stratum.is-lit')));
        self::assertSame(
            self::find('.row.is-lit')->getAttribute('data-band'),
            self::find('.stratum.is-lit')->getAttribute('data-band'),
        );
    }

    public function test_a_line_moves_by_keyboard_and_keeps_the_focus(): void
    {
        self::visit('/formulas/1');
        $first = self::all('#lane-water .row')[1]->getAttribute('id');
        self::find("#$first .amount")->sendKeys([WebDriverKeys::ALT, WebDriverKeys::ARROW_UP]);
        self::until(
            static fn (): bool => self::all('#lane-water .row')[0]
                ->getAttribute('id') === $first ?: throw new WebDriverException('not yet'),
            'the line did not move',
        );
        self::assertSame($first, self::$browser->executeScript("return document.activeElement.closest('.row').id"));
    }

    public function test_two_windows_on_one_field_ask(): void
    {
        self::visit('/formulas/1');
        $here = self::$browser->getWindowHandle();
        self::$browser->switchTo()->newWindow();
        self::visit('/formulas/1');
        self::retype('input[name=batch]', '333');
        self::settled();
        self::$browser->close();
        self::$browser->switchTo()->window($here);
        self::retype('input[name=batch]', '444');
        self::see('Which should count?');
        self::assertSame('444', self::find('input[name=batch]')->getAttribute('value'));
        self::button('Mine')->click();
        self::settled();
        self::visit('/formulas/1');
        self::assertSame('444', self::find('input[name=batch]')->getAttribute('value'));
    }

    public function test_at_the_hob_the_number_is_large_and_the_targets_too(): void
    {
        self::phone();
        self::visit('/make/'.$this->codes()['making'].'/weigh.2');
        self::assertGreaterThanOrEqual(
            72,
            self::$browser->executeScript(
                "return Math.max(...[...document.querySelectorAll('.hob-number b, .reading-figure input')]"
                    .'.map((figure) => parseFloat(getComputedStyle(figure).fontSize)))',
            ),
        );
        $small = self::$browser->executeScript(
            "return [...document.querySelectorAll('.hob-step button, .hob-step a.button, .hob-step input:not([type=hidden])')].filter((el) => el.offsetParent && el.checkVisibility() && el.type !== 'checkbox' && el.getBoundingClientRect().height < 48).map((el) => el.outerHTML)",
        );
        self::assertSame([], $small);
    }

    /** @return array<string, string> */
    private function codes(): array
    {
        $pdo = new \PDO('sqlite:'.self::database());

        return $pdo->query('SELECT status, code FROM batches')->fetchAll(\PDO::FETCH_KEY_PAIR);
    }
}
