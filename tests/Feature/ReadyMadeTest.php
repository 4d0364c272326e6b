<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Formulas\ReadyMade;
use App\Models\Formula;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Severity;
use Tests\Support\AppCase;

final class ReadyMadeTest extends AppCase
{
    public function test_every_frame_is_sound_and_every_family_has_two(): void
    {
        $families = [];
        foreach (ReadyMade::documents() as $key => $document) {
            $formula = FormulaDocument::read($document);
            $against = array_filter(
                app(Evaluator::class)->evaluate($formula)->findings,
                static fn (Finding $finding): bool => $finding->severity !== Severity::Note,
            );
            self::assertSame([], array_map(static fn (Finding $finding): string => $finding->code, $against), $key);
            $families[] = $formula->family->value;
            self::assertNotSame("ready_made.names.$key.1", say("ready_made.names.$key.1"));
        }
        self::assertEqualsCanonicalizing(
            array_column(Family::cases(), 'value'),
            array_keys(array_filter(array_count_values($families), static fn (int $count): bool => $count >= 2)),
        );
    }

    public function test_a_frame_is_taken_to_the_bench(): void
    {
        $this->get('/ready-made')->assertOk()->assertSeeText('Whipped mango')->assertSeeText('Drier to the touch');
        $this->post('/ready-made/mango-whip')->assertRedirect();
        $this
            ->get('/formulas/'.Formula::query()->firstOrFail()->id)
            ->assertOk()
            ->assertSee('Whipped mango')
            ->assertSeeText('Ready to make.');
        $this->post('/ready-made/no-such-frame')->assertNotFound();
    }
}
