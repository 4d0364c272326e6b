<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PDO;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\BrowserCase;

/** The bench keeps what was done, whatever happens on the way. */
final class NothingLostTest extends BrowserCase
{
    private const LINES = 28;

    protected function setUp(): void
    {
        parent::setUp();
        self::emptyWorkroom();
    }

    /** @param  list<array{string, string, string}>  $lines */
    private static function formula(array $lines): string
    {
        $document =
            ['format' => 'ilvane.formula/1', 'name' => 'Kept', 'family' => 'leave_in_emulsion', 'batch' => ['grams' => 200.0], 'lines' => array_map(
                static fn (array $line): array => [
                    'ingredient' => $line[0],
                    'amount' => $line[1],
                    'phase' => $line[2],
                ], $lines,
            )];
        self::store($document);

        return '/formulas/'.self::pdo()->query('SELECT max(id) FROM formulas')->fetchColumn();
    }

    private static function pdo(): PDO
    {
        return new PDO('sqlite:'.self::database());
    }

    /** @return array<string, mixed> */
    private static function stored(string $page): array
    {
        return json_decode(
            (string) self::pdo()->query('SELECT draft FROM formulas WHERE id = '.(int) basename($page))->fetchColumn(),
            true,
        );
    }

    private static function milk(): string
    {
        return self::formula([
            ['distilled-water', 'to 100', 'water'],
            ['glycerin', '3 %', 'water'],
            ['propanediol', '2 %', 'water'],
            ['btms-50', '4 %', 'oil'],
            ['argan-oil', '8 %', 'oil'], ['phenoxyethanol-ethylhexylglycerin', '1 %', 'cooldown'],
        ]);
    }

    public function test_a_line_moved_by_its_menu_stays_there_and_keeps_its_menu(): void
    {
        self::visit($page = self::milk());
        $row = self::all('#lane-water .row')[1]->getAttribute('id');
        self::$browser->executeScript(
            'const select = document.querySelector(arguments[0]); select.closest("details").open = true; select.value = "cooldown"; select.dispatchEvent(new Event("change", { bubbles: true }))',
            ["#$row select[name\$=\"[phase]\"]"],
        );
        self::settled();
        self::find("#lane-cooldown #$row .row-menu select[name\$=\"[prepared]\"]");
        foreach (['1.1 %', '1.2 %', '1.3 %'] as $amount) {
            self::retype('#lane-cooldown .row .amount', $amount);
            self::settled();
            self::retype('#lane-oil .row .amount', "4$amount");
            self::settled();
        }
        self::find("#lane-cooldown #$row .row-menu select[name\$=\"[phase]\"]");
        self::visit($page);
        self::find("#lane-cooldown #$row");
        self::assertSame(
            ['water', 'water', 'oil', 'oil', 'cooldown', 'cooldown'],
            array_column(self::stored($page)['lines'], 'phase'),
            'the order kept is the order shown',
        );
    }

    public function test_a_move_an_edit_elsewhere_two_undos_and_a_reload_give_back_the_state_before(): void
    {
        self::visit($page = self::milk());
        $before = self::stored($page);
        self::all('#lane-water .row .amount')[1]->sendKeys([WebDriverKeys::ALT, WebDriverKeys::ARROW_DOWN]);
        self::settled();
        $moved = self::stored($page);
        self::assertNotSame($before, $moved);
        self::retype('#lane-cooldown .row .amount', '0.8 %');
        self::settled();
        $edited = self::stored($page);
        foreach ([$moved, $before] as $then) {
            self::find('#do-undo')->click();
            self::settled();
            self::assertSame($then, self::stored($page));
        }
        self::$browser->navigate()->refresh();
        self::find('#bench-body');
        self::assertSame($before, self::stored($page));
        self::assertSame(
            array_column($before['lines'], 'amount'),
            array_map(static fn ($field): ?string => $field->getAttribute('value'), self::all('.row .amount')),
        );
        foreach ([$moved, $edited] as $then) {
            self::find('#do-redo')->click();
            self::settled();
            self::assertSame($then, self::stored($page), 'and redone, after the reload too');
        }
    }

