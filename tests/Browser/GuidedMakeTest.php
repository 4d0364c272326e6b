<?php

declare(strict_types=1);

namespace Tests\Browser;

use Database\Seeders\DemoWorkroom;
use Facebook\WebDriver\Exception\WebDriverException;
use PDO;
use Symfony\Component\Process\Process;
use Tests\Support\BrowserCase;

/** Whole makes driven by the simulated instruments: what the record says is what happened. */
final class GuidedMakeTest extends BrowserCase
{
    private static ?Process $instruments = null;

    private static int $port = 0;

    /** @var resource|null */
    private static $line = null;

    protected function setUp(): void
    {
        parent::setUp();
        self::emptyWorkroom();
        self::seed(DemoWorkroom::class);
        self::startInstruments();
        self::visit('/settings');
        self::find('input[name=port]')->sendKeys((string) self::$port);
        self::find('#instruments .button')->click();
        self::see('read them from now on');
    }

    protected function tearDown(): void
    {
        self::$instruments?->stop(0);
        self::$line = null;
        parent::tearDown();
    }

    public function test_an_emulsion_with_a_dropout_an_over_pour_and_a_reload_in_mid_step(): void
    {
        self::visit('/formulas/1');
        self::press('Make it');
        $code = basename(dirname((string) parse_url(self::$browser->getCurrentURL(), PHP_URL_PATH)));
        self::press('Practise with simulated');
        self::see('play this making now');
        self::press('Done');

        // an over-pour at the second line, left so
        $this->weigh('129.40');
        self::say('POUR 33');
        $this->fieldShows('weight', '33');
        self::button('Added')->click();
        self::see('instead of');
        self::press('Leave it so');
        while (self::find('.hob-verb')->getText() === 'Weigh') {
            $target = str_replace(["\u{202F}", ' '], '', self::find('.hob-number b')->getText());
            $this->weigh($target);
        }

        // both probes in; one falls silent, and the page says so without holding anything up
        self::say('TIME 34');
        self::say('RUN 0');
        $this->fieldShows('water', '72');
        self::say('FAULT thermometer oil silent 600');
        self::see('It says nothing. Type what you read yourself.');
        self::say('CLEAR');
        $this->fieldShows('oil', '72');
        self::until(
            static fn (): bool => ! str_contains(
                self::text(),
                'It says nothing',
            ) ?: throw new WebDriverException('not yet'),
            'the probe is not believed again',
        );
        self::press('Both are at temperature');

        // a clock goes on over a reload and over the next step
        self::press('Start the clock');
        $ends = self::find('.timer-now')->getAttribute('data-ends');
        self::$browser->navigate()->refresh();
        self::assertSame($ends, self::find('.timer-now')->getAttribute('data-ends'));
        self::press('Done');
        self::see('Combine');
        self::assertSame($ends, self::find('.hob-clock')->getAttribute('data-ends'));
        self::press('Done');
        self::press('Done');

        // the gate stays shut while the probe says so
        self::say('TIME 60');
        $this->fieldShows('mix', '5');
        self::press('Record it');
        self::see('Still too warm');
        self::say('TIME 110');
        $this->fieldShows('mix', '3');
        self::press('Cool enough');
        while (self::find('.hob-verb')->getText() === 'Weigh') {
            $this->weigh(str_replace(["\u{202F}", ' '], '', self::find('.hob-number b')->getText()));
        }
        self::press('Done');
        self::press('Done');
        self::say('PH 4.8');
        $this->fieldShows('ph', '4.');
        self::press('Record it');
        self::fillIn(['filled' => '186', 'containers' => '1'], 'Put on the shelf');
        self::see('How the date is worked out');

        $told = $this->told($code);
        self::assertSame(
            12,
            count(array_filter($told, static fn (array $row): bool => $row['kind'] === 'weighed')),
            'every line once',
        );
        self::assertEqualsWithDelta([129.4, 33.0], [(float) $told[0]['value'], (float) $told[1]['value']], 0.06);
        self::assertEqualsWithDelta(3.0, (float) array_column($told, 'value', 'kind')['accepted'], 0.06);
        $gates = array_values(array_filter($told, static fn (array $row): bool => $row['step'] === 'gate'));
        self::assertCount(2, $gates, 'too warm, then cool');
        self::assertGreaterThan(40.0, (float) $gates[0]['value']);
        self::assertLessThanOrEqual(40.0, (float) $gates[1]['value']);
        self::assertEqualsWithDelta(4.8, (float) array_column($told, 'value', 'kind')['ph'], 0.05);
    }

