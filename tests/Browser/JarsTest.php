<?php

declare(strict_types=1);

namespace Tests\Browser;

use Database\Seeders\DemoWorkroom;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\WebDriverKeys;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;
use Tests\Support\BrowserCase;

/**
 * The slow half of the work in the real interface: plan, fill, shake, top up, strain, use on the bench with its date.
 */
final class JarsTest extends BrowserCase
{
    public function test_from_a_plan_to_a_line_on_the_bench(): void
    {
        self::emptyWorkroom();
        self::visit('/infusions');
        self::press('Plan an infusion');
        self::see('Put in a plant and an oil');
        self::pick('#lane-plants', 'calend', '30 g');
        self::pick('#lane-oils', 'sunflower', '300 g');
        self::see('21 days');
        self::typeOver(self::find('input.name'), 'Windowsill calendula');
        self::settled();

        // cold and warm, side by side, and a look at the other school
        self::see('low oven');
        self::button('Take this')->click();
        self::settled();
        self::find('select[name=method] option[value=warm_bath]')->click();
        self::settled();
        self::see('45 min');
        self::see('Hot oil');
        self::find('select[name=method] option[value=cold_dark]')->click();
        self::settled();
        self::see('After 21 days');
        self::assertSame([], self::axe());

        // a slip is kept and said beside its field
        $amount = self::find('#lane-oils .amount');
        self::typeOver($amount, '-300 g');
        self::see('It can’t be less than nothing.');
        self::typeOver(self::find('#lane-oils .amount'), '300 g');
        self::settled();

        self::press('Fill the jar');
        self::see('It stands. Shake it now');
        self::phone();
        self::press('Shaken');
        self::see('Written down.');
        self::open('Take out, top up');
        self::typeOver(self::find('input[name=take_out]'), '40');
        self::typeOver(self::find('input[name=top_up]'), '90');
        self::see('Taken out: 40 g');
        self::press('Done');
        self::see('more than was taken out');
        self::typeOver(self::find('input[name=top_up]'), '40');
        self::press('Done');
        self::see('Topped up');
        self::assertSame([], self::axe());
        self::desk();
        self::see('300 g');

        // its calendar, read by a library
        $calendar = Reader::read(
            (string) file_get_contents(self::find('a[href$="calendar.ics"]')->getAttribute('href') ?? ''),
        );
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], $calendar->validate());
        self::assertStringContainsString('INTERVAL=3', (string) $calendar->VEVENT->RRULE);

        self::open('Strain');
        self::typeOver(self::find('input[name=strained]'), '231');
        self::typeOver(self::find('input[name=pressed]'), '12');
        self::press('Put in the pantry');
        self::see('of what this oil can hold has been drawn'); // it was filled a moment ago: it asks
        self::find('input[name=sure]')->click();
        self::press('Put in the pantry');
        self::see('243 g of 300 g came out');
        self::visit('/pantry');
        self::press('243 g left');
        self::see('Begin a formula with it');
        $code = self::find('.code')->getText();
        self::assertSame([], self::axe());

        // on the bench: found by its name, with its code and date
        self::visit('/formulas');
        self::press('Start a formula');
        self::find('#lane-oil .add')->click();
        $field = self::until(
            static fn () => self::$browser->switchTo()->activeElement()->getAttribute('role') === 'combobox'
                ? self::$browser->switchTo()->activeElement()
                : throw new WebDriverException('not yet'),
            'no line in hand',
        );
        $field->sendKeys($code); // by its code: there are two of that name
        // the list may still show what fewer letters found
        self::until(
            static fn (): bool => str_contains(
                self::find('.found:not([hidden]) li')->getText(),
                $code,
            ) ?: throw new WebDriverException('not yet'),
            "$code is not found",
        );
        $field->sendKeys(WebDriverKeys::ENTER);
        self::$browser->switchTo()->activeElement()->sendKeys('12 g'.WebDriverKeys::TAB);
        self::settled();
        self::see("$code, good until");
        self::assertSame('Windowsill calendula', self::find('#lane-oil .ingredient')->getAttribute('value'));
    }

    public function test_today_is_done_in_taps_on_the_phone(): void
    {
        self::emptyWorkroom();
        self::seed(DemoWorkroom::class);
        self::phone();
        self::visit('/');
        self::see('Now');
        $before = count(self::all('.agenda-now .due'));
        self::press('Shaken');
        self::see('Take it back');
        self::assertCount($before - 1, self::all('.agenda-now .due'));
        self::press('Take it back');
        self::assertCount($before, self::all('.agenda-now .due'));
        self::visit('/infusions/1');
        foreach (self::all('.jar-do .button, .act .button') as $button) {
            self::assertGreaterThanOrEqual(48, $button->getSize()->getHeight());
        }
        self::desk();
    }

    private static function pick(string $lane, string $search, string $amount): void
    {
        $field = self::find("$lane .ingredient");
        $field->sendKeys($search);
        self::find("$lane .found:not([hidden]) li");
        $field->sendKeys(WebDriverKeys::ENTER);
        self::$browser->switchTo()->activeElement()->sendKeys($amount.WebDriverKeys::TAB);
        self::settled();
    }
}
