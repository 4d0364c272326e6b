<?php

declare(strict_types=1);

namespace App\Ground\Drafts;

use App\Models\DraftState;
use App\Models\Formula;
use App\Models\Jar;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;

/**
 * The states a draft was in. Every change is a new state that knows which one undoing it brings back; undoing is a
 * change
 * too, so nothing is ever lost, and the chain can be walked to and fro.
 */
final class DraftHistory
{
    /** So many steps are remembered of one draft. */
    private const REMEMBERED = 150;

    /** A ghost of what was before is of use while one still thinks of it. */
    private const GHOST_S = 600;

    /** Forgetting what is too old is not worth doing at every change. */
    private const TIDIED_EVERY = 10;

    /** @var array<int, DraftState|null> */
    private array $states = [];

    private function __construct(private readonly Formula|Jar $of)
    {
    }

    public static function of(Formula|Jar $of): self
    {
        return new self($of);
    }

    /**
     * @param  string  $did  word key of the change
     * @param  string  $about  what it was about: paths, a key of the catalogue or a name
     * @param  string  $edit  names one stay in one field: changes that share it are one step
     * @param  string  $turn  names the press that asked for it, so that it is done once
     * @return int the new revision
     */
    public function add(TypedDraft $draft, string $did, string $about, string $edit = '', string $turn = ''): int
    {
        $now = $this->now();
        $isSameStep = $edit !== ''
            && $now->edit === $edit
            && $now->did === $did
            && $now->redo_to === null
            && $now->undo_to !== null;
        $revision = $this->put(
            [
                'state' => $draft->toStored(),
                'did' => $did,
                'about' => $about,
                'undo_to' => $isSameStep ? $now->undo_to : $now->revision,
                'redo_to' => null,
                'edit' => $edit,
                'turn' => $turn,
            ],
            $draft->name(),
        );
        if ($isSameStep) {
            $now->delete(); // nothing leads to it any more
        }

        return $revision;
    }

    /** @return int the new revision; the old one where there is nothing to step to */
    public function step(bool $isBack, string $turn = ''): int
    {
        $now = $this->now();
        $to = $this->at($isBack ? $now->undo_to : $now->redo_to);
        if ($to === null) {
            return $now->revision;
        }
        $name = is_array($to->state['text'] ?? null) && is_string($to->state['text']['name'] ?? null)
            ? $to->state['text']['name']
            : '';

        return $this->put([
            'state' => $to->state,
            'did' => $to->did,
            'about' => $to->about,
            'undo_to' => $to->undo_to,
            'redo_to' => $isBack
                ? $now->revision
                : $to->redo_to, 'edit' => '', 'turn' => $turn,
        ], $name);
    }

    /** Whether a press has been done already, and its answer was lost on the way. */
    public function has(string $turn): bool
    {
        return $turn !== '' && $this->mine()->where('turn', $turn)->exists();
    }

    /** @return array<string, mixed>|null as stored; null where it is remembered no more */
    public function stateAt(int $revision): ?array
    {
        return $this->at($revision)?->state;
    }

    /** @return array<string, mixed>|null the state before the last change, while it is fresh */
    public function before(): ?array
    {
        $now = $this->at($this->of->revision);
        $isFresh = $now !== null
            && $now->redo_to === null
            && $now->created_at->diffInSeconds(Carbon::now(), true) <= self::GHOST_S;

        return $isFresh ? $this->at($now->undo_to)?->state : null;
    }

    /**
     * @return array{undo: array{string, string}|null, redo: array{string, string}|null} what undoing and redoing would
     *   take back or bring: word key and about
     */
    public function ways(): array
    {
        $now = $this->at($this->of->revision);
        $forth = $this->at($now?->redo_to);

        return [
            'undo' => $now !== null && $this->at($now->undo_to) !== null ? [$now->did, $now->about] : null,
            'redo' => $forth === null ? null : [$forth->did, $forth->about],
        ];
    }

    /** The state now shown; drafts from before states were kept get theirs here. */
    private function now(): DraftState
    {
        return $this->at($this->of->revision) ?? DraftState::query()->create([
            ...$this->owner(),
            'revision' => $this->of->revision,
            'state' => $this->of->draft,
            'did' => 'begun',
            'about' => '',
            'undo_to' => null,
            'redo_to' => null,
            'edit' => '',
            'turn' => '',
        ]);
    }

    private function at(?int $revision): ?DraftState
    {
        return $revision === null
            ? null
            : $this->states[$revision] ??= $this->mine()->where('revision', $revision)->first();
    }

    /** @return Builder<DraftState> */
    private function mine(): Builder
    {
        return DraftState::query()->where($this->owner());
    }

    /** @return array<string, int> */
    private function owner(): array
    {
        return [$this->of instanceof Jar ? 'jar_id' : 'formula_id' => $this->of->id];
    }

    /**
     * @param  array{state: array<string, mixed>, did: string, about: string, undo_to: int|null, redo_to: int|null,
     *   edit: string, turn: string}  $state
     */
    private function put(array $state, string $name): int
    {
        $revision = $this->of->revision + 1;
        DraftState::query()->create([...$this->owner(), 'revision' => $revision, ...$state]);
        if ($revision % self::TIDIED_EVERY === 0) {
            $oldest = $this->mine()->orderByDesc('revision')->skip(self::REMEMBERED)->value('revision');
            $oldest === null ?: $this->mine()->where('revision', '<=', $oldest)->delete();
        }
        $this->of->update(['name' => $name, 'draft' => $state['state'], 'revision' => $revision]);

        return $revision;
    }
}
