<?php

declare(strict_types=1);

namespace App\Infusions;

use App\Ground\Drafts\ActionRefused;
use App\Ground\SuggestionKey;
use Ilvane\Core\Formula\PatchRefused;
use Ilvane\Core\Infusion\Method;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Safety\Infusion\InfusionRules;

/** Does to a plan what a button asks for: add:plants, remove:KEY, method:warm_bath, fix:CODE@KEYS#OFFER. */
final readonly class JarPlanning
{
    public function __construct(private Catalogue $catalogue, private Planner $planner)
    {
    }

    /** @throws ActionRefused */
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

    /** @throws ActionRefused */
    private function fixed(PlanDraft $draft, string $what): PlanDraft
    {
        [$infusion] = $draft->infusion($this->planner);
        $findings = $infusion === null ? [] : InfusionRules::examine($infusion);
        $fix = SuggestionKey::find($findings, $draft->lineKeys(), $what) ?? throw ActionRefused::offerIsGone();
        try {
            return $draft->patched($fix->patch);
        } catch (PatchRefused) {
            throw ActionRefused::offerIsGone();
        }
    }
}
