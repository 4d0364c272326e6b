<?php

declare(strict_types=1);

namespace Tests\Browser;

use Database\Seeders\DemoWorkroom;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\BrowserCase;

/** Thinking on the bench: by keys alone, by the mouse on the vessel, and in two windows. */
final class DesignTest extends BrowserCase
{
    protected function setUp(): void
    {
        parent::setUp();
        self::emptyWorkroom();
        self::seed(DemoWorkroom::class);
    }

    public function test_substitute_propose_compare_and_keep_by_keys_alone(): void
    {
        self::visit('/formulas/4');
        $this->tabTo('.row[data-band="line-3"] .amount');
        self::keys(WebDriverKeys::ALT, 'i');
        self::see('Instead of High-oleic sunflower oil');
        $this->tabTo('button[value="jojoba-oil"]');
        $this->enter();
        self::see('Jojoba oil is put in.');

        self::keys(WebDriverKeys::ALT, 'b');
        self::see('Suggest changes');
        $this->tabTo('input[name=celsius]');
        self::active()->sendKeys([WebDriverKeys::CONTROL, 'a'])->sendKeys('26');
        $this->tabTo('select[name=feel]', back: true);
        self::active()->sendKeys('Firm');
        $this->tabTo('.wish input[name=celsius]');
        $this->enter();
        self::see('At 26');
        $this->tabTo('.proposal .button');
        $this->enter();
        self::see('Changed as proposed.');
        $grams = self::find('.row[data-band="line-2"] .amount')->getAttribute('value');

        self::keys(WebDriverKeys::ALT, 's');
        self::until(
            static fn (): bool => self::active()->getAttribute('name') === 'note'
                ?: throw new WebDriverException('not yet'),
            'the sheet did not take the focus',
        );
        self::active()->sendKeys('firmer, and jojoba for the sunflower');
        $this->enter();
        self::see('Kept as version');
        self::find('.kept a')->click();
        self::see('firmer, and jojoba for the sunflower');

        self::visit('/formulas/4');
        self::keys(WebDriverKeys::CONTROL, 'z');
        self::settled();
        self::assertNotSame($grams, self::find('.row[data-band="line-2"] .amount')->getAttribute('value'));
        self::keys(WebDriverKeys::ALT, 'c');
        self::see('Shares of the batch');
        self::assertNotSame([], self::all('.shares .is-moved'));
    }

    public function test_everything_is_undone_and_redone_by_keys(): void
    {
        self::visit('/formulas/1');
        $amount = '.row[data-band="line-3"] .amount';
        $was = self::find($amount)->getAttribute('value');
        self::find($amount)->click();
        foreach (['3.1 %', '3.2 %'] as $shown) {
            self::active()->sendKeys(WebDriverKeys::ARROW_UP);
            self::assertSame($shown, self::find($amount)->getAttribute('value'));
        }
        self::active()->sendKeys([WebDriverKeys::SHIFT, WebDriverKeys::ARROW_UP]);
        self::assertSame('4.2 %', self::find($amount)->getAttribute('value'));
        self::until(
            static fn (): bool => count(self::all('.vessel-ghost')) === 1
                ?: throw new WebDriverException('not yet'),
            'what was before stays as a ghost',
        );
        self::settled();
        self::keys(WebDriverKeys::CONTROL, 'z');
        self::until(
            static fn (): bool => self::find($amount)->getAttribute('value') === $was
                ?: throw new WebDriverException('not yet'),
            'not undone',
        );
        self::settled();
        self::keys(WebDriverKeys::CONTROL, WebDriverKeys::SHIFT, 'z');
        self::until(
            static fn (): bool => self::find($amount)->getAttribute('value') === '4.2 %'
                ?: throw new WebDriverException('not yet'),
            'not redone',
        );
        self::settled();
        $rows = count(self::all('.row'));
        self::find($amount)->click();
        self::active()->sendKeys([WebDriverKeys::ALT, WebDriverKeys::DELETE]);
        self::until(
            static fn (): bool => count(self::all('.row')) === $rows - 1
                ?: throw new WebDriverException('not yet'),
            'not taken out',
        );
        self::see('Glycerin is taken out.');
        self::settled();
        self::keys(WebDriverKeys::CONTROL, 'z');
        self::until(
            static fn (): bool => count(self::all('.row')) === $rows
                ?: throw new WebDriverException('not yet'),
            'not put back',
        );
    }

    public function test_a_stratum_is_drawn_higher_and_the_line_weighs_more(): void
    {
        self::visit('/formulas/1');
        $row = '.row[data-band="line-2"]';
        $before = (float) self::find("$row .amount")->getAttribute('value');
        $stratum = self::find('.cutaway .stratum[data-band="line-2"] .stratum-fill');
        (new WebDriverActions(self::$browser))
            ->moveToElement($stratum)
            ->clickAndHold()
            ->moveByOffset(0, -15)
            ->moveByOffset(0, -15)
            ->release()
            ->perform();
        self::until(
            static fn (): bool => (float) self::find("$row .amount")
                ->getAttribute('value') > 1.3 * $before
                ?: throw new WebDriverException('not yet'),
            'the line does not weigh more',
        );
        self::settled();
        $after = self::find("$row .amount")->getAttribute('value');
        self::assertStringEndsWith(' %', $after);
        self::assertGreaterThan(1.3 * $before, (float) $after);
        self::keys(WebDriverKeys::CONTROL, 'z');
        self::until(
            static fn (): bool => (float) self::find("$row .amount")
                ->getAttribute('value') === $before
                ?: throw new WebDriverException('not yet'),
            'one drag is one step',
        );
    }

    public function test_the_sheet_of_keys_opens_and_closes(): void
    {
        self::visit('/formulas/1');
        self::find('body')->sendKeys('?');
        self::see('The bench by keys');
        self::active()->sendKeys(WebDriverKeys::ESCAPE);
        self::assertFalse(self::find('#keys')->isDisplayed());
    }

    public function test_two_windows_with_different_changes_are_brought_together(): void
    {
        self::visit('/formulas/1');
        $here = self::$browser->getWindowHandle();
        self::$browser->switchTo()->newWindow();
        self::visit('/formulas/1');
        self::retype('.row[data-band="line-3"] .amount', '2 %');
        self::settled();
        self::$browser->close();
        self::$browser->switchTo()->window($here);
        self::retype('input[name=batch]', '444');
        self::settled();
        self::assertSame('2 %', self::find('.row[data-band="line-3"] .amount')->getAttribute('value'));
        self::assertSame('444', self::find('input[name=batch]')->getAttribute('value'));
    }

    private function tabTo(string $selector, bool $back = false): void
    {
        for ($i = 0; $i < 90; $i++) {
            if (self::$browser->executeScript('return document.activeElement.matches(arguments[0])', [$selector])) {
                return;
            }
            self::active()->sendKeys($back ? [WebDriverKeys::SHIFT, WebDriverKeys::TAB] : WebDriverKeys::TAB);
        }
        self::fail("The focus never came to $selector");
    }

    private static function active(): RemoteWebElement
    {
        return self::$browser->switchTo()->activeElement();
    }

    private static function keys(string ...$keys): void
    {
        self::active()->sendKeys($keys);
    }

    private function enter(): void
    {
        self::active()->sendKeys(WebDriverKeys::ENTER);
    }
}
