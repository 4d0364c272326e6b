<?php

declare(strict_types=1);

namespace Tests\Browser;

use Database\Seeders\DemoWorkroom;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\WebDriverKeys;
use PDO;
use Tests\Support\BrowserCase;

/** The main job: from an empty workroom to a label, in the real interface. */
final class FirstBatchTest extends BrowserCase
{
    public function test_from_empty_formula_to_label(): void
    {
        self::emptyWorkroom();
        self::visit('/');
        self::see('What will you make?');
        self::press('Start a formula');
        self::see('Nothing in it yet.');

        // by keyboard, half in French, by spoon and by percent
        self::add('water', 'eau dist', 'to 100');
        self::add('water', 'glyc', '3 %');
        self::add('oil', 'btms-50', '1 tsp');
        self::add('oil', 'huile de noyaux', '2 tbsp');
        self::see('Not ready');
        self::see('Contains water but no preservative.');
        self::see('Too little emulsifier');

        self::button('Add 0.9 % Benzyl alcohol + dehydroacetic acid')->click();
        self::settled();
        $amounts = self::all('.row .amount');
        self::type($amounts[2], '4 %');
        self::see('Shelf life 6 months');
        self::see('BTMS-50');
        self::type(self::find('input[name=scale]'), '0.01');
        self::see('Ready to make.');
        self::type(self::find('input[name=name]'), 'First of all milk');
        self::type(self::find('input[name=ph]'), '4.8');
        self::settled();

        self::press('Make it');
        self::phone();
        self::see('Jars, tools, surface, hands');
        self::press('Done');
        self::see('Distilled or deionised water');
        foreach (['158.5', '6.00'] as $weight) {
            self::type(self::find('input[name=weight]'), $weight);
            self::press('Added');
        }
        self::see('BTMS-50');
        self::press('Added');
        self::see('Apricot kernel oil');
        self::press('Added');
        self::fillIn(['water' => '72', 'oil' => '60'], 'Record it');
        self::see('within 5 °C of each other');
        self::fillIn(['water' => '73', 'oil' => '71'], 'Both are at temperature');
        self::see('Hold');
        self::press('Done');
        self::see('Combine');
        self::press('Done');
        self::see('Blend');
        self::press('Done');
        self::fillIn(['mix' => '55'], 'Record it');
        self::see('Still too warm for what comes next.');

        // the browser is closed, the workroom restarted, and the batch goes on
        self::stopServer();
        self::startServer();
        self::visit('/');
        self::see('Cool, step');
        self::press('Continue');
        self::fillIn(['mix' => '37.5'], 'Cool enough');
        self::see('Benzyl alcohol');
        self::press('Added');
        self::see('Stir in');
        self::press('Done');
        self::see('Blend');
        self::press('Done');
        self::fillIn(['ph' => '4,8'], 'Record it');
        self::fillIn(['filled' => '189', 'containers' => '1'], 'Put on the shelf');
        self::desk();
        self::see('How the date is worked out');
        self::see('First of all milk');
        self::see('189 g');
        self::press('Print the label');
        self::see('Best before');
        self::find('.label-words summary')->click();
        self::see('Aqua, Prunus Armeniaca Kernel Oil');
        $size = self::$browser->executeScript(
            "const r = document.querySelector('.jar-label').getBoundingClientRect(); return [r.width / 96 * 25.4, r.height / 96 * 25.4]",
        );
        self::assertEqualsWithDelta([62.0, 100.0], $size, 0.1, 'the label is at true size, in millimetres');
        self::assertSame('1', self::find('.jar-label')->getAttribute('data-fits'), 'nothing runs off the label');
    }

    private static function add(string $phase, string $search, string $amount): void
    {
        $rows = count(self::all('.row'));
        self::find("#lane-$phase .add")->click();
        self::until(
            static fn (): bool => count(self::all('.row')) === $rows
                + 1 ?: throw new \Facebook\WebDriver\Exception\WebDriverException('not yet'),
            'no line was added',
        );
        $field = self::until(
            static fn () => self::$browser->switchTo()->activeElement()->getAttribute('role') === 'combobox'
                ? self::$browser->switchTo()->activeElement()
                : throw new \Facebook\WebDriver\Exception\WebDriverException('not yet'),
            'the new line is not in hand',
        );
        $field->sendKeys($search);
        self::find('.found:not([hidden]) li');
        $field->sendKeys(WebDriverKeys::ENTER);
        self::$browser->switchTo()->activeElement()->sendKeys($amount.WebDriverKeys::TAB);
        self::settled();
    }

