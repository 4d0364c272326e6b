<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Formula;
use Illuminate\Testing\TestResponse;
use Tests\Support\AppCase;

/** By eye: a bowl on the scale, and what is poured writes the formula. */
final class PourTest extends AppCase
{
    private function begun(): Formula
    {
        $this->post('/formulas', ['family' => 'hair_oil']);

        return Formula::query()->sole();
    }

    private function pour(Formula $formula, array $fields): TestResponse
    {
        return $this->followingRedirects()->from("/formulas/$formula->id/pour")->post("/formulas/$formula->id/pour", $fields);
    }

    /** @return array<string, string> amount by what it is of */
    private function lines(Formula $formula): array
    {
        $lines = [];
        foreach ($formula->refresh()->draft['lines'] as $line) {
            if ($line['amount'] !== '') {
                $lines[$line['ingredient'] ?: $line['name']] = $line['amount'];
            }
        }

        return $lines;
    }

    public function test_each_reading_less_what_stood_there_becomes_a_line(): void
    {
        $formula = $this->begun();
        $this->get("/formulas/$formula->id")->assertSee("/formulas/$formula->id/pour", false);
        $this->get("/formulas/$formula->id/pour")->assertSee('Put the bowl on the scale');
        $this->pour($formula, ['scale' => '40', 'of' => 'argan-oil'])->assertSee('Written down: 40 g, Argan oil');
        $this->pour($formula, ['scale' => '64,5', 'of' => 'jojoba-oil']);
        $this->pour($formula, ['scale' => '10', 'tared' => '1', 'of' => 'argan-oil']);
        $this->pour($formula, ['scale' => '75.5', 'of' => '', 'other' => 'lavender oil'])->assertSee('One more drop');
        self::assertSame(
            ['argan-oil' => '50 g', 'jojoba-oil' => '24.5 g'],
            array_slice($this->lines($formula), 0, 2, true),
        );
        self::assertSame('1 g', array_values($this->lines($formula))[2]);

        // judged as it grows: so much lavender is over what is usual
        $this->pour($formula, ['scale' => '80', 'of' => '', 'other' => 'lavender oil'])->assertSee('class="verdict"', false);
        $this->get("/formulas/$formula->id")->assertOk()->assertSee('50');
    }

    public function test_a_reading_that_cannot_be_is_said_and_keeps_what_was_typed(): void
    {
        $formula = $this->begun();
        $this->pour($formula, ['scale' => '40', 'of' => 'argan-oil']);
        $this->pour($formula, ['scale' => '40', 'of' => 'jojoba-oil'])->assertSee('Did you tare it?')
            ->assertSee('value="40"', false);
        $this->pour($formula, ['scale' => '', 'of' => 'jojoba-oil'])->assertSee('What does the scale show?');
        $this->pour($formula, ['scale' => 'much', 'of' => 'jojoba-oil'])->assertSee('What does the scale show?');
        $this->pour($formula, ['scale' => '-3', 'of' => 'jojoba-oil'])->assertSee('What does the scale show?');
        $this->pour($formula, ['scale' => '50', 'of' => '', 'other' => ' '])->assertSee('What was it?');
        self::assertSame(['argan-oil' => '40 g'], $this->lines($formula));
    }
}
