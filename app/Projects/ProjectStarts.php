<?php

declare(strict_types=1);

namespace App\Projects;

use App\Models\Project;
use Illuminate\Support\Carbon;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Project\CountingBack;

/** What the projects under way want, and when. */
final readonly class ProjectStarts
{
    public function __construct(private ProjectBook $book, private Catalogue $catalogue)
    {
    }

    /** @return list<NextStart> */
    public function all(int $most): array
    {
        return array_merge(...array_values(
            Project::underWay()->with('formula')->limit($most)->get()->map($this->of(...))->all(),
        ));
    }

    /**
     * @return list<NextStart> what is to be begun, the soonest first; what was begun and is to be put away; the making
     *   of the product once nothing else is left
     */
    private function of(Project $project): array
    {
        $formula = $this->book->formula($project->formula);
        $wants = [];
        foreach (CountingBack::of(
            $formula,
            $project->begin_at->toDateTimeImmutable(),
            $this->catalogue,
            $this->book->begun($project),
        ) as $start) {
            $wants[] = new NextStart(
                "$project->uid-{$start->part->key}",
                'begin',
                $start->part->name,
                $project->formula,
                Carbon::instance($start->begin),
            );
        }
        $there = $this->book->there($project);
        $waits = $wants !== [];
        foreach ($project->parts as $key => $told) {
            $part = isset($there[$key]) ? null : $formula->part($key);
            $waits = $waits || $part !== null;
            // a jar is on Today by itself
            if ($part !== null && isset($told['begun_at']) && ! isset($told['jar'])) {
                $wants[] = new NextStart(
                    "$project->uid-$key-ready",
                    'ready',
                    $part->name,
                    $project->formula,
                    Carbon::parse($told['begun_at'])->addMinutes(
                        (int) CountingBack::minutesOf($part, $this->catalogue),
                    ),
                );
            }
        }

        return $waits ? $wants : [new NextStart(
            "$project->uid-make",
            'make',
            $project->formula->name,
            $project->formula,
            $project->begin_at,
        )];
    }
}
