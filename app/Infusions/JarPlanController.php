<?php

declare(strict_types=1);

namespace App\Infusions;

use App\Ground\ChangedElsewhere;
use App\Ground\Drafts\DraftHistory;
use App\Ground\Drafts\DraftTurn;
use App\Ground\Refused;
use App\Ground\Typed;
use App\Ground\TypedTime;
use App\Models\Jar;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;

/** An infusion before it is filled. */
final class JarPlanController
{
    public function __construct(
        private readonly JarBook $jars,
        private readonly PlannerPageFactory $plannerPages,
        private readonly TypedTime $typedTime,
    ) {
    }

    public function begin(): RedirectResponse
    {
        return redirect()->route('infusion', $this->jars->begin(PlanDraft::blank(say('infusions.untitled'))));
    }

    /** One call at each pause in typing, as on the bench. */
    public function change(Request $request, Jar $jar, JarPlanning $planning): Response|RedirectResponse
    {
        if (! $jar->isPlanned()) {
            return redirect()->route('infusion', $jar)->with('refused', say('ui.refused.already_filled'));
        }
        $turn = DraftTurn::of($request);
        $wasDone = $turn->isDone(DraftHistory::of($jar));
        $refused = '';
        try {
            $refused = $this->jars->plan($jar, $turn, $planning->apply(...));
            $page = $this->plannerPages->of(
                $jar,
                PlanDraft::fromStored($jar->draft),
                $jar->revision,
                refused: $refused,
            );
        } catch (ChangedElsewhere $elsewhere) {
            $page = $this->plannerPages->of(
                $jar,
                PlanDraft::fromStored($jar->draft)->withForm($turn->form),
                $turn->revision,
                $elsewhere,
            );
        }
        $status = $page->elsewhere === null ? 200 : 409;
        if ($turn->isLive) {
            return response(
                view('infusions.planner-body', ['page' => $page]),
                $status,
                ['X-Revision' => (string) $page->revision, 'X-Done-Before' => $wasDone ? '1' : '0'],
            );
        }

        return $page->elsewhere === null
            ? redirect()->route('infusion', $jar)->with('refused', $refused === '' ? null : $refused)
            : response(view('infusions.planner', ['page' => $page]), $status);
    }

    public function start(Request $request, Jar $jar): RedirectResponse
    {
        $draft = PlanDraft::fromStored($jar->draft);
        $page = $this->plannerPages->of($jar, $draft, $jar->revision);
        if (! $jar->isPlanned() || $page->infusion === null || ! $page->canStart()) {
            return redirect()
                ->route('infusion', $jar)
                ->with('refused', say($jar->isPlanned() ? 'infusions.cant_fill' : 'ui.refused.already_filled'));
        }

        try {
            $this->jars->start(
                $jar,
                $page->infusion,
                $this->typedTime->at(Typed::text($request, 'filled_on'), Carbon::now()->subYears(2), 'filled_on'),
            );
        } catch (Refused $refused) {
            return redirect()->route('infusion', $jar)->withInput()->with('refused', $refused->said());
        }

        return redirect()->route('infusion', $jar)->with('said', say('infusions.started'));
    }

    public function drop(Jar $jar): RedirectResponse
    {
        $this->jars->drop($jar);

        return redirect()->route('infusions')->with('said', say('infusions.dropped', ['name' => $jar->name]));
    }

    public function again(Jar $jar): RedirectResponse
    {
        return redirect()->route(
            'infusion',
            $this->jars->begin(
                $jar->plan === null ? PlanDraft::fromStored($jar->draft) : PlanDraft::fromDocument($jar->plan),
            ),
        );
    }
}