    public function test_typing_in_one_field_is_one_step_and_an_infusion_is_undone_too(): void
    {
        self::visit($page = self::milk());
        self::find('input[name=name]')->click();
        foreach (mb_str_split(' and kept') as $letter) {
            self::$browser->switchTo()->activeElement()->sendKeys($letter);
        }
        self::settled();
        $name = self::stored($page)['text']['name'];
        self::assertNotSame('Kept', $name);
        self::find('#do-undo')->click();
        self::settled();
        self::assertSame('Kept', self::stored($page)['text']['name']);

        self::visit('/infusions');
        self::press('Plan an infusion');
        self::retype('input[name=jar]', '750');
        self::settled();
        self::find('#lane-plants .add')->click();
        self::settled();
        self::assertCount(2, self::all('#lane-plants .row'));
        self::find('#do-undo')->click();
        self::settled();
        self::assertCount(1, self::all('#lane-plants .row'));
        self::find('#do-undo')->click();
        self::settled();
        self::assertSame('500', self::find('input[name=jar]')->getAttribute('value'));
    }

    /** @return iterable<string, array{string}> what spoils the answers while the fields are typed */
    public static function faults(): iterable
    {
        yield 'busy until it passes' => ['503'];
        yield 'a full disk until there is room' => ['507'];
        yield 'the page is too old' => ['419 3'];
        yield 'the line breaks in mid-answer' => ['cut 6'];
    }

    #[DataProvider('faults')]
    public function test_thirty_fields_typed_while_answers_are_spoiled_are_all_kept(string $fault): void
    {
        self::$spoils = true;
        $page = self::formula(array_map(
            static fn (int $i): array => ['argan-oil', "$i g", 'oil'],
            range(1, self::LINES),
        ));
        [$address, $faults] = self::faultProxy();
        self::$browser->get($address.$page);
        self::find('#bench-body');
        file_put_contents($faults, $fault);
        self::retype('input[name=name]', 'Typed through it all');
        self::retype('input[name=batch]', '321');
        foreach (self::all('.row .amount') as $i => $field) {
            $field->click();
            self::$browser
                ->switchTo()
                ->activeElement()
                ->sendKeys([WebDriverKeys::CONTROL, 'a'])
                ->sendKeys(($i + 1).'.5 g');
        }
        if (is_numeric($fault)) {
            self::find('.not-saved:not([hidden])');
            $top = self::$browser->executeScript(
                'const box = document.querySelector(".not-saved").getBoundingClientRect(); const at = document.elementFromPoint(box.x + box.width / 2, box.y + box.height / 2); return at.closest(".not-saved") !== null',
            );
            self::assertTrue($top, 'the alert is above everything else');
            file_put_contents($faults, 'pass');
        }
        self::settled();
        self::assertFalse(self::find('.not-saved')->isDisplayed(), 'it goes when all is saved');
        $stored = self::stored($page);
        self::assertSame(['Typed through it all', '321'], [$stored['text']['name'], $stored['text']['batch']]);
        self::assertSame(
            array_map(static fn (int $i): string => "$i.5 g", range(1, self::LINES)),
            array_column($stored['lines'], 'amount'),
        );
    }

    public function test_a_press_whose_answer_is_lost_is_done_once(): void
    {
        self::$spoils = true;
        $page = self::milk();
        [$address, $faults] = self::faultProxy();
        self::$browser->get($address.$page);
        self::find('#bench-body');
        file_put_contents($faults, 'cut 2');
        self::find('#lane-oil .add')->click();
        self::settled();
        self::assertCount(7, self::stored($page)['lines']);
    }

