<?php

declare(strict_types=1);

namespace App\Workroom;

use Ilvane\Core\Catalogue\Catalogue;
use Ilvane\Core\Checks\Evaluator;
use Ilvane\Core\Formula\PatchRefused;

/** Does to a draft what a button on the bench asks for: add:oil, remove:KEY, up:KEY, down:KEY, put_back, fix:FINDING#N. */
final readonly class DraftAction
{
    public function __construct(private Catalogue $catalogue, private Evaluator $evaluator)
    {
    }

    public function apply(Draft $draft, string $do): Draft
    {
        [$verb, $what] = [...explode(':', $do, 2), ''];
        $draft = $draft->settled($this->catalogue);

        return match ($verb) {
            'add' => $draft->withLine($what),
            'remove' => $draft->without($what),
            'up' => $draft->moved($what, -1),
            'down' => $draft->moved($what, 1),
            'put_back' => $draft->withRemovedBack(),
            'fix' => $this->fixed($draft, $what),
            default => $draft,
        };
    }

    /** A finding that is gone by now has nothing to mend. */
    private function fixed(Draft $draft, string $what): Draft
    {
        [$id, $index] = [...explode('#', $what, 2), '0'];
        [$formula] = $draft->formula();
        foreach ($this->evaluator->evaluate($formula)->findings as $finding) {
            if (BenchPage::idOf($finding) === $id && isset($finding->fixes[(int) $index])) {
                try {
                    return $draft->patched($finding->fixes[(int) $index]->patch)->settled($this->catalogue);
                } catch (PatchRefused) {
                    return $draft;
                }
            }
        }

        return $draft;
    }
}
