<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Ground\NotUndone;
use App\Ground\Refused;
use App\Ground\Wording;
use App\Models\Batch;
use App\Models\Enums\ShelfEntryKind;
use App\Models\ShelfEntry;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * Writes down what becomes of a finished batch: used, given away, sold, thrown away, moved, and how the hair took it.
 */
final readonly class ShelfBook
{
    public const LEAVES = ['used', 'gifted', 'sold', 'discarded'];

    public const HAIR = ['well', 'so_so', 'badly', 'rash'];

    /** Less than this is an empty jar. */
    private const CRUMBS_G = 0.5;

    public function __construct(private Wording $wording, private ReleaseFactory $releases)
    {
    }

    /**
     * @param  string  $kind  of LEAVES
     * @param  string  $subject  for whom, or why
     *
     * @throws Refused when there is not so much left, or nothing says why it is thrown away
     */
    public function leaves(
        Batch $batch,
        string $kind,
        float $grams,
        string $subject,
        ?float $price,
        Carbon $at,
        string $clientKey,
    ): void {
        DB::transaction(function () use ($batch, $kind, $grams, $subject, $price, $at, $clientKey): void {
            $batch->refresh();
            if (ShelfEntry::isTold([
                'batch_id' => $batch->id,
                'kind' => $kind,
                'grams' => $grams,
                'subject' => mb_substr(trim($subject), 0, 200),
                'client_key' => $clientKey,
            ])) {
                return;
            }
            $left = (float) $batch->grams_left;
            if ($batch->gone_at !== null) {
                throw Refused::lotGone('shelf_grams', $this->wording->shortDate($batch->gone_at));
            }
            $release = $this->releases->of($batch->load('shelfEntries', 'observations'));
            // what left before it was held is a fact, and belongs on the list of who has it
            if (
                in_array($kind, ['gifted', 'sold'], true)
                && ! $release->isFree()
                && $at->greaterThanOrEqualTo($release->since ?? $at)
            ) {
                throw Refused::inState('shelf_grams', $release->state);
            }
            if ($kind === 'discarded' && trim($subject) === '') {
                throw Refused::noReason('subject');
            }
            if ($grams <= 0) {
                throw Refused::noGrams('shelf_grams');
            }
            if ($grams > $left + self::CRUMBS_G) {
                throw Refused::notSoMuchLeft('shelf_grams', $this->wording->grams($left));
            }
            $this->add(
                $batch,
                [
                    'kind' => $kind,
                    'grams' => min($grams, $left),
                    'subject' => mb_substr(trim($subject), 0, 200),
                    'price' => $price,
                    'client_key' => $clientKey,
                    'happened_at' => $at->toDateTimeString(),
                ],
            );
        });
    }

    /** @throws Refused */
    public function move(Batch $batch, string $to, Carbon $at, string $clientKey): void
    {
        $to = mb_substr(trim($to), 0, 80);
        if ($to === '') {
            throw Refused::noShelf('to');
        }
        DB::transaction(fn () => $this->add(
            $batch,
            ['kind' => 'moved', 'subject' => $to, 'client_key' => $clientKey, 'happened_at' => $at->toDateTimeString()],
        ));
    }

    /** @throws Refused */
    public function hair(Batch $batch, string $how, string $note, Carbon $at, string $clientKey): void
    {
        if (! in_array($how, self::HAIR, true)) {
            throw Refused::noLook('how');
        }
        DB::transaction(fn () => $this->add(
            $batch,
            [
                'kind' => 'hair',
                'subject' => $how,
                'note' => mb_substr(trim($note), 0, 500),
                'client_key' => $clientKey,
                'happened_at' => $at->toDateTimeString(),
            ],
        ));
    }

    /**
     * Holds it back, withdraws it or sets it free again.
     *
     * @param  string  $kind  of Release::DECIDES
     *
     * @throws Refused when nothing says why
     */
    public function decide(Batch $batch, string $kind, string $why, string $who, Carbon $at, string $clientKey): void
    {
        $why = mb_substr(trim($why), 0, 200);
        if ($why === '') {
            throw Refused::noReasonRelease('why');
        }
        DB::transaction(fn () => $this->add(
            $batch,
            [
                'kind' => $kind,
                'subject' => $why,
                'note' => mb_substr(trim($who), 0, 80),
                'client_key' => $clientKey,
                'happened_at' => $at->toDateTimeString(),
            ],
        ));
    }

    public function undo(Batch $batch, ShelfEntry $entry, string $clientKey): void
    {
        DB::transaction(function () use ($batch, $entry, $clientKey): void {
            if (! ShelfEntry::query()->where('batch_id', $batch->id)->where('kind', 'undo')->where(
                'subject',
                (string) $entry->id,
            )->exists()) {
                $this->add(
                    $batch,
                    [
                        'kind' => 'undo',
                        'subject' => (string) $entry->id,
                        'client_key' => $clientKey,
                        'happened_at' => Carbon::now()->toDateTimeString(),
                    ],
                );
            }
        });
    }

    /** @param  array<string, float|string|null>  $entry */
    private function add(Batch $batch, array $entry): void
    {
        ShelfEntry::once(['batch_id' => $batch->id, 'recorded_at' => Carbon::now()->toDateTimeString(), ...$entry]);
        $batch->forceFill(self::stateOf($batch->load('shelfEntries')))->save();
    }

    /** @return array{grams_left: float, stands: string, gone_at: Carbon|null} */
    public static function stateOf(Batch $batch): array
    {
        $left = self::filled($batch);
        $stands = '';
        $gone = null;
        foreach (NotUndone::of($batch->shelfEntries) as $entry) {
            $left -= $entry->grams ?? 0.0;
            $stands = $entry->kind === ShelfEntryKind::Moved ? $entry->subject : $stands;
            $gone = $left <= self::CRUMBS_G ? $entry->happened_at : null;
        }

        return [
            'grams_left' => $left <= self::CRUMBS_G ? 0.0 : round($left, 4),
            'stands' => $stands,
            'gone_at' => $gone,
        ];
    }

    /** Grams that were filled when it was finished. */
    public static function filled(Batch $batch): float
    {
        $yield = $batch->outcome['yield'] ?? null;

        return is_array($yield) && is_numeric($yield['filled'] ?? null) ? (float) $yield['filled'] : 0.0;
    }

    /** Containers it was filled into. */
    public static function containers(Batch $batch): int
    {
        return max(1, is_numeric($batch->outcome['containers'] ?? null) ? (int) $batch->outcome['containers'] : 1);
    }
}
