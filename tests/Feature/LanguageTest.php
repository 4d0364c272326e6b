<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ground\Wording;
use Database\Seeders\DemoWorkroom;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Ilvane\Core\Material\Catalogue;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppCase;

/** English and French: the same keys, the same places to fill, and every page speaks the one that was chosen. */
final class LanguageTest extends AppCase
{
    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        foreach (glob(dirname(__DIR__, 2).'/lang/en/*.php') ?: [] as $file) {
            yield basename($file) => [basename($file)];
        }
    }

    #[DataProvider('files')]
    public function test_both_languages_say_the_same_things_with_the_same_places_to_fill(string $file): void
    {
        $lang = dirname(__DIR__, 2).'/lang';
        self::assertFileExists("$lang/fr/$file");
        [$english, $french] = [Arr::dot(require "$lang/en/$file"), Arr::dot(require "$lang/fr/$file")];
        self::assertSame(
            [],
            array_values(array_diff(array_keys($english), array_keys($french))),
            "not yet in French: $file",
        );
        self::assertSame(
            [],
            array_values(array_diff(array_keys($french), array_keys($english))),
            "in French only: $file",
        );
        foreach ($english as $key => $words) {
            self::assertSame(self::places($words), self::places($french[$key]), "$file $key");
            self::assertSame(
                preg_match_all('/(?:^|\|)(?:\{\d+\}|\[\d+,\*\])/', (string) $words),
                preg_match_all('/(?:^|\|)(?:\{\d+\}|\[\d+,\*\])/', (string) $french[$key]),
                "$file $key: as many forms of number",
            );
        }
        $untouched = array_filter(
            $english,
            static fn (mixed $words, string $key): bool => is_string($words)
                && $words === $french[$key]
                && str_word_count((string) preg_replace('/:\w+/', '', $words)) > 3,
            ARRAY_FILTER_USE_BOTH,
        );
        self::assertSame([], $untouched, "$file: left in English");
    }

    public function test_every_page_speaks_french_when_it_is_chosen_and_english_again(): void
    {
        $groups = implode(
            '|',
            array_map(static fn (array $file): string => basename($file[0], '.php'), iterator_to_array(self::files())),
        );
        $this->seed(DemoWorkroom::class);
        $this->post('/settings/language', ['language' => 'fr'])->assertSessionHas('said', 'L’atelier parle français.');
        $batch = DB::table('batches')->where('status', 'finished')->whereNull('gone_at')->orderBy('id')->value('code');
        $making = DB::table('batches')->where('status', 'making')->value('code');
        foreach ([
            '/' => 'Aujourd’hui',
            '/formulas' => 'Formules',
            '/formulas/1' => 'Phase',
            '/formulas/5' => 'Enregistrer cette version',
            '/make' => 'Choisir une formule à fabriquer',
            '/learn' => 'Tous les contrôles',
            '/infusions' => 'Macérats huileux',
            '/infusions/1' => 'g de plante extraits pour 100 g d’huile, à ce jour',
            '/pantry' => 'Réserve',
            '/shelf' => 'Sur l’étagère',
            "/batches/$batch" => 'Ce qui est entré',
            "/batches/$batch/label" => 'Ingrédients',
            "/make/$making/gate" => 'Laisser refroidir',
            '/handbook' => 'Manuel',
            '/recipe' => 'recette',
            '/settings' => 'Réglages',
            '/ready-made' => 'Partir d’une formule type',
            '/preparations' => 'Tisanes, gels et jus',
            '/formulas/1/simulation' => 'Simulation',
            '/shopping' => 'À faire, à acheter',
            '/own-ingredients' => 'Mes ingrédients',
            '/backups' => 'Sauvegardes',
            '/search?q=lavande' => 'Ingrédients',
        ] as $page => $words) {
            $answer = $this->get($page)->assertOk();
            self::assertStringContainsString('<html lang="fr">', (string) $answer->getContent(), $page);
            self::assertStringContainsString($words, html_entity_decode((string) $answer->getContent()), $page);
            preg_match_all('/>\s*((?:'.$groups.')\.[a-z_.]{2,})\s*</', (string) $answer->getContent(), $keys);
            self::assertSame([], $keys[1], "$page shows a key instead of words");
        }
        self::assertMatchesRegularExpression(
            '/\b27,\d\d\b/',
            html_entity_decode((string) $this->get("/batches/$batch")->getContent()),
            'a decimal comma: 27.05 g of jojoba',
        );
        $this->post('/settings/language', ['language' => 'de']);
        $this->get('/')->assertSee('lang="fr"', false);
        $this->post('/settings/language', ['language' => 'en']);
        $this->get('/')->assertSee('lang="en"', false)->assertSee('Today');
    }

    public function test_every_sentence_of_the_catalogue_is_put_into_french_and_none_is_left_over(): void
    {
        $said = [];
        foreach (app(Catalogue::class)->all() as $ingredient) {
            array_push(
                $said,
                $ingredient->cautionNote,
                $ingredient->legalNote,
                $ingredient->source,
                ...array_values($ingredient->sources),
            );
        }
        $rows = array_map(
            static fn (string $line): array => str_getcsv($line, escape: ''),
            file(dirname(__DIR__, 2).'/data/notes_fr.csv', FILE_IGNORE_NEW_LINES) ?: [],
        );
        $components = array_map(
            static fn (string $line): array => str_getcsv($line, escape: ''),
            file(dirname(__DIR__, 2).'/data/preservative_components.csv', FILE_IGNORE_NEW_LINES) ?: [],
        );
        $said = array_unique(array_filter([
            ...$said,
            ...array_column(array_slice($components, 1), (int) array_search('source', $components[0], true)),
        ]));
        $known = array_column(array_slice($rows, 1), 1, 0);
        self::assertSame([], array_values(array_diff($said, array_keys($known))), 'not yet in French');
        self::assertSame([], array_values(array_diff(array_keys($known), $said)), 'nobody says this any more');
        self::assertSame(
            [],
            array_keys(array_filter(
                $known,
                static fn (string $french, string $english): bool => trim($french) === ''
                    || ($french === $english && str_word_count($english) > 3),
                ARRAY_FILTER_USE_BOTH,
            )),
        );
        app()->setLocale('fr');
        self::assertSame('Lourd sur cheveux fins.', app(Wording::class)->note('Heavy on fine hair.'));
        self::assertSame('Flacon PET à pompe 250 mL', app(Wording::class)->container('pet-pump-250'));
        foreach (array_keys(app(Catalogue::class)->vessels()) as $key) {
            self::assertStringStartsNotWith('things.', app(Wording::class)->vessel($key));
        }
        foreach (array_keys(app(Catalogue::class)->containers()) as $key) {
            self::assertStringStartsNotWith('things.', app(Wording::class)->container($key));
        }
    }

    /** What the makers of the sample workroom wrote themselves, codes, INCI names: alike in every language. */
    private const ALIKE =
        '/…$| –$|^(?:[\d\s.,:·×%°–-]|g|mL|cm|mm|Aqua|EU|Codex|Ph\. Eur)|\b(?:Extract|Oil|Butter|Acid|Alcohol|Glycol|Parfum|Oleate|Water|Ferment|HCl)\b|261|http|^[a-z]+\.[a-z_0-9]+$|^[A-Z][\w-]+(?:, [A-Z][\w -]+)+,?$/u';

    public function test_no_sentence_is_the_same_on_the_english_and_the_french_page(): void
    {
        $this->seed(DemoWorkroom::class);
        $making = DB::table('batches')->where('status', 'making')->value('code');
        $made = DB::table('batches')->where('status', 'finished')->whereNull('gone_at')->orderBy('id')->value('code');
        $lot = DB::table('lots')->where('kind', 'infused_oil')->value('code');
        $own = (string) json_encode(DB::table('formulas')->pluck('draft')->all())
            .json_encode(DB::table('batches')->pluck('document')->all())
            .json_encode(DB::table('jar_entries')->pluck('note')->all())
            .json_encode(DB::table('formula_versions')->pluck('note')->all())
            .json_encode(DB::table('lots')->pluck('name')->all())
            .json_encode(DB::table('jars')->pluck('name')->all())
            .json_encode(DB::table('shelf_entries')->get()->all())
            .json_encode(DB::table('observations')->pluck('note')->all());
        $own = stripslashes((string) preg_replace_callback(
            '/\\\\*u([0-9a-f]{4})/',
            static fn (array $found): string => mb_chr((int) hexdec($found[1])),
            $own,
        ));
        $left = [];
        foreach ([
            '/',
            '/formulas',
            '/formulas/1',
            '/formulas/2',
            '/formulas/4',
            '/formulas/5',
            '/formulas/7',
            '/formulas/1/simulation',
            '/formulas/1/set-out',
            '/formulas/3/acidity?product=10&added=6+drops&strength=10&wanted=4.5',
            '/formulas/4/suggest?wish=firm&feel=firm&celsius=26',
            '/formulas/1/compare?a=1&b=2',
            '/formulas/1/how-to',
            '/ready-made',
            '/recipe',
            '/make',
            '/learn',
            '/infusions',
            '/infusions/1',
            '/infusions/4',
            '/infusions/1/label',
            '/preparations',
            '/preparations/3',
            '/pantry',
            "/pantry/$lot",
            "/pantry/$lot/trace",
            '/shopping',
            '/own-ingredients',
            '/shelf',
            "/batches/$made",
            "/batches/$made/label",
            "/batches/$made/trace",
            "/batches/$made/price",
            '/labels',
            '/handbook',
            '/handbook/preserving',
            '/handbook/butters',
            '/handbook/plants',
            '/ingredients/tea-tree-essential-oil',
            '/practice',
            '/practice/3-7?what=0&way=0',
            '/practice/30-7?what=0&way=0',
            '/practice/36-7?choice=0',
            '/settings',
            '/backups',
            '/search?q=shea',
            "/make/$making/gate",
            "/make/$making/weigh.4",
            '/no-such-page',
        ] as $page) {
            $said = [];
            foreach (['en', 'fr'] as $language) {
                DB::table('settings')->updateOrInsert(
                    ['name' => 'language'],
                    ['value' => json_encode(['is' => $language]), 'updated_at' => '2026-01-01 00:00:00'],
                );
                $html = preg_replace(
                    '#<(script|style|textarea|option)\b.*?</\1>#s',
                    '',
                    (string) $this->get($page)->getContent(),
                ) ?? '';
                $texts = array_map(
                    static fn (string $text): string => trim(preg_replace(
                        '/\s+/u',
                        ' ',
                        html_entity_decode($text, ENT_QUOTES | ENT_HTML5),
                    ) ?? ''),
                    preg_split('/<[^>]+>/', $html) ?: [],
                );
                $said[$language] = array_filter(
                    $texts,
                    static fn (string $text): bool => preg_match_all('/\p{L}{2,}/u', $text) >= 3
                        && preg_match(self::ALIKE, $text) !== 1
                        && ! str_contains($own, preg_replace('/ · Ilvane$/', '', $text) ?? ''),
                );
            }
            $same = array_values(array_unique(array_intersect($said['en'], $said['fr'])));
            $same === [] ?: $left[$page] = $same;
        }
        self::assertSame([], $left);
    }

    /** @return list<string> */
    private static function places(mixed $words): array
    {
        preg_match_all(
            '/:([a-z]\w*)/',
            (string) preg_replace('/https?:\/\/\S+|ilvane:\w+/', '', (string) $words),
            $places,
        );
        $places = array_values(array_unique($places[1]));
        sort($places);

        return $places;
    }
}
