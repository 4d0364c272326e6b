<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Formulas\FormulaBook;
use App\Ground\Refused;
use App\Ground\Typed;
use App\Ground\TypedTime;
use App\Ground\Wording;
use App\Models\Lot;
use App\Models\LotEntry;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\View\View;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Tools;

final class PantryController
{
    private const ON_A_PAGE = 36;

    public function __construct(
        private readonly LotBook $lots,
        private readonly LotPageFactory $lotPages,
        private readonly TypedTime $typedTime,
        private readonly LotLine $lotLine,
    ) {
    }

    public function all(LotCards $cards, TurningSoon $turning): View
    {
        $bought = Lot::atHand()
            ->where('kind', 'bought')
            ->orderByRaw('good_until IS NULL, good_until, id')
            ->simplePaginate(self::ON_A_PAGE);

        return view(
            'pantry.all',
            [
                'page' => $bought,
                'turning' => $turning->rows(),
                'oils' => $cards->lots('infused_oil'),
                'preparations' => $cards->lots('preparation'),
                'bought' => $cards->lotsDrawn($bought->getCollection()),
                'gone' => $cards->goneLots(),
            ],
        );
    }

    public function show(Lot $lot): View
    {
        return view('pantry.lot', ['page' => $this->lotPages->of($lot->load('entries', 'jar', 'preparation'))]);
    }

    public function put(Request $request): RedirectResponse
    {
        $day = static fn (string $field): ?Carbon => Typed::text($request, $field) === '' ? null : TypedTime::day(
            Typed::text($request, $field),
            $field,
        );
        $lot = $this->lots->putBought(
            Typed::text($request, 'ingredient', 80) ?: Typed::text($request, 'name', 200),
            Typed::grams($request, 'grams'),
            Typed::price($request, 'price'),
            $day('best_before'),
            $day('opened_on'),
            Carbon::now(),
            Typed::text($request, 'supplier', 200),
        );

        return redirect()
            ->route('pantry')
            ->with('said', say('pantry.put', ['name' => $lot->name, 'code' => $lot->code]));
    }

    public function label(Lot $lot, Catalogue $catalogue, Tools $tools, Wording $wording): View
    {
        return view('pantry.label', ['page' => LotLabel::of($lot, $this->lotPages, $catalogue, $tools, $wording)]);
    }

    public function use(Request $request, Lot $lot): RedirectResponse
    {
        return $this->did(
            $lot,
            fn () => $this->lots->use(
                $lot,
                Typed::grams($request, 'grams') ?: throw Refused::noGrams('grams'),
                Typed::text($request, 'for', 120),
                $this->typedTime->at(Typed::text($request, 'when'), $lot->made_at),
                Typed::key($request),
            ),
        );
    }

    /** Stock-taking: what the scale says is left. */
    public function count(Request $request, Lot $lot): RedirectResponse
    {
        return $this->did(
            $lot,
            fn () => $this->lots->count(
                $lot,
                trim(Typed::text($request, 'left')) === ''
                    ? throw Refused::noGrams('left')
                    : Typed::grams($request, 'left'),
                $this->typedTime->at('', $lot->made_at),
                Typed::key($request),
            ),
        );
    }

    public function open(Request $request, Lot $lot): RedirectResponse
    {
        return $this->did(
            $lot,
            fn () => $this->lots->open(
                $lot,
                $this->typedTime->at(Typed::text($request, 'opened'), $lot->made_at, 'opened'),
                Typed::key($request),
            ),
        );
    }

    public function move(Request $request, Lot $lot): RedirectResponse
    {
        $to = Storage::tryFrom(Typed::text($request, 'to'));

        return $this->did(
            $lot,
            fn () => $to === null
                ? null
                : $this->lots->move($lot, $to, $this->typedTime->at('', $lot->made_at), Typed::key($request)),
        );
    }

    public function discard(Request $request, Lot $lot): RedirectResponse
    {
        return $this->did(
            $lot,
            fn () => $this->lots->discard(
                $lot,
                Typed::text($request, 'reason'),
                $this->typedTime->at('', $lot->made_at),
                Typed::key($request),
            ),
            Typed::text($request, 'back'),
        );
    }

    public function undo(Request $request, Lot $lot, LotEntry $entry): RedirectResponse
    {
        abort_unless($entry->lot_id === $lot->id, 404);

        return $this->did(
            $lot,
            fn () => $this->lots->undo($lot, $entry, Typed::key($request)),
            Typed::text($request, 'back'),
        );
    }

    public function remove(Lot $lot): RedirectResponse
    {
        $this->lots->remove($lot);

        return redirect()->route('pantry')->with('said', say('pantry.removed', ['code' => $lot->code]));
    }

    /** Begins a formula whose first line is this lot. */
    public function bench(Lot $lot, FormulaBook $book): RedirectResponse
    {
        return redirect()->route('bench', $book->put($this->lotLine->draft($lot)));
    }

    private function did(Lot $lot, Closure $what, string $back = ''): RedirectResponse
    {
        $what();
        $last = LotEntry::query()->where('lot_id', $lot->id)->where('kind', '<>', 'undo')->orderByDesc('id')->first();

        $undo = $last === null ? null : route('lot.undo', [$lot, $last]);
        $page = $back === 'today'
            ? redirect()->route('today')->with('undo', $undo)
            : redirect()->route('lot', $lot);

        return $page->with('said', say('pantry.done'));
    }
}
