<?php

declare(strict_types=1);

namespace App\Bench;

use App\Formulas\Draft;
use App\Formulas\FormulaBook;
use App\Models\Formula;
use App\Models\FormulaVersion;
use Illuminate\Support\Facades\DB;

/** The same again with one change, from half the batch: so that what comes of it has one cause. */
final readonly class Trial
{
    private const PART = 0.5;

    private function __construct(public FormulaVersion $of, public int $changes)
    {
    }

    public static function begin(FormulaBook $book, FormulaVersion $version): Formula
    {
        return DB::transaction(static function () use ($book, $version): Formula {
            $draft = Draft::fromDocument($version->document)->scaled(self::PART);
            $name = mb_substr(say('suggestions.trial.name', ['name' => $draft->text('name')]), 0, 120);
            $formula = $book->put($draft->withForm(['name' => $name]));
            $formula->update(['trial_of' => $version->id]);

            return $formula;
        });
    }

    /** Null for a formula that is nobody's trial. */
    public static function of(Formula $formula, Draft $draft): ?self
    {
        $version = $formula->trial_of === null
            ? null
            : FormulaVersion::query()->with('formula')->find($formula->trial_of);
        if ($version === null) {
            return null;
        }
        [$was, $is] = [
            self::amounts(Draft::fromDocument($version->document)->scaled(self::PART)),
            self::amounts($draft),
        ];
        $changed = count(array_filter(
            array_intersect_key($is, $was),
            static fn (string $amount, string $what): bool => $amount !== $was[$what],
            ARRAY_FILTER_USE_BOTH,
        ));

        // one thing in another's place is one change
        return new self($version, $changed + max(count(array_diff_key($was, $is)), count(array_diff_key($is, $was))));
    }

    /** @return array<string, string> as typed, by what it is and where it goes */
    private static function amounts(Draft $draft): array
    {
        $amounts = [];
        foreach ($draft->lines() as $line) {
            $what = $line['ingredient'] !== '' ? $line['ingredient'] : $line['name'];
            $amounts[$what] = ($amounts[$what] ?? '')."{$line['amount']} {$line['prepared']};";
        }

        return $amounts;
    }
}
