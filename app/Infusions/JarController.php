<?php

declare(strict_types=1);

namespace App\Infusions;

use App\Ground\Refused;
use App\Ground\Typed;
use App\Ground\TypedTime;
use App\Models\Jar;
use App\Models\JarEntry;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\View\View;

final class JarController
{
    public function __construct(
        private readonly JarBook $jars,
        private readonly PlannerPageFactory $plannerPages,
        private readonly JarPageFactory $jarPages,
        private readonly JarStoryFactory $jarStories,
        private readonly TypedTime $typedTime,
    ) {
    }

    public function all(JarCards $cards): View
    {
        return view(
            'infusions.all',
            ['standing' => $cards->standing(), 'planned' => $cards->plannedJars(), 'done' => $cards->doneJars()],
        );
    }

    public function show(Jar $jar): View
    {
        return $jar->isPlanned()
            ? view(
                'infusions.planner',
                ['page' => $this->plannerPages->of($jar, PlanDraft::fromStored($jar->draft), $jar->revision)],
            )
            : view('infusions.show', ['page' => $this->jarPages->of($jar->load('entries', 'lots'))]);
    }

    public function shake(Request $request, Jar $jar): RedirectResponse
    {
        return $this->did(
            $jar,
            fn () => $this->jars->shake($jar, $this->when($request, $jar), Typed::key($request)),
            back: Typed::text($request, 'back'),
        );
    }

    public function look(Request $request, Jar $jar): RedirectResponse
    {
        return $this->did($jar, function () use ($request, $jar): void {
            $celsius = Typed::decimal($request, 'celsius');
            $look = Typed::text($request, 'look');
            if (Typed::text($request, 'celsius') !== '' && ($celsius === null || $celsius < -20 || $celsius > 150)) {
                throw Refused::noTemperature('celsius');
            }
            if ($celsius === null && ! array_key_exists($look, (array) __('infusions.looks'))) {
                throw Refused::nothingSaid('look');
            }
            $this->jars->note(
                $jar,
                $celsius,
                array_key_exists($look, (array) __('infusions.looks')) ? $look : '',
                Typed::text($request, 'note'),
                $this->when($request, $jar),
                Typed::key($request),
            );
        });
    }

    public function pot(Request $request, Jar $jar): RedirectResponse
    {
        return $this->did($jar, function () use ($request, $jar): void {
            $grams = Typed::grams($request, 'pot');
            if ($grams <= 0) {
                throw Refused::noGrams('pot');
            }
            $this->jars->weighPot($jar, $grams, $this->when($request, $jar), Typed::key($request));
        });
    }

    public function move(Request $request, Jar $jar): RedirectResponse
    {
        return $this->did($jar, function () use ($request, $jar): void {
            $out = Typed::grams($request, 'take_out');
            $in = Typed::grams($request, 'top_up');
            if ($out + $in <= 0) {
                throw Refused::noGrams('take_out');
            }
            $this->jars->move(
                $jar,
                $out,
                $in,
                $this->when($request, $jar),
                Typed::key($request),
                $request->boolean('sure'),
            );
        });
    }

    /** What taking out and topping up would do, before it is done. */
    public function foresee(Request $request, Jar $jar): Response
    {
        abort_unless($jar->isStanding(), 404);

        return response($this->jarPages->foreseen(
            $this->jarStories->of($jar->load('entries')),
            Typed::decimal($request, 'take_out') ?? 0.0,
            Typed::decimal($request, 'top_up') ?? 0.0,
        ));
    }

    public function strain(Request $request, Jar $jar): RedirectResponse
    {
        return $this->did($jar, function () use ($request, $jar): void {
            $drained = Typed::grams($request, 'strained');
            $pressed = Typed::grams($request, 'pressed');
            if ($drained <= 0) {
                throw Refused::noGrams('strained');
            }
            $this->jars->strain(
                $jar,
                $drained,
                $pressed,
                $this->when($request, $jar),
                Typed::key($request),
                $request->boolean('sure'),
            );
        });
    }

    public function discard(Request $request, Jar $jar): RedirectResponse
    {
        return $this->did(
            $jar,
            fn () => $this->jars->discard(
                $jar,
                Typed::text($request, 'reason'),
                $this->when($request, $jar),
                Typed::key($request),
            ),
        );
    }

    public function undo(Request $request, Jar $jar, JarEntry $entry): RedirectResponse
    {
        abort_unless($entry->jar_id === $jar->id, 404);

        return $this->did(
            $jar,
            fn () => $this->jars->undo($jar, $entry, Typed::key($request)),
            say('infusions.undone'),
            Typed::text($request, 'back'),
        );
    }

    public function label(Jar $jar): View
    {
        abort_if($jar->isPlanned(), 404);

        return view('infusions.label', ['page' => $this->jarPages->of($jar->load('entries', 'lots'))]);
    }

    private function when(Request $request, Jar $jar): Carbon
    {
        return $this->typedTime->at(Typed::text($request, 'when'), $jar->started_at ?? Carbon::now());
    }

    /** Does it and says so, or says at which field it can't be and keeps what was typed. */
    private function did(Jar $jar, Closure $what, string $said = '', string $back = ''): RedirectResponse
    {
        $what();

        $last = JarEntry::query()->where('jar_id', $jar->id)->where('kind', '<>', 'undo')->orderByDesc('id')->first();

        $undo = $said !== '' || $last === null ? null : route('infusion.undo', [$jar, $last]);
        $page = $back === 'today'
            ? redirect()->route('today')->with('undo', $undo)
            : redirect()->route('infusion', $jar);

        return $page->with('said', $said !== '' ? $said : say('infusions.done_now'));
    }
}
