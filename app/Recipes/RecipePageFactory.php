<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Ground\Wording;
use Ilvane\Core\Formula\Basis;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Formula\Weighing;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Reading\Hint;
use Ilvane\Core\Reading\ReadLine;
use Ilvane\Core\Reading\Recipe;
use Ilvane\Core\Reading\Span;

/**
 * Builds what RecipePage shows.
 *
 * @phpstan-import-type Row from RecipePage
 * @phpstan-import-type Piece from RecipePage
 */
final readonly class RecipePageFactory
{
    /** A narrower width isn't worth a line. Relative. */
    private const WORTH_SHOWING = 0.01;

    public function __construct(
        private Wording $wording,
        private Catalogue $catalogue,
        private Tools $tools,
    ) {
    }

    /**
     * @param  array<mixed>  $picks  catalogue key by line number, from 1
     * @param  array<mixed>  $amounts  amount by line number, as typed
     * @param  string  $name  as typed; empty: as the note calls it
     */
    public function of(Recipe $recipe, array $picks, array $amounts, string $name = ''): RecipePage
    {
        $wording = $this->wording;
        $catalogue = $this->catalogue;
        $document = $recipe->document(say('recipes.untitled'));
        unset($document['reading']);
        $lines = is_array($document['lines']) ? array_values($document['lines']) : [];
        foreach ($lines as $i => $line) {
            $lines[$i] = self::corrected($line, $picks[$i + 1] ?? null, $amounts[$i + 1] ?? null, $catalogue);
        }
        $notes = implode(
            "\n",
            array_map(static fn (Span $span): string => trim($span->of($recipe->text)), $recipe->others),
        );
        $document = [
            ...$document,
            ...($name === '' ? [] : ['name' => $name]),
            'lines' => $lines,
            ...($notes === '' ? [] : ['notes' => mb_substr($notes, 0, FormulaDocument::MAX_NOTES)]),
        ];
        $composition = (new Weighing($catalogue, $this->tools))->of(FormulaDocument::read($document));

        $rows = [];
        foreach ($recipe->lines as $i => $read) {
            $weighed = $composition->lines[$i];
            $state = self::state($read, $lines[$i]);
            $rows[] = [
                'n' => $i + 1,
                'state' => $state,
                'name' => $weighed->ingredient === null ? $read->name : $wording->ingredient($weighed->ingredient->key),
                'written' => $read->name,
                'amount' => (string) ($lines[$i]['amount'] ?? ''),
                'grams' => $weighed->grams === null ? '' : $wording->grams($weighed->grams->likely),
                'band' => $weighed->grams === null || $weighed->grams->relativeError() < self::WORTH_SHOWING
                    ? ''
                    : $wording->span($weighed->grams),
                'other' => $read->other === null
                    ? ''
                    : say('recipes.other_measure', ['amount' => $read->other->entered]),
                'choices' => self::choices($read, $wording),
                'chosen' => (string) ($lines[$i]['ingredient'] ?? ''),
                'phase' => $weighed->phase->value,
            ];
        }

        return new RecipePage(
            $recipe->text,
            self::pieces($recipe, $rows),
            $rows,
            array_map(static fn (Span $span): string => trim($span->of($recipe->text)), $recipe->others),
            array_map(static fn (Hint $hint): string => self::hint($hint, $wording), $recipe->hints),
            count(array_filter($rows, static fn (array $row): bool => $row['state'] !== 'sure')),
            $document,
            self::makes($recipe, $composition, $wording),
            $recipe->title === '' ? say('recipes.untitled') : $recipe->title,
        );
    }

    /** What the note says it makes, beside what its lines add up to. */
    private static function makes(Recipe $recipe, Composition $composition, Wording $wording): string
    {
        if ($recipe->yield === null) {
            return '';
        }
        $isOpen = array_filter(
            $composition->lines,
            static fn (WeighedLine $line): bool => $line->grams === null,
        ) !== [];
        $sum = $composition->basis !== Basis::Lines || $composition->total === null ? '' : ' '.say(
            $isOpen ? 'recipes.adds_up_so_far' : 'recipes.adds_up',
            ['grams' => $wording->grams($composition->total->likely)],
        );

        return say('recipes.makes', ['makes' => $recipe->yield->told()]).$sum;
    }

    /**
     * @param  array<string, string>  $line
     * @return array<string, string>
     */
    private static function corrected(array $line, mixed $pick, mixed $amount, Catalogue $catalogue): array
    {
        if (is_string($pick) && $catalogue->has($pick) && $pick !== ($line['ingredient'] ?? '')) {
            unset($line['name']);
            $line['ingredient'] = $pick;
            $line['phase'] ??= $catalogue->get($pick)->defaultPhase->value;
        }
        if (is_string($amount) && trim($amount) !== '') {
            $line['amount'] = mb_substr(mb_scrub($amount), 0, 200);
        }

        return $line;
    }

    /** @param  array<string, string>  $line */
    private static function state(ReadLine $read, array $line): string
    {
        return match (true) {
            ! isset($line['ingredient']) => 'unknown',
            $read->amount === null
                || (
                    $read->amount->kind === AmountKind::Open && $read->amount->entered === ($line['amount'] ?? '')
                ) => 'no_amount',
            $read->confidence < ReadLine::SURE && $line['ingredient'] === $read->ingredient => 'doubtful',
            default => 'sure',
        };
    }

    /** @return array<string, string> name by catalogue key; empty for a sure reading */
    private static function choices(ReadLine $read, Wording $wording): array
    {
        if ($read->ingredient !== null && $read->confidence >= ReadLine::SURE) {
            return [];
        }
        $choices = [];
        foreach (array_filter([$read->ingredient, ...$read->candidates]) as $key) {
            $choices[$key] = $wording->ingredient($key);
        }

        return $choices;
    }

    private static function hint(Hint $hint, Wording $wording): string
    {
        return say(
            'recipes.'.$hint->kind,
            ['value' => $hint->value === null ? '' : ($hint->kind === 'temperature' ? $wording
                ->celsius($hint->value) : $wording
                ->number($hint->value, 0))],
        );
    }

    /**
     * @param  list<Row>  $rows
     * @return list<Piece>
     */
    private static function pieces(Recipe $recipe, array $rows): array
    {
        $pieces = [];
        $at = 0;
        foreach ($recipe->lines as $i => $line) {
            if ($line->span->start < $at) {
                continue; // two readings share words; the first has marked them
            }
            $pieces[] = ['text' => substr($recipe->text, $at, $line->span->start - $at), 'n' => 0, 'state' => ''];
            $pieces[] = ['text' => $line->span->of($recipe->text), 'n' => $i + 1, 'state' => $rows[$i]['state']];
            $at = $line->span->end;
        }
        $pieces[] = ['text' => substr($recipe->text, $at), 'n' => 0, 'state' => ''];

        return array_values(array_filter($pieces, static fn (array $piece): bool => $piece['text'] !== ''));
    }
}
