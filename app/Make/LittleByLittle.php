<?php

declare(strict_types=1);

namespace App\Make;

use App\Ground\Wording;
use App\Models\Batch;
use App\Models\BatchEntry;
use App\Models\Enums\BatchEntryKind;
use App\Models\Enums\BatchStatus;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Process\Step;

/**
 * What is put in a little at a time: dose, wait, look, again. The doses make up the weight, and what was right in the
 * batch before is offered in the next.
 */
final readonly class LittleByLittle
{
    /** Gums, acids and alkalis, scents: too much of them can't be taken out. */
    private const KINDS = [Kind::ThickenerGum, Kind::AcidOrBase, Kind::EssentialOil, Kind::Fragrance];

    /** Seconds until it has shown what it does. Common practice: gums swell, acids spread, scents come through. */
    private const WAITS = ['thickener_gum' => 300.0, 'acid_or_base' => 120.0];

    private const WAIT_S = 60.0;

    private const LOOKS = ['thickener_gum' => 'thickness', 'acid_or_base' => 'ph'];

    public function __construct(private Wording $wording, private MakeStateFactory $makeStates)
    {
    }

    public static function mayBe(MakeState $state, Step $step): bool
    {
        $kind = self::kind($state, $step);

        return $step->line !== null
            && ! $state->isDropped($step)
            && ($step->details->line !== null || ($kind !== null && in_array($kind, self::KINDS, true)));
    }

    /** It was begun in this way, or the recipe says so. */
    public static function isOn(MakeState $state, Step $step): bool
    {
        return self::mayBe($state, $step)
            && ($step->details->line !== null || $state->readings('little', $step->key) !== []);
    }

    /** @return list<float> grams of each dose, in their order */
    public static function doses(MakeState $state, Step $step): array
    {
        $doses = array_map(
            static fn (BatchEntry $entry): ?float => $entry->value,
            $state->readings('little', $step->key),
        );

        return array_values(array_filter($doses, static fn (?float $dose): bool => $dose !== null && $dose > 0));
    }

    public static function waits(MakeState $state, Step $step): float
    {
        return $step->details->waitSeconds
            ?? self::WAITS[self::kind($state, $step)->value ?? '']
            ?? self::WAIT_S;
    }

    /** @return array{doses: string, sum: string, look: string, last: string} */
    public function said(MakeState $state, Step $step): array
    {
        $doses = self::doses($state, $step);
        $before = $this->rightBefore($state, $step);
        $look = $step->details->look ?? self::LOOKS[self::kind($state, $step)->value ?? ''] ?? 'scent';

        return [
            'doses' => implode(' + ', array_map($this->wording->grams(...), $doses)),
            'sum' => $doses === [] ? '' : $this->wording->grams(array_sum($doses)),
            'look' => say("make.little.look.$look"),
            'last' => $before === null
                ? ''
                : say(
                    'make.little.last',
                    ['grams' => $this->wording->grams($before['grams']), 'code' => $before['code']],
                ),
        ];
    }

    /** @return array{grams: float, code: string}|null what was right last time, for as much as is made now */
    private function rightBefore(MakeState $state, Step $step): ?array
    {
        $batch = Batch::query()
            ->where('status', BatchStatus::Finished)
            ->whereHas(
                'version',
                static fn ($query) => $query->where('formula_id', $state->batch->version->formula_id),
            )
            ->whereHas(
                'entries',
                static fn ($query) => $query
                    ->where('kind', BatchEntryKind::Little)
                    ->where('step', $step->key)
                    ->where('value', '>', 0),
            )
            ->latest('finished_at')
            ->first();
        $doses = array_sum(array_map(
            static fn (BatchEntry $entry): float => $entry->kind === BatchEntryKind::Little
                && $entry->step === $step->key
                ? (float) $entry->value
                : 0.0,
            $batch?->entries->all() ?? [],
        ));
        $total = $batch === null ? 0.0 : $this->makeStates->of($batch)->gramsPlanned();

        return $batch === null || $total <= 0 || $doses <= 0
            ? null
            : ['grams' => $doses * $state->gramsPlanned() / $total, 'code' => $batch->code];
    }

    private static function kind(MakeState $state, Step $step): ?Kind
    {
        return $step->line === null ? null : ($state->composition->lines[$step->line - 1]->ingredient?->kind);
    }
}
