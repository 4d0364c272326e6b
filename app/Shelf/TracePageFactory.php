<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Drawing\Profile;
use App\Drawing\Section;
use App\Drawing\Threads;
use App\Ground\Vessels;
use App\Ground\Wording;
use App\Make\Container;
use App\Make\Containers;
use App\Make\Outcome;
use App\Models\Batch;
use App\Models\Lot;
use App\Pantry\LotPageFactory;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;

/** Builds what TracePage shows. */
final readonly class TracePageFactory
{
    /** Vessels drawn at the most; beyond that the names have to do. */
    private const DRAWN = 80;

    /** Drawing units a vessel stands high here. */
    private const STANDS = 60.0;

    public function __construct(
        private TraceFactory $traces,
        private Vessels $vessels,
        private Evaluator $evaluator,
        private LotPageFactory $lotPages,
    ) {
    }

    public function ofBatch(Batch $batch, Wording $wording): TracePage
    {
        return $this->page(
            $batch->code,
            self::named($batch),
            false,
            $this->traces->back($batch),
            route('batch', $batch),
            $wording,
        );
    }

    public function ofLot(Lot $lot, Wording $wording): TracePage
    {
        return $this->page(
            $lot->code,
            $lot->name,
            true,
            $this->traces->forward($lot),
            route('lot', $lot),
            $wording,
            $lot,
        );
    }

    private function page(
        string $code,
        string $name,
        bool $isForward,
        Trace $trace,
        string $back,
        Wording $wording,
        ?Lot $lot = null,
    ): TracePage {
        $drawing = Threads::of(array_keys($trace->nodes), array_values($trace->edges));
        $vessels = $this->vessels($trace);
        $boxes = [];
        foreach ($trace->nodes as $node) {
            $boxes[] = [
                'id' => $node['id'],
                'code' => $node['code'],
                'name' => $node['name'],
                'kind' => $node['kind'],
                'isStart' => $node['code'] === $code,
                'vessel' => $vessels[$node['kind'] === 'jar' ? 'jar' : $node['code']] ?? null,
                'detail' => match (true) {
                    $node['kind'] === Trace::NO_LOT => say(
                        'make.no_lot_told',
                        ['grams' => $wording->grams((float) $node['grams'])],
                    ),
                    $node['grams'] === null => '',
                    default => $wording->grams($node['grams']).' '.say('pantry.left'),
                },
                'href' => match ($node['kind']) {
                    Trace::NO_LOT => '',
                    'batch' => route('batch', $node['code']),
                    'jar' => route('trace.jar', $node['code']),
                    default => route('lot', $node['code']),
                },
                ...$drawing->places[$node['id']],
            ];
        }
        $told = array_map(
            static fn (array $edge): array => [
                'from' => self::spoken($trace, $edge['from']),
                'to' => self::spoken($trace, $edge['to']),
                'grams' => $edge['grams'] === null ? '' : $wording->grams($edge['grams']),
            ],
            array_values($trace->edges),
        );

        return new TracePage(
            $code,
            $name,
            $isForward,
            $drawing,
            $boxes,
            $isForward ? self::recall($trace, $wording) : [],
            $told,
            $back,
            $lot === null ? [] : self::mayBe($lot, $wording),
        );
    }

    /**
     * What each thing stands in; none where there are more than the eye takes in.
     *
     * @return array<string, Section> by code, "jar" for every jar
     */
    private function vessels(Trace $trace): array
    {
        $codes = array_column($trace->nodes, 'code');
        if (count($codes) > self::DRAWN) {
            return [];
        }
        $vessels = ['jar' => Section::draw(
            Profile::of('jar', 500),
            [],
            0,
            self::STANDS,
            closed: true,
            labelled: false,
        )];
        foreach (Lot::query()->whereIn('code', $codes)->get() as $lot) {
            $vessels[$lot->code] = $this->lotPages->vessel($lot, self::STANDS);
        }
        foreach (Batch::query()->whereIn('code', $codes)->get() as $batch) {
            $formula = FormulaDocument::read($batch->document);
            $vessels[$batch->code] = $this->vessels->small(
                $this->evaluator->weigh($formula),
                $formula->family,
                true,
                self::STANDS,
            );
        }

        return $vessels;
    }

    /**
     * @return list<array{code: string, name: string, made: string, filled: string, left: string,
     *   stands: list<string>, href: string, out: list<string>}>
     */
    private static function recall(Trace $trace, Wording $wording): array
    {
        return array_map(static fn (array $row): array => [
            'code' => $row['batch']->code,
            'name' => self::named($row['batch']),
            'made' => $wording->date($row['batch']->finished_at ?? $row['batch']->started_at),
            'filled' => $wording->grams(Outcome::filled($row['batch'])),
            'left' => $wording->grams((float) $row['batch']->grams_left),
            'stands' => self::stands($row['batch'], $wording),
            'href' => route('batch', $row['batch']),
            'out' => array_map(
                static fn ($entry): string => $wording
                    ->shortDate($entry->happened_at).': '.say("shelf.did.{$entry->kind->value}").' '.$wording
                    ->grams((float) $entry->grams).($entry->container === '' ? '' : " ($entry->container)")
                    .($entry->subject === '' ? '' : ", $entry->subject"),
                $row['out'],
            ),
        ], $trace->recall());
    }

    /**
     * Where each container is, and what is in none.
     *
     * @return list<string>
     */
    private static function stands(Batch $batch, Wording $wording): array
    {
        $is = Containers::of($batch);
        $said = array_map(static fn (Container $one): string => "$one->letter: ".say('shelf.split.recall', [
            'what' => trans_choice("shelf.split.of.$one->what", $one->count),
            'left' => $wording->grams($one->left),
            'where' => say('pantry.stands.'.$one->storage()->value).($one->stands === '' ? '' : ", $one->stands"),
        ]), $is->standing());

        return $is->isSplit() && ! $is->hasRest() ? $said : [...$said, $batch->stands];
    }

    /** @return list<array{code: string, name: string, made: string, grams: string, href: string}> */
    private static function mayBe(Lot $lot, Wording $wording): array
    {
        return array_map(static fn (array $row): array => [
            'code' => $row['batch']->code,
            'name' => self::named($row['batch']),
            'made' => $wording->date($row['batch']->finished_at ?? $row['batch']->started_at),
            'grams' => $wording->grams($row['grams']),
            'href' => route('batch', $row['batch']),
        ], Trace::mayBeOf($lot));
    }

    private static function spoken(Trace $trace, string $id): string
    {
        $node = $trace->nodes[$id];

        return $node['kind'] === Trace::NO_LOT
            ? $node['name'].' ('.say('make.no_lot').')'
            : $node['name'].' ('.$node['code'].')';
    }

    private static function named(Batch $batch): string
    {
        return is_string($batch->document['name'] ?? null) ? $batch->document['name'] : $batch->code;
    }
}
