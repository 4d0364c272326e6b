<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawing\LookDrawing;
use App\Drawing\StepDrawing;
use App\Make\Looks;
use Ilvane\Core\Process\StepKind;
use Tests\Support\AppCase;

/** Every step has its picture: a drawing of what hands do, or the glass a reading rises in. */
final class StepPicturesTest extends AppCase
{
    private const READ_OFF = [
        StepKind::Weigh, StepKind::Heat, StepKind::Gate, StepKind::Cool, StepKind::TestPh, StepKind::Fill,
        StepKind::Label,
    ];

    public function test_each_kind_of_step_is_drawn_and_no_two_alike(): void
    {
        $drawn = [];
        foreach (StepKind::cases() as $kind) {
            $paths = StepDrawing::of($kind->value);
            if (in_array($kind, self::READ_OFF, true)) {
                self::assertSame([], $paths, $kind->value);
            } elseif ($kind !== StepKind::AddLittle) {
                $drawn[$kind->value] = implode('', $paths);
            }
        }
        self::assertSame([], array_keys($drawn, '', true));
        self::assertSame($drawn, array_unique($drawn));
    }

    public function test_each_grade_of_a_look_is_drawn_otherwise(): void
    {
        foreach (Looks::GRADES as $what => $grades) {
            $drawn = [];
            for ($grade = 0; $grade < $grades; $grade++) {
                $drawing = LookDrawing::of($what, $grade / ($grades - 1));
                $drawn[] = $drawing->outline.$drawing->hatch;
                self::assertStringNotContainsString('NAN', strtoupper($drawing->outline.$drawing->hatch), $what);
            }
            self::assertCount($grades, array_unique($drawn), $what);
        }
    }
}
