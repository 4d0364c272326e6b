<?php

declare(strict_types=1);

namespace Tests\Support;

use Database\Seeders\DemoWorkroom;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\WebDriverKeys;
use PDO;

/**
 * Not a test: run by bin/screenshots, so that every picture in the docs is made the same way from the sample workroom.
 */
final class TakeScreenshots extends BrowserCase
{
    public function test_pictures(): void
    {
        self::emptyWorkroom();
        self::visit('/');
        self::picture('empty');
        self::seed(DemoWorkroom::class);
        /** @var array<string, string> $codes */
        $codes = (new PDO('sqlite:'.self::database()))
            ->query('SELECT status, code FROM batches WHERE gone_at IS NULL ORDER BY id DESC')
            ->fetchAll(PDO::FETCH_KEY_PAIR);
        foreach ([
            'today' => '/',
            'planner' => '/infusions/4',
            'jar' => '/infusions/1',
            'parts' => '/formulas/8',
            'project' => '/formulas/8/project',
            'bench-flawed' => '/formulas/5',
            'suggest' => '/formulas/4/suggest?wish=firm&feel=firm&celsius=26',
            'material' => '/ingredients/shea-butter-refined',
            'handbook' => '/handbook/preserving',
            'record' => "/batches/{$codes['finished']}",
            'label' => "/batches/{$codes['finished']}/label",
            'trace' => "/batches/{$codes['finished']}/trace",
            'practice' => '/practice/28-5?what=1&way=2',
        ] as $name => $path) {
            self::visit($path);
            self::picture($name);
        }
        self::visit('/recipe');
        self::find('textarea')->sendKeys(
            <<<'NOTE'
            Aunt Solveig’s curl milk, makes 300 g
            first the tea: 8 g dried marshmallow root, 150 g water, 20 minutes, strain
            Water phase:
            100 g of the tea
            1 cup distilled water
            2 tbsp aloe vera juice
            une cuillère à soupe de glycérine
            Oil phase:
            half a tablespoon of emulsifying wax
            1/3 cup shea buter
            2 to 3 tbsp sweet almond oil
            1 tsp coconut milk powder
            Heat both to 70 °C for 20 minutes, then cool below 40 °C.
            Add 10-12 drops of lavender oil and some honey.
            3 capsules of moon dust
            NOTE."\n",
        );
        self::press('Read the recipe');
        self::picture('recipe');
        self::visit('/formulas/4');
        self::find('#keeps summary')->click();
        self::picture('butter');
        self::visit('/formulas/1/simulation?beside=ice_bath');
        self::find('.scrub-range')->sendKeys(array_fill(0, 5, WebDriverKeys::PAGE_UP));
        self::picture('simulation');
        self::phone();
        foreach ([
            'phone-weigh' => "/make/{$codes['making']}/weigh.4",
            'phone-gate' => "/make/{$codes['making']}/gate",
        ] as $name => $path) {
            self::visit($path);
            self::picture($name);
        }
        self::assertTrue(true);
    }

    private static function picture(string $name): void
    {
        self::until(
            static fn (): bool => $name === 'empty'
                || self::all('.shelf-line') === []
                || self::all('.line-thing') !== [] ?: throw new WebDriverException('not yet'),
            'the shelf line does not come',
        );
        self::$browser->executeAsyncScript(
            'const done = arguments[0]; document.fonts.ready.then(() => requestAnimationFrame(() => requestAnimationFrame(() => done())))',
        );
        self::$browser->takeScreenshot(dirname(__DIR__, 2)."/docs/screenshots/$name.png");
    }
}
