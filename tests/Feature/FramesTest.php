<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Formula;
use App\Workroom\Bench\Frames;
use Ilvane\Core\Checks\Evaluator;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\FormulaDocument;
use Tests\Support\AppCase;

final class FramesTest extends AppCase
{
    public function test_every_frame_is_sound_and_every_family_has_two(): void
    {
        $families = [];
        foreach (Frames::documents() as $key => $document) {
            $formula = FormulaDocument::read($document);
            $against = array_filter(app(Evaluator::class)->evaluate($formula)->findings, static fn (Finding $finding): bool => $finding->severity !== Severity::Note);
            self::assertSame([], array_map(static fn (Finding $finding): string => $finding->code, $against), $key);
            $families[] = $formula->family->value;
            self::assertNotSame("frames.names.$key.1", say("frames.names.$key.1"));
        }
        self::assertEqualsCanonicalizing(array_column(Family::cases(), 'value'), array_keys(array_filter(array_count_values($families), static fn (int $count): bool => $count >= 2)));
    }

    public function test_a_frame_is_taken_to_the_bench(): void
    {
        $this->get('/frames')->assertOk()->assertSeeText('Whipped mango')->assertSeeText('Drier to the touch');
        $this->post('/frames/mango-whip')->assertRedirect();
        $this->get('/formulas/'.Formula::query()->firstOrFail()->id)->assertOk()->assertSee('Whipped mango')->assertSeeText('Ready to make.');
        $this->post('/frames/no-such-frame')->assertNotFound();
    }
}
