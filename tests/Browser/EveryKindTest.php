<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\WebDriverException;
use PDO;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\BrowserCase;

/** Every kind of product, made on a phone from the first step to its label, with a stretch without the workroom. */
final class EveryKindTest extends BrowserCase
{
    private const SCREENS = [[844, 390], [320, 256], [390, 844]];

    /** @var array<string, true> kinds of steps that were measured before, by any kind of product */
    private static array $measured = [];

    protected function setUp(): void
    {
        parent::setUp();
        self::emptyWorkroom();
        self::phone();
    }

    /** @return iterable<string, array{string, list<array{string, string, 2?: string}>, 2?: array<string, mixed>}> */
    public static function kinds(): iterable
    {
        yield 'blended oil' => ['hair_oil', [
            ['argan-oil', '60 g'], ['jojoba-oil', '39.5 g'], ['lavender-essential-oil', '0.5 g', 'cooldown'],
        ]];
        yield 'butter' => ['whipped_butter', [
            ['shea-butter-refined', '70 g'], ['jojoba-oil', '25 g'], ['aloe-juice', '5 g', 'water'],
        ]];
        yield 'pomade' => ['pomade', [
            ['beeswax', '20 g'], ['castor-oil', '79.5 g'], ['lavender-essential-oil', '0.5 g', 'cooldown'],
        ]];
        yield 'emulsion' => ['leave_in_emulsion', [
            ['distilled-water', '86 g', 'water'], ['btms-50', '5 g', 'oil'], ['argan-oil', '8 g', 'oil'],
            ['phenoxyethanol-ethylhexylglycerin', '1 g', 'cooldown'],
        ]];
        yield 'shaken spray' => ['water_spray', [
            ['distilled-water', '89 g', 'water'], ['argan-oil', '10 g', 'oil'],
            ['phenoxyethanol-ethylhexylglycerin', '1 g', 'cooldown'],
        ]];
        yield 'clear spray' => ['water_spray', [
            ['distilled-water', '95 g', 'water'], ['glycerin', '4 g', 'water'],
            ['phenoxyethanol-ethylhexylglycerin', '1 g', 'cooldown'],
        ]];
        yield 'gel' => ['gel', [
            ['distilled-water', '94.4 g', 'water'], ['glycerin', '4 g', 'water'], ['xanthan-gum', '0.6 g', 'water'],
            ['phenoxyethanol-ethylhexylglycerin', '1 g', 'cooldown'],
        ]];
        yield 'mucilage' => ['gel', [
            ['part:flax-gel', '96 g', 'water'], ['glycerin', '3 g', 'water'],
            ['phenoxyethanol-ethylhexylglycerin', '1 g', 'cooldown'],
        ], ['parts' => [[
            'key' => 'flax-gel', 'name' => 'Flax gel', 'makes' => 'gel', 'gives' => ['amount' => '200 g'],
            'lines' => [
                ['ingredient' => 'flax-seed', 'amount' => '20 g'],
                ['ingredient' => 'distilled-water', 'amount' => '250 g'],
            ],
        ]]]];
        yield 'fresh mask' => ['fresh_mask', [
            ['banana-flesh', '70 g'], ['honey', '10 g'], ['olive-oil', '20 g'],
        ]];
        yield 'frozen bar' => ['frozen_bar', [
            ['aloe-leaf-fresh', '60 g'], ['distilled-water', '40 g', 'water'],
        ]];
        yield 'bought base' => ['leave_in_emulsion', [
            ['own-plain-conditioner', '94 g', 'water'], ['argan-oil', '5 g', 'oil'],
            ['lavender-essential-oil', '0.3 g', 'cooldown'],
        ]];
    }

