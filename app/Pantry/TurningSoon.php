<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Formulas\Draft;
use App\Ground\Wording;
use App\Models\Formula;
use App\Models\Lot;
use Illuminate\Support\Carbon;

/** What in the pantry is no longer good soon, and which formulas would use it up. */
final readonly class TurningSoon
{
    private const DAYS = 30;

    private const MOST = 6;

    /** Formulas looked through, the one worked on last first. */
    private const LOOKED_AT = 100;

    public function __construct(private Wording $wording, private LotPageFactory $lotPages)
    {
    }

    /**
     * @return list<array{name: string, date: string, href: string, formulas: list<array{name: string, href: string}>}>
     */
    public function rows(): array
    {
        $lots = Lot::atHand()
            ->where('good_until', '<=', Carbon::now()->addDays(self::DAYS)->toDateTimeString())
            ->where('good_until', '>', Carbon::now()->toDateTimeString())
            ->orderBy('good_until')
            ->limit(self::MOST)
            ->get();
        if ($lots->isEmpty()) {
            return [];
        }
        $formulas = Formula::query()->orderByDesc('updated_at')->limit(self::LOOKED_AT)->get();
        $in = [];
        foreach ($formulas as $formula) {
            foreach (Draft::fromStored($formula->draft)->lines() as $line) {
                $in[$line['ingredient']][$formula->id] = ['name' => $formula->name, 'href' => route('bench', $formula)];
            }
        }

        return array_values($lots->map(fn (Lot $lot): array => [
            'name' => $this->lotPages->nameOf($lot, $this->wording),
            'date' => LotPage::date($lot, $this->wording),
            'href' => route('lot', $lot),
            'formulas' => array_slice(
                array_values($in[$lot->ingredient ?? ''] ?? $in[LotLine::KEY.$lot->code] ?? []),
                0,
                4,
            ),
        ])->all());
    }
}
