<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Learn\Handbook;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Region;
use Ilvane\Core\Material\Catalogue;
use Tests\Core\Safety\FormulaSetTest;
use Tests\Support\AppCase;

final class HandbookTest extends AppCase
{
    /**
     * @return array<string, array{code: string, severity: list<string>, rule: string, because: string, source: string}>
     */
    private static function rules(): array
    {
        $rules = [];
        foreach (Handbook::slugs() as $slug) {
            $rules += array_column(app(Handbook::class)->topic($slug)['rules'], null, 'code');
        }

        return $rules;
    }

    public function test_every_rule_is_said_in_full(): void
    {
        foreach (self::rules() as $code => $rule) {
            foreach (['rule', 'because'] as $part) {
                self::assertNotSame('', $rule[$part], "$code: $part");
            }
            foreach (['rule', 'because', 'source'] as $part) {
                self::assertDoesNotMatchRegularExpression(
                    '/(?<![a-z0-9]):[a-z]|handbook\.|findings\./',
                    $rule[$part],
                    "$code: $part",
                );
            }
        }
    }

    public function test_whatever_a_check_says_is_in_the_handbook_with_the_severity_it_has(): void
    {
        $rules = self::rules();
        $evaluator = new Evaluator(app(Catalogue::class));
        $seen = [];
        foreach (FormulaSetTest::flawed() as [$family, $lines, $more]) {
            $document =
                ['format' => 'ilvane.formula/1', 'name' => 'Test', 'family' => $family, 'batch' => ['grams' => 200.0], ...$more,
                    'lines' => array_map(
                        static fn (array $line): array => array_filter([
                            'ingredient' => $line[0],
                            'amount' => $line[1],
                            'phase' => $line[2] ?? null,
                            ...($line[3] ?? []),
                        ]),
                        $lines,
                    )];
            foreach ($evaluator->evaluate(FormulaDocument::read($document))->findings as $finding) {
                self::assertArrayHasKey($finding->code, $rules);
                self::assertContains($finding->severity->value, $rules[$finding->code]['severity'], $finding->code);
                $seen[$finding->code] = true;
            }
        }
        self::assertGreaterThan(35, count($seen));
    }

    public function test_no_code_is_missing(): void
    {
        $known = self::rules();
        $codes = [];
        foreach (glob(base_path('core/Safety/{Rules,Infusion}/*.php'), GLOB_BRACE) ?: [] as $file) {
            preg_match_all(
                "/'((?:part|preservation|emulsion|acidity|heat|scent|dose|humectant|powder|irritant|plant|gum|texture|measure|yield|packaging|keeping|label|safety|infusion)\\.[a-z_0-9]+)'/",
                (string) file_get_contents($file),
                $found,
            );
            array_push($codes, ...$found[1]);
        }
        self::assertGreaterThan(50, count($codes));
        self::assertSame([], array_values(array_diff(array_unique($codes), array_keys($known))));
    }

    public function test_every_code_stands_in_the_open_formats(): void
    {
        $formats = (string) file_get_contents(base_path('docs/formats.md'));
        preg_match_all('/^\|.*$/m', $formats, $rows);
        foreach (array_keys(self::rules()) as $code) {
            [$room, $name] = explode('.', $code);
            $isThere = str_contains($formats, "`$code`") || array_filter(
                $rows[0],
                static fn (string $row): bool => str_contains($row, "`$room.") && str_contains($row, "`$name`"),
            ) !== [];
            self::assertTrue($isThere, "$code is not in docs/formats.md");
        }
    }

    public function test_its_numbers_are_the_checks_own(): void
    {
        $load = self::rules()['emulsion.load_low']['rule'];
        self::assertMatchesRegularExpression('/18.%.*BTMS[^,]*25[^,]*20.%.*50[^,]*15.%/su', $load);
        $this->get('/handbook/preserving')->assertOk()
            ->assertSeeText('Phenoxyethanol')->assertSeeText(
                (string) app(Catalogue::class)->get('phenoxyethanol')->use?->max,
            );
    }

    public function test_every_topic_opens_and_a_strange_one_does_not(): void
    {
        foreach (Handbook::slugs() as $slug) {
            $this->get("/handbook/$slug")->assertOk()->assertSee("topic-$slug", false);
        }
        $this->get('/handbook/alchemy')->assertNotFound();
    }

    public function test_what_is_looked_for_is_found_by_every_word(): void
    {
        $this->get('/handbook?q=cinnamon+moon')->assertOk()->assertSeeText('Nothing in the handbook');
        $this
            ->get('/handbook?q=botulism')
            ->assertOk()
            ->assertSeeText('Fresh or wilted into oil')
            ->assertDontSeeText('The lines make 100');
        $this->get('/handbook?q=emulsion.hlb_off')->assertOk()->assertSeeText('Mix of two emulsifiers');
        $this->get('/handbook?q=MURUMURU')->assertOk()->assertSeeText('Murumuru');
        $this->get('/handbook?q=%3Cscript%3E%22')->assertOk()->assertDontSee('<script>"', false);
        $this->get('/handbook?q=')->assertOk()->assertSeeText('Every rule Ilvane checks by');
    }

    public function test_the_law_is_that_of_the_region(): void
    {
        $topic = app(Handbook::class)->topic('preserving', Region::UnitedStates);
        self::assertStringContainsString('guidance', $topic['law']);
        $this
            ->get('/handbook/label?region=US')
            ->assertSeeText('21 CFR 310.527')
            ->assertDontSeeText('655/2013 on claims');
        $this->get('/handbook?q=&topic=label&region=US')->assertRedirect('/handbook/label?region=US');
        $this->get('/handbook?q=&topic=alchemy&region=US')->assertOk();
        $this->get('/handbook/label?region=XX')->assertOk()->assertSeeText('655/2013 on claims');
    }

    public function test_a_finding_on_the_bench_leads_there(): void
    {
        $formula = $this->formulaOf([
            'format' => 'ilvane.formula/1',
            'name' => 'Bare',
            'family' => 'leave_in_emulsion',
            'batch' => ['grams' => 100.0],
            'lines' => [
                ['ingredient' => 'distilled-water', 'amount' => 'to 100'],
                ['ingredient' => 'btms-50', 'amount' => '4 %'],
                ['ingredient' => 'argan-oil', 'amount' => '5 %'],
            ],
        ]);
        $this->get("/formulas/$formula->id")->assertOk()->assertSee('/handbook/preserving#preservation-missing', false);
        $this->get('/handbook/preserving')->assertSee('id="preservation-missing"', false);
    }
}
