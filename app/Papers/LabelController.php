<?php

declare(strict_types=1);

namespace App\Papers;

use App\Ground\Settings;
use App\Ground\Typed;
use App\Make\BatchRecordFactory;
use App\Make\Containers;
use App\Make\JarLabel;
use App\Make\JarLabelFactory;
use App\Models\Batch;
use App\Shelf\ReleaseFactory;
use App\Shelf\ShelfBook;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** Labels and papers of what was made. */
final class LabelController
{
    private const ON_A_PAGE = 100;

    public function __construct(
        private readonly JarLabelFactory $jarLabels,
        private readonly ReleaseFactory $releases,
        private readonly BatchRecordFactory $batchRecords,
        private readonly SellerPack $sellerPack,
        private readonly ContainerLabels $containerLabels,
    ) {
    }

    public function label(Request $request, Batch $batch): View|RedirectResponse
    {
        if (! $batch->isFinished()) {
            return redirect()->route('make', $batch);
        }
        $is = Containers::of($batch->load('shelfEntries'));
        $in = ContainerLabels::chosen($is, Typed::text($request, 'in', 1));
        $label = $this->jarLabels->of($batch, $in);
        $wish = self::wish($request, $batch);

        return view(
            'shelf.label',
            [
                'label' => $label,
                'batch' => $batch,
                'wish' => $wish,
                'release' => $this->releases->of($batch),
                'layout' => LabelPaper::layout($label, $wish),
                'sizes' => array_keys(config()->array('labels')),
                'asPlanned' => $this->batchRecords->notWeighed($batch),
                'count' => $in->count ?? ShelfBook::containers($batch),
                'in' => $in->letter ?? '',
                'containers' => $is->standing(),
                'places' => array_product(LabelPaper::places(LabelPaper::size($wish['size']))),
            ],
        );
    }

    public function pdf(Request $request, Batch $batch): Response|RedirectResponse
    {
        abort_unless($batch->isFinished(), 404);
        if ($this->jarLabels->of($batch)->unnamed !== []) {
            return redirect()->route('label', $batch)->with('refused', say('ui.label.unnamed_refused'));
        }
        if (! $this->releases->of($batch)->isFree()) {
            return redirect()->route('label', $batch)->with('refused', $this->releases->of($batch)->said());
        }
        $wish = self::wish($request, $batch);
        $count = min(self::ON_A_PAGE, max(0, (int) Typed::text($request, 'count', 4)));
        $in = ContainerLabels::chosen(Containers::of($batch), Typed::text($request, 'in', 1));
        $label = $this->jarLabels->of($batch, $in);

        return self::file(
            $count > 0
                ? LabelPaper::sheet(
                    array_fill(0, $count, $label),
                    $wish,
                    max(1, (int) Typed::text($request, 'from', 4)),
                )
                : LabelPaper::one($label, $wish),
            "label-$batch->code.pdf",
        );
    }

    /** One sheet with labels of several batches. */
    public function all(Request $request): View|Response
    {
        $wanted = array_filter(array_map(
            static fn (mixed $count): int => is_scalar($count) ? min(self::ON_A_PAGE, (int) $count) : 0,
            (array) $request->query('n', []),
        ));
        $wish = self::wish($request, null);
        $batches = Batch::query()
            ->where('status', 'finished')
            ->whereNull('gone_at')
            ->with('entries', 'shelfEntries', 'observations')
            ->orderByDesc('finished_at')
            ->limit(self::ON_A_PAGE)
            ->get()
            ->filter(fn (Batch $batch): bool => $this->releases->of($batch)->isFree());
        if ($wanted === []) {
            return view(
                'shelf.labels',
                ['batches' => $batches, 'wish' => $wish, 'sizes' => array_keys(config()->array('labels'))],
            );
        }
        $labels = [];
        foreach ($batches->whereIn('code', array_keys($wanted)) as $batch) {
            array_push($labels, ...$this->containerLabels->of($batch, max(0, $wanted[$batch->code])));
        }

        return self::file(
            LabelPaper::sheet($labels, $wish, max(1, (int) Typed::text($request, 'from', 4))),
            'labels.pdf',
        );
    }

    public function record(Batch $batch): Response
    {
        abort_unless($batch->isFinished(), 404);
        $record = $this->batchRecords->of($batch->load('version.formula', 'entries'));

        return self::file(
            Sheet::of('papers.batch-sheet', ['record' => $record, 'batch' => $batch], "$record->name $batch->code"),
            "batch-$batch->code.pdf",
        );
    }

    public function seller(Batch $batch): Response|RedirectResponse
    {
        abort_unless($batch->isFinished(), 404);
        if (! $this->releases->of($batch)->isFree()) {
            return redirect()
                ->to(route('batch', $batch).'#state')
                ->with('refused', $this->releases->of($batch)->said());
        }

        return self::file(
            $this->sellerPack->of($batch->load('version.formula', 'entries')),
            "papers-$batch->code.zip",
            'application/zip',
        );
    }

    /** A name only the maker knows. */
    public function name(Request $request, Batch $batch): RedirectResponse
    {
        JarLabel::name($batch, Typed::text($request, 'open', 120), Typed::text($request, 'inci', 120));

        return redirect()->route('label', $batch);
    }

    /** Name and address as the label has to carry them where it is sold. */
    public function maker(Request $request): RedirectResponse
    {
        Settings::keep('maker', [...Settings::values('maker'), 'label' => trim(Typed::text($request, 'maker', 160))]);

        return back()->with('said', say('labels.maker_kept'));
    }

    /** @return array{size: string, code: bool, slip: bool} */
    private static function wish(Request $request, ?Batch $batch): array
    {
        $size = Typed::text($request, 'size', 30);

        return [
            'size' => array_key_exists($size, config()->array('labels'))
                ? $size
                : (
                    $batch === null
                        ? (string) array_key_first(config()->array('labels'))
                        : LabelPaper::usualSize($batch)
                ),
            'code' => ! $request->has('size') || $request->boolean('code'), 'slip' => $request->boolean('slip'),
        ];
    }

    private static function file(string $bytes, string $name, string $type = 'application/pdf'): Response
    {
        return new Response(
            $bytes,
            200,
            ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"$name\""],
        );
    }
}
