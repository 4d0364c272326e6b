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
        private readonly ContainerBook $containers,
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
                Typed::text($request, 'container', 1),
            ),
        );
    }

    /** Fills it into containers, each kind with its own place and date. */
    public function split(Request $request, Batch $batch): RedirectResponse
    {
        return $this->did($request, $batch, function (Carbon $at) use ($request, $batch): void {
            $rows = [];
            for ($i = 0; $i < ContainerBook::MOST_AT_ONCE; $i++) {
                $rows[] = [
                    'what' => Typed::text($request, "split.$i.what", 12),
                    'count' => Typed::decimal($request, "split.$i.count"),
                    'grams' => Typed::grams($request, "split.$i.grams"),
                    'storage' => Typed::text($request, "split.$i.storage", 12),
                    'stands' => Typed::text($request, "split.$i.stands", 80),
                ];
            }
            $this->containers->split($batch, $rows, $at, Typed::key($request));
        }, 'containers');
    }

    public function thaw(Request $request, Batch $batch, string $letter): RedirectResponse
    {
        return $this->did($request, $batch, fn (Carbon $at) => $this->containers->thaw(
            $batch,
            $letter,
            Typed::decimal($request, 'count') ?? 1.0,
            $at,
            Typed::key($request),
        ), 'containers');
    }

    public function moveContainer(Request $request, Batch $batch, string $letter): RedirectResponse
    {
        return $this->did($request, $batch, fn (Carbon $at) => $this->containers->move(
            $batch,
            $letter,
            Typed::text($request, 'storage', 12),
            Typed::text($request, 'to', 80),
            $at,
            Typed::key($request),
        ), 'containers');
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

        return (Typed::text($request, 'back', 10) === 'today'
            ? redirect()->route('today')
            : redirect()->to(route('batch', $batch)."#$back"))->with('said', say('pantry.done'));
    }
}
