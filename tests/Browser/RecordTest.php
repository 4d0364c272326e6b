<?php

declare(strict_types=1);

namespace Tests\Browser;

use Database\Seeders\DemoWorkroom;
use Facebook\WebDriver\Exception\WebDriverException;
use PDO;
use RuntimeException;
use Tests\Support\BrowserCase;

/** From a bottle bought to a jar called back: pantry, make, shelf, observation, trace, label. */
final class RecordTest extends BrowserCase
{
    public function test_a_bottle_is_bought_made_into_a_jar_watched_traced_called_back_and_labelled(): void
    {
        self::emptyWorkroom();
        self::seed(DemoWorkroom::class);
        self::visit('/pantry');
        self::find('#put summary')->click();
        self::find('#put-name')->sendKeys('apricot kernel');
        self::find('#found-put li')->click();
        self::fillIn(['grams' => '250', 'price' => '8,40', 'supplier' => 'the mill, charge 77'], 'Put it here');
        self::see('is in the pantry as L');
        $lot = self::newest('lots');

        self::visit('/formulas/1');
        self::press('Make it');
        $batch = self::newest('batches');
        self::press('Done');
        while (self::find('.hob-verb')->getText() !== 'Fill') {
            if (self::all("select[name=lot] option[value='$lot']") !== []) {
                self::find("select[name=lot] option[value='$lot']")->click();
            }
            match (self::find('.hob-verb')->getText()) {
                'Heat' => self::fillIn(['water' => '72', 'oil' => '72'], 'Both are at temperature'),
                'Cool' => self::fillIn(['mix' => '38'], 'Cool enough'),
                'Test pH' => self::fillIn(['ph' => '4.8'], 'Record it'),
                'Weigh' => self::press('Added'),
                default => self::press('Done'),
            };
        }
        self::fillIn(['filled' => '230', 'tare' => '44', 'containers' => '2'], 'Put on the shelf');
        self::see('What it cost');
        self::see('186 g');
        self::assertSame([], self::axe());

        self::find('#shelf details summary')->click();
        self::fillIn(['shelf_grams' => '93', 'subject' => 'Saturday market', 'price' => '9'], 'Sell it');
        self::see('about 1 of 2 containers');
        self::find('select[name=look] option[value=sound]')->click();
        self::type(self::find('.watch-form input[name=note]'), 'like the first day');
        self::press('Write it down');
        self::see('like the first day');

        self::press('Where it came from');
        self::see($lot);
        self::assertSame([], self::axe());
        self::visit("/pantry/$lot/trace");
        self::see("To call back, if $lot is bad");
        self::see('Saturday market');
        self::see('93 g');
        self::assertSame([], self::axe());

        self::visit("/batches/$batch/label");
        self::assertSame('1', self::find('.jar-label')->getAttribute('data-fits'));
        self::assertTrue(
            self::$browser->executeScript(
                "const l = document.querySelector('.jar-label').getBoundingClientRect(); return [...document.querySelectorAll('.jar-label text')].every((t) => { const r = t.getBoundingClientRect(); return r.left >= l.left - 1 && r.right <= l.right + 1 && r.bottom <= l.bottom + 1; })",
            ),
            'no word leaves the label',
        );
        self::find('select[name=size] option[value=wrap-90x40]')->click();
        self::press('Show it');
        self::see('mm too long');
        self::assertSame([], self::axe());
    }

    public function test_the_shopping_list_the_own_ingredients_and_the_shelf_are_usable_by_all(): void
    {
        self::emptyWorkroom();
        self::seed(DemoWorkroom::class);
        self::visit('/shopping');
        self::fillIn(['grams' => '400'], 'I’ll make it');
        self::see('To buy');
        self::assertSame([], self::axe());
        self::visit('/own-ingredients');
        self::fillIn(['name' => 'Plum kernel oil'], 'Add ingredient');
        self::see('Choose what it is');
        self::assertSame('Plum kernel oil', self::find('input[name=name]')->getAttribute('value'));
        self::find('select[name=kind] option[value=carrier_oil]')->click();
        self::press('Add ingredient');
        self::see('is what Ilvane assumes');
        self::assertSame([], self::axe());
        self::fillIn(['density' => '0.91', 'use_high' => '20', 'source' => 'mill sheet'], 'Save ingredient');
        self::see('The checks use it');
        self::assertSame([], self::axe());
        foreach (['/shelf', '/pantry', '/labels'] as $page) {
            self::visit($page);
            self::assertSame([], self::axe(), $page);
        }
        self::phone();
        self::visit('/shelf');
        self::assertLessThanOrEqual(390, self::$browser->executeScript('return document.documentElement.scrollWidth'));
    }

