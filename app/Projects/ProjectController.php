<?php

declare(strict_types=1);

namespace App\Projects;

use App\Ground\Refused;
use App\Ground\Typed;
use App\Ground\TypedTime;
use App\Models\Formula;
use App\Models\Project;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\View\View;
use Ilvane\Core\Formula\Storage;

/** One formula with its parts as a project: what to begin when, how far each is, and what came of them. */
final class ProjectController
{
    public function __construct(private readonly ProjectBook $book)
    {
    }

    public function show(Formula $formula, ProjectPageFactory $pages): View
    {
        return view('projects.show', ['page' => $pages->of($formula)]);
    }

    public function plan(Request $request, Formula $formula): RedirectResponse
    {
        $this->book->plan($formula, self::hour(Typed::text($request, 'begin', 20)));

        return $this->back($formula, say('projects.planned'));
    }

    public function begin(Request $request, Formula $formula, string $part): RedirectResponse
    {
        $jar = $this->book->begin($this->project($formula), $part);

        return $jar === null ? $this->back($formula, '') : redirect()->route('infusion', $jar);
    }

    public function made(Request $request, Formula $formula, string $part, TypedTime $times): RedirectResponse
    {
        $lot = $this->book->made(
            $this->project($formula),
            $part,
            Typed::grams($request, 'grams'),
            Storage::tryFrom(Typed::text($request, 'storage')) ?? Storage::Fridge,
            $times->at(Typed::text($request, 'when'), Carbon::now()->subDays(30)),
        );

        return $this->back($formula, say('projects.made', ['name' => $lot->name, 'code' => $lot->code]));
    }

    public function take(Request $request, Formula $formula, string $part): RedirectResponse
    {
        $this->book->take($this->project($formula), $part, Typed::text($request, 'lot', 20));

        return $this->back($formula, '');
    }

    public function takeBack(Formula $formula, string $part): RedirectResponse
    {
        $this->book->takeBack($this->project($formula), $part);

        return $this->back($formula, '');
    }

    public function drop(Formula $formula): RedirectResponse
    {
        $this->book->drop($this->project($formula));

        return redirect()->route('bench', $formula)->with('said', say('projects.dropped'));
    }

    public function make(Formula $formula): RedirectResponse
    {
        return redirect()->route('make', $this->book->make($this->project($formula)));
    }

    /** @throws Refused */
    private function project(Formula $formula): Project
    {
        return $this->book->of($formula) ?? throw Refused::notPlanned('begin');
    }

    private function back(Formula $formula, string $said): RedirectResponse
    {
        $to = redirect()->route('project', $formula);

        return $said === '' ? $to : $to->with('said', $said);
    }

    /** @throws Refused for what is no hour */
    private static function hour(string $typed): Carbon
    {
        $isHour = preg_match('/^(\d{4})-(\d\d)-(\d\d)(?:[T ]([01]\d|2[0-3]):([0-5]\d))?$/', trim($typed), $part) === 1
            && checkdate((int) $part[2], (int) $part[3], (int) $part[1]);

        return $isHour
            ? Carbon::create((int) $part[1], (int) $part[2], (int) $part[3], (int) ($part[4] ?? 10),
                (int) ($part[5] ?? 0)) ?? throw Refused::noDay('begin')
            : throw Refused::noDay('begin');
    }
}
