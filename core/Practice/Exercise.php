<?php

declare(strict_types=1);

namespace Ilvane\Core\Practice;

use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Patch;
use Ilvane\Core\Formula\PatchRefused;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\ChoiceRole;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\MaterialTrait;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Term;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A formula or a making spoiled by one mistake, made up from a seed; what is wrong with it and what mends it the checks
 * and the
 * rehearsal say, when it is made and again when it is answered.
 *
 * @phpstan-import-type Operation from Mistake
 */
final readonly class Exercise
{
    private const CHOICES = 4;

    /** What a line of a formula is called in the path of a change. */
    private const KINDS = [
        'preservative' => Kind::Preservative,
        'emulsifier' => Kind::Emulsifier,
        'humectant' => Kind::Humectant,
        'gum' => Kind::ThickenerGum,
    ];

    /**
     * @param  array<string, mixed>  $document  spoiled, ilvane.formula/1
     * @param  Finding  $finding  what the core found
     * @param  list<string>  $codes  to choose from: what is wrong
     * @param  list<Way>  $ways  to choose from: what to do
     */
    private function __construct(
        public Mistake $mistake,
        public int $seed,
        public string $frame,
        public array $document,
        public Finding $finding,
        public array $codes,
        public array $ways,
    ) {
    }

    /**
     * @param  array<string, array<string, mixed>>  $frames  sound formulas by key
     * @return self|null null where the core finds nothing wrong, or nothing offered mends it: then it is no exercise
     */
    public static function of(
        Mistake $mistake,
        Mistakes $mistakes,
        int $seed,
        array $frames,
        Examiner $examiner,
        Catalogue $catalogue,
    ): ?self {
        $dice = new Randomizer(new Mt19937(crc32($mistake->key) ^ $seed));
        foreach ($dice->shuffleArray($mistake->frames) as $frame) {
            $document = isset($frames[$frame]) ? self::spoiled($mistake, $frames[$frame], $dice, $catalogue) : null;
            $finding = $document === null || $examiner->find($frames[$frame], $mistake->code) !== null
                ? null
                : $examiner->find($document, $mistake->code);
            if ($document === null || $finding === null) {
                continue;
            }
            $codes = self::codes($mistake, $mistakes, $examiner->codes($document), $dice);
            $ways = self::ways($mistake, $document, $finding, $dice, $catalogue);
            $made = new self($mistake, $seed, $frame, $document, $finding, $codes, $ways);
            if ($mistake->ways === [] && ! $made->isMendedByAny($examiner)) {
                $made = new self(
                    $mistake,
                    $seed,
                    $frame,
                    $document,
                    $finding,
                    $codes,
                    $dice->shuffleArray([self::asItWas($document, $frames[$frame]), ...array_slice($ways, 1)]),
                );
            }
            if ($made->isMendedByAny($examiner)) {
                return $made;
            }
        }

        return null;
    }

    /**
     * Whether this way mends it, by the checks and the rehearsal: the mistake is gone, and nothing stops it any more.
     */
    public function mends(Way $way, Examiner $examiner): bool
    {
        $after = $this->after($way);

        return $after !== null && $examiner->find($after, $this->mistake->code) === null && ! $examiner->stops($after);
    }

    private function isMendedByAny(Examiner $examiner): bool
    {
        foreach ($this->ways as $way) {
            if ($this->mends($way, $examiner)) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, mixed>|null the formula as this way leaves it; null where it can't be done */
    public function after(Way $way): ?array
    {
        return self::changed($this->document, $way->patch);
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  list<Operation>  $patch
     * @return array<string, mixed>|null
     */
    private static function changed(array $document, array $patch): ?array
    {
        try {
            /** @var array<string, mixed> $after */
            $after = Patch::apply($document, $patch);

            return FormulaDocument::write(FormulaDocument::read($after));
        } catch (PatchRefused|DocumentRefused) {
            return null;
        }
    }

    /**
     * @param  array<string, mixed>  $frame
     * @return array<string, mixed>|null
     */
    private static function spoiled(Mistake $mistake, array $frame, Randomizer $dice, Catalogue $catalogue): ?array
    {
        [$low, $high] = $mistake->range;
        $percent = (string) round($low + ($high - $low) * $dice->getInt(0, 1000) / 1000, 2);
        $patch = [];
        foreach ($mistake->spoil as $operation) {
            $operation = self::placed($operation, $frame, $catalogue);
            if (array_key_exists('value', $operation)) {
                $operation['value'] = json_decode(
                    str_replace(
                        ['"{percent}"', '{percent}'],
                        $percent,
                        json_encode($operation['value'], JSON_THROW_ON_ERROR),
                    ),
                    true,
                );
            }
            $patch[] = $operation;
        }

        return self::changed($frame, $patch);
    }

    /**
     * With the line that a path names by its kind.
     *
     * @param  Operation  $operation
     * @param  array<string, mixed>  $document
     * @return Operation
     */
    private static function placed(array $operation, array $document, Catalogue $catalogue): array
    {
        $operation['path'] = preg_replace_callback(
            '/\{(\w+)\}/',
            static fn (array $named): string => (string) (self::lineOf($document, $named[1], $catalogue) ?? 'none'),
            $operation['path'],
        ) ?? '';

        return $operation;
    }

    /** @param  array<string, mixed>  $frame */
    private static function lineOf(array $frame, string $kind, Catalogue $catalogue): ?int
    {
        $keys = self::ingredients($frame);
        foreach ($keys as $i => $key) {
            $is = match ($kind) {
                'first' => true,
                'last' => $i === count($keys) - 1,
                'pulp' => $catalogue->has($key) && $catalogue->get($key)->is(MaterialTrait::FruitFlesh),
                default => $catalogue->has($key) && $catalogue->get($key)->kind === self::KINDS[$kind],
            };
            if ($is) {
                return $i;
            }
        }

        return null;
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<string> key of every line, "" where it has none
     */
    private static function ingredients(array $document): array
    {
        return array_map(
            static fn (mixed $line): string => is_array($line) && is_string($line['ingredient'] ?? null)
                ? $line['ingredient']
                : '',
            is_array($document['lines'] ?? null) ? array_values($document['lines']) : [],
        );
    }

    /**
     * @param  list<string>  $found  what the core says of it, which are no wrong answers
     * @return list<string>
     */
    private static function codes(Mistake $mistake, Mistakes $mistakes, array $found, Randomizer $dice): array
    {
        $others = array_diff($mistakes->codes($mistake->sort), $found);

        return $dice->shuffleArray([
            $mistake->code,
            ...array_slice($dice->shuffleArray(array_values($others)), 0, self::CHOICES - 1),
        ]);
    }

    /**
     * The mistake's own ways, or two of the checks' offers among what does not help.
     *
     * @param  array<string, mixed>  $document
     * @return list<Way>
     */
    private static function ways(
        Mistake $mistake,
        array $document,
        Finding $finding,
        Randomizer $dice,
        Catalogue $catalogue,
    ): array {
        $ways = array_map(
            static fn (string $word, array $patch): Way => new Way($word, array_map(
                static fn (array $operation): array => self::placed($operation, $document, $catalogue),
                $patch,
            )),
            array_keys($mistake->ways),
            $mistake->ways,
        );
        if ($ways === []) {
            $vitamin = $catalogue->choice(ChoiceRole::Antioxidant)->key;
            $ways = [
                ...array_map(Way::ofFix(...), array_slice($finding->fixes, 0, 2)),
                Way::ofFix(Fix::addLine(
                    ['ingredient' => $vitamin, 'amount' => '0.5 %', 'phase' => 'cooldown'],
                    'add_preservative',
                    ['percent' => Term::percent(0.5), 'ingredient' => Term::ingredient($vitamin)],
                )),
                new Way('stir_longer', [['op' => 'add', 'path' => '/notes', 'value' => 'stir longer']]),
            ];
            $keys = self::ingredients($document);
            $line = $dice->getInt(0, max(0, count($keys) - 1));
            if ($catalogue->has($keys[$line] ?? '')) {
                $ways[] = new Way('leave_out', [['op' => 'remove', 'path' => "/lines/$line"]], $keys[$line]);
            }
        }

        return $dice->shuffleArray(array_slice($ways, 0, self::CHOICES));
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>  $frame
     */
    private static function asItWas(array $document, array $frame): Way
    {
        $patch = [];
        foreach (['lines', 'ph', 'for', 'keeping', 'directions', 'batch', 'packaging', 'process'] as $key) {
            if (array_key_exists($key, $frame)) {
                $patch[] = ['op' => 'add', 'path' => "/$key", 'value' => $frame[$key]];
            } elseif (array_key_exists($key, $document)) {
                $patch[] = ['op' => 'remove', 'path' => "/$key"];
            }
        }

        return new Way('as_it_was', $patch);
    }
}
