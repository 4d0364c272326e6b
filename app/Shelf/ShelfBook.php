<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Ground\NotUndone;
use App\Ground\Refused;
use App\Ground\Wording;
use App\Make\Container;
use App\Make\Containers;
use App\Make\Outcome;
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
    private const CRUMBS_G = Container::CRUMBS_G;

    public function __construct(private Wording $wording, private ReleaseFactory $releases)
    {
    }

    /**
     * @param  string  $kind  of LEAVES
     * @param  string  $subject  for whom, or why
     * @param  string  $container  letter of the one it is taken from; "" for what is in none
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
        string $container = '',
    ): void {
        DB::transaction(function () use (
            $batch,
            $kind,
            $grams,
            $subject,
            $price,
            $at,
            $clientKey,
            $container,
        ): void {
            $batch->refresh()->load('shelfEntries');
            if (ShelfEntry::isTold([
                'batch_id' => $batch->id,
                'kind' => $kind,
                'grams' => $grams,
                'subject' => mb_substr(trim($subject), 0, 200),
                'container' => $container,
                'client_key' => $clientKey,
            ])) {
                return;
            }
            $is = Containers::of($batch);
            $left = $container === '' ? $is->rest : ($is->all[$container] ?? throw Refused::noContainer('container'))
                ->left;
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
                    'container' => $container,
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
            $this->refuseIfTouched($batch->load('shelfEntries'), $entry);
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

    /** @throws Refused when something has happened since to a container that would no longer be there */
    private function refuseIfTouched(Batch $batch, ShelfEntry $entry): void
    {
        $letters = Containers::letters($entry);
        foreach ($letters === [] ? [] : NotUndone::of($batch->shelfEntries) as $other) {
            if (in_array($other->container, $letters, true)) {
                throw Refused::containerTouched('when', $other->container);
            }
        }
    }

    /** @param  array<string, float|string|null>  $entry */
    public function add(Batch $batch, array $entry): void
    {
        ShelfEntry::once(['batch_id' => $batch->id, 'recorded_at' => Carbon::now()->toDateTimeString(), ...$entry]);
        $batch->forceFill(self::stateOf($batch->load('shelfEntries')))->save();
    }

    /** @return array{grams_left: float, stands: string, gone_at: Carbon|null, best_before: string|null} */
    public static function stateOf(Batch $batch): array
    {
        $left = Outcome::filled($batch);
        $stands = '';
        $gone = null;
        foreach (NotUndone::of($batch->shelfEntries) as $entry) {
            $left -= $entry->kind === ShelfEntryKind::Thawed ? 0.0 : $entry->grams ?? 0.0;
            $isAll = $entry->kind === ShelfEntryKind::Moved && $entry->container === '';
            $stands = $isAll ? $entry->subject : $stands;
            $gone = $left <= self::CRUMBS_G ? $entry->happened_at : null;
        }

        return [
            'grams_left' => $left <= self::CRUMBS_G ? 0.0 : round($left, 4),
            'stands' => $stands,
            'gone_at' => $gone,
            'best_before' => Containers::of($batch)->until()?->toDateString(),
        ];
    }

    /** Containers it was filled into. */
    public static function containers(Batch $batch): int
    {
        $split = array_sum(array_map(
            static fn (Container $one): int => $one->from === '' ? $one->count : 0,
            Containers::of($batch)->all,
        ));
        $told = $batch->outcome['containers'] ?? null;

        return max(1, $split > 0 ? (int) $split : (is_numeric($told) ? (int) $told : 1));
    }
}
