<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Ground\SuggestionKey;
use Facebook\WebDriver\Exception\WebDriverException;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\BrowserCase;

/** Every suggestion shown does what it says, or says why not. */
final class OffersTest extends BrowserCase
{
    /** @return iterable<string, array{string|null, string|null}> a ready-made formula, or a pasted note */
    public static function formulas(): iterable
    {
        foreach (json_decode(
            (string) file_get_contents(dirname(__DIR__, 2).'/data/ready_made.json'),
            true,
        ) as $key => $frame) {
            $name = is_string($key) ? $key : (string) ($frame['key'] ?? $key);
            yield "ready-made $name" => [$name, null];
        }
        foreach (explode(
            "\n---\n",
            trim((string) file_get_contents(dirname(__DIR__).'/Support/corpus/pasted-notes.txt')),
        ) as $i => $note) {
            yield 'note '.($i + 1).', '.strtok($note, "\n") => [null, $note];
        }
    }

    #[DataProvider('formulas')]
    public function test_every_suggestion_is_pressed_once(?string $readyMade, ?string $note): void
    {
        $readyMade === null ? self::paste((string) $note) : self::take($readyMade);
        $offers = self::offers();
        foreach ($offers as $offer) {
            $about = 'note-'.md5(SuggestionKey::about($offer));
            self::$browser->executeScript(
                'document.getElementById(arguments[0]).querySelectorAll(".fix").forEach((b) => b.value === arguments[1] && b.click())',
                [$about, $offer],
            );
            self::settled();
            [$isThere, $said] = self::$browser->executeScript(
                'return [document.getElementById(arguments[0]) !== null, document.querySelector("#bench-refused").textContent.trim()]',
                [$about],
            );
            self::assertTrue(! $isThere || $said !== '', "$offer did nothing and said nothing");
            self::find('#do-undo')->click();
            self::settled();
            self::assertSame($offers, self::offers(), "undoing $offer brings back what was before");
        }
        self::assertTrue($readyMade !== null || self::all('.row') !== [], 'something was read');
    }

    /** @return list<string> what the suggestions on the page would send */
    private static function offers(): array
    {
        return self::$browser->executeScript(
            'return [...document.querySelectorAll(".pencil .fix")].map((button) => button.value)',
        );
    }

    private static function take(string $key): void
    {
        self::visit('/ready-made');
        self::find("form[action\$=\"/$key\"] button")->click();
        self::bench();
    }

    private static function paste(string $note): void
    {
        self::visit('/recipe');
        self::$browser->executeScript('document.querySelector("textarea").value = arguments[0]', [$note]);
        self::press('Read the recipe');
        self::button('Open as a formula')->click();
        self::bench();
    }

    private static function bench(): void
    {
        self::until(
            static fn (): bool => self::$browser->executeScript(
                'return document.readyState === "complete" && document.querySelector("#bench")?.dataset.state === "saved"',
            ) === true ?: throw new WebDriverException('not yet'),
            'the bench does not open',
        );
    }
}
