<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Ground\Card;
use App\Ground\Vessels;
use App\Ground\Wording;
use App\Make\Outcome;
use App\Models\Batch;
use Illuminate\Support\Carbon;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Weighing;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Tools;

/** Finished batches, drawn as full as they are. */
final readonly class BatchCards
{
    public function __construct(
        private Wording $wording,
        private Vessels $vessels,
        private Catalogue $catalogue,
        private Tools $tools,
        private ReleaseFactory $releases,
        private float $stands = Card::STANDS,
    ) {
    }

    /** The same cards drawn smaller or larger. */
    public function sized(float $stands): self
    {
        return new self(
            $this->wording,
            $this->vessels,
            $this->catalogue,
            $this->tools,
            $this->releases,
            $stands,
        );
    }

    /** @return list<Card> finished and still there, what turns first at the front */
    public function onShelf(int $most = Card::SHOWN): array
    {
        return $this->finished(Batch::query()
            ->where('status', 'finished')
            ->whereNull('gone_at')
            ->orderByRaw('best_before IS NULL, best_before, id')
            ->with(
                'shelfEntries',
                'observations',
            )->limit($most)->get());
    }

    /**
     * @param  iterable<Batch>  $batches
     * @return list<Card>
     */
    public function finished(iterable $batches): array
    {
        $things = [];
        foreach ($batches as $batch) {
            $things[] = $this->made($batch);
        }

        return $things;
    }

    private function made(Batch $batch): Card
    {
        $formula = FormulaDocument::read($batch->document);
        $composition = (new Weighing($this->catalogue, $this->tools))->of($formula);
        $left = $batch->best_before === null
            ? null
            : (int) Carbon::now()->startOfDay()->diffInDays($batch->best_before);
        $release = $this->releases->of($batch);

        return new Card(
            name: $formula->name,
            state: match (true) {
                ! $release->isFree() => say("shelf.release.state.$release->state"),
                $left === null => say('ui.shelf.no_date'),
                $left < 0 => say('ui.shelf.overdue'),
                default => say('ui.shelf.keeps', ['days' => $this->wording->days($left)]),
            },
            brief: match (true) {
                ! $release->isFree() => say("shelf.release.state.$release->state"),
                $left === null => '',
                $left < 0 => say('today.brief_over'),
                default => $this->wording->days($left),
            },
            detail: $this->wording->grams((float) $batch->grams_left)
                .' '
                .say('pantry.left')
                .($batch->stands === '' ? '' : ", $batch->stands")
                .'. '
                .say(
                    'ui.shelf.made',
                    ['when' => $this->wording->ago($batch->finished_at ?? $batch->started_at)],
                ),
            code: $batch->code,
            href: route('batch', $batch),
            vessel: $this->vessels->small(
                $composition,
                $formula->family,
                true,
                $this->stands,
                (float) $batch->grams_left / max(1e-9, Outcome::filled($batch)),
                Card::TALLEST_MM,
            ),
            kind: 'made',
            isUrgent: ! $release->isFree() || ($left !== null && $left < 0),
            life: $release->isFree() ? ShelfPage::lifeLeft($batch) : 0.0,
        );
    }
}