    /**
     * @param  list<array{string, string, 2?: string}>  $lines
     * @param  array<string, mixed>  $more
     */
    #[DataProvider('kinds')]
    public function test_it_is_made_on_the_phone_up_to_its_label(string $family, array $lines, array $more = []): void
    {
        self::ownBase();
        self::store([
            'format' => 'ilvane.formula/1', 'name' => 'Phonemade', 'family' => $family,
            'scale_resolution_g' => 0.01, 'use' => 'rinse_off', ...$more,
            'lines' => array_map(static fn (array $line): array => [
                ...(str_starts_with($line[0], 'part:')
                    ? ['part' => substr($line[0], 5)]
                    : ['ingredient' => $line[0]]),
                'amount' => $line[1], ...(isset($line[2]) ? ['phase' => $line[2]] : []),
            ], $lines),
        ]);
        self::visit('/formulas/'.self::asked('SELECT max(id) FROM formulas'));
        self::begin();
        self::withoutTheWorkroom();
        for ($n = 0; ! str_contains((string) self::$browser->getCurrentURL(), '/batches/'); $n++) {
            self::assertLessThan(60, $n, 'it never ends');
            self::measure();
            self::tell();
        }
        self::assertSame('finished', self::asked('SELECT status FROM batches'));
        self::assertSame(
            count($lines),
            (int) self::asked("SELECT count(DISTINCT subject) FROM batch_entries WHERE kind = 'weighed'"),
            'every line was weighed',
        );
        self::visit((string) parse_url((string) self::$browser->getCurrentURL(), PHP_URL_PATH).'/label');
        self::see('Phonemade');
        self::assertNotSame([], self::all('.jar-label'));
    }

    /** Those that only a recipe's own steps bring, measured too. */
    public function test_every_other_kind_of_step_is_to_be_seen_too(): void
    {
        $steps = ['wash', 'soak', 'chop', 'crack', 'steep', 'press', 'cook_out', 'adjust', 'heat'];
        self::store([
            'format' => 'ilvane.formula/1', 'name' => 'Phonemade', 'family' => 'hair_oil',
            'scale_resolution_g' => 0.01,
            'lines' => [
                ['ingredient' => 'argan-oil', 'amount' => '99 g'],
                ['ingredient' => 'lavender-essential-oil', 'amount' => '1 g', 'phase' => 'cooldown', 'key' => 'scent'],
            ],
            'process' => ['steps' => [
                ...array_map(static fn (string $do): array => ['do' => $do], $steps),
                ['do' => 'add_little', 'line' => 'scent', 'wait_s' => 30, 'look' => 'scent'],
            ]],
        ]);
        self::visit('/formulas/'.self::asked('SELECT max(id) FROM formulas'));
        self::begin();
        self::$measured = [];
        for ($n = 0; self::kind() !== 'fill'; $n++) {
            self::assertLessThan(40, $n, 'it never ends');
            self::measure();
            self::tell();
        }
        self::assertSame([], array_diff($steps, array_keys(self::$measured)));
        self::assertSame('1', self::asked("SELECT count(*) FROM batch_entries WHERE kind = 'little' AND value > 0"));
    }

    /** Begun whatever stands against it: here it is the making that is tried. */
    private static function begin(): void
    {
        self::$browser->executeScript(<<<'JS'
            const form = Object.assign(document.createElement('form'), { method: 'post', action: `${location.pathname}/make` });
            for (const [name, value] of [
                ['_token', document.querySelector('meta[name=csrf-token]').content],
                ['reason', 'To see every step of it.'],
                ['client_key', 'every-kind-0001'],
            ]) form.append(Object.assign(document.createElement('input'), { name, value }));
            document.body.append(form);
            form.submit();
            JS);
        self::find('.hob-page');
    }

    /** The first step is told while nobody answers, and goes in when the workroom is back. */
    private static function withoutTheWorkroom(): void
    {
        self::until(
            static fn (): bool => self::$browser->executeScript(
                "return document.querySelector('#hob').dataset.ahead === document.querySelector('.hob-page').dataset.step",
            ) === true ?: throw new WebDriverException('not yet'),
            'the next steps are not fetched',
        );
        self::stopServer();
        self::button('Done')->click();
        self::until(
            static fn (): bool => count(self::all('.hob-waiting li')) === 1
                ?: throw new WebDriverException('not yet'),
            'what waits is not shown',
        );
        self::startServer();
        self::until(
            static fn (): bool => (int) self::asked("SELECT count(*) FROM batch_entries WHERE kind = 'done'") === 1
                && self::all('.hob-offline[hidden]') !== [] ?: throw new WebDriverException('not yet'),
            'what waited does not arrive',
        );
        self::$browser->manage()->getLog('browser'); // the lost connection is meant
    }

