<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ground\HandbookTopics;
use App\Learn\PracticeBook;
use App\Learn\PracticeCases;
use App\Models\Practised;
use Illuminate\Support\Carbon;
use Ilvane\Core\Practice\Exercise;
use Ilvane\Core\Practice\ExerciseKind;
use Ilvane\Core\Practice\Mistakes;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppCase;

final class PracticeTest extends AppCase
{
    /** @return array{int, int} place of the right code and of a way that mends */
    private function answers(Exercise $exercise): array
    {
        $mending = array_values(array_filter(
            array_keys($exercise->ways),
            fn (int $way): bool => $this->book()->mends($exercise, $way),
        ));

        return [(int) array_search($exercise->mistake->code, $exercise->codes, true), $mending[0]];
    }

    private function book(): PracticeBook
    {
        return app(PracticeBook::class);
    }

    public function test_a_formula_is_looked_at_what_is_wrong_found_mended_and_written_down_once(): void
    {
        $case = app(PracticeCases::class)->of('preservative_too_little', 12);
        $exercise = $this->book()->exercise($case);
        self::assertNotNull($exercise);
        [$code, $way] = $this->answers($exercise);
        $page = $this
            ->get("/practice/{$case->code}")
            ->assertOk()
            ->assertSee('What is wrong with it?')
            ->assertDontSee('What do you do?')
            ->assertDontSee('too_little', false);
        self::assertStringNotContainsString('pencil', (string) $page->getContent(), 'nothing gives it away');
        $this->post("/practice/{$case->code}", ['what' => $code])->assertRedirect("/practice/{$case->code}?what=$code");
        $this->get("/practice/{$case->code}?what=$code")->assertSee('That is it.')->assertSee('What do you do?');
        self::assertSame(0, Practised::query()->count(), 'half an answer is none yet');
        foreach ([1, 2] as $time) {
            $this
                ->post("/practice/{$case->code}", ['what' => $code, 'way' => $way, 'client_key' => 'practice-page-1'])
                ->assertRedirect();
        }
        $this
            ->get("/practice/{$case->code}?what=$code&way=$way")
            ->assertSee('That mends it.')
            ->assertSee('Another one');
        self::assertSame(
            [true],
            array_column(Practised::query()->findOrFail('preservative_too_little')->answers, 'right'),
        );
        $this->get('/practice')->assertSee('A few drops of preservative')->assertSee('again in 1 day');
    }

    public function test_a_rule_of_the_handbook_leads_to_a_case_where_it_is_broken(): void
    {
        $this
            ->get('/handbook/preserving')
            ->assertOk()
            ->assertSee(route('practice.rule', 'preservation.missing'), false);
        foreach (app(Mistakes::class)->all() as $mistake) {
            $slug = HandbookTopics::of($mistake->code);
            self::assertNotNull($slug, "$mistake->code is explained");
            $case = app(PracticeCases::class)->read(basename((string) $this
                ->get("/practice/rule/$mistake->code")
                ->assertRedirect()->headers
                ->get('Location')));
            self::assertSame($mistake->code, $this->book()->exercise($case ?? self::fail('no case'))?->mistake->code);
        }
        $this->get('/practice/rule/of.nothing')->assertNotFound();
    }

    public function test_a_wrong_answer_is_explained_counts_as_wrong_and_comes_back_first(): void
    {
        $case = app(PracticeCases::class)->of('gate_too_hot', 3);
        $exercise = $this->book()->exercise($case);
        self::assertNotNull($exercise);
        [$code, $way] = $this->answers($exercise);
        $bad = (int) array_key_first(array_diff_key($exercise->ways, [$way => 1]));
        $this->post("/practice/{$case->code}", ['what' => $code, 'way' => $bad, 'client_key' => 'practice-page-2']);
        $this
            ->get("/practice/{$case->code}?what=$code&way=$bad")
            ->assertSee('That does not mend it.')
            ->assertSee('Problems left:')
            ->assertSee('Up to here it has happened');
        self::assertSame('gate_too_hot', $this->book()->next(ExerciseKind::Rescue)->what);
        self::assertNotSame('gate_too_hot', $this->book()->next(ExerciseKind::Rescue, 'gate_too_hot')->what);
        $wrong = ($code + 1) % 4;
        $this->get("/practice/{$case->code}?what=$wrong")->assertSee('Not that.');
        Carbon::setTestNow(Carbon::now()->addDay());
        $this->post("/practice/{$case->code}", ['what' => $wrong, 'way' => $way, 'client_key' => 'practice-page-3']);
        self::assertSame(
            [false, false],
            array_column(Practised::query()->findOrFail('gate_too_hot')->answers, 'right'),
            'mended by luck is not known',
        );
    }

    /** @return iterable<string, array{string}> */
    public static function questions(): iterable
    {
        foreach ([
            'ready_jar',
            'uncovered_jar',
            'firmness',
            'strength',
            'awake_acid',
            'sample_dose',
            'emulsifier_needed',
        ] as $kind) {
            yield $kind => [$kind];
        }
    }

    #[DataProvider('questions')]
    public function test_a_question_is_asked_and_answered_in_both_languages(string $kind): void
    {
        $case = app(PracticeCases::class)->of($kind, 21);
        $asked = $this->book()->judgement($case);
        $this
            ->get("/practice/{$case->code}")
            ->assertOk()
            ->assertDontSee('practice.judge', false)
            ->assertDontSee('Basis');
        $this
            ->post("/practice/{$case->code}", ['choice' => $asked->right, 'client_key' => 'question-page-1'])
            ->assertRedirect("/practice/{$case->code}?choice=$asked->right");
        $this
            ->get("/practice/{$case->code}?choice=$asked->right")
            ->assertSee('Right.')
            ->assertSee('Basis')
            ->assertDontSee('practice.judge', false);
        $wrong = ($asked->right + 1) % count($asked->choices);
        $this->get("/practice/{$case->code}?choice=$wrong")->assertSee('Not quite.');
        $this->post('/settings/language', ['language' => 'fr']);
        $this
            ->get("/practice/{$case->code}?choice=$wrong")
            ->assertSee('Pas tout à fait')
            ->assertDontSee('practice.judge', false);
    }

    public function test_every_case_is_shown_in_words_and_what_is_no_case_is_not_found(): void
    {
        foreach (app(PracticeCases::class)->all() as $what) {
            $case = app(PracticeCases::class)->of($what, 7);
            self::assertEquals($case, app(PracticeCases::class)->read($case->code));
            $page = (string) $this->get("/practice/{$case->code}?what=0&way=0")->assertOk()->getContent();
            self::assertDoesNotMatchRegularExpression(
                '/>\s*(?:practice|findings|rehearsal|words|ui)\.[a-z_.]+/',
                $page,
                $what,
            );
        }
        foreach (['0-1', '99-1', '1-9999999'] as $code) {
            $this->get("/practice/$code")->assertNotFound();
        }
        $this->post('/practice/1-7', [])->assertStatus(422);
        $this->post('/practice/1-7', ['what' => '9'])->assertStatus(422);
        $this->get('/practice/1-7?what=9&way=77')->assertOk()->assertDontSee('What do you do?');
        $this->get('/practice/next/repair')->assertRedirectContains('/practice/');
        $this->get('/practice/next/cheat')->assertNotFound();
    }
}
