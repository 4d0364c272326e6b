<?php

declare(strict_types=1);

namespace Tests\Browser;

use Database\Seeders\DemoWorkroom;
use Tests\Support\BrowserCase;

/** Is it sound, and who says so: from a note to its rule, the pH, the samples. */
final class SoundnessTest extends BrowserCase
{
    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        self::emptyWorkroom();
        self::seed(DemoWorkroom::class);
    }

    public function test_from_a_note_to_the_rule_behind_it(): void
    {
        self::desk();
        self::visit('/formulas/5');
        self::find('.pencil-why summary')->click();
        self::find('.pencil-why[open] .pencil-source a')->click();
        $rule = self::find('.rule:target');
        self::assertStringContainsString('preservation.', $rule->getText());
        self::assertSame([], self::axe());

        self::find('input[type=search]')->sendKeys('botulism');
        self::press('Find');
        self::see('Fresh or wilted into oil');
        self::assertStringNotContainsString('The lines make 100', self::text());
    }

    public function test_a_fix_pressed_changes_the_verdict_and_its_curve(): void
    {
        self::desk();
        self::visit('/formulas/1');
        self::assertStringContainsString('pH 4.8', self::find('#behind .curve-here-word')->getText());
        self::find('input[name=ph]')->clear()->sendKeys('6.9');
        self::settled();
        self::see('pH 6.9');
        self::assertStringContainsString('Not ready', self::find('#verdict')->getText());
        self::button('Aim for pH 5.7 and measure it')->click();
        self::settled();
        self::see('Ready to make.');
        self::assertSame('5.7', self::find('input[name=ph]')->getAttribute('value'));
    }

    public function test_setting_the_ph_on_a_phone_by_keyboard(): void
    {
        self::phone();
        self::visit('/formulas/1/acidity');
        self::find('input[name=product]')->sendKeys('10');
        self::find('input[name=added]')->sendKeys("0.4 g\n");
        self::see('of the same solution');
        self::assertStringContainsString('8', self::find('.acidity-number b')->getText());
        self::assertSame([], self::axe());
        self::assertLessThanOrEqual(390, self::$browser->executeScript('return document.documentElement.scrollWidth'));
        self::desk();
    }

    public function test_samples_are_written_down_and_taken_back(): void
    {
        self::desk();
        self::visit('/');
        self::find('a[href*="/batches/"]')->click();
        self::find('.watch-form select[name=look]')->sendKeys('parted');
        self::press('Write it down');
        self::see('parted');
        self::assertCount(1, self::all('.watch-cell.is-bad'));
        self::assertSame([], self::axe());
        self::find('.watch-seen .link')->click();
        self::see('Written down.');
        self::assertCount(0, self::all('.watch-cell.is-bad'));
    }
}
