<?php

declare(strict_types=1);

namespace App\Workroom\Bench;

use App\Models\Formula;
use App\Models\FormulaVersion;
use App\Workroom\ChangedElsewhere;
use Illuminate\Support\Facades\DB;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\FormulaDocument;

/** Opens, saves and keeps formulas. */
final class FormulaBook
{
    /** How a line on the bench names one of these instead of a catalogue ingredient. */
    public const KEY = 'formula:';

    /** @return list<Formula> whose name holds the words, the one worked on last first */
    public function named(string $words, int $but, int $most): array
    {
        $words = trim($words);

        return mb_strlen($words) < 3 ? [] : array_values(Formula::query()->where('name', 'like', '%'.addcslashes($words, '%_\\').'%')
            ->where('id', '<>', $but)->orderByDesc('updated_at')->limit($most)->get()->all());
    }

    /** @return array<string, mixed>|null the open form of a formula's draft, as it stands now */
    public function documentOf(string $key): ?array
    {
        $formula = str_starts_with($key, self::KEY) ? Formula::query()->find((int) substr($key, strlen(self::KEY))) : null;

        return $formula === null ? null : FormulaDocument::write(Draft::fromStored($formula->draft)->formula()[0]);
    }

    public function begin(string $name, Family $family): Formula
    {
        return $this->put(Draft::blank($name, $family));
    }

    public function put(Draft $draft): Formula
    {
        return Formula::query()->create(['name' => $draft->text('name'), 'draft' => $draft->toStored(), 'revision' => 1]);
    }

    /**
     * Saves the draft if nobody saved since.
     *
     * @param  int|null  $revision  the one this window last read; null to save over whatever stands there
     * @return int the new revision
     *
     * @throws ChangedElsewhere
     */
    public function save(Formula $formula, Draft $draft, ?int $revision): int
    {
        $stored = $draft->toStored();
        if ($formula->draft === $stored && ($revision ?? $formula->revision) === $formula->revision) {
            return $formula->revision;
        }
        // one statement: whoever saved in between has raised the revision, and then it finds no row
        $mine = Formula::query()->whereKey($formula->id);
        if ($revision !== null) {
            $mine->where('revision', $revision);
        }
        $saved = $mine->update(['name' => $draft->text('name'), 'draft' => json_encode($stored, JSON_THROW_ON_ERROR), 'revision' => DB::raw('revision + 1')]);
        if ($saved === 0) {
            throw new ChangedElsewhere($formula->revision);
        }

        return $revision === null ? (int) Formula::query()->whereKey($formula->id)->value('revision') : $revision + 1;
    }

    /** Keeps the draft as the next version; the same formula is not kept twice in a row. */
    public function keep(Formula $formula, Draft $draft, string $note = ''): FormulaVersion
    {
        [$read] = $draft->formula();
        $document = FormulaDocument::write($read);

        return DB::transaction(function () use ($formula, $document, $note): FormulaVersion {
            $last = FormulaVersion::query()->where('formula_id', $formula->id)->orderByDesc('number')->first();
            if ($last !== null && $last->document == $document) {
                return $last;
            }

            return FormulaVersion::query()->create([
                'formula_id' => $formula->id, 'number' => ($last->number ?? 0) + 1, 'document' => $document, 'note' => $note,
            ]);
        });
    }
}
