<?php

declare(strict_types=1);

namespace App\Bench;

use App\Formulas\Draft;
use App\Formulas\FormulaBook;
use App\Ground\ChangedElsewhere;
use App\Ground\Drafts\ActionRefused;
use App\Ground\Drafts\DraftHistory;
use App\Ground\Drafts\DraftTurn;
use App\Models\Formula;
use Illuminate\Support\Facades\DB;

/** One exchange with the bench: saves what was typed, does what was pressed, and lays the page out. */
final readonly class BenchTurn
{
    public function __construct(
        private FormulaBook $book,
        private DraftAction $action,
        private BenchPageFactory $benchPages,
    ) {
    }

    /** @param  array<string, string>  $fields  what stands in fields that are no part of the formula */
    public function take(Formula $formula, DraftTurn $turn, array $fields): BenchPage
    {
        try {
            $refused = DB::transaction(fn (): string => $this->done($formula->refresh(), $turn, $fields));
        } catch (ChangedElsewhere $elsewhere) {
            $typed = $this->typed($formula, $turn);

            return $this->benchPages->of($formula, $typed, $turn->revision, $elsewhere, DraftHistory::of($formula));
        }

        // the page as this turn left it: what another window did since is told with the next turn
        return $this->benchPages->of(
            $formula,
            Draft::fromStored($formula->draft),
            $formula->revision,
            history: DraftHistory::of($formula),
            refused: $refused,
            offersWait: $turn->isLive,
        );
    }

    /**
     * @param  array<string, string>  $fields
     * @return string why what was pressed could not be done; "" where it could
     *
     * @throws ChangedElsewhere
     */
    private function done(Formula $formula, DraftTurn $turn, array $fields): string
    {
        if ($turn->isDone(DraftHistory::of($formula))) {
            return ''; // only its answer was lost
        }
        $isPress = $turn->do !== '' && $turn->wins() === null;
        $this->book->type($formula, $turn, $isPress ? '' : $turn->key, $this->action->settled(...));
        if (! $isPress) {
            return '';
        }
        if ($turn->do === 'undo' || $turn->do === 'redo') {
            DraftHistory::of($formula)->step($turn->do === 'undo', $turn->key);

            return '';
        }
        $draft = Draft::fromStored($formula->draft);
        try {
            $after = $this->action->apply($draft, $turn->do, $fields);
        } catch (ActionRefused $refused) {
            return $refused->said();
        }
        $this->book->save($formula, $after, DraftAction::said($turn->do, $draft), $turn->edit, $turn->key);

        return $this->action->left($after, $turn->do);
    }

    /** What stands in the form, to be shown beside the question whose counts. */
    private function typed(Formula $formula, DraftTurn $turn): Draft
    {
        return Draft::fromStored($formula->draft)->withForm($turn->form);
    }
}
