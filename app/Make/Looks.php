<?php

declare(strict_types=1);

namespace App\Make;

use App\Models\Batch;
use App\Models\Enums\BatchEntryKind;
use App\Models\Enums\BatchStatus;
use Ilvane\Core\Making\Plan;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;

/** How it looks at a step, chosen from drawings and kept with the batch, beside the batch before. */
final class Looks
{
    /** Grades there are, from the least to the most; words: make.looks. */
    public const GRADES = ['thickness' => 5, 'peaks' => 3, 'froth' => 3, 'parting' => 3, 'grain' => 3, 'colour' => 3];

    /** @return list<string> what may be said of it at a step */
    public static function at(Step $step): array
    {
        if ($step->details->part !== null) {
            return $step->kind === StepKind::Strain ? ['colour'] : [];
        }

        return match ($step->kind) {
            StepKind::Blend => ['thickness', 'parting'],
            StepKind::Rest => ['thickness', 'grain'],
            StepKind::Whip => ['peaks', 'grain'],
            StepKind::Shake => ['parting', 'froth'],
            StepKind::Strain => ['colour'],
            StepKind::Fill => ['thickness', 'grain', 'colour'],
            default => [],
        };
    }

    /** @return array<string, int> newest grade by what was looked at */
    public static function told(Batch $batch, string $step): array
    {
        $told = [];
        foreach ($batch->entries as $entry) {
            if ($entry->kind === BatchEntryKind::Look && $entry->step === $step) {
                [$what, $grade] = [...explode(':', $entry->subject), ''];
                $told[$what] = (int) $grade;
            }
        }

        return $told;
    }

    /** The newest finished batch of the same formula in which somebody looked. */
    public static function before(Batch $batch): ?Batch
    {
        return Batch::query()
            ->where('status', BatchStatus::Finished)
            ->where('id', '<', $batch->id)
            ->whereHas('version', static fn ($query) => $query->where('formula_id', $batch->version->formula_id))
            ->whereHas('entries', static fn ($query) => $query->where('kind', BatchEntryKind::Look))
            ->with('entries')
            ->latest('id')
            ->first();
    }

    /**
     * @return list<array{what: string, chosen: int|null, before: int|null}> what may be said at a step, what was, and
     *   what was said of the batch before
     */
    public static function of(Batch $batch, Step $step): array
    {
        $at = self::at($step);
        $before = $at === [] ? null : self::before($batch);
        [$told, $toldBefore] = [
            self::told($batch, $step->key),
            $before === null ? [] : self::told($before, $step->key),
        ];

        return array_map(static fn (string $what): array => [
            'what' => $what,
            'chosen' => $told[$what] ?? null,
            'before' => $toldBefore[$what] ?? null,
        ], $at);
    }

    /**
     * @return list<array{kind: string, what: string, here: int, before: int|null}> all that was seen in a batch, by
     *   step, beside the batch before
     */
    public static function beside(Batch $batch, Plan $plan): array
    {
        $before = null;
        $seen = [];
        foreach ($plan->steps as $step) {
            $told = self::told($batch, $step->key);
            $before ??= $told === [] ? null : self::before($batch);
            $toldBefore = $before === null ? [] : self::told($before, $step->key);
            foreach ($told as $what => $grade) {
                $seen[] = [
                    'kind' => $step->kind->value,
                    'what' => $what,
                    'here' => $grade,
                    'before' => $toldBefore[$what] ?? null,
                ];
            }
        }

        return $seen;
    }

    /** @return list<string> subjects of entries, "what:grade", for what was chosen of a form */
    public static function chosen(mixed $typed, Step $step): array
    {
        $subjects = [];
        foreach (is_array($typed) ? $typed : [] as $what => $grade) {
            $isOne = in_array($what, self::at($step), true)
                && is_string($grade)
                && ctype_digit($grade)
                && (int) $grade < self::GRADES[$what];
            if ($isOne) {
                $subjects[] = "$what:$grade";
            }
        }

        return $subjects;
    }
}
