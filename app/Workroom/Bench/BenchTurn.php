<?php

declare(strict_types=1);

namespace App\Workroom\Bench;

use App\Models\Formula;
use App\Workroom\ChangedElsewhere;

/** One exchange with the bench: reads what was typed, does what was pressed, saves, and lays the page out anew. */
final readonly class BenchTurn
{
    public function __construct(private FormulaBook $book, private DraftAction $action)
    {
    }

    /**
     * @param  array<mixed>  $form
     * @param  array<string, string>  $fields  what stands in fields that are no part of the formula
     * @param  bool  $isLive  the page asks in the background and already shows the menus of its rows
     */
    public function take(Formula $formula, array $form, string $do, array $fields, int $revision, bool $isLive): BenchPage
    {
        $typed = Draft::fromStored($formula->draft)->withForm($form);
        $held = $isLive ? $typed->choices() : [];
        $wins = match ($do) {
            'overwrite' => 'mine',
            'yield' => 'theirs',
            default => null,
        };
        try {
            [$draft, $now] = $this->book->save($formula, $this->action->settled($typed), $revision, $wins);
            if ($do === 'undo' || $do === 'redo') {
                [$draft, $now] = $this->book->step($formula, $do === 'undo');
            } elseif ($do !== '' && $wins === null) {
                [$draft, $now] = $this->book->save($formula, $this->action->apply($draft, $do, $fields), $now, did: DraftAction::said($do, $draft));
            }
        } catch (ChangedElsewhere $elsewhere) {
            return BenchPage::of($formula, $typed, $revision, $elsewhere, $held, DraftHistory::of($formula));
        }

        return BenchPage::of($formula->refresh(), $draft, $now, held: $held, history: DraftHistory::of($formula));
    }
}
