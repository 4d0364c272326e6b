<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Ground\Settings;
use App\Ground\Typed;
use App\Ground\TypedTime;
use App\Ground\Wording;
use App\Models\Batch;
use App\Models\Jar;
use App\Models\Lot;
use App\Models\ShelfEntry;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\View\View;

/** What was made and stands on the shelf: what becomes of it, what it cost, where it came from and went. */
final class ShelfController
{
    public function __construct(
        private readonly ShelfBook $made,
        private readonly PricePageFactory $pricePages,
        private readonly TracePageFactory $tracePages,
        private readonly TypedTime $typedTime,
    ) {
    }

    public function all(BatchCards $cards): View
    {
        $batches = Batch::query()
            ->where('status', 'finished')
            ->whereNull('gone_at')
            ->orderByRaw('best_before IS NULL, best_before, id')
            ->with('shelfEntries', 'observations')
            ->simplePaginate(24);

        return view('shelf.all', [
            'things' => $cards->finished($batches->getCollection()), 'page' => $batches,
            'gone' => Batch::query()
                ->where('status', 'finished')
                ->whereNotNull('gone_at')
                ->orderByDesc('gone_at')
                ->limit(12)
                ->get(['id', 'code', 'document', 'gone_at']),
        ]);
    }

    public function leaves(Request $request, Batch $batch): RedirectResponse
    {
        $kind = Typed::text($request, 'kind', 12);
        abort_unless(in_array($kind, ShelfBook::LEAVES, true), 404);

        return $this->did(
            $request,
            $batch,
            fn (Carbon $at) => $this->made->leaves(
                $batch,
                $kind,
                Typed::grams($request, 'shelf_grams'),
                Typed::text($request, 'subject', 200),
                $kind === 'sold' ? Typed::price($request, 'price') : null,
                $at,
                Typed::key($request),
            ),
        );
    }

    public function move(Request $request, Batch $batch): RedirectResponse
    {
        return $this->did(
            $request,
            $batch,
            fn (Carbon $at) => $this->made->move($batch, Typed::text($request, 'to', 80), $at, Typed::key($request)),
        );
    }

    public function hair(Request $request, Batch $batch): RedirectResponse
    {
        return $this->did(
            $request,
            $batch,
            fn (Carbon $at) => $this->made->hair(
                $batch,
                Typed::text($request, 'how', 12),
                Typed::text($request, 'note'),
                $at,
                Typed::key($request),
            ),
        );
    }

    /** Held, withdrawn or set free again; who it was is remembered for the next time. */
    public function decide(Request $request, Batch $batch): RedirectResponse
    {
        $kind = Typed::text($request, 'kind', 12);
        abort_unless(isset(Release::DECIDES[$kind]), 404);
        $who = trim(Typed::text($request, 'who', 80));

        return $this->did($request, $batch, function (Carbon $at) use ($request, $batch, $kind, $who): void {
            $this->made->decide($batch, $kind, Typed::text($request, 'why', 200), $who, $at, Typed::key($request));
            Settings::keep('maker', [...Settings::values('maker'), 'name' => $who]);
        }, 'state');
    }

    public function undo(Request $request, Batch $batch, ShelfEntry $entry): RedirectResponse
    {
        abort_unless($entry->batch_id === $batch->id, 404);

        return $this->did($request, $batch, fn () => $this->made->undo($batch, $entry, Typed::key($request)));
    }

    public function price(Request $request, Batch $batch): View
    {
        abort_unless($batch->isFinished(), 404);

        return view('shelf.price', ['page' => $this->pricePages->of($batch, $request->query->all())]);
    }

    public function traceBatch(Batch $batch, Wording $wording): View
    {
        return view('shelf.trace', ['page' => $this->tracePages->ofBatch($batch, $wording)]);
    }

    public function traceLot(Lot $lot, Wording $wording): View
    {
        return view('shelf.trace', ['page' => $this->tracePages->ofLot($lot, $wording)]);
    }

    /** A jar is known by its code in a drawing, by its number elsewhere. */
    public function jar(string $code): RedirectResponse
    {
        return redirect()->route('infusion', Jar::query()->where('code', $code)->firstOrFail());
    }

    /** @param  Closure(Carbon): mixed  $what */
    private function did(Request $request, Batch $batch, Closure $what, string $back = 'shelf'): RedirectResponse
    {
        abort_unless($batch->isFinished(), 404);
        $what($this->typedTime->at(Typed::text($request, 'when', 20), ($batch->finished_at ?? Carbon::now())->copy()));

        return redirect()->to(route('batch', $batch)."#$back")->with('said', say('pantry.done'));
    }
}
