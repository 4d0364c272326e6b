<?php

declare(strict_types=1);

namespace App\Bench;

use App\Formulas\Draft;
use App\Formulas\FormulaBook;
use App\Ground\Typed;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\PartKind;

/** A preparation of several plants, or in a liquid of one's own: a part on a bench of its own. */
final class OwnPreparationController
{
    public function __construct(private readonly FormulaBook $book, private readonly PartAction $parts)
    {
    }

    public function __invoke(Request $request): RedirectResponse
    {
        $makes = PartKind::tryFrom(Typed::text($request, 'makes', 20)) ?? PartKind::Tea;
        $family = in_array($makes, [PartKind::Puree, PartKind::Milk], true) ? Family::FreshMask : Family::WaterSpray;
        $draft = Draft::blank(say('pantry.prepare.own_named', ['what' => say("parts.makes.$makes->value")]), $family);

        return redirect()->route('bench', $this->book->put($this->parts->apply($draft, "add:$makes->value")));
    }
}
