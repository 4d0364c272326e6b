<?php

declare(strict_types=1);

namespace App\Workroom\Bench;

use App\Models\Formula;
use App\Models\FormulaVersion;
use App\Workroom\ChangedElsewhere;
use App\Workroom\OwnKitchen;
use Illuminate\Support\Facades\DB;
use Ilvane\Core\Catalogue\Catalogue;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\FormulaDocument;

/** Opens, saves and keeps formulas. */
final class FormulaBook
{
    /** How a line on the bench names one of these instead of a catalogue ingredient. */
    public const KEY = 'formula:';

    public function __construct(private readonly Catalogue $catalogue)
    {
    }

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

        return $formula === null ? null : FormulaDocument::write(Draft::fromStored($formula->draft)->plain());
    }

    public function begin(string $name, Family $family): Formula
    {
        return $this->put(Draft::fromDocument(app(OwnKitchen::class)->begun(FormulaDocument::write(Draft::blank($name, $family)->plain()))));
    }

    public function put(Draft $draft): Formula
    {
        $draft = $draft->settled($this->catalogue);

        return Formula::query()->create(['name' => $draft->text('name'), 'draft' => $draft->toStored(), 'revision' => 1]);
    }

    /**
     * Saves the draft. What another window saved since is merged in, field by field; where both changed the same field,
     * nothing is saved unless it is said whose wins.
     *
     * @param  int|null  $revision  the one this window last read; null to save over whatever stands there
     * @param  string|null  $wins  mine or theirs; null to be asked
     * @param  array{string, string}  $did  word key of the change and what it was about; typed changes find it themselves
     * @return array{Draft, int} the draft as it now stands, and its revision
     *
     * @throws ChangedElsewhere
     */
    public function save(Formula $formula, Draft $draft, ?int $revision, ?string $wins = null, array $did = ['typed', '']): array
    {
        return DB::transaction(function () use ($formula, $draft, $revision, $wins, $did): array {
            $formula = Formula::query()->findOrFail($formula->id);
            $now = Draft::fromStored($formula->draft);
            if ($revision !== null && $revision !== $formula->revision) {
                [$draft, $did] = [$this->merged($formula, $draft, $now, $revision, $wins), ['merged', '']];
            }
            $draft = $draft->settled($this->catalogue);
            $changed = DraftFields::changed($now, $draft);

            return $changed === [] ? [$now, $formula->revision] : [$draft, DraftHistory::of($formula)->add($draft, $did[0], $did[1] !== '' || $did[0] !== 'typed' ? $did[1] : implode(' ', $changed))];
        });
    }

    /** @throws ChangedElsewhere */
    private function merged(Formula $formula, Draft $mine, Draft $theirs, int $revision, ?string $wins): Draft
    {
        $base = DraftHistory::of($formula)->stateAt($revision);
        if ($base === null) {
            return match ($wins) {
                'mine' => $mine,
                'theirs' => $theirs,
                default => throw new ChangedElsewhere($formula->revision),
            };
        }
        [$draft, $contested] = DraftFields::merged($base, $mine, $theirs, $wins ?? 'mine');
        if ($contested !== [] && $wins === null) {
            throw new ChangedElsewhere($formula->revision, $contested);
        }

        return $draft;
    }

    /**
     * One step back, or forth again.
     *
     * @return array{Draft, int} the draft as it now stands, and its revision
     */
    public function step(Formula $formula, bool $isBack): array
    {
        return DB::transaction(static function () use ($formula, $isBack): array {
            $formula = Formula::query()->findOrFail($formula->id);
            $revision = DraftHistory::of($formula)->step($isBack);

            return [Draft::fromStored(Formula::query()->findOrFail($formula->id)->draft), $revision];
        });
    }

    /** Keeps the draft as the next version; the same formula is not kept twice in a row. */
    public function keep(Formula $formula, Draft $draft, string $note = ''): FormulaVersion
    {
        $read = $draft->plain();
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
