<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Typed;
use App\Models\Jar;
use App\Workroom\ChangedElsewhere;
use App\Workroom\Happened;
use App\Workroom\Jars\JarBook;
use App\Workroom\Jars\JarPlanning;
use App\Workroom\Jars\PlanDraft;
use App\Workroom\Jars\PlannerPage;
use App\Workroom\Refused;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;

/** An infusion before it is filled. */
final class JarPlanController
{
    public function __construct(private readonly JarBook $jars)
    {
    }

    public function begin(): RedirectResponse
    {
        return redirect()->route('jar', $this->jars->begin(PlanDraft::blank(say('jars.untitled'))));
    }

    /** One call at each pause in typing, as on the bench. */
    public function change(Request $request, Jar $jar, JarPlanning $planning): Response|RedirectResponse
    {
        if (! $jar->isPlanned()) {
            return redirect()->route('jar', $jar)->with('refused', say('ui.refused.already_filled'));
        }
        $typed = PlanDraft::fromStored($jar->draft)->withForm($request->all());
        $do = Typed::text($request, 'do');
        $draft = $planning->apply($typed, $do);
        try {
            $page = PlannerPage::of($jar, $draft, $this->jars->save($jar, $draft, $do === 'overwrite' ? null : (int) Typed::text($request, 'revision')));
        } catch (ChangedElsewhere) {
            $page = PlannerPage::of($jar, $typed, (int) Typed::text($request, 'revision'), changedElsewhere: true);
        }
        if ($request->headers->has('X-Live')) {
            return response(view('jars.planner-body', ['page' => $page]), $page->changedElsewhere ? 409 : 200);
        }

        return $page->changedElsewhere ? response(view('jars.planner', ['page' => $page]), 409) : redirect()->route('jar', $jar);
    }

    public function start(Request $request, Jar $jar): RedirectResponse
    {
        $draft = PlanDraft::fromStored($jar->draft);
        $page = PlannerPage::of($jar, $draft, $jar->revision);
        if (! $jar->isPlanned() || $page->infusion === null || ! $page->canStart()) {
            return redirect()->route('jar', $jar)->with('refused', say($jar->isPlanned() ? 'jars.cant_fill' : 'ui.refused.already_filled'));
        }

        try {
            $this->jars->start($jar, $page->infusion, Happened::at(Typed::text($request, 'filled_on'), Carbon::now()->subYears(2), 'filled_on'));
        } catch (Refused $refused) {
            return redirect()->route('jar', $jar)->withInput()->with('refused', $refused->said());
        }

        return redirect()->route('jar', $jar)->with('said', say('jars.started'));
    }

    public function drop(Jar $jar): RedirectResponse
    {
        $this->jars->drop($jar);

        return redirect()->route('jars')->with('said', say('jars.dropped', ['name' => $jar->name]));
    }

    public function again(Jar $jar): RedirectResponse
    {
        return redirect()->route('jar', $this->jars->begin($jar->plan === null ? PlanDraft::fromStored($jar->draft) : PlanDraft::fromDocument($jar->plan)));
    }
}
