<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\WebDriverException;
use PDO;
use Tests\Support\BrowserCase;

/** One note, several things, in order: from the pasted note over what is made first to the making of the product. */
final class ProjectsTest extends BrowserCase
{
    private const NOTE = "Nettle and aloe leave-in (makes 400 g)\n\n"
        ."Rosemary oil:\n10 g dried rosemary\n120 g high oleic sunflower oil\nthree weeks in the dark, strain\n\n"
        ."Nettle tea:\n8 g dried nettle\n320 g boiling water\nleave it overnight, strain\n\n"
        ."Aloe gel:\n150 g fresh aloe leaf\nscoop, blend and strain\n\n"
        ."Water phase\nnettle tea 250 g\naloe gel 60 g\nglycerin 8 g\n"
        ."Oil phase\nBTMS-50 20 g\ncetyl alcohol 8 g\nrosemary oil 48 g\n"
        ."Below 40 °C\nphenoxyethanol and caprylyl glycol 4 g\nhydrolysed oat protein 2 g\n\npH 5\n";

    protected function setUp(): void
    {
        parent::setUp();
        self::emptyWorkroom();
    }

    public function test_from_a_pasted_note_to_a_planned_project_in_three_presses_and_on_to_the_hob(): void
    {
        self::visit('/recipe');
        self::find('textarea')->sendKeys(self::NOTE);
        $presses = 0;
        foreach (['Read the recipe', 'Plan the project', 'Plan it'] as $button) {
            self::press($button);
            $presses++;
        }
        self::assertLessThanOrEqual(10, $presses);
        self::see('Next: “Rosemary oil”');
        self::assertSame(
            ['Rosemary oil', 'Nettle tea', 'Aloe gel'],
            array_map(
                static fn ($heading): string => explode("\n", trim((string) $heading->getText()))[0],
                self::all('.project-part h3'),
            ),
            'the soonest first',
        );
        self::assertSame([], self::axe());

        // each is made; the oil by weighing what was bought ready, here
        foreach (['rosemary-oil-1' => 100, 'nettle-tea-2' => 280, 'aloe-gel-3' => 66] as $part => $grams) {
            self::find("#made-$part summary")->click();
            self::find("#made-$part input[name=grams]")->sendKeys((string) $grams);
            self::button('Put it away');
            self::find("#made-$part form .button")->click();
            self::until(
                static fn (): bool => self::all("#part-$part.is-there") !== []
                    ?: throw new WebDriverException('not yet'),
                "$part is not put away",
            );
        }
        self::see('All that is made first is there.');
        self::press('Make Nettle and aloe leave-in');
        self::assertStringContainsString('/make/', self::$browser->getCurrentURL());
        $lots = (new PDO('sqlite:'.self::database()))
            ->query('SELECT code, name, grams FROM lots ORDER BY grams')
            ->fetchAll(PDO::FETCH_ASSOC);
        self::assertSame([66.0, 100.0, 280.0], array_map(floatval(...), array_column($lots, 'grams')));
        $database = new PDO('sqlite:'.self::database());
        $document = (string) $database->query('SELECT document FROM batches')->fetchColumn();
        foreach ($lots as $lot) {
            self::assertStringContainsString("\"lot\":\"$lot[code]\"", $document);
        }
    }

    public function test_what_is_made_first_is_worked_on_beside_the_vessel(): void
    {
        self::store([
            'format' => 'ilvane.formula/1', 'name' => 'Hibiscus spray', 'family' => 'water_spray',
            'lines' => [
                ['ingredient' => 'distilled-water', 'amount' => '100 g', 'phase' => 'water'],
                ['ingredient' => 'hibiscus-dried', 'amount' => '6 g', 'phase' => 'water'],
            ],
        ]);
        self::visit('/formulas/1');
        // the plant is no longer left in: a tea is brewed of it
        self::all('#lane-water .row-more > summary')[1]->click();
        self::find('#lane-water .row-more[open] .makings summary')->click();
        self::button('Brew a tea of it')->click();
        self::see('Made first');
        self::settled();
        $amounts = self::all('.part .amount');
        self::assertSame('6 g', $amounts[0]->getAttribute('value'));
        $amounts[1]->sendKeys('200 g');
        self::settled();
        self::see('strained, gives about');
        // it goes into its line, and what is over is said
        self::assertSame('A', self::find('#lane-water .of-part')->getText());
        self::find('#lane-water .row:has(.of-part) .amount')->sendKeys('50 g');
        self::settled();
        self::see('50 g go in');
        self::see('are left over');
        self::assertSame([], self::axe());
        // bought after all, and taken back
        self::button('It is bought, not made')->click();
        self::until(
            static fn (): bool => self::all('.part') === [] ?: throw new WebDriverException('not yet'),
            'the part stays',
        );
        self::find('#do-undo')->click();
        self::see('Made first');
    }
}
