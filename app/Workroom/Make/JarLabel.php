<?php

declare(strict_types=1);

namespace App\Workroom\Make;

use App\Drawing\Section;
use App\Models\Batch;
use App\Workroom\Kept;
use App\Workroom\VesselOf;
use App\Workroom\Wording;

/** What goes on the jar. Read from the record of the finished batch. */
final readonly class JarLabel
{
    /** Codes of findings whose words a label has to carry. */
    private const CAUTIONS = ['safety.nut'];

    /**
     * @param  list<string>  $contents  INCI names, most plentiful first, then the fragrance allergens that have to be named
     * @param  list<string>  $cautions
     */
    private function __construct(
        public string $name,
        public string $family,
        public array $contents,
        public string $net,
        public string $code,
        public string $madeOn,
        public ?string $bestBefore,
        public string $regime,
        public string $directions,
        public array $cautions,
        public bool $isSafeToUse,
        public Section $vessel,
        public string $maker,
    ) {
    }

    public static function of(Batch $batch): self
    {
        $wording = app(Wording::class);
        $outcome = Outcome::of($batch);
        $state = MakeState::of($batch);
        $formula = $state->formula;
        $cautions = [];
        foreach ($outcome['evaluation']['findings'] as $found) {
            if (in_array($found['code'], self::CAUTIONS, true)) {
                $cautions[] = $found['message'];
            }
        }
        $regime = $outcome['evaluation']['regime'];

        return new self(
            $formula->name,
            say('words.family.'.$formula->family->value).', '.say('words.use.'.$formula->use->value),
            array_values(array_unique([...array_keys($outcome['contents']), ...($outcome['declared'] ?? [])])),
            $wording->number(floor($outcome['yield']['filled'] / max(1, $outcome['containers'])), 0),
            $batch->code,
            $wording->shortDate($batch->finished_at ?? $batch->started_at),
            $batch->best_before === null ? null : $wording->shortDate($batch->best_before),
            $regime,
            $formula->directions,
            [...array_filter([$regime === 'fresh' ? say('ui.label.keep_cold') : null]), ...$cautions, say('ui.label.caution')],
            $outcome['stops'] === 0,
            app(VesselOf::class)->small($state->composition, $state->formula->family, true, 100),
            self::maker(),
        );
    }

    /** Name and address of who answers for it, as kept. */
    private static function maker(): string
    {
        $maker = Kept::values('maker')['label'] ?? '';

        return is_string($maker) ? $maker : '';
    }
}
