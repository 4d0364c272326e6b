<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Backups\RecordRefused;
use App\Ground\Refused;
use App\Recipes\SheetRefused;
use Illuminate\Support\Facades\Lang;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;
use ReflectionClass;
use ReflectionMethod;
use ReflectionNamedType;
use Tests\Support\AppCase;

/** What is refused has words in both languages, and answers a request by itself. */
final class RefusedTest extends AppCase
{
    /**
     * @return iterable<string, array{Refused|RecordRefused|SheetRefused, string}> one by each named constructor, and
     *   where its words are
     */
    public static function reasons(): iterable
    {
        $words = [
            Refused::class => 'ui.refused',
            RecordRefused::class => 'backups.refused',
            SheetRefused::class => 'errors.sheet',
        ];
        $methods = [];
        foreach (array_keys($words) as $class) {
            array_push($methods, ...(new ReflectionClass($class))->getMethods(ReflectionMethod::IS_STATIC));
        }
        foreach ($methods as $method) {
            if (! $method->isPublic()) {
                continue;
            }
            $given = [];
            foreach ($method->getParameters() as $parameter) {
                $type = $parameter->getType();
                $isFlag = $type instanceof ReflectionNamedType && $type->getName() === 'bool';
                $given[] = match ($parameter->getName()) {
                    'state' => 'held',
                    default => $isFlag ? true : "<{$parameter->getName()}>",
                };
            }
            yield "$method->class::$method->name" => [$method->invokeArgs(null, $given), $words[$method->class]];
        }
    }

    #[DataProvider('reasons')]
    public function test_every_reason_has_words_in_both_languages_with_its_figures_in_them(
        Refused|RecordRefused|SheetRefused $refused,
        string $words,
    ): void {
        foreach (['en', 'fr'] as $language) {
            self::assertTrue(Lang::hasForLocale("$words.$refused->reason", $language), $refused->reason);
            $this->app->setLocale($language);
            self::assertDoesNotMatchRegularExpression(
                '/:[a-z]+\b/',
                preg_replace('/<\w+>/', '', $refused->said()) ?? '',
            );
        }
    }

    public function test_it_goes_back_to_the_form_with_what_was_typed_and_says_it_once(): void
    {
        Route::post('/refused', static fn () => throw Refused::noGrams('grams'))->middleware('web');
        $answer = $this->from('/pantry')->post('/refused', ['grams' => 'lots']);
        $answer->assertRedirect('/pantry')->assertSessionHasErrors('grams')->assertSessionHasInput('grams', 'lots');
        self::assertNull(session('refused'), 'beside its field, not over the page as well');
        $this->from('/pantry')->post('/refused')->assertSessionHas('refused', say('ui.refused.no_grams'));
        $this->postJson('/refused')->assertStatus(422)->assertSee(say('ui.refused.no_grams'));
    }

    public function test_the_old_addresses_lead_to_the_pages_they_meant(): void
    {
        foreach ([
            '/jars' => '/infusions',
            '/jars/3/label' => '/infusions/3/label',
            '/jars/by-code/J261112-A' => '/infusions/by-code/J261112-A',
            '/intake' => '/recipe',
            '/frames' => '/ready-made',
            '/safe' => '/backups',
            '/door' => '/sign-in',
            '/formulas/7/rehearsal' => '/formulas/7/simulation',
            '/formulas/7/instead/ab12' => '/formulas/7/substitute/ab12',
        ] as $old => $new) {
            $this->get($old)->assertStatus(301)->assertRedirect($new);
        }
    }
}
