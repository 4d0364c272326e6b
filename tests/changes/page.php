<?php

// A page: the usual measures, under Learn.
return [
    'section' => 'A page',
    'edits' => [
        'app/Learn/MeasuresController.php' => static fn (): string => <<<'PHP'
            <?php

            declare(strict_types=1);

            namespace App\Learn;

            use Illuminate\View\View;

            final class MeasuresController
            {
                public function show(MeasuresPage $page): View
                {
                    return view('learn.measures', ['page' => $page]);
                }
            }

            PHP,
        'app/Learn/MeasuresPage.php' => static fn (): string => <<<'PHP'
            <?php

            declare(strict_types=1);

            namespace App\Learn;

            use App\Ground\Wording;

            final readonly class MeasuresPage
            {
                public string $spoon;

                public function __construct(Wording $wording)
                {
                    $this->spoon = $wording->number(15.0, 0).' mL';
                }
            }

            PHP,
        'routes/learn.php' => static fn (string $code): string => preg_replace(
            '/\z/',
            "Route::get('/learn/measures', [App\\Learn\\MeasuresController::class, 'show'])->name('learn.measures');\n",
            $code,
            1,
        ),
        'resources/views/learn/measures.blade.php' => static fn (): string => "<x-page :title=\"__('learn.measures')\">\n    <h1>{{ __('learn.measures') }}</h1>\n    <p>{{ __('learn.spoon', ['ml' => \$page->spoon]) }}</p>\n</x-page>\n",
        'lang/en/learn.php' => static fn (string $code): string => preg_replace(
            '/^return \[\n/m',
            "return [\n    'measures' => 'Measures', 'spoon' => 'A tablespoon holds :ml.',\n",
            $code,
            1,
        ),
        'lang/fr/learn.php' => static fn (string $code): string => preg_replace(
            '/^return \[\n/m',
            "return [\n    'measures' => 'Mesures', 'spoon' => 'Une cuillère à soupe contient :ml.',\n",
            $code,
            1,
        ),
        'tests/Browser/EveryScreenTest.php' => static fn (string $code): string => str_replace(
            "            '/learn',\n",
            "            '/learn',\n            '/learn/measures',\n",
            $code,
        ),
        'tests/Feature/MeasuresPageTest.php' => static fn (): string => <<<'PHP'
            <?php

            declare(strict_types=1);

            namespace Tests\Feature;

            use Tests\Support\AppCase;

            final class MeasuresPageTest extends AppCase
            {
                public function test_it_says_what_a_spoon_holds(): void
                {
                    $this->get('/learn/measures')->assertOk()->assertSeeText('A tablespoon holds 15 mL.');
                }
            }

            PHP,
    ],
    'tests' => ['tests/Feature/MeasuresPageTest.php', 'tests/Feature/RoomsTest.php', 'tests/Feature/LanguageTest.php'],
];
