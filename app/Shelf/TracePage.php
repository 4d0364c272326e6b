<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Drawing\Profile;
use App\Drawing\Section;
use App\Drawing\Threads;
use App\Ground\Vessels;
use App\Ground\Wording;
use App\Models\Batch;
use App\Models\Lot;
use App\Pantry\LotPage;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;

/** Where something came from or went to, drawn, and what to call back. */
final readonly class TracePage
{
    /** Vessels drawn at the most; beyond that the names have to do. */
    private const DRAWN = 80;

    /** Drawing units a vessel stands high here. */
    private const STANDS = 60.0;

    /**
     * @param  list<array{id: string, code: string, name: string, detail: string, href: string, kind: string,
     *   isStart: bool, vessel: Section|null, x: float, y: float}>  $boxes
     * @param  list<array{code: string, name: string, made: string, filled: string, left: string, stands: string,
     *   href: string, out: list<string>}>  $recall
     * @param  list<array{from: string, to: string, grams: string}>  $told  the threads in words
     * @param  list<array{code: string, name: string, made: string, grams: string, href: string}>  $mayBe  batches that
     *   may be of it: no lot was told
     */
    private function __construct(
        public string $code,
        public string $name,
        public bool $isForward,
        public Threads $drawing,
        public array $boxes,
        public array $recall,
        public array $told,
        public string $back,
        public array $mayBe,
    ) {
    }

    public static function ofBatch(Batch $batch, Wording $wording): self
    {
        return self::page(
            $batch->code,
            self::named($batch),
            false,
            Trace::back($batch),
            route('batch', $batch),
            $wording,
        );
    }

    public static function ofLot(Lot $lot, Wording $wording): self
    {
        return self::page($lot->code, $lot->name, true, Trace::forward($lot), route('lot', $lot), $wording, $lot);
    }

    private static function page(
        string $code,
        string $name,
        bool $isForward,
        Trace $trace,
        string $back,
        Wording $wording,
        ?Lot $lot = null,
    ): self {
        $drawing = Threads::of(array_keys($trace->nodes), array_values($trace->edges));
        $vessels = self::vessels($trace);
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

        return new self(
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
    private static function vessels(Trace $trace): array
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
            $vessels[$lot->code] = LotPage::vessel($lot, self::STANDS);
        }
        foreach (Batch::query()->whereIn('code', $codes)->get() as $batch) {
            $formula = FormulaDocument::read($batch->document);
            $vessels[$batch->code] = app(Vessels::class)->small(
                app(Evaluator::class)->weigh($formula),
                $formula->family,
                true,
                self::STANDS,
            );
        }

        return $vessels;
    }

    /**
     * @return list<array{code: string, name: string, made: string, filled: string, left: string, stands: string,
     *   href: string, out: list<string>}>
     */
    private static function recall(Trace $trace, Wording $wording): array
    {
        return array_map(static fn (array $row): array => [
            'code' => $row['batch']->code,
            'name' => self::named($row['batch']),
            'made' => $wording->date($row['batch']->finished_at ?? $row['batch']->started_at),
            'filled' => $wording->grams(ShelfBook::filled($row['batch'])),
            'left' => $wording->grams((float) $row['batch']->grams_left),
            'stands' => $row['batch']->stands,
            'href' => route('batch', $row['batch']),
            'out' => array_map(
                static fn ($entry): string => $wording
                    ->shortDate($entry->happened_at).': '.say("shelf.did.$entry->kind").' '.$wording
                    ->grams((float) $entry->grams).($entry->subject === '' ? '' : ", $entry->subject"),
                $row['out'],
            ),
        ], $trace->recall());
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
