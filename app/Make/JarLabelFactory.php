<?php

declare(strict_types=1);

namespace App\Make;

use App\Ground\Settings;
use App\Ground\Vessels;
use App\Ground\Wording;
use App\Models\Batch;
use Ilvane\Core\Formula\Storage;
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

    /** @param  Container|null  $in  one of what it was filled into; null for all of it */
    public function of(Batch $batch, ?Container $in = null): JarLabel
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
        $said = $in === null ? $said : self::saidOf($in, $said);
        $until = $in === null ? $batch->best_before : $in->until;

        return new JarLabel(
            $formula->name,
            say('words.family.'.$formula->family->value).', '.say('words.use.'.$formula->use->value),
            array_values(array_unique([...$names, ...($outcome['declared'] ?? [])])),
            $wording->number(floor($in->grams ?? $outcome['yield']['filled'] / max(1, $outcome['containers'])), 0),
            $batch->code.($in === null ? '' : " $in->letter"),
            $wording->shortDate($batch->finished_at ?? $batch->started_at),
            $until === null ? null : $wording->shortDate($until),
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
            in_array('keep_frozen', $said, true)
                && ($in === null || $in->stays[0]['storage'] === Storage::Freezer),
        );
    }

    /**
     * Where it stands tells how it is kept; what was thawed isn't frozen again.
     *
     * @param  list<string>  $said
     * @return list<string>
     */
    private static function saidOf(Container $in, array $said): array
    {
        $cold = match (true) {
            $in->from !== '' => ['thawed'],
            $in->storage() === Storage::Freezer => ['keep_frozen'],
            $in->storage() === Storage::Fridge => ['keep_cold'],
            default => [],
        };

        return [...array_values(array_diff($said, ['keep_cold', 'keep_frozen'])), ...$cold];
    }

    /** Name and address of who answers for it, as kept. */
    private static function maker(): string
    {
        $maker = Settings::values('maker')['label'] ?? '';

        return is_string($maker) ? $maker : '';
    }
}
