<?php

declare(strict_types=1);

namespace App\Learn;

use Illuminate\View\View;

/** The handbook and the practice, side by side. */
final class LearnController
{
    public function all(PracticeBook $practice, PracticeCases $cases): View
    {
        $rounds = $practice->rounds();
        $due = array_filter(
            $cases->all(),
            static fn (string $what): bool => $rounds->wasTried($what) && ! $rounds->rests($what),
        );
        $topics = [];
        foreach (Handbook::slugs() as $slug) {
            $topics[$slug] = say("handbook.topics.$slug.title");
        }

        return view('learn.all', ['topics' => $topics, 'due' => count($due)]);
    }
}
