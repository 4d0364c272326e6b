<?php

declare(strict_types=1);

namespace App\Projects;

use App\Bench\BenchParts;
use App\Drawing\Countdown;
use App\Ground\Verdict;
use App\Ground\Wording;
use App\Models\Formula;
use App\Models\Jar;
use App\Models\Lot;
use App\Models\Project;
use App\Pantry\AtHand;
use Illuminate\Support\Carbon;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Formula as ReadFormula;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Project\CountingBack;
use Ilvane\Core\Project\Start;
use Ilvane\Core\Reformulation\Shopping;

/**
 * Builds what ProjectPage shows.
 *
 * @phpstan-import-type Row from ProjectPage
 */
final readonly class ProjectPageFactory
{
    /** The hour a making begins where nobody has said. */
    private const USUAL_HOUR = 10;

    public function __construct(
        private ProjectBook $book,
        private Evaluator $evaluator,
        private Catalogue $catalogue,
        private Wording $wording,
        private Verdict $verdict,
    ) {
    }

    public function of(Formula $formula): ProjectPage
    {
        $project = $this->book->of($formula);
        $read = $this->book->formula($formula);
        $there = $project === null ? [] : $this->book->there($project);
        $now = Carbon::now();
        $earliest = Carbon::instance(CountingBack::earliest(
            $read,
            $now->toDateTimeImmutable(),
            $this->catalogue,
            $project === null ? [] : $this->book->begun($project),
        ));
        $begin = $project->begin_at ?? self::proposed($earliest);
        $starts = CountingBack::of($read, $begin->toDateTimeImmutable(), $this->catalogue);
        $composition = $this->evaluator->weigh($read);
        $rows = array_map(
            fn (Start $start): array => $this->row($start, $read, $composition, $project, $there),
            $starts,
        );
        [$asThere] = $project === null ? [$read] : $this->book->withWhatIsThere($project);
        $evaluation = $this->evaluator->evaluate($asThere, madeOn: $now->toDateTimeImmutable());
        $missing = array_filter($rows, static fn (array $row): bool => $row['lot'] === null);

        return new ProjectPage(
            $formula,
            $project,
            $begin->format('Y-m-d\TH:i'),
            $this->wording->moment($begin),
            $this->wording->moment($earliest),
            $rows,
            $starts === [] ? null : $this->countdown($starts, $rows, $begin, $now),
            $this->buy($this->evaluator->weigh($asThere)),
            $this->verdict->of($evaluation),
            $project !== null && $missing === [] && $evaluation->stops() === [] && $evaluation->unknowns() === [],
            $this->next($rows, $project, $begin),
        );
    }

    /** The next ten in the morning that can be kept. */
    private static function proposed(Carbon $earliest): Carbon
    {
        $day = $earliest->copy()->setTime(self::USUAL_HOUR, 0);

        return $day->lessThan($earliest) ? $day->addDay() : $day;
    }

    /**
     * @param  array<string, Lot>  $there
     * @return Row
     */
    private function row(
        Start $start,
        ReadFormula $read,
        Composition $composition,
        ?Project $project,
        array $there,
    ): array {
        $part = $start->part;
        $weighed = $composition->part($part->key);
        $lot = $there[$part->key] ?? null;
        $told = $project->parts[$part->key] ?? [];
        $jar = isset($told['jar']) ? Jar::query()->where('uid', $told['jar'])->first() : null;
        $taken = Band::sum(array_map(
            static fn (WeighedLine $line): Band => $line->grams ?? Band::zero(),
            $composition->takersOf($part->key),
        ))->likely;

        return [
            'key' => $part->key,
            'letter' => BenchParts::letter((int) array_search($part, $read->parts, true)),
            'name' => $part->name,
            'makes' => say("parts.means.{$part->makes->value}"),
            'state' => match (true) {
                $lot !== null => 'there',
                $jar?->isPlanned() === true => 'planned',
                isset($told['begun_at']) => 'begun',
                $start->begin <= Carbon::now()->toDateTimeImmutable() => 'due',
                default => 'later',
            },
            'begin' => $this->wording->moment($start->begin),
            'ready' => $this->wording->moment($jar->strain_at ?? $start->ready),
            'said' => say($start->isSaid ? 'projects.takes_said' : 'projects.takes_usual', [
                'time' => $this->wording->duration(
                    ($start->ready->getTimestamp() - $start->begin->getTimestamp()) / 86400,
                ),
            ]),
            'keeps' => $start->goodUntil === null ? '' : say('projects.good_until', [
                'date' => $this->wording->moment($start->goodUntil),
            ]),
            'problem' => match (true) {
                $jar?->strain_at !== null && $jar->strain_at > $start->neededAt => say(
                    'projects.jar_late',
                    ['ready' => $this->wording->moment($jar->strain_at)],
                ),
                $start->isTooOldWhenUsed() => say('projects.too_old'),
                $start->isBeforeNight => say('projects.before_night'),
                default => '',
            },
            'lot' => $lot,
            'short' => $lot !== null && $lot->grams_left + ProjectBook::SLACK_G < $taken ? say('projects.short', [
                'left' => $this->wording->grams($lot->grams_left),
                'wanted' => $this->wording->grams($taken),
            ]) : '',
            'jar' => $jar === null ? '' : route('infusion', $jar),
            'serves' => $lot !== null || $project === null ? [] : $this->book->couldServe($part),
            'isOily' => $weighed?->isOily() ?? false,
            'expect' => $weighed?->gives === null ? '' : $this->wording->grams(round($weighed->gives->likely)),
        ];
    }

    /**
     * @param  list<Start>  $starts
     * @param  list<Row>  $rows
     */
    private function countdown(array $starts, array $rows, Carbon $begin, Carbon $now): Countdown
    {
        $before = static fn (int $at): float => ($begin->getTimestamp() - $at) / 3600;
        $left = max(0.0, $before($now->getTimestamp()));

        // what is there only waits
        return Countdown::of(array_map(static fn (Start $start, array $row): array => [
            'begin' => $row['lot'] !== null ? $left : $before($start->begin->getTimestamp()),
            'ready' => $row['lot'] !== null ? $left : $before($start->ready->getTimestamp()),
            'needed' => $before($start->neededAt->getTimestamp()),
            'label' => "$row[letter]  $row[name]",
            'material' => $row['isOily'] ? 'oil' : 'water',
            'isDone' => $row['lot'] !== null,
        ], $starts, $rows), $before($now->getTimestamp()));
    }

    /** @return list<array{name: string, wanted: string, buy: string}> */
    private function buy(Composition $composition): array
    {
        $total = $composition->total->likely ?? 0.0;
        $buy = [];
        foreach ($total > 0 ? Shopping::of([[$composition, $total]], AtHand::cupboard()) : [] as $key => $row) {
            if ($row['buy'] > 0.005) {
                $buy[] = [
                    'name' => $this->catalogue->has((string) $key)
                        ? $this->wording->ingredient((string) $key)
                        : ltrim((string) $key, '?'),
                    'wanted' => $this->wording->grams($row['wanted']),
                    'buy' => $this->wording->grams($row['buy']),
                ];
            }
        }

        return $buy;
    }

    /** @param  list<Row>  $rows */
    private function next(array $rows, ?Project $project, Carbon $begin): string
    {
        foreach ($project === null ? [] : $rows as $row) {
            if ($row['lot'] === null) {
                return say("projects.next.$row[state]", ['name' => $row['name'], 'begin' => $row['begin'],
                    'ready' => $row['ready']]);
            }
        }

        return $project === null ? '' : say('projects.next.make', ['begin' => $this->wording->moment($begin)]);
    }
}
