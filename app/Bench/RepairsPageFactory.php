<?php

declare(strict_types=1);

namespace App\Bench;

use App\Formulas\Draft;
use App\Formulas\DraftReader;
use App\Ground\Verdict;
use App\Ground\Wording;
use App\Models\Formula;
use Illuminate\Support\Carbon;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Evaluation\Repair;
use Ilvane\Core\Evaluation\Repairs;
use Ilvane\Core\Safety\Evaluation;

/** Builds what RepairsPage shows, and finds again what is pressed on it. */
final readonly class RepairsPageFactory
{
    public function __construct(
        private Evaluator $evaluator,
        private DraftReader $draftReader,
        private SideBySideFactory $sides,
        private Verdict $verdict,
        private Wording $wording,
    ) {
    }

    public function of(Formula $formula): RepairsPage
    {
        $before = $this->evaluation($formula);
        $repairs = $this->repairs($before);
        $state = match (true) {
            $before->unknowns() !== [] => 'unknown',
            $before->stops() === [] => 'sound',
            $repairs === [] => 'none',
            default => 'why',
        };

        return new RepairsPage($formula, $this->verdict->of($before), array_map(fn (Repair $repair): array => [
            'kind' => $repair->kind,
            'label' => say("suggestions.repairs.kind.$repair->kind"),
            'means' => say("suggestions.repairs.means.$repair->kind"),
            'sides' => $this->sides->of(
                $before,
                $repair->after,
                say('suggestions.repairs.now'),
                say("suggestions.repairs.kind.$repair->kind"),
            ),
            'keeps' => $repair->days() === null ? '' : $this->wording->days($repair->days()),
        ], $repairs), $state);
    }

    /** @return array<string, mixed>|null the open form of one of them; null where it no longer comes out */
    public function document(Formula $formula, string $kind): ?array
    {
        foreach ($this->repairs($this->evaluation($formula)) as $repair) {
            if ($repair->kind === $kind) {
                return $repair->document();
            }
        }

        return null;
    }

    private function evaluation(Formula $formula): Evaluation
    {
        return $this->evaluator->evaluate(
            $this->draftReader->read(Draft::fromStored($formula->draft))[0],
            madeOn: Carbon::now()->toDateTimeImmutable(),
        );
    }

    /** @return list<Repair> */
    private function repairs(Evaluation $before): array
    {
        return (new Repairs($this->evaluator))->of($before, Carbon::now()->toDateTimeImmutable());
    }
}