    public function test_a_butter_is_chilled_whipped_and_filled_on_a_phone(): void
    {
        self::phone();
        self::visit('/formulas/4');
        self::press('Make it');
        $code = basename(dirname((string) parse_url(self::$browser->getCurrentURL(), PHP_URL_PATH)));
        self::press('Practise with simulated');
        self::press('Done');
        while (self::find('.hob-verb')->getText() === 'Weigh') {
            $this->weigh(str_replace(["\u{202F}", ' '], '', self::find('.hob-number b')->getText()));
        }
        self::say('RUN 0');
        self::say('TIME 22');
        $this->fieldShows('oil', '4');
        self::press('It is at temperature');
        self::press('Done');
        self::say('TIME 40');
        $this->fieldShows('mix', '3');
        self::press('Cool enough');
        $this->weigh('1.00');
        self::press('Done');
        self::see('until a finger leaves a dent');
        self::press('Sinks in');
        self::see('Back into the cold');
        self::type(self::find('input[name=before]'), '45');
        self::press('Leaves a dent');
        self::fillIn(['after' => '26'], 'Record the cup');
        self::see('air: about');
        self::button('Done')->click();
        self::fillIn(['filled' => '190', 'containers' => '4'], 'Put on the shelf');
        self::see('bowl and tools');
        self::assertSame(
            ['soft', 'dent'],
            array_column(
                array_filter($this->told($code), static fn (array $row): bool => $row['kind'] === 'feel'),
                'subject',
            ),
        );
        self::assertSame(
            ['before' => '45', 'after' => '26'],
            array_map(
                static fn (string $value): string => (string) (float) $value,
                array_column(
                    array_filter($this->told($code), static fn (array $row): bool => $row['kind'] === 'cup'),
                    'value',
                    'subject',
                ),
            ),
        );
    }

    public function test_a_fresh_mask_is_made_by_its_own_steps(): void
    {
        self::visit('/ready-made');
        self::find('form[action$="banana-mask"] button')->click();
        self::assertSame('Banana mask, fresh', self::find('input[name=name]')->getAttribute('value'));
        self::press('Make it');
        $code = basename(dirname((string) parse_url(self::$browser->getCurrentURL(), PHP_URL_PATH)));
        self::press('Done');
        $verbs = [];
        while (($verb = self::find('.hob-verb')->getText()) !== 'Fill') {
            $verbs[] = $verb;
            $verb === 'Weigh'
                ? $this->weigh(str_replace(["\u{202F}", ' '], '', self::find('.hob-number b')->getText()))
                : $this->did($verb);
        }
        self::assertSame(
            ['Weigh', 'Prepare', 'Blend', 'Strain'],
            array_values(array_intersect(['Weigh', 'Prepare', 'Blend', 'Strain'], $verbs)),
        );
        self::fillIn(['filled' => '100', 'containers' => '1'], 'Put on the shelf');
        self::see('strained out');
        self::assertCount(
            3,
            array_filter($this->told($code), static fn (array $row): bool => $row['kind'] === 'weighed'),
        );
    }

    private function did(string $verb): void
    {
        $verb === 'Strain' ? self::fillIn(['cloth' => '12'], 'Done') : self::press('Done');
    }

    /** Pours what is wanted onto the simulated scale, waits until the page has it, and tells it. */
    private function weigh(string $grams): void
    {
        $step = self::$browser->getCurrentURL();
        self::say('EMPTY');
        self::say("POUR $grams");
        self::until(
            static fn (): bool => abs(
                (float) self::find('input[name=weight]')->getAttribute('value') - (float) $grams,
            ) <= max(
                0.06,
                0.005 * (float) $grams,
            ) ?: throw new WebDriverException('not yet'),
            "the scale does not come to $grams",
        );
        self::button('Added')->click();
        self::until(
            static fn (): bool => self::$browser->getCurrentURL() !== $step ?: throw new WebDriverException('not yet'),
            'the weight is not taken',
        );
        self::say('EMPTY');
    }

    private function fieldShows(string $field, string $begins): void
    {
        self::until(
            static fn (): bool => str_starts_with(
                (string) self::find(".live[data-live=\"$field\"] b")->getText(),
                $begins,
            )
                && str_starts_with((string) self::find("input[name=$field]")->getAttribute('value'),
                    $begins,
                ) ?: throw new WebDriverException('not yet'), "the $field does not come to $begins");
    }

    private static function say(string $line): void
    {
        self::$line ??= stream_socket_client('tcp://127.0.0.1:'.self::$port);
        fwrite(self::$line, "$line\n");
        $answer = trim((string) fgets(self::$line));
        self::assertStringStartsWith('ok', $answer, $line);
    }

    private static function startInstruments(): void
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);
        self::$port = (int) substr($name, (int) strrpos($name, ':') + 1);
        self::$instruments = new Process(
            [PHP_BINARY, 'artisan', 'ilvane:instruments', '--port='.self::$port],
            dirname(__DIR__, 2),
            [
                'APP_ENV' => 'testing',
                'APP_KEY' => 'base64:AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA=',
                'DB_DATABASE' => ':memory:',
            ],
        );
        self::$instruments->setTimeout(null);
        self::$instruments->start();
        self::$instruments->waitUntil(static fn (string $type, string $output): bool => str_contains($output, 'ready'));
    }

    /**
     * @return list<array{step: string, kind: string, subject: string, value: string|null}> in the order it was written
     *   down, without what is only done
     */
    private function told(string $code): array
    {
        $asked = (new PDO('sqlite:'.self::database()))->prepare(
            "SELECT step, kind, subject, value FROM batch_entries WHERE batch_id = (SELECT id FROM batches WHERE code = ?) AND kind NOT IN ('done', 'lot') AND reason <> 'live' ORDER BY batch_entries.id",
        );
        $asked->execute([$code]);

        return $asked->fetchAll(PDO::FETCH_ASSOC);
    }
}