    /** Does what the step asks, and waits for what comes after. */
    private static function tell(): void
    {
        $kind = self::kind();
        $goal = static fn (float $more = 0.0): string => (string) round(
            (float) str_replace(["\u{202F}", ' ', '−'], ['', '', '-'], self::find('.hob-number b')->getText()) + $more,
            2,
        );
        $isLittle = self::all('button[value=dose]') !== [];
        match ($isLittle ? 'little' : $kind) {
            'little' => self::littleByLittle(),
            'cook_out' => self::press('Continue anyway'),
            'weigh' => self::fillIn(['weight' => $goal()], 'Added'),
            'heat' => self::fillIn(
                array_fill_keys(array_map(
                    static fn ($reading): string => (string) $reading->getAttribute('data-field'),
                    self::all('.reading'),
                ), $goal()),
                'at temperature',
            ),
            'gate' => self::fillIn(['mix' => $goal(-1.0)], 'Cool enough'),
            'test_ph' => self::fillIn(['ph' => '4.8'], 'Record it'),
            'chill' => self::press('Leaves a dent'),
            'fill' => self::fillIn(['filled' => '90', 'containers' => '1'], 'Put on the shelf'),
            default => self::press('Done'),
        };
    }

    /** A dose, a look, enough: the clock and both buttons are measured on the way. */
    private static function littleByLittle(): void
    {
        self::fillIn(['weight' => '0.9'], 'Put in');
        unset(self::$measured['weigh']);
        self::measure();
        self::press('That is right');
    }

    private static function kind(): string
    {
        return preg_match('/hob-step hob-(\w+)/', (string) self::find('main')->getAttribute('class'), $found) === 1
            ? $found[1]
            : self::fail('no kind of step');
    }

    /** Number and main button are to be seen on every screen, neither under the other. */
    private static function measure(): void
    {
        $kind = self::kind();
        if (isset(self::$measured[$kind])) {
            return;
        }
        self::$measured[$kind] = true;
        foreach (self::SCREENS as [$width, $height]) {
            self::devTools()->execute(
                'Emulation.setDeviceMetricsOverride',
                ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => true],
            );
            $seen = self::$browser->executeAsyncScript(<<<'JS'
                const done = arguments[0];
                window.scrollTo(0, 0);
                requestAnimationFrame(() => requestAnimationFrame(() => {
                    const isSeen = (element) => {
                        const { left, right, top, bottom } = element.getBoundingClientRect();
                        const at = document.elementFromPoint((left + right) / 2, (top + bottom) / 2);
                        return top >= 0 && left >= 0 && bottom <= innerHeight && right <= innerWidth
                            && (at === element || element.contains(at) || at?.contains(element));
                    };
                    const told = [...document.querySelectorAll('.hob-number b, .timer-now')].filter((one) => one.offsetParent);
                    const number = told[0] ?? document.querySelector('.hob-what');
                    const buttons = [...document.querySelectorAll('.hob-do .button')];
                    const main = buttons.filter((one) => !one.matches('.button-quiet')).at(-1) ?? buttons.at(-1);
                    done({
                        number: isSeen(number), what: number.textContent, box: number.getBoundingClientRect(),
                        button: isSeen(main), wide: document.documentElement.scrollWidth <= innerWidth,
                    });
                }));
                JS);
            $where = "$kind at {$width}×$height: ".json_encode($seen);
            self::assertTrue($seen['number'], "the number, $where");
            self::assertTrue($seen['button'], "the button, $where");
            self::assertTrue($seen['wide'], "pushed sideways, $where");
        }
    }

    /** A conditioner from the shop, known by the list printed on it. */
    private static function ownBase(): void
    {
        (new PDO('sqlite:'.self::database()))
            ->prepare("INSERT INTO own_ingredients (key, is_own, fields, updated_at) VALUES (?, 1, ?, '2026-01-01 10:00:00')")
            ->execute(['own-plain-conditioner', (string) json_encode([
                'name' => 'Plain conditioner',
                'kind' => 'bought_base',
                'list' => 'Aqua, Cetearyl Alcohol, Behentrimonium Chloride, Glycerin, Phenoxyethanol',
            ])]);
    }

    private static function asked(string $query): string
    {
        return (string) (new PDO('sqlite:'.self::database()))->query($query)->fetchColumn();
    }
}
