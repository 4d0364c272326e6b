<?php

declare(strict_types=1);

namespace App\Make;

use App\Drawing\Section;
use App\Ground\Settings;
use App\Ground\Vessels;
use App\Ground\Wording;
use App\Models\Batch;
use Ilvane\Core\Label\ContentsList;

/** What goes on the jar. Read from the record of the finished batch. */
final readonly class JarLabel
{
    /** Codes of findings whose words a label has to carry. */
    private const CAUTIONS = ['safety.nut', 'label.allergen'];

    /**
     * @param  list<string>  $contents  INCI names, most plentiful first, then the fragrance allergens that have to be
     *   named
     * @param  list<string>  $cautions
     * @param  list<string>  $unnamed  what stands for names only the maker knows, and is not on the label yet
     * @param  list<string>  $mayDeclare  fragrance allergens that may need to be named: the oil's own certificate tells
     * @param  bool  $isFrozen  the date of making is the day it was frozen
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
        public array $unnamed,
        public array $mayDeclare,
        public bool $isFrozen,
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
        $given = self::given($batch);
        [$names, $unnamed] = [[], []];
        foreach (array_keys($outcome['contents']) as $name) {
            $isOpen = ContentsList::isToBeNamed($name);
            $said = $isOpen ? $given[$name] ?? '' : $name;
            $said === '' ? $unnamed[] = trim($name, '[]') : $names[] = $said;
        }
        $said = $outcome['label'] ?? ($regime === 'fresh' ? ['keep_cold'] : []);

        return new self(
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
            app(Vessels::class)->small($state->composition, $state->formula->family, true, 100),
            self::maker(),
            $unnamed,
            $outcome['may_declare'] ?? [],
            in_array('keep_frozen', $said, true),
        );
    }

    /**
     * @return array<string, string> names the maker gave for this batch's label, by what stands for them in the
     *   catalogue
     */
    private static function given(Batch $batch): array
    {
        $given = Settings::values(self::NAMES)[$batch->code] ?? [];

        return is_array($given) ? array_filter($given, is_string(...)) : [];
    }

    /** Keeps the names only the maker knows: which plant a tea or a flower water is of. */
    public static function name(Batch $batch, string $open, string $name): void
    {
        $all = Settings::values(self::NAMES);
        $all[$batch->code] = [...self::given($batch), "[$open]" => mb_substr(trim($name), 0, 120)];
        Settings::keep(self::NAMES, $all);
    }

    private const NAMES = 'label_names';

    /** Name and address of who answers for it, as kept. */
    private static function maker(): string
    {
        $maker = Settings::values('maker')['label'] ?? '';

        return is_string($maker) ? $maker : '';
    }
}
