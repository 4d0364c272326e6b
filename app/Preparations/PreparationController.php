<?php

declare(strict_types=1);

namespace App\Preparations;

use App\Ground\Typed;
use App\Ground\TypedTime;
use App\Ground\Wording;
use App\Models\Preparation;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\View\View;
use Ilvane\Core\Formula\Storage;

final class PreparationController
{
    public function __construct(
        private readonly PreparationBook $book,
        private readonly PreparationPageFactory $preparationPages,
        private readonly TypedTime $typedTime,
    ) {
    }

    public function all(Request $request): View
    {
        return view(
            'preparations.all',
            ['page' => $this->preparationPages->all(
                Typed::text($request, 'method', 60),
                Typed::text($request, 'wanted', 12),
            )],
        );
    }

    public function plan(Request $request): RedirectResponse
    {
        $preparation = $this->book->plan(
            Typed::text($request, 'method', 60),
            Typed::text($request, 'plant', 60),
            Typed::grams($request, 'wanted'),
        );

        return redirect()->route('preparation', $preparation);
    }

    public function show(Preparation $preparation): View|RedirectResponse
    {
        $lot = $preparation->lot;

        return $lot !== null
            ? redirect()->route('lot', $lot)
            : view('preparations.show', ['page' => $this->preparationPages->of($preparation)]);
    }

    public function made(Request $request, Preparation $preparation, Wording $wording): RedirectResponse
    {
        $lot = $this->book->made(
            $preparation,
            Typed::grams($request, 'grams'),
            Storage::tryFrom(Typed::text($request, 'storage')) ?? Storage::Fridge,
            Typed::grams($request, 'portion') ?: null,
            $this->typedTime->at(Typed::text($request, 'when'), Carbon::now()->subDays(30)),
        );

        return redirect()
            ->route('lot', $lot)
            ->with(
                'said',
                say(
                    'pantry.prepare.made_said',
                    [
                        'name' => $lot->name,
                        'date' => $lot->good_until === null ? '–' : $wording->moment($lot->good_until),
                    ],
                ),
            );
    }

    /** Of which plant, where more than one will do. */
    public function plant(Request $request, Preparation $preparation): RedirectResponse
    {
        $this->book->of($preparation, Typed::text($request, 'plant', 60));

        return redirect()->route('preparation', $preparation);
    }

    public function drop(Preparation $preparation): RedirectResponse
    {
        $this->book->drop($preparation);

        return redirect()
            ->route('preparations')
            ->with('said', say('pantry.prepare.dropped', ['name' => say("preparations.$preparation->method.name")]));
    }
}
