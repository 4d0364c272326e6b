<?php

declare(strict_types=1);

namespace App\Make;

use App\Models\Batch;

/** Clocks that run in makes, or in all but one: several pots at once, one cook. */
final class Clocks
{
    /** So many makes at once, and no more, are looked through. */
    private const MAKES = 8;

    public function __construct(private readonly MakeStateFactory $makeStates)
    {
    }

    /** @return list<array{code: string, step: string, name: string, ends: int}> */
    public function of(int $but = 0): array
    {
        $clocks = [];
        foreach (Batch::query()->where('status', 'making')->where('id', '<>', $but)->whereHas(
            'entries',
            static fn ($query) => $query->where('kind', 'timer'),
        )->with('entries')->orderByDesc('started_at')->limit(self::MAKES)->get() as $batch) {
            $state = $this->makeStates->of($batch);
            foreach ($state->timers() as $step => $timer) {
                $clocks[] = [
                    'code' => $batch->code,
                    'step' => $step,
                    'name' => $state->formula->name,
                    'ends' => $timer['ends'],
                ];
            }
        }

        return $clocks;
    }
}
