<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks;

use DateTimeImmutable;
use Ilvane\Core\Catalogue\Catalogue;
use Ilvane\Core\Emulsion\Emulsion;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Heat\PhaseHeat;
use Ilvane\Core\Keeping\Keeping;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Preservation\Preservation;
use Ilvane\Core\Scent\Scent;

/** Everything the models say of one formula, before the checks speak. */
final readonly class Assessment
{
    private function __construct(
        public Catalogue $catalogue,
        public Formula $formula,
        public Composition $composition,
        public float $scaleResolutionG,
        public ?PhaseHeat $heat,
        public Preservation $preservation,
        public Emulsion $emulsion,
        public Scent $scent,
        public Keeping $keeping,
        public Keeping $keepingIfFresh,
        public ?DateTimeImmutable $madeOn,
    ) {
    }

    /**
     * @param  bool  $onBatch  a made batch: acid-dependent preservatives count only with a measured pH
     * @param  DateTimeImmutable|null  $madeOn  for lots already open
     */
    public static function of(Catalogue $catalogue, Formula $formula, Composition $composition, Tools $tools, bool $onBatch = false, ?DateTimeImmutable $madeOn = null): self
    {
        $heat = PhaseHeat::of($formula, $composition);
        $preservation = Preservation::of($formula, $composition, $heat, $onBatch);

        return new self(
            $catalogue,
            $formula,
            $composition,
            $formula->scaleResolutionG ?? $tools->scaleResolutionG,
            $heat,
            $preservation,
            Emulsion::of($composition),
            Scent::of($formula, $composition),
            Keeping::of($formula, $composition, $preservation->regime, $madeOn),
            Keeping::ifFresh($formula, $composition),
            $madeOn,
        );
    }

    /** Meant to be used fresh, stored cold, and not claimed to keep longer than fresh things do. */
    public function isFreshOnPurpose(): bool
    {
        $claim = $this->formula->keeping;
        $intended = $claim->intended ?? ($this->formula->family->isUsuallyFresh() ? Regime::Fresh : null);
        $storage = $claim->storage ?? ($this->formula->family->isUsuallyFresh() ? Storage::Fridge : Storage::Room);

        return $intended === Regime::Fresh && $storage->isCold()
            && ($claim->claimedDays === null || $claim->claimedDays <= ($this->keepingIfFresh->days ?? 0.0));
    }
}
