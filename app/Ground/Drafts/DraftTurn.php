<?php

declare(strict_types=1);

namespace App\Ground\Drafts;

use App\Ground\ChangedElsewhere;
use App\Ground\Typed;
use Illuminate\Http\Request;

/**
 * One exchange with a page that is being written: which fields it holds, what they were based on, and what was pressed.
 *
 * A page with scripts sends only the fields that changed, each with the value it was based on ("was"). A page without
 * sends all of
 * them and the revision it was drawn from.
 */
final readonly class DraftTurn
{
    /**
     * @param  array<mixed>  $form
     * @param  array<mixed>|null  $was  the same fields as the page had last been told; null where all of them are based
     *   on the revision
     * @param  string  $do  what was pressed; "" for nothing
     * @param  string  $edit  names one stay in one field
     * @param  string  $key  names this exchange with all it holds; sent again, it is the same exchange
     */
    private function __construct(
        public array $form,
        public ?array $was,
        public string $do,
        public int $revision,
        public string $edit,
        public string $key,
        public bool $isLive,
    ) {
    }

    public static function of(Request $request): self
    {
        $was = $request->input('was');
        $form = $request->except(['was', '_token']);
        $key = preg_match('/^[a-z0-9]{8,40}$/', Typed::text($request, 'turn')) === 1
            ? Typed::text($request, 'turn')
            : '';

        return new self(
            $form,
            is_array($was) || $request->boolean('based') ? (is_array($was) ? $was : []) : null,
            Typed::text($request, 'do'),
            (int) Typed::text($request, 'revision'),
            preg_match('/^[a-z0-9]{4,40}$/', Typed::text($request, 'edit')) === 1 ? Typed::text($request, 'edit') : '',
            $key === '' ? '' : $key.'.'.substr(hash('sha256', serialize([$form, $was])), 0, 16),
            $request->headers->has('X-Live'),
        );
    }

    /** Whether it was done before, and only its answer was lost on the way. */
    public function isDone(DraftHistory $history): bool
    {
        return $history->has($this->key);
    }

    /** Whose value counts where both windows changed a field: mine, theirs, or null to be asked. */
    public function wins(): ?string
    {
        return match ($this->do) {
            'overwrite' => 'mine',
            'yield' => 'theirs',
            default => null,
        };
    }

    /**
     * What stands now with this page's changes put onto it, field by field.
     *
     * @template D of TypedDraft
     *
     * @param  D  $now
     * @param  callable(int): (D|null)  $at  the draft at a revision; null where it is remembered no more
     * @return array{D, bool} and whether another window's changes came together with these
     *
     * @throws ChangedElsewhere where both changed the same field, and it isn't said whose counts
     */
    public function onto(TypedDraft $now, int $revision, callable $at): array
    {
        if ($this->was !== null) {
            [$base, $mine] = [$now->withForm($this->was), $now->withForm($this->form)];
        } else {
            $base = $this->revision === $revision ? $now : $at($this->revision);
            $mine = ($base ?? $now)->withForm($this->form);
        }
        if ($base === null) { // nobody can tell any more which of its fields this page changed
            return match ($this->wins()) {
                'mine' => [$mine, false],
                'theirs' => [$now, false],
                default => throw new ChangedElsewhere($revision),
            };
        }
        [$draft, $contested] = DraftFields::merged($base, $mine, $now, $this->wins() ?? 'mine');
        if ($contested !== [] && $this->wins() === null) {
            throw new ChangedElsewhere($revision, $contested);
        }
        $isMerged = $this->was === null && $this->revision !== $revision && DraftFields::changed($now, $draft) !== [];

        return [$draft, $isMerged];
    }
}
