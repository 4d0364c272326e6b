<?php

declare(strict_types=1);

namespace App\Make;

use App\Drawing\Section;
use App\Ground\Settings;
use App\Models\Batch;

/** What goes on the jar. Read from the record of the finished batch. */
final readonly class JarLabel
{
    /**
     * @param  list<string>  $contents  INCI names, most plentiful first, then the fragrance allergens that have to be
     *   named
     * @param  list<string>  $cautions
     * @param  list<string>  $unnamed  what stands for names only the maker knows, and is not on the label yet
     * @param  list<string>  $mayDeclare  fragrance allergens that may need to be named: the oil's own certificate tells
     * @param  bool  $isFrozen  the date of making is the day it was frozen
     */
    public function __construct(
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

    /**
     * @return array<string, string> names the maker gave for this batch's label, by what stands for them in the
     *   catalogue
     */
    public static function given(Batch $batch): array
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
}
