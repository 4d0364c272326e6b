<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Formulas\FormulaBook;
use App\Pantry\LotLine;
use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\Audience;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Reading\ReadLine;
use Ilvane\Core\Reading\Recipe;
use Ilvane\Core\Reading\Role;

/** The open form of a note as it was read, with what the maker put right. */
final readonly class RecipeDocument
{
    /** What these say is in the formula itself; any other line of the note is kept whole in its notes. */
    private const IN_THE_FORMULA = [Role::Title, Role::Heading, Role::Ingredient, Role::Part];

    public function __construct(private Catalogue $catalogue, private FormulaBook $book)
    {
    }

    /**
     * @param  callable(ReadLine): string  $keyOf
     * @return array<string, mixed> ilvane.formula/1
     */
    public function of(Recipe $recipe, Corrections $corrections, callable $keyOf, string $untitled): array
    {
        $document = $recipe->document($untitled);
        unset($document['reading']);
        $written = self::linesOf($recipe, $document);
        $lines = $inside = [];
        foreach ($recipe->lines as $i => $read) {
            $line = $this->corrected($written[$i], $keyOf($read), $corrections);
            $read->in === null ? $lines[] = $line : $inside[$read->in->key()][] = $line;
        }
        foreach (is_array($document['parts'] ?? null) ? $document['parts'] : [] as $i => $part) {
            $document['parts'][$i]['lines'] = $inside[$part['key']] ?? [];
        }
        $document['lines'] = $lines;
        if ($corrections->name !== '') {
            $document['name'] = $corrections->name;
        }
        if ($corrections->batchGrams() !== null) {
            $document['batch'] = ['grams' => $corrections->batchGrams()];
        }
        if (Audience::tryFrom($corrections->audience) !== null) {
            $document['for'] = ['audience' => $corrections->audience];
        }
        if (Application::tryFrom($corrections->use) !== null) {
            $document['use'] = $corrections->use;
        }
        $notes = self::notes($recipe);

        return $notes === '' ? $document : [...$document, 'notes' => mb_substr($notes, 0, FormulaDocument::MAX_NOTES)];
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<array<string, mixed>> the lines of the document in the order of the note
     */
    public static function linesOf(Recipe $recipe, array $document): array
    {
        $of = ['' => is_array($document['lines']) ? array_values($document['lines']) : []];
        foreach (is_array($document['parts'] ?? null) ? $document['parts'] : [] as $part) {
            $of[$part['key']] = $part['lines'];
        }
        $at = [];

        return array_map(static function (ReadLine $line) use ($of, &$at): array {
            $place = $line->in?->key() ?? '';
            $at[$place] = ($at[$place] ?? -1) + 1;

            return $of[$place][$at[$place]];
        }, $recipe->lines);
    }

    /**
     * @param  array<string, mixed>  $line
     * @return array<string, mixed>
     */
    private function corrected(array $line, string $key, Corrections $corrections): array
    {
        $pick = $corrections->picks[$key] ?? null;
        $typed = trim($corrections->names[$key] ?? '');
        $found = $pick !== null && $pick !== '' && $this->catalogue->has($pick)
            ? $pick
            : ($typed === '' ? null : $this->catalogue->named($typed)?->key);
        $kept = $pick === null || isset($line['part']) ? null : LotLine::named($pick) ?? $this->ownFormula($pick);
        if (isset($line['part'])) {
            $found = null;
        }
        if ($kept !== null) {
            unset($line['ingredient'], $line['name']);
            $line = [...$line, ...array_diff_key($kept, ['phase' => true])];
            $found = null;
            $pick = null;
        }
        if ($found !== null && $found !== ($line['ingredient'] ?? '')) {
            unset($line['name']);
            $line['ingredient'] = $found;
        } elseif ($found === null && $pick === '' && ! isset($line['part'])) {
            // left open on purpose, under the name that stands there
            $line['name'] = $typed !== '' ? mb_substr($typed, 0, 200) : ($line['name'] ?? $line['ingredient'] ?? '');
            unset($line['ingredient']);
        }
        if (trim($corrections->amounts[$key] ?? '') !== '') {
            $line['amount'] = $corrections->amounts[$key];
        }

        return $line;
    }

    /**
     * What a page calls the thing of a line: a catalogue key, "lot:CODE" or "formula:N"; empty where it is open.
     *
     * @param  array<string, mixed>  $line
     */
    public static function chosen(array $line, string $pick): string
    {
        return isset($line['lot']) || isset($line['formula']) ? $pick : (string) ($line['ingredient'] ?? '');
    }

    /** @return array<string, mixed>|null a formula of the maker's own as a line */
    private function ownFormula(string $key): ?array
    {
        $document = $this->book->documentOf($key);

        return $document === null ? null : ['formula' => $document];
    }

    /** Every line of the note that says more than the formula holds, whole and in order. */
    private static function notes(Recipe $recipe): string
    {
        $kept = [];
        $offset = $at = 0;
        foreach (explode("\n", $recipe->text) as $line) {
            $end = $offset + strlen($line);
            $says = false;
            for (; isset($recipe->spans[$at]) && $recipe->spans[$at]->span->start < $end; $at++) {
                $says = $says || ! in_array($recipe->spans[$at]->role, self::IN_THE_FORMULA, true);
            }
            if ($says) {
                $kept[] = trim($line);
            }
            $offset = $end + 1;
        }

        return implode("\n", $kept);
    }
}
