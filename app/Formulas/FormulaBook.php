<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Ground\ChangedElsewhere;
use App\Ground\Drafts\DraftFields;
use App\Ground\Drafts\DraftHistory;
use App\Ground\Drafts\DraftTurn;
use App\Ground\OwnKitchen;
use App\Models\Formula;
use App\Models\FormulaVersion;
use Illuminate\Support\Facades\DB;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Material\Catalogue;

/** Opens, saves and keeps formulas. */
final class FormulaBook
{
    /** How a line on the bench names one of these instead of a catalogue ingredient. */
    public const KEY = 'formula:';

    public function __construct(private readonly Catalogue $catalogue, private readonly OwnKitchen $ownKitchen)
    {
    }

    /** @return list<Formula> whose name holds the words, the one worked on last first */
    public function named(string $words, int $but, int $most): array
    {
        $words = trim($words);

        return mb_strlen($words) < 3
            ? []
            : array_values(Formula::query()->where('name', 'like', '%'.addcslashes($words, '%_\\').'%')
                ->where('id', '<>', $but)->orderByDesc('updated_at')->limit($most)->get()->all());
    }

    /** @return array<string, mixed>|null the open form of a formula's draft, as it stands now */
    public function documentOf(string $key): ?array
    {
        $formula = str_starts_with($key, self::KEY)
            ? Formula::query()->find((int) substr($key, strlen(self::KEY)))
            : null;

        return $formula === null ? null : FormulaDocument::write(Draft::fromStored($formula->draft)->plain());
    }

    public function begin(string $name, Family $family): Formula
    {
        return $this->put(
            Draft::fromDocument(
                $this->ownKitchen->begun(FormulaDocument::write(Draft::blank($name, $family)->plain())),
            ),
        );
    }

    public function put(Draft $draft): Formula
    {
        $draft = $draft->settled($this->catalogue);

        return Formula::query()->create([
            'name' => $draft->text('name'),
            'draft' => $draft->toStored(),
            'revision' => 1,
        ]);
    }

    /**
     * Saves what was typed. What another window saved since is merged in, field by field; where both changed the same
     * field,
     * nothing is saved unless it is said whose counts.
     *
     * @param  string  $key  names the exchange
     * @param  callable(Draft): Draft  $settled  finds names among lots, formulas and ingredients
     *
     * @throws ChangedElsewhere
     */
    public function type(Formula $formula, DraftTurn $turn, string $key, callable $settled): void
    {
        $at = static function (int $revision) use ($formula): ?Draft {
            $state = DraftHistory::of($formula)->stateAt($revision);

            return $state === null ? null : Draft::fromStored($state);
        };
        [$draft, $isMerged] = $turn->onto(Draft::fromStored($formula->draft), $formula->revision, $at);
        $this->save($formula, $settled($draft), [$isMerged ? 'merged' : 'typed', ''], $turn->edit, $key);
    }

    /**
     * Saves the draft as one step.
     *
     * @param  array{string, string}  $did  word key of the change and what it was about; typed changes find it
     *   themselves
     * @param  string  $edit  names one stay in one field
     * @param  string  $key  names the exchange
     */
    public function save(Formula $formula, Draft $draft, array $did, string $edit = '', string $key = ''): void
    {
        $draft = $draft->settled($this->catalogue);
        $changed = DraftFields::changed(Draft::fromStored($formula->draft), $draft);
        if ($changed !== []) {
            $about = $did[1] !== '' || $did[0] !== 'typed' ? $did[1] : implode(' ', $changed);
            DB::transaction(static fn () => DraftHistory::of($formula)->add($draft, $did[0], $about, $edit, $key));
        }
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
                'formula_id' => $formula->id,
                'number' => ($last->number ?? 0) + 1,
                'document' => $document,
                'note' => $note,
            ]);
        });
    }
}
