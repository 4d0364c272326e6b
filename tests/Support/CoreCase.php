<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Ground\ShippedCatalogue;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Weighing;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Safety\Evaluation;
use Ilvane\Core\Safety\Finding;
use PHPUnit\Framework\TestCase;

/** A core test: the shipped catalogue, no framework. */
abstract class CoreCase extends TestCase
{
    private static ?Catalogue $catalogue = null;

    protected static function catalogue(): Catalogue
    {
        return self::$catalogue ??= new Catalogue(new ShippedCatalogue(
            dirname(__DIR__, 2).'/data',
            sys_get_temp_dir().'/ilvane-tests-'.getmypid().'/catalogue.php',
        ));
    }

    /**
     * A formula document in short: each line is [ingredient, amount, phase?, more?].
     *
     * @param  list<array{0: string, 1: string, 2?: string, 3?: array<string, string>}>  $lines
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    protected static function document(array $lines, array $more = []): array
    {
        return [
            'format' => 'ilvane.formula/1',
            'name' => 'Test',
            'family' => 'leave_in_emulsion',
            'scale_resolution_g' => 0.01,
            'batch' => ['grams' => 200.0],
            ...$more,
            'lines' => array_map(static fn (array $line): array => array_filter([
                'ingredient' => $line[0], 'amount' => $line[1], 'phase' => $line[2] ?? null, ...($line[3] ?? []),
            ]), $lines),
        ];
    }

    /** A sound leave-in: no stop, nothing to mind. */
    protected static function sound(): array
    {
        return self::document([
            ['distilled-water', 'to 100', 'water'],
            ['glycerin', '3 %', 'water'],
            ['btms-50', '4 %', 'oil'],
            ['shea-butter-unrefined', '4 %', 'oil'],
            ['apricot-kernel-oil', '6 %', 'oil'],
            ['panthenol-liquid', '1 %', 'cooldown'],
            ['benzyl-alcohol-dehydroacetic-acid', '0.9 %', 'cooldown'],
            ['vitamin-e-tocopherols', '0.3 %', 'cooldown'],
            ['lavender-essential-oil', '0.3 %', 'cooldown'],
        ], ['ph' => 4.8]);
    }

    /** @param  array<string, mixed>  $document */
    protected static function evaluate(array $document, bool $onBatch = false): Evaluation
    {
        return (new Evaluator(self::catalogue()))->evaluate(FormulaDocument::read($document), $onBatch);
    }

    /** @param  array<string, mixed>  $document */
    protected static function weigh(array $document): Composition
    {
        return (new Weighing(self::catalogue(), new Tools))->of(FormulaDocument::read($document));
    }

    protected static function finding(Evaluation $evaluation, string $code): ?Finding
    {
        foreach ($evaluation->findings as $finding) {
            if ($finding->code === $code) {
                return $finding;
            }
        }

        return null;
    }

    /** @param  array<string, mixed>  $document */
    protected static function seriousCodes(array $document, bool $onBatch = false): array
    {
        $codes = [];
        foreach (self::evaluate($document, $onBatch)->findings as $finding) {
            if ($finding->severity->value !== 'note') {
                $codes[] = $finding->code;
            }
        }
        sort($codes);

        return array_values(array_unique($codes));
    }
}
