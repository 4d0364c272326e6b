<?php

declare(strict_types=1);

namespace Tests\Browser;

use Database\Seeders\DemoWorkroom;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use Tests\Support\BrowserCase;

final class SimulationTest extends BrowserCase
{
    protected function setUp(): void
    {
        parent::setUp();
        self::emptyWorkroom();
        self::seed(DemoWorkroom::class);
    }

    public function test_from_the_bench_through_the_minutes_to_another_plan(): void
    {
        self::visit('/formulas/1');
        self::press('Simulate');
        self::see('What happens');
        self::assertSame(['20 °C', '20 °C'], $this->shown());

        // by keys: far along, the phases are one
        $slider = self::find('.scrub-range');
        $slider->sendKeys(WebDriverKeys::END);
        self::assertCount(1, $this->shown());
        self::assertSame(count(self::all('.scrub-events li')), count(self::all('.scrub-events li.is-past')));
        $slider->sendKeys(WebDriverKeys::HOME);
        self::assertCount(0, self::all('.scrub-events li.is-past'));
        $slider->sendKeys(WebDriverKeys::ARROW_RIGHT);
        self::assertSame('0.5', $slider->getAttribute('value'));

        // by the pointer: in the middle of the chart it is hotter than the room
        (new WebDriverActions(self::$browser))
            ->moveToElement(self::find('.timeline'))
            ->clickAndHold()
            ->moveByOffset(-60, 0)
            ->release()
            ->perform();
        self::assertGreaterThan(35, (int) $this->shown()[0]);

        $gate = self::find('.rehearsal-totals div:nth-child(3) dd')->getText();
        (new WebDriverSelect(self::find('select[name=cool]')))->selectByValue('ice_bath');
        self::find('.plan-do-it .button')->click();
        self::until(
            static fn (): bool => self::find(
                '.rehearsal-totals div:nth-child(3) dd',
            )->getText() !== $gate ?: throw new WebDriverException('not yet'),
            'nothing came of it',
        );
        self::assertNotSame($gate, self::find('.rehearsal-totals div:nth-child(3) dd')->getText());
        self::assertSame(
            'ice_bath',
            (new WebDriverSelect(self::find('select[name=cool]')))->getFirstSelectedOption()->getAttribute('value'),
        );

        self::press('cooling on the counter');
        self::see('later.');
        self::assertNotSame([], self::all('.heat-other'));
    }

    public function test_a_phone_goes_along_the_minutes_too(): void
    {
        self::phone();
        self::visit('/formulas/4/simulation');
        self::find('.scrub-range')->sendKeys([WebDriverKeys::PAGE_UP]);
        self::until(
            static fn (): bool => (float) self::find('.scrub-range')
                ->getAttribute('value') > 1 ?: throw new WebDriverException('not yet'),
            'the slider does not move',
        );
        self::assertLessThanOrEqual(
            1,
            self::$browser->executeScript('return document.documentElement.scrollWidth - innerWidth'),
        );
        $small = self::$browser->executeScript(
            "return [...document.querySelectorAll('.plan-moves .button')].filter((el) => el.getBoundingClientRect().height < 44).length",
        );
        self::assertSame(0, $small);
    }

    /** @return list<string> temperatures of the pots to be seen */
    private function shown(): array
    {
        return array_values(array_map(
            static fn ($el): string => str_replace("\u{202F}", ' ', $el->getText()),
            array_filter(self::all('.pot-celsius'), static fn ($el): bool => $el->isDisplayed()),
        ));
    }
}
