<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Formulas\FormulaBook;
use App\Pantry\LotLine;
use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\Audience;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\PartKind;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Reading\ReadLine;
use Ilvane\Core\Reading\Recipe;
use Ilvane\Core\Reading\Role;
use Ilvane\Core\Reading\Section;

/** The open form of a note as it was read, with what the maker put right. */
final readonly class RecipeDocument
{
    /** What these say is in the formula itself; any other line of the note is kept whole in its notes. */
    private const IN_THE_FORMULA = [Role::Title, Role::Heading, Role::Ingredient, Role::Part];

    /** Key of a part the maker makes of lines on the page of the note. */
    public const BY_HAND = 'made-first';

    /** An amount that is still to be told. */
    public const NOT_SAID = 'some';

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
        $parts = is_array($document['parts'] ?? null) ? array_column($document['parts'], null, 'key') : [];
        $places = self::places($recipe, $corrections, $keyOf);
        $written = self::linesOf($document, array_map(
            static fn (ReadLine $line): string => $line->in?->key() ?? '',
            $recipe->lines,
        ));
        $lines = $inside = [];
        foreach ($recipe->lines as $i => $read) {
            $line = $this->corrected($written[$i], $keyOf($read), $corrections);
            $places[$i] === '' ? $lines[] = $line : $inside[$places[$i]][] = $line;
        }
        $named = array_column($parts, 'name', 'key');
        [$parts, $taking] = $this->parts($parts, $inside, $corrections);
        $document['lines'] = array_map(
            static fn (array $line): array => isset($line['part']) && ! isset($parts[$line['part']])
                ? [
                    ...array_diff_key($line, ['part' => true]),
                    'name' => say('recipes.part', ['name' => $named[$line['part']]]),
                ]
                : $line,
            [...$lines, ...$taking],
        );
        unset($document['parts']);
        if ($parts !== []) {
            $document['parts'] = array_values($parts);
        }
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
     * Which part each line goes into, as the maker said or as it was read; empty: the product itself.
     *
     * @param  callable(ReadLine): string  $keyOf
     * @return list<string> keys of parts, in the order of the lines
     */
    public static function places(Recipe $recipe, Corrections $corrections, callable $keyOf): array
    {
        $known = ['', self::BY_HAND, ...array_map(static fn (Section $part): string => $part->key(), $recipe->parts)];

        return array_map(static function (ReadLine $line) use ($corrections, $keyOf, $known): string {
            $read = $line->in?->key() ?? '';
            $said = $line->takes === null ? $corrections->into[$keyOf($line)] ?? $read : $read;

            return in_array($said, $known, true) ? $said : $read;
        }, $recipe->lines);
    }

    /**
     * @param  array<string, array<string, mixed>>  $parts  of the note, by key
     * @param  array<string, list<array<string, mixed>>>  $inside  lines, by key of the part they go into
     * @return array{array<string, array<string, mixed>>, list<array<string, mixed>>} the parts that hold something, and
     *   the line that takes of one made by hand
     */
    private function parts(array $parts, array $inside, Corrections $corrections): array
    {
        $taking = [];
        if (isset($inside[self::BY_HAND])) {
            $parts[self::BY_HAND] = [
                'key' => self::BY_HAND,
                'name' => say('recipes.by_hand'),
                'makes' => $this->makes($inside[self::BY_HAND])->value,
            ];
            $amount = trim($corrections->amounts[self::BY_HAND] ?? '');
            $taking[] = ['part' => self::BY_HAND, 'amount' => $amount === '' ? self::NOT_SAID : $amount];
        }
        $kept = [];
        foreach (array_intersect_key($parts, $inside) as $key => $part) {
            $kept[$key] = [...$part, 'lines' => $inside[$key]];
        }

        return [$kept, $taking];
    }

    /**
     * Plants in fat give an oil, in anything wet a tea; else it is a mix.
     *
     * @param  list<array<string, mixed>>  $lines
     */
    private function makes(array $lines): PartKind
    {
        $kinds = array_map(fn (array $line): ?Kind => isset($line['ingredient'])
            ? $this->catalogue->get((string) $line['ingredient'])->kind
            : null, $lines);
        $has = static fn (callable $is): bool => array_filter(
            $kinds,
            static fn (?Kind $kind): bool => $kind !== null && $is($kind),
        ) !== [];

        return match (true) {
            ! $has(static fn (Kind $kind): bool => $kind->isPlant()) => PartKind::Mix,
            $has(static fn (Kind $kind): bool => $kind->isWatery()) => PartKind::Tea,
            $has(static fn (Kind $kind): bool => $kind->takesPlants()) => PartKind::InfusedOil,
            default => PartKind::Mix,
        };
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  list<string>  $places  key of the part each line is in
     * @return list<array<string, mixed>> the lines of the document in the order of the note
     */
    public static function linesOf(array $document, array $places): array
    {
        $of = ['' => is_array($document['lines']) ? array_values($document['lines']) : []];
        foreach (is_array($document['parts'] ?? null) ? $document['parts'] : [] as $part) {
            $of[$part['key']] = $part['lines'];
        }
        $at = [];

        return array_map(static function (string $place) use ($of, &$at): array {
            $at[$place] = ($at[$place] ?? -1) + 1;

            return $of[$place][$at[$place]];
        }, $places);
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
