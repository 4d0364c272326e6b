<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\BrowserCase;

/** A case of each sort, worked through on a laptop by keys and on a phone by thumb. */
final class PracticeTest extends BrowserCase
{
    public function test_a_formula_is_mended_by_keys_and_a_jar_judged_on_a_phone(): void
    {
        self::emptyWorkroom();
        self::visit('/practice');
        self::see('Nothing yet.');
        self::assertSame([], self::axe());
        self::press('Take a formula');
        self::see('What is wrong with it?');
        self::assertSame([], self::axe());
        $this->key('2', 'What do you do?');
        $this->key('1', 'Another one');
        self::assertSame([], self::axe());
        self::press('Another one');
        self::see('What is wrong with it?');

        self::visit('/practice');
        self::press('Try one');
        self::find('.choice')->click();
        self::see('What do you do?');
        self::all('form:last-of-type .choice')[0]->click();
        self::see('Another one');
        self::assertNotSame([], self::all('.heat-line'));
        self::assertSame([], self::axe());

        self::phone();
        self::visit('/practice');
        self::press('Take a question');
        self::find('.choice')->click();
        self::see('Basis:');
        self::assertLessThanOrEqual(390, self::$browser->executeScript('return document.documentElement.scrollWidth'));
        self::assertGreaterThanOrEqual(48, self::find('.choice')->getSize()->getHeight());
        self::assertSame([], self::axe());
        self::visit('/practice');
        self::assertCount(3, self::all('.practice-met li'), 'what was met is listed');
    }

    private function key(string $key, string $leadsTo): void
    {
        self::$browser->getKeyboard()->sendKeys($key === '' ? WebDriverKeys::ENTER : $key);
        self::until(
            static fn (): bool => str_contains(self::text(), $leadsTo) ?: throw new WebDriverException('not yet'),
            "key $key does not lead to $leadsTo",
        );
    }
}
