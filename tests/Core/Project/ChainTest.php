<?php

declare(strict_types=1);

namespace Tests\Core\Project;

use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Label\ContentsList;
use Ilvane\Core\Reading\RecipeReader;
use Ilvane\Core\Safety\Evaluation;
use Ilvane\Core\Safety\Finding;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use Tests\Support\Chains;
use Tests\Support\CoreCase;

/** From plants to the bottle, written as a maker writes it and as a document: the same matter, findings and label. */
final class ChainTest extends CoreCase
{
    /**
     * @param  array<string, mixed>  $document
     * @param  list<string>  $codes
     * @param  list<string>  $named
     */
    #[DataProviderExternal(Chains::class, 'all')]
    public function test_written_down_or_as_a_document_it_is_the_same(
        string $note,
        array $document,
        array $codes,
        array $named,
    ): void {
        $read = (new RecipeReader(self::catalogue()))->read($note);
        $evaluator = new Evaluator(self::catalogue());
        $said = $found = [];
        foreach ([array_diff_key($read->document(''), ['reading' => true]), $document] as $door) {
            $evaluation = $evaluator->evaluate(FormulaDocument::read($door));
            $found[] = array_map(static fn (Finding $finding): string => $finding->code, $evaluation->findings);
            $said[] = self::said($evaluation);
        }
        self::assertEquals($said[1], $said[0]);
        self::assertSame([], array_diff($codes, $found[0]));
        $label = (string) json_encode($said[0]['label'], JSON_UNESCAPED_SLASHES);
        foreach ($named as $inci) {
            self::assertStringContainsString($inci, $label);
        }
    }

    /** @return array<string, mixed> */
    private static function said(Evaluation $evaluation): array
    {
        $composition = $evaluation->assessment->composition;

        return [
            'found' => array_map(
                static fn (Finding $found): array => [$found->code, $found->severity->value, count($found->keys)],
                $evaluation->findings,
            ),
            'days' => $evaluation->assessment->keeping->days,
            'water' => round((float) $composition->waterShare(), 6),
            'label' => ContentsList::of($composition),
        ];
    }
}