    /** Two people type in the same and in different fields; each answered value was judged against what it replaced. */
    public function test_two_browsers_in_the_same_fields_lose_no_answered_value(): void
    {
        $page = self::milk();
        $other = self::secondBrowser();
        try {
            $dice = new Randomizer(new Mt19937(11));
            foreach ([self::$browser, $other] as $browser) {
                $browser->get(self::$base.$page);
                self::watch($browser);
            }
            $end = microtime(true) + (getenv('ILVANE_LONG') ? 60 : 12);
            for ($n = 0; microtime(true) < $end; $n++) {
                $browser = $n % 2 === 0 ? self::$browser : $other;
                self::answerIfAsked($browser, $dice->getInt(0, 1) === 0);
                $field = $dice->getInt(0, 2) === 0
                    ? 'input[name=batch]'
                    : '.row:nth-of-type('.(2 + $dice->getInt(0, 1)).') .amount';
                $browser->findElement(WebDriverBy::cssSelector($field))->click();
                $browser
                    ->switchTo()
                    ->activeElement()
                    ->sendKeys([WebDriverKeys::CONTROL, 'a'])
                    ->sendKeys((string) $dice->getInt(1, 9).'.'.($n % 10));
            }
            foreach ([self::$browser, $other] as $browser) {
                self::until(static function () use ($browser): bool {
                    self::answerIfAsked($browser, true);

                    return $browser->executeScript(
                        'return document.querySelector("#bench").dataset.state',
                    ) === 'saved' ?: throw new WebDriverException('not yet');
                }, 'a browser does not settle');
            }
            $answered = [
                ...self::$browser->executeScript('return window.answered'),
                ...$other->executeScript('return window.answered'),
            ];
        } finally {
            $other->quit();
        }
        self::assertGreaterThan(10, count($answered));
        $last = $told = [];
        foreach (self::inOrder($answered) as $turn) {
            foreach ($turn['fields'] as $name => [$value, $was]) {
                $told[] = implode(' ', [$turn['revision'], $turn['turn'], $turn['do'], "$name: $was > $value"]);
                $isContested = isset($last[$name]) && $was !== $last[$name];
                if ($value === $was || ($turn['do'] === 'yield' && ($isContested || ! $turn['wrote']))) {
                    continue; // sent beside another field of its row, or given up for the other's
                }
                self::assertTrue(
                    ! $isContested || $value === $last[$name] || $turn['do'] === 'overwrite',
                    "$name: $value was put over {$turn['revision']} without asking\n".implode("\n", $told),
                );
                $last[$name] = $value;
            }
        }
        $stored = self::stored($page);
        $now = ['batch' => $stored['text']['batch']];
        foreach ($stored['lines'] as $line) {
            $now["lines[{$line['key']}][amount]"] = $line['amount'];
        }
        foreach ($last as $name => $value) {
            self::assertSame($value, $now[$name] ?? null, "$name holds the last value that was answered");
        }
    }

    /**
     * What was sent, by the revision it was done at: one whose first answer was lost is answered with the revision of
     * now. Of two with one revision one has written it, the other found its value standing or gave its own up.
     *
     * @param  list<array<string, mixed>>  $answered  as `watch` keeps them
     * @return iterable<array<string, mixed>>
     */
    private static function inOrder(array $answered): iterable
    {
        $written = [];
        foreach (self::pdo()->query('SELECT turn, revision FROM draft_states') as [$key, $revision]) {
            $written[strstr((string) $key, '.', true)] ??= (int) $revision;
        }
        $at = [];
        foreach ($answered as $turn) {
            $turn['wrote'] = isset($written[$turn['turn']]);
            $at[$turn['isAgain'] ? $written[$turn['turn']] ?? $turn['revision'] : $turn['revision']][] = $turn;
        }
        ksort($at);
        foreach ($at as $turns) {
            usort($turns, static fn (array $one, array $two): int => $two['wrote'] <=> $one['wrote']);
            yield from $turns;
        }
    }

