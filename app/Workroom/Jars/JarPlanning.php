<?php

declare(strict_types=1);

namespace App\Workroom\Jars;

use App\Workroom\PencilNotes;
use Ilvane\Core\Catalogue\Catalogue;
use Ilvane\Core\Checks\Infusion\InfusionRules;
use Ilvane\Core\Formula\PatchRefused;
use Ilvane\Core\Infusion\Method;

/** Does to a plan what a button asks for: add:plants, remove:KEY, method:warm_bath, fix:FINDING#N. */
final readonly class JarPlanning
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function apply(PlanDraft $draft, string $do): PlanDraft
    {
        [$verb, $what] = [...explode(':', $do, 2), ''];
        $draft = $draft->settled($this->catalogue);

        return match ($verb) {
            'add' => $draft->withRow($what),
            'remove' => $draft->without($what),
            'method' => Method::tryFrom($what) === null ? $draft : $draft->by(Method::from($what)),
            'fix' => $this->fixed($draft, $what),
            default => $draft,
        };
    }

    /** A finding that is gone by now has nothing to mend. */
    private function fixed(PlanDraft $draft, string $what): PlanDraft
    {
        [$id, $index] = [...explode('#', $what, 2), '0'];
        [$infusion] = $draft->infusion();
        foreach ($infusion === null ? [] : InfusionRules::examine($infusion) as $finding) {
            if (PencilNotes::idOf($finding) === $id && isset($finding->fixes[(int) $index])) {
                try {
                    return $draft->patched($finding->fixes[(int) $index]->patch);
                } catch (PatchRefused) {
                    return $draft;
                }
            }
        }

        return $draft;
    }
}