    public function test_a_copy_is_laid_aside_put_back_and_that_taken_back(): void
    {
        self::emptyWorkroom();
        self::seed(DemoWorkroom::class);
        self::visit('/backups');
        self::see('Backups');
        self::assertSame([], self::axe());
        $name = self::find('input[type=file][name=file]');
        $name->setFileDetector(new \Facebook\WebDriver\Remote\LocalFileDetector);
        $copy = sys_get_temp_dir().'/ilvane-copy-'.bin2hex(random_bytes(4)).'.sqlite';
        (new PDO('sqlite:'.self::database()))->exec("VACUUM INTO '$copy'");
        (new PDO('sqlite:'.self::database()))->exec("UPDATE formulas SET name = 'Changed after the copy' WHERE id = 1");
        $name->sendKeys($copy);
        self::press('Check it and restore it');
        self::see('Restored. What was here before');
        unlink($copy);
        self::visit('/formulas');
        self::see('Slow Sunday leave-in milk');
        self::visit('/backups');
        self::see('before a restore');
        self::find('form[action*="before-restore"] button')->click();
        self::see('Restored. What was here before');
        self::visit('/formulas');
        self::see('Changed after the copy');
    }

    public function test_a_bottle_that_runs_out_at_the_hob_asks_in_sight_where_the_rest_is_from(): void
    {
        self::emptyWorkroom();
        self::seed(DemoWorkroom::class);
        $room = new PDO('sqlite:'.self::database());
        $room->exec("UPDATE lots SET grams_left = 12 WHERE ingredient = 'jojoba-oil'");
        $lot = (
            $room->query(
                "SELECT code FROM lots WHERE ingredient = 'jojoba-oil'",
            ) ?: throw new RuntimeException('no lot')
        )->fetchColumn();
        self::visit('/formulas/6');
        self::press('Make it');
        $code = self::newest('batches');
        self::phone();
        while (self::find('.hob-verb')->getText() !== 'Weigh') {
            self::press('Done');
        }
        self::see("12 g from $lot. The other 15 g from");
        self::retype('input[name=weight]', '27');
        self::press('Added');
        self::see('Where did the other 15 g come from?');
        self::assertTrue(self::$browser->executeScript(<<<'JS'
            const asked = document.querySelector('[aria-invalid]').getBoundingClientRect();
            return document.elementFromPoint(asked.x + asked.width / 2, asked.y + asked.height / 2)?.name === 'rest[]';
            JS), 'the question is in sight');
        self::assertSame([], self::axe());
        self::find("select[name='rest[]'] option[value='']")->click();
        self::press('Added');
        self::assertSame(
            [[$lot, 12.0]],
            array_map(
                static fn (array $row): array => [$row[0], (float) $row[1]],
                (
                    $room->query(
                        "SELECT subject, value FROM batch_entries WHERE kind = 'lot' AND batch_id = (SELECT id FROM batches WHERE code = '$code')",
                    ) ?: throw new RuntimeException('no entries')
                )->fetchAll(PDO::FETCH_NUM),
            ),
        );
        self::desk();
    }

    private static function newest(string $table): string
    {
        return self::until(
            static fn (): string => (string) (new PDO('sqlite:'.self::database()))
                ->query("SELECT code FROM $table ORDER BY id DESC LIMIT 1")
                ->fetchColumn() ?: throw new WebDriverException('not yet'),
            "no $table",
        );
    }
}