    /** Keeps, in the page, what each answered turn had sent and what it was based on. */
    private static function watch(RemoteWebDriver $browser): void
    {
        $browser->executeScript(<<<'JS'
            window.answered = [];
            const send = window.fetch;
            window.fetch = async (address, options) => {
                const answer = await send(address, options);
                if (options?.body instanceof FormData && options.body.get('turn') && answer.status === 200) {
                    const fields = {};
                    for (const [name, value] of options.body.entries()) {
                        const was = options.body.get(name.replace(/^([^[]+)/, 'was[$1]'));
                        const isFigure = /amount|^batch$/.test(name) && !name.startsWith('was');
                        if (was !== null && isFigure) fields[name] = [value, was];
                    }
                    window.answered.push({
                        revision: Number(answer.headers.get('X-Revision')),
                        turn: options.body.get('turn'),
                        isAgain: answer.headers.get('X-Done-Before') === '1',
                        do: options.body.get('do'),
                        fields,
                    });
                }
                return answer;
            };
            JS);
    }

    private static function answerIfAsked(RemoteWebDriver $browser, bool $mine): void
    {
        $browser->executeScript(
            'const box = document.querySelector("#elsewhere"); if (box && !box.hidden) box.querySelector(`[value=${arguments[0]}]`).click()',
            [$mine ? 'overwrite' : 'yield'],
        );
    }

    public function test_back_corrected_and_on_the_correction_stands(): void
    {
        self::visit($page = self::milk());
        self::press('Make it');
        self::press('Done');
        self::type(self::find('input[name=weight]'), '160');
        self::press('Added');
        self::$browser->navigate()->back();
        self::until(
            static fn (): bool => str_contains(
                self::find('.hob-what')->getText(),
                'Distilled',
            ) ?: throw new WebDriverException('not yet'),
            'the step before does not come back',
        );
        self::type(self::find('input[name=weight]'), '159.7');
        self::press('Added');
        self::assertSame(
            [160.0, 159.7],
            array_map(
                floatval(...),
                self::pdo()
                    ->query("SELECT value FROM batch_entries WHERE kind = 'weighed' ORDER BY id")
                    ->fetchAll(PDO::FETCH_COLUMN),
            ),
        );
        self::assertStringContainsString($page, $page);
    }

    public function test_walked_by_its_links_nothing_is_done_or_weighed(): void
    {
        self::visit(self::formula([['jojoba-oil', '60 g', 'oil'], ['argan-oil', '40 g', 'oil']]));
        self::press('Make it');
        $steps = self::$browser->executeScript(
            'return [...document.querySelectorAll(".hob-steps a")].map((a) => a.href)',
        );
        foreach ($steps as $step) {
            self::$browser->get($step);
            self::find('.hob-verb');
        }
        self::assertSame(0, (int) self::pdo()->query('SELECT count(*) FROM batch_entries')->fetchColumn());
        self::see('You are looking ahead. Step 1 is waiting');
        self::fillIn(['filled' => '160'], 'Put on the shelf');
        self::see('steps have no entry');
        self::$browser->executeScript(
            'document.querySelectorAll("input[name=without], input[name=sure]").forEach((box) => box.click())',
        );
        self::press('Put on the shelf');
        self::assertSame(
            ['fill', 'not_done'],
            self::pdo()->query('SELECT DISTINCT kind FROM batch_entries ORDER BY kind')->fetchAll(PDO::FETCH_COLUMN),
        );
        self::assertSame([], self::all('.went-in .is-weighed'));
        self::see('not done');
    }

    public function test_the_way_to_make_leads_through_the_problems(): void
    {
        self::visit(self::formula([
            ['distilled-water', 'to 100', 'water'],
            ['argan-oil', '8 %', 'oil'],
            ['lavender-essential-oil', '9 %', 'cooldown'],
        ]));
        $count = count(self::all('.pencil.sev-stop'));
        self::assertGreaterThan(1, $count);
        self::button("See the $count problems")->click();
        $first = self::find('.pencil.is-walked')->getAttribute('id');
        self::button("See the $count problems")->click();
        self::assertNotSame($first, self::find('.pencil.is-walked')->getAttribute('id'));
        self::assertSame(1, count(self::all('.pencil.is-walked')));
        self::button('Make it anyway')->click();
        self::find('#anyway-sheet input[name=reason]')->sendKeys('To see how it parts.');
        self::find('#anyway-sheet .button')->click();
        self::see("$count problems were open when this was begun");
    }

    public function test_after_a_version_is_saved_the_maker_stays_where_it_is_made(): void
    {
        self::visit(self::milk());
        self::find('#what-for summary')->click();
        self::$browser->executeScript(
            'const kind = document.querySelector("select[name=family]"); kind.value = "gel"; kind.dispatchEvent(new Event("change", { bubbles: true }))',
        );
        self::settled();
        self::assertNotNull(
            self::find('#what-for')->getAttribute('open'),
            'what it is for stays open when the kind is changed',
        );
        self::button('Save version')->click();
        self::find('#keep .button')->click();
        self::see('Kept as version 1.');
        self::find('#do-make');
    }
}
