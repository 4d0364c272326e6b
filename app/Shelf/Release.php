<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Ground\NotUndone;
use App\Ground\Wording;
use App\Make\Outcome;
use App\Models\Batch;
use App\Models\Observation;
use App\Models\ShelfEntry;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Safety\Finding;

/**
 * Whether a finished batch may be labelled, given away and sold: free, held or withdrawn, by whom and why. What was
 * seen on it and
 * nobody has answered yet holds it until somebody decides.
 */
final readonly class Release
{
    public const FREE = 'free';

    public const HELD = 'held';

    public const WITHDRAWN = 'withdrawn';

    /** Kinds of shelf entry that decide, and what they make of the batch. */
    public const DECIDES = ['held' => self::HELD, 'withdrawn' => self::WITHDRAWN, 'freed' => self::FREE];

    /** What is seen on a batch, and what it asks for. */
    private const ASKS = [
        'mould' => self::WITHDRAWN,
        'rash' => self::WITHDRAWN,
        'parted' => self::HELD,
        'smell' => self::HELD,
        'ph' => self::HELD,
    ];

    private const PH_UNSUITED = 'preservation.ph_unsuited';

    /**
     * @param  string  $state  FREE | HELD | WITHDRAWN
     * @param  Carbon|null  $since  null while it is free and nobody ever said otherwise
     * @param  string  $asks  what is proposed: HELD | WITHDRAWN; "" where everything is answered
     * @param  list<string>  $seen  what was seen and not answered, in words
     */
    private function __construct(
        public string $state,
        public ?Carbon $since,
        public string $why,
        public string $who,
        public string $asks,
        public array $seen,
    ) {
    }

    public static function of(Batch $batch): self
    {
        $wording = app(Wording::class);
        $batch->loadMissing('shelfEntries', 'sightings');
        $entries = NotUndone::of($batch->shelfEntries);
        $decisions = array_values(array_filter(
            $entries,
            static fn (ShelfEntry $entry): bool => isset(self::DECIDES[$entry->kind]),
        ));
        usort($decisions, static fn (ShelfEntry $one, ShelfEntry $other): int => $one->id <=> $other->id);
        $last = $decisions === [] ? null : $decisions[count($decisions) - 1];
        $open = array_values(array_filter(
            self::signs($batch, $entries),
            static fn (array $sign): bool => $last === null || $sign['told']->greaterThan($last->recorded_at),
        ));
        $decided = $last === null ? self::FREE : self::DECIDES[$last->kind];
        $asks = array_map(static fn (array $sign): string => self::ASKS[$sign['sign']], $open);
        $seen = array_map(
            static fn (array $sign): string => say(
                "shelf.release.seen.{$sign['sign']}",
                [
                    'when' => $wording->date($sign['at']),
                    'place' => $sign['place'] === '' ? '' : say("observations.places.{$sign['place']}"),
                    'ph' => $sign['ph'] === null ? '' : $wording->number($sign['ph'], 1, 1),
                ],
            ),
            $open,
        );
        if ($open !== [] && $decided === self::FREE) {
            return new self(
                self::HELD,
                $open[0]['at'],
                '',
                '',
                in_array(self::WITHDRAWN, $asks, true) ? self::WITHDRAWN : self::HELD,
                $seen,
            );
        }
        $isMore = $decided === self::HELD && in_array(self::WITHDRAWN, $asks, true);

        return new self(
            $decided,
            $last?->happened_at,
            $last->subject ?? '',
            $last->note ?? '',
            $isMore ? self::WITHDRAWN : '',
            $isMore ? $seen : [],
        );
    }

    /** @return Builder<Batch> finished ones something was seen on, or decided about */
    public static function questioned(): Builder
    {
        return Batch::query()
            ->where('status', 'finished')
            ->with('shelfEntries', 'sightings')
            ->where(static function (Builder $query): void {
                $query->whereHas(
                    'sightings',
                    static fn (Builder $seen) => $seen->whereIn('look', array_keys(self::ASKS))->orWhereNotNull('ph'),
                )
                    ->orWhereHas(
                        'shelfEntries',
                        static fn (Builder $entry) => $entry
                            ->whereIn('kind', array_keys(self::DECIDES))
                            ->orWhere('subject', 'rash'),
                    )
                    ->orWhere('outcome', 'like', '%"'.self::PH_UNSUITED.'"%');
            });
    }

    public function isFree(): bool
    {
        return $this->state === self::FREE;
    }

    /** The state in a sentence, with when, by whom and why as far as they are known. */
    public function said(): string
    {
        if ($this->since === null) {
            return '';
        }
        $when = app(Wording::class)->date($this->since);
        $by = $this->who === '' ? '' : say('shelf.release.by', ['who' => $this->who]);

        return $this->seen !== [] && $this->why === ''
            ? say('shelf.release.until_decided', ['seen' => implode(' ', $this->seen)])
            : say("shelf.release.said.$this->state", ['when' => $when, 'by' => $by, 'why' => $this->why]);
    }

    /**
     * What was seen on the batch that speaks against using it, taken back or not yet answered aside.
     *
     * @param  list<ShelfEntry>  $entries  that stand
     * @return list<array{sign: string, at: Carbon, told: Carbon, place: string, ph: float|null}> the oldest first
     */
    private static function signs(Batch $batch, array $entries): array
    {
        $sign = static fn (string $sign, Carbon $at, Carbon $told, string $place = '', ?float $ph = null): array => [
            'sign' => $sign,
            'at' => $at,
            'told' => $told,
            'place' => $place,
            'ph' => $ph,
        ];
        $signs = [];
        $madeAt = $batch->finished_at ?? $batch->started_at;
        if (in_array(self::PH_UNSUITED, array_column(Outcome::of($batch)['evaluation']['findings'], 'code'), true)) {
            $signs[] = $sign('ph', $madeAt, $madeAt, ph: Outcome::of($batch)['ph']);
        }
        $undone = array_filter($batch->sightings->map(static fn (Observation $seen): ?int => $seen->undoes)->all());
        foreach ($batch->sightings as $seen) {
            if ($seen->look === 'undo' || in_array($seen->id, $undone, true)) {
                continue;
            }
            if (isset(self::ASKS[$seen->look])) {
                $signs[] = $sign($seen->look, $seen->happened_at, $seen->recorded_at, $seen->place);
            }
            if ($seen->ph !== null && self::isUnsuited($batch, $seen->ph)) {
                $signs[] = $sign('ph', $seen->happened_at, $seen->recorded_at, $seen->place, $seen->ph);
            }
        }
        foreach ($entries as $entry) {
            if ($entry->kind === 'hair' && $entry->subject === 'rash') {
                $signs[] = $sign('rash', $entry->happened_at, $entry->recorded_at);
            }
        }
        usort($signs, static fn (array $one, array $other): int => $one['told'] <=> $other['told']);

        return $signs;
    }

    /** At this pH a preservative in it doesn't hold. */
    private static function isUnsuited(Batch $batch, float $ph): bool
    {
        $evaluation = app(Evaluator::class)->evaluate(
            FormulaDocument::read([...$batch->document, 'ph' => $ph]),
            onBatch: true,
        );

        return array_filter(
            $evaluation->findings,
            static fn (Finding $finding): bool => $finding->code === self::PH_UNSUITED,
        ) !== [];
    }
}