    public function test_ten_seconds_without_the_workroom_lose_nothing_and_write_nothing_twice(): void
    {
        self::emptyWorkroom();
        self::seed(DemoWorkroom::class);
        self::visit('/formulas/1');
        self::press('Make it');
        self::press('Done');
        $this->seeStep('Distilled or deionised water');
        self::type(self::find('input[name=weight]'), '129.4');
        self::stopServer();
        self::button('Added')->click();
        self::see('Your entries are kept on this phone');
        self::startServer();
        $this->seeStep('Marshmallow');
        $this->weightsCome(1);

        // told, and the page is closed before the answer: it goes in when the page is open again
        self::type(self::find('input[name=weight]'), '30');
        self::stopServer();
        self::button('Added')->click();
        self::see('Your entries are kept on this phone');
        $step = (string) parse_url(self::$browser->getCurrentURL(), PHP_URL_PATH);
        self::$browser->get('about:blank');
        self::startServer();
        self::visit(dirname($step));
        $this->seeStep('Glycerin');
        $this->weightsCome(2);
        self::$browser->navigate()->refresh();
        $this->seeStep('Glycerin');
        self::assertSame(2, $this->weights());
        self::$browser->manage()->getLog('browser'); // the lost connection is meant
    }

    public function test_several_steps_told_without_the_workroom_arrive_in_order_and_once(): void
    {
        self::emptyWorkroom();
        self::seed(DemoWorkroom::class);
        self::phone();
        self::visit('/formulas/1');
        self::press('Make it');
        self::press('Done');
        $this->seeStep('Distilled or deionised water');
        self::stopServer();
        self::button('Added')->click();
        foreach (['Marshmallow' => '30', 'Glycerin' => null] as $what => $grams) {
            self::until(
                static fn (): bool => str_contains(
                    self::find('.hob-what')->getText(),
                    $what,
                ) ?: throw new WebDriverException('not yet'),
                "$what does not come",
            );
            if ($grams !== null) {
                self::type(self::find('input[name=weight]'), $grams);
            }
            self::button('Added')->click();
        }
        self::until(
            static fn (): bool => count(self::all('.hob-waiting li')) === 3 ?: throw new WebDriverException('not yet'),
            'what waits is not shown',
        );
        self::assertSame(0, $this->weights());
        self::startServer();
        $this->weightsCome(3);
        self::assertSame(
            [1, 2, 3],
            array_map(
                intval(...),
                (new PDO('sqlite:'.self::database()))
                    ->query(
                        "SELECT subject FROM batch_entries WHERE kind IN ('weighed', 'as_planned') AND batch_id = (SELECT max(id) FROM batches) ORDER BY id",
                    )
                    ->fetchAll(PDO::FETCH_COLUMN),
            ),
            'in the order they were told',
        );
        self::until(
            static fn (): bool => str_contains(
                (string) self::$browser->getCurrentURL(),
                'weigh.4',
            ) ?: throw new WebDriverException('not yet'),
            'the page does not go on',
        );
        self::$browser->navigate()->refresh();
        self::find('.hob-step form');
        self::assertSame(3, $this->weights());
        self::$browser->manage()->getLog('browser'); // the lost connection is meant
    }

    private function seeStep(string $what): void
    {
        self::until(
            static fn (): bool => str_contains(
                self::find('.hob-what')->getText(),
                $what,
            ) ?: throw new WebDriverException('not yet'),
            "the step $what does not come",
        );
    }

    /** Written down, and the page has had its answer. */
    private function weightsCome(int $count): void
    {
        self::until(
            fn (): bool => $this->weights() === $count ?: throw new WebDriverException('not yet'),
            'what waited does not arrive',
        );
        self::until(
            static fn (): bool => self::all('.hob-offline[hidden]') !== [] ?: throw new WebDriverException('not yet'),
            'it still says there is no connection',
        );
    }

    private function weights(): int
    {
        return (int) (new PDO('sqlite:'.self::database()))
            ->query(
                "SELECT count(*) FROM batch_entries JOIN batches ON batches.id = batch_id WHERE kind IN ('weighed', 'as_planned') AND batches.id = (SELECT max(id) FROM batches)",
            )
            ->fetchColumn();
    }
}
