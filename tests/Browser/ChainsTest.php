<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use PDO;
use Tests\Support\BrowserCase;
use Tests\Support\Chains;

/** Two long chains in the real interface: from a pasted note over what is made first to the label, or to a refusal. */
final class ChainsTest extends BrowserCase
{
    /** What is read at the hob, by field; weights are as asked. */
    private const READ = [
        'water' => '72', 'oil' => '72', 'mix' => '28', 'before' => '45', 'after' => '28', 'ph' => '4.8', 'pot' => '',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        self::emptyWorkroom();
    }

    public function test_tea_juice_and_infused_oil_become_a_milk_in_two_bottles(): void
    {
        self::planned(Chains::MILK);
        foreach (['tea' => '200', 'juice' => '60', 'oil' => '50'] as $part => $grams) {
            $form = self::find("[id^=\"made-\"][id*=\"$part\"]");
            self::type($form->findElement(WebDriverBy::cssSelector('input[name=grams]')), $grams);
            self::pressThe($form->findElement(WebDriverBy::cssSelector('form > .button')), "$part is made");
            self::see("$grams g left");
        }
        self::press('Make Harvest milk');
        self::phone();
        self::make('190', '2');
        self::desk();
        self::open('Fill it into containers');
        foreach ([['1', '120', 'room'], ['1', '70', 'fridge']] as $i => [$count, $grams, $place]) {
            self::type(self::find("input[name=\"split[$i][count]\"]"), $count);
            self::type(self::find("input[name=\"split[$i][grams]\"]"), $grams);
            self::find("select[name=\"split[$i][storage]\"] option[value=$place]")->click();
        }
        self::press('Fill them');
        self::assertCount(2, self::all('.container-one'));
        self::see('in the fridge');
        self::assertSame([], self::axe());
        self::find('#container-B a')->click();
        self::see('Keep in the fridge.');
        self::find('.label-words summary')->click();
        foreach (['Urtica Dioica', 'Aloe Barbadensis', 'Calendula Officinalis', 'Net 70 g'] as $words) {
            self::see($words);
        }
    }

    public function test_powders_and_wet_leaves_are_cooked_out_into_a_butter_with_every_plant_on_its_label(): void
    {
        self::planned(Chains::BUTTER);
        self::press('Plan and fill its jar');
        self::see('cook');
        self::fillTheJar(2);
        foreach (['910', '872'] as $pot) {
            self::type(self::find('input[name=pot]'), $pot);
            self::press('Note the weight');
        }
        self::see('done');
        self::type(self::find('input[name=strained]'), '230');
        self::press('Put in the pantry');
        self::see('230 g');

        self::visit('/formulas/1/project');
        self::press('Make Green herb whipped butter');
        self::phone();
        $felt = self::make('268', '2');
        self::assertContains('before', $felt, 'a cup was weighed before whipping');
        self::assertContains('after', $felt, 'and after');
        self::desk();
        self::press('Print the label');
        self::find('.label-words summary')->click();
        foreach (['Emblica Officinalis', 'Eclipta', 'Murraya Koenigii', 'Sesamum Indicum', 'Cocos Nucifera'] as $inci) {
            self::see($inci);
        }
        self::see('Sesame');
    }

    public function test_a_hot_oil_is_drawn_topped_up_thinned_and_refused_for_a_child(): void
    {
        self::planned(Chains::PEPPER);
        self::press('Plan and fill its jar');
        self::fillTheJar(12 * 24);
        self::open('Take out, top up');
        self::typeOver(self::find('input[name=take_out]'), '60');
        self::typeOver(self::find('input[name=top_up]'), '60');
        self::press('Done');
        self::see('Topped up');
        self::type(self::find('input[name=strained]'), '180');
        self::press('Put in the pantry');

        // one press thins it, as an oil of its own
        self::visit('/pantry/'.self::newest('lots'));
        self::open('Thin it');
        self::pressThe(self::find('form[action$="/thin"] .button'), 'Thin it');
        self::see('Pepper oil, thinned');
        self::see('strength');

        // the product is for a child of two: nothing is made
        self::visit('/formulas/1');
        self::see('Cayenne');
        self::see('child');
        self::visit('/formulas/1/project');
        self::assertFalse(self::button('Make Warm scalp oil')->isEnabled());
        self::assertSame('', self::newest('batches'));
    }

    private static function planned(string $note): void
    {
        self::visit('/recipe');
        self::find('textarea')->sendKeys($note);
        foreach (['Read the recipe', 'Plan the project', 'Plan it'] as $button) {
            self::press($button);
        }
    }

    /** @param  int  $ago  hours; the browser's clock can't be put forward, so the jar was filled so long ago */
    private static function fillTheJar(int $ago): void
    {
        self::settled();
        self::$browser->executeScript(
            "const day = document.createElement('input'); day.type = 'hidden'; day.name = 'filled_on';"
                .'day.value = arguments[0]; document.getElementById("fill").append(day)',
            [date('Y-m-d\TH:i', (int) strtotime("-$ago hours"))],
        );
        self::press('Fill the jar');
    }

    /**
     * Every step of a making, by what its page asks, to the shelf.
     *
     * @return list<string> names of all that was read
     */
    private static function make(string $filled, string $containers): array
    {
        $read = [];
        for ($step = 0; $step < 60; $step++) {
            $names = array_map(
                static fn (RemoteWebElement $field): string => (string) $field->getAttribute('name'),
                self::all('.hob form input:not([type=hidden])'),
            );
            if (in_array('filled', $names, true)) {
                self::fillIn(['filled' => $filled, 'containers' => $containers], 'Put on the shelf');

                return $read;
            }
            if (in_array('weight', $names, true)) {
                $asked = str_replace(["\u{202F}", ' '], '', self::find('.hob-number b')->getText());
                self::type(self::find('input[name=weight]'), $asked);
            }
            foreach (array_intersect(array_keys(self::READ), $names) as $field) {
                self::type(self::find("input[name=$field]"), self::READ[$field]);
                $read[] = $field;
            }
            self::on();
        }
        self::fail('the making has no end');
    }

    /** Presses the main button of a step, and waits for the next page. */
    private static function on(): void
    {
        $buttons = array_values(array_filter(
            self::all('.hob-go'),
            static fn (RemoteWebElement $button): bool => $button->isDisplayed(),
        ));
        self::pressThe($buttons[count($buttons) - 1], 'the main button of '.self::find('.hob-verb')->getText());
    }

    private static function newest(string $table): string
    {
        return (string) (new PDO('sqlite:'.self::database()))
            ->query("SELECT code FROM $table ORDER BY id DESC LIMIT 1")
            ->fetchColumn();
    }
}
