<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use Tests\Support\BrowserCase;

/** A kitchen recipe comes in: paste, correct one doubt, bench, scale to two bottles, keep. */
final class RecipeTest extends BrowserCase
{
    public function test_from_a_pasted_recipe_to_a_kept_version_for_two_bottles(): void
    {
        self::emptyWorkroom();
        self::visit('/recipe');
        self::find('textarea')->sendKeys(
            "Evening milk\nWater phase:\n1 cup distilled water\n2 tbsp aloe vera juice\nOil phase:\n1 1/2 tbsp emulsifying wax\n2 tbsp almond oil powder\nCool below 40 °C\nune demi-cuillère à café de phenoxyethanol + ethylhexylglycerin\n",
        );
        self::press('Read the recipe');
        self::see('One line to check');
        self::assertCount(5, self::all('.stretch.is-ingredient'));
        self::assertSame(
            '2 tbsp almond oil powder',
            trim(str_replace('4', '', self::find('.stretch.read-unknown')->getText())),
        );
        // any stretch may be said to be something else, by hand or by keyboard alone
        self::assertFalse(self::find('.role-bar')->isDisplayed());
        self::find('.stretch.is-heading')->click();
        self::assertTrue(self::find('.role-bar')->isDisplayed());
        self::all('.stretch.is-heading')[2]->sendKeys(WebDriverKeys::ENTER);
        self::assertStringContainsString('Cool below', self::find('.role-bar p')->getText());
        self::find('.role-choice[value=remark]')->sendKeys(WebDriverKeys::ENTER);
        self::see('One line to check');
        self::assertStringContainsString('Cool below', self::find('.stretch.is-remark')->getText());
        $field = self::find('input[aria-controls=found-4]');
        $field->clear();
        $field->sendKeys('sweet almond');
        self::find('#found-4 li')->click();
        $amount = self::all('.read-row td.num input')[4];
        $amount->clear();
        $amount->sendKeys('2.5 g');
        self::assertSame([], self::axe());
        self::press('Open as a formula');
        self::assertSame('Evening milk', self::find('input.name')->getAttribute('value'));
        self::see('Shelf life');

        self::find('#scale summary')->click();
        $count = self::find('input[name=count]');
        $count->clear();
        $count->sendKeys('2');
        (new WebDriverSelect(self::find('select[name=container]')))->selectByValue('pet-pump-250');
        self::button('Fill these')->click();
        self::until(
            static fn (): bool => str_starts_with(
                (string) self::all('#lane-water .amount')[1]->getAttribute('value'),
                '3.1',
            ) ?: throw new WebDriverException('not yet'),
            'the spoons are not scaled',
        );
        self::settled();
        self::see('479');
        self::button('Save version')->click();
        self::find('#keep input[name=note]')->sendKeys('as the recipe had it'.WebDriverKeys::ENTER);
        self::see('Kept as version 1.');
        self::find('.kept a')->click();
        self::see('3.1');
    }
}
