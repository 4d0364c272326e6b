<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Workroom\Wording;
use Database\Seeders\DemoWorkroom;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Ilvane\Core\Catalogue\Catalogue;
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
        self::assertSame([], array_values(array_diff(array_keys($english), array_keys($french))), "not yet in French: $file");
        self::assertSame([], array_values(array_diff(array_keys($french), array_keys($english))), "in French only: $file");
        foreach ($english as $key => $words) {
            self::assertSame(self::places($words), self::places($french[$key]), "$file $key");
            self::assertSame(preg_match_all('/(?:^|\|)(?:\{\d+\}|\[\d+,\*\])/', (string) $words), preg_match_all('/(?:^|\|)(?:\{\d+\}|\[\d+,\*\])/', (string) $french[$key]), "$file $key: as many forms of number");
        }
        $untouched = array_filter($english, static fn (mixed $words, string $key): bool => is_string($words) && $words === $french[$key] && str_word_count((string) preg_replace('/:\w+/', '', $words)) > 3, ARRAY_FILTER_USE_BOTH);
        self::assertSame([], $untouched, "$file: left in English");
    }

    public function test_every_page_speaks_french_when_it_is_chosen_and_english_again(): void
    {
        $groups = implode('|', array_map(static fn (array $file): string => basename($file[0], '.php'), iterator_to_array(self::files())));
        $this->seed(DemoWorkroom::class);
        $this->post('/settings/language', ['language' => 'fr'])->assertSessionHas('said', 'L’atelier parle français.');
        $batch = DB::table('batches')->where('status', 'finished')->whereNull('gone_at')->orderBy('id')->value('code');
        $making = DB::table('batches')->where('status', 'making')->value('code');
        foreach (['/' => 'Aujourd’hui', '/formulas' => 'Formules', '/formulas/1' => 'Phase', '/formulas/5' => 'Notes au crayon', '/jars' => 'Bocaux', '/jars/1' => 'force actuelle', '/pantry' => 'Réserve', '/shelf' => 'Sur l’étagère', "/batches/$batch" => 'Ce qui est entré', "/batches/$batch/label" => 'Ingrédients', "/make/$making/gate" => 'Tiédir', '/handbook' => 'Manuel', '/intake' => 'recette', '/settings' => 'Avec quoi je mesure', '/frames' => 'Partir d’un cadre', '/preparations' => 'Préparations', '/formulas/1/rehearsal' => 'Répétition', '/shopping' => 'À faire, à acheter', '/own-ingredients' => 'Mes ingrédients', '/safe' => 'Mise en sûreté', '/search?q=lavande' => 'Ingrédients'] as $page => $words) {
            $answer = $this->get($page)->assertOk();
            self::assertStringContainsString('<html lang="fr">', (string) $answer->getContent(), $page);
            self::assertStringContainsString($words, html_entity_decode((string) $answer->getContent()), $page);
            preg_match_all('/>\s*((?:'.$groups.')\.[a-z_.]{2,})\s*</', (string) $answer->getContent(), $keys);
            self::assertSame([], $keys[1], "$page shows a key instead of words");
        }
        self::assertStringContainsString('0,9', html_entity_decode((string) $this->get("/batches/$batch")->getContent()), 'a decimal comma');
        $this->post('/settings/language', ['language' => 'de']);
        $this->get('/')->assertSee('lang="fr"', false);
        $this->post('/settings/language', ['language' => 'en']);
        $this->get('/')->assertSee('lang="en"', false)->assertSee('Today');
    }

    public function test_every_sentence_of_the_catalogue_is_put_into_french_and_none_is_left_over(): void
    {
        $said = [];
        foreach (app(Catalogue::class)->all() as $ingredient) {
            array_push($said, $ingredient->cautionNote, $ingredient->legalNote, $ingredient->source);
        }
        $rows = array_map(static fn (string $line): array => str_getcsv($line, escape: ''), file(dirname(__DIR__, 2).'/data/notes_fr.csv', FILE_IGNORE_NEW_LINES) ?: []);
        $components = array_map(static fn (string $line): array => str_getcsv($line, escape: ''), file(dirname(__DIR__, 2).'/data/preservative_components.csv', FILE_IGNORE_NEW_LINES) ?: []);
        $said = array_unique(array_filter([...$said, ...array_column(array_slice($components, 1), (int) array_search('source', $components[0], true))]));
        $known = array_column(array_slice($rows, 1), 1, 0);
        self::assertSame([], array_values(array_diff($said, array_keys($known))), 'not yet in French');
        self::assertSame([], array_values(array_diff(array_keys($known), $said)), 'nobody says this any more');
        self::assertSame([], array_keys(array_filter($known, static fn (string $french, string $english): bool => trim($french) === '' || ($french === $english && str_word_count($english) > 3), ARRAY_FILTER_USE_BOTH)));
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

    /** @return list<string> */
    private static function places(mixed $words): array
    {
        preg_match_all('/:([a-z]\w*)/', (string) preg_replace('/https?:\/\/\S+|ilvane:\w+/', '', (string) $words), $places);
        $places = array_values(array_unique($places[1]));
        sort($places);

        return $places;
    }
}
