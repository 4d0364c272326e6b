<?php

declare(strict_types=1);

namespace App\Make;

use App\Ground\Settings;
use App\Ground\Vessels;
use App\Ground\Wording;
use App\Models\Batch;
use Ilvane\Core\Label\ContentsList;

/** Builds what JarLabel shows. */
final readonly class JarLabelFactory
{
    /** Codes of findings whose words a label has to carry. */
    private const CAUTIONS = ['safety.nut', 'label.allergen', 'preservation.formaldehyde'];

    public function __construct(
        private Wording $wording,
        private Vessels $vessels,
        private MakeStateFactory $makeStates,
    ) {
    }

    public function of(Batch $batch): JarLabel
    {
        $wording = $this->wording;
        $outcome = Outcome::of($batch);
        $state = $this->makeStates->of($batch);
        $formula = $state->formula;
        $cautions = [];
        foreach ($outcome['evaluation']['findings'] as $found) {
            if (in_array($found['code'], self::CAUTIONS, true)) {
                $cautions[] = $found['message'];
            }
        }
        $regime = $outcome['evaluation']['regime'];
        $given = JarLabel::given($batch);
        [$names, $unnamed] = [[], []];
        foreach (array_keys($outcome['contents']) as $name) {
            $isOpen = ContentsList::isToBeNamed($name);
            $said = $isOpen ? $given[$name] ?? '' : $name;
            $said === '' ? $unnamed[] = trim($name, '[]') : $names[] = $said;
        }
        $said = $outcome['label'] ?? ($regime === 'fresh' ? ['keep_cold'] : []);

        return new JarLabel(
            $formula->name,
            say('words.family.'.$formula->family->value).', '.say('words.use.'.$formula->use->value),
            array_values(array_unique([...$names, ...($outcome['declared'] ?? [])])),
            $wording->number(floor($outcome['yield']['filled'] / max(1, $outcome['containers'])), 0),
            $batch->code,
            $wording->shortDate($batch->finished_at ?? $batch->started_at),
            $batch->best_before === null ? null : $wording->shortDate($batch->best_before),
            $regime,
            $formula->directions,
            [
                ...array_map(static fn (string $words): string => say("ui.label.$words"), $said),
                ...$cautions,
                say('ui.label.caution'),
            ],
            $outcome['stops'] === 0,
            $this->vessels->small($state->composition, $state->formula->family, true, 100),
            self::maker(),
            $unnamed,
            $outcome['may_declare'] ?? [],
            in_array('keep_frozen', $said, true),
        );
    }

    /** Name and address of who answers for it, as kept. */
    private static function maker(): string
    {
        $maker = Settings::values('maker')['label'] ?? '';

        return is_string($maker) ? $maker : '';
    }
}
