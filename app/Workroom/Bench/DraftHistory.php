<?php

declare(strict_types=1);

namespace App\Workroom\Bench;

use App\Models\DraftState;
use App\Models\Formula;
use Illuminate\Support\Carbon;

/**
 * The states a draft was in. Every change is a new state that knows which one undoing it brings back; undoing is a change
 * too, so nothing is ever lost, and the chain can be walked to and fro.
 */
final class DraftHistory
{
    /** So many states are remembered of one formula. */
    private const REMEMBERED = 150;

    /** Changes of the same field, one after the other within this time, are one step. */
    private const ONE_THOUGHT_S = 20;

    /** A ghost of what was before is of use while one still thinks of it. */
    private const GHOST_S = 600;

    /** Forgetting what is too old is not worth doing at every change. */
    private const TIDIED_EVERY = 10;

    /** @var array<int, DraftState|null> */
    private array $states = [];

    private function __construct(private readonly Formula $formula)
    {
    }

    public static function of(Formula $formula): self
    {
        return new self($formula);
    }

    /** @return int the new revision */
    public function add(Draft $draft, string $did, string $about): int
    {
        $now = $this->now();
        $isSameThought = $now->did === $did && $now->about === $about && $about !== '' && $now->redo_to === null
            && $now->created_at->diffInSeconds(Carbon::now(), true) < self::ONE_THOUGHT_S;

        return $this->put($draft->toStored(), $did, $about, $isSameThought ? $now->undo_to : $now->revision, null);
    }

    /** @return int the new revision; the old one where there is nothing to step to */
    public function step(bool $isBack): int
    {
        $now = $this->now();
        $to = $this->at($isBack ? $now->undo_to : $now->redo_to);
        if ($to === null) {
            return $now->revision;
        }

        return $this->put($to->state, $to->did, $to->about, $to->undo_to, $isBack ? $now->revision : $to->redo_to);
    }

    public function stateAt(int $revision): ?Draft
    {
        $state = $this->at($revision);

        return $state === null ? null : Draft::fromStored($state->state);
    }

    /** The state before the last change, while it is fresh. */
    public function before(): ?Draft
    {
        $now = $this->at($this->formula->revision);
        $before = $now === null || $now->redo_to !== null || $now->created_at->diffInSeconds(Carbon::now(), true) > self::GHOST_S ? null : $this->at($now->undo_to);

        return $before === null ? null : Draft::fromStored($before->state);
    }

    /** @return array{undo: array{string, string}|null, redo: array{string, string}|null} what undoing and redoing would take back or bring: word key and about */
    public function ways(): array
    {
        $now = $this->at($this->formula->revision);
        $isHeld = fn (?int $to): bool => $to !== null && $to > $this->formula->revision - self::REMEMBERED;
        $forth = $now !== null && $isHeld($now->redo_to) ? $this->at($now->redo_to) : null;

        return ['undo' => $now !== null && $isHeld($now->undo_to) ? [$now->did, $now->about] : null, 'redo' => $forth === null ? null : [$forth->did, $forth->about]];
    }

    /** The state now shown; formulas from before states were kept get theirs here. */
    private function now(): DraftState
    {
        return $this->at($this->formula->revision) ?? DraftState::query()->create([
            'formula_id' => $this->formula->id, 'revision' => $this->formula->revision, 'state' => $this->formula->draft, 'did' => 'begun', 'about' => '', 'undo_to' => null, 'redo_to' => null,
        ]);
    }

    private function at(?int $revision): ?DraftState
    {
        return $revision === null ? null : $this->states[$revision] ??= DraftState::query()->where('formula_id', $this->formula->id)->where('revision', $revision)->first();
    }

    /** @param  array<string, mixed>  $state */
    private function put(array $state, string $did, string $about, ?int $undoTo, ?int $redoTo): int
    {
        $revision = $this->formula->revision + 1;
        DraftState::query()->create(['formula_id' => $this->formula->id, 'revision' => $revision, 'state' => $state, 'did' => $did, 'about' => $about, 'undo_to' => $undoTo, 'redo_to' => $redoTo]);
        if ($revision % self::TIDIED_EVERY === 0) {
            DraftState::query()->where('formula_id', $this->formula->id)->where('revision', '<=', $revision - self::REMEMBERED)->delete();
        }
        $name = is_array($state['text'] ?? null) && is_string($state['text']['name'] ?? null) ? $state['text']['name'] : '';
        $this->formula->update(['name' => $name, 'draft' => $state, 'revision' => $revision]);

        return $revision;
    }
}
