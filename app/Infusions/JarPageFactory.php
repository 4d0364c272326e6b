<?php

declare(strict_types=1);

namespace App\Infusions;

use App\Drawing\Profile;
use App\Drawing\Section;
use App\Ground\CookedOut;
use App\Ground\LearnedUptake;
use App\Ground\Vessels;
use App\Ground\Wording;
use App\Models\Enums\JarEntryKind;
use App\Models\Jar;
use App\Models\JarEntry;
use App\Pantry\SkinDiary;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Infusion\InPart;
use Ilvane\Core\Infusion\Jar as JarNow;
use Ilvane\Core\Infusion\Method;
use Ilvane\Core\Infusion\OilYield;
use Ilvane\Core\Measure\Band;

/**
 * Builds what JarPage shows.
 *
 * @phpstan-import-type LogRow from JarPage
 */
final readonly class JarPageFactory
{
    public function __construct(
        private Wording $wording,
        private Vessels $vessels,
        private JarStoryFactory $jarStories,
        private Planner $planner,
        private SkinDiary $diary,
    ) {
    }

    public function of(Jar $jar): JarPage
    {
        $wording = $this->wording;
        $story = $this->jarStories->of($jar);
        $life = $story->life;
        $state = $story->state();
        $limits = $life->contents->useLimits($story->plan->use);
        $nearest = Infusion::nearestToLimit($state, $limits);
        $limit = $nearest > 0 ? $state->strength() / $nearest : null;
        $ready = $story->ready();
        $tooStrong = $story->tooStrong();
        $look = $story->lastLook();
        $strainAt = $story->at($story->plan->days);

        return new JarPage(
            $jar, $story, (string) Str::uuid(),
            $wording->number($state->strength(), 1, 1),
            say('infusions.of_possible', ['percent' => $wording->percent(round(100 * min(1.0, $state->extracted())))]),
            self::state($story, $ready, $wording),
            $jar->isStanding() && $life->nextShake() !== null && self::isDue($story->at($life->nextShake())),
            self::shakeWord($story, $wording),
            say('infusions.strain_on', ['when' => $wording->whenever($strainAt)]),
            $jar->isStanding() && self::isDue($strainAt),
            $this->figures($story, $state, $tooStrong, $wording),
            $look === null || ! $jar->isStanding() ? '' : say("infusions.look_advice.$look->subject"),
            self::log($story, $wording),
            array_values($jar->lots->all()),
            array_map(
                static fn (InPart $part): string => $wording
                    ->ingredient($part->ingredient->key).', '.$wording
                    ->grams($part->grams->likely)
                        .($part->form === null ? '' : ', '.say('words.plant_form.'.$part->form->value)),
                [...$life->contents->plants, ...$life->contents->oils],
            ),
            $this->strainMeans($story, $state, $wording),
            $jar->isStanding()
                ? $this->vessels->infusing(
                    $life->contents,
                    $life->contents->roomWith($life->oil()),
                    min(1.0, $state->extracted()),
                    0,
                    300,
                    closed: true,
                )
                : Section::draw(Profile::of('jar', $story->plan->jarMl ?? 500.0), [], 0),
            StrengthChart::life(
                $story,
                $limit,
                $ready,
                $tooStrong,
                $wording,
                own: $this->diary->limit(array_map(
                    static fn (InPart $plant): string => $plant->ingredient->key,
                    $life->contents->plants,
                )),
            ),
            self::outcome($jar, $wording),
            self::cooking($story, $wording),
            say($story->plan->method === Method::SunnySill ? 'infusions.label_sunny' : 'infusions.label_caution'),
        );
    }

    private static function isDue(Carbon $at): bool
    {
        return $at->lessThanOrEqualTo(Carbon::now()->endOfDay());
    }

    private static function state(JarStory $story, ?float $ready, Wording $wording): string
    {
        $jar = $story->jar;
        if ($jar->ended_at !== null) {
            return say("infusions.state.{$jar->status->value}", ['when' => $wording->ago($jar->ended_at)]);
        }
        $day = $story->plan->inMinutes
            ? say(
                'infusions.state.standing_warm',
                ['minutes' => $wording->number(floor($story->life->today * 1440), 0)],
            )
            : say('infusions.state.standing', ['day' => (int) floor($story->life->today)]);
        if ($ready === null) {
            return $day;
        }

        return $day.', '.($ready <= $story->life->today
            ? say('infusions.state.ready', ['when' => $wording->shortDate($story->at($ready))])
            : say('infusions.state.not_ready', ['when' => $wording->whenever($story->at($ready))])
                .self::between($story, $wording));
    }

    /** How sure the day is; "" where hours decide. */
    private static function between(JarStory $story, Wording $wording): string
    {
        [$from, $to] = $story->readyBetween();

        return $story->plan->inMinutes || $from === null || $to === null ? '' : ' '.say('infusions.between', [
            'from' => $wording->shortDate($from), 'to' => $wording->shortDate($to),
        ]);
    }

    private static function shakeWord(JarStory $story, Wording $wording): string
    {
        $next = $story->life->nextShake();
        if ($next === null) {
            return '';
        }
        $missed = $story->life->missedShakes();

        return $missed > 1
            ? trans_choice('infusions.missed', $missed - 1)
            : (self::isDue($story->at($next)) ? say('infusions.shake_now') : say(
                'infusions.not_due',
                ['when' => $wording->whenever($story->at($next))],
            ));
    }

    /** @return list<array{label: string, figure: string, of: string}> */
    private function figures(JarStory $story, JarNow $state, ?float $tooStrong, Wording $wording): array
    {
        $readings = $story->ofKind('temperature');
        $keeps = $story->waterLeft() > 0.0 ? null : $this->planner->infusion($story->plan)->keepsDays();
        $figures = [
            ['label' => say('infusions.oil_in_jar'), 'figure' => $wording->grams($story->life->oil()), 'of' => ''],
            [
                'label' => say('infusions.delicate'),
                'figure' => $wording->percent(round(100 * $state->kept)),
                'of' => '',
            ],
            [
                'label' => say('infusions.at_place'),
                'figure' => $wording->celsius(
                    $readings === [] ? $story->plan->celsius : (float) $readings[count($readings) - 1]->value,
                ),
                'of' => say('words.infusion_method.'.$story->plan->method->value),
            ],
        ];
        if ($tooStrong !== null) {
            $figures[] = [
                'label' => say('infusions.too_strong_from'),
                'figure' => $wording->shortDate($story->at($tooStrong)),
                'of' => '',
            ];
        }
        $wished = $story->plan->wishedStrength;
        $reached = $wished === null
            ? null
            : $story->steeping()->first(static fn (JarNow $jar): float => $jar->strength(), $wished);
        if ($wished !== null && $reached !== null) {
            $figures[] = [
                'label' => say('infusions.wished_from', ['strength' => $wording->number($wished, 2)]),
                'figure' => $wording->shortDate($story->at($reached)),
                'of' => '',
            ];
        }
        if ($keeps !== null) {
            $figures[] = [
                'label' => say('infusions.figures.keeps'),
                'figure' => $wording->shortDate($story->start()->copy()->addDays((int) $keeps)),
                'of' => '',
            ];
        }

        return $figures;
    }

    /** @return list<LogRow> */
    private static function log(JarStory $story, Wording $wording): array
    {
        $counting = array_map(static fn (JarEntry $entry): int => $entry->id, $story->entries);
        $rows = [];
        foreach ($story->jar->entries->sortByDesc(static fn (JarEntry $entry): array => [
            $entry->happened_at,
            $entry->id,
        ]) as $entry) {
            $counts = in_array($entry->id, $counting, true);
            $ends = in_array($entry->kind, [JarEntryKind::Strain, JarEntryKind::Discard], true);
            $rows[] = [
                'id' => $entry->id,
                'when' => $wording->moment($entry->happened_at),
                'what' => say("infusions.log.{$entry->kind->value}"),
                'value' => match (true) {
                    $entry->kind === JarEntryKind::Temperature => $wording->celsius((float) $entry->value),
                    $entry->kind === JarEntryKind::Look => say("infusions.looks.$entry->subject"),
                    $entry->kind === JarEntryKind::Discard => $entry->subject,
                    $entry->kind === JarEntryKind::Undo => say('infusions.log.'.($story->jar->entries->firstWhere(
                        'id',
                        (int) $entry->subject,
                    )->kind->value ?? 'undo')),
                    $entry->value !== null => $wording->grams($entry->value),
                    default => '',
                },
                'note' => $entry->note,
                'undone' => ! $counts && $entry->kind !== JarEntryKind::Undo,
                'undoable' => $counts && ($story->jar->isStanding() || $ends),
            ];
        }

        return $rows;
    }

    private function strainMeans(JarStory $story, JarNow $state, Wording $wording): string
    {
        $fats = array_filter(
            $story->life->contents->oils,
            static fn (InPart $oil): bool => ($oil->ingredient->meltHigh ?? 0.0) > 20.0,
        );
        $expected = self::expected($story);
        $water = $this->planner->infusion($story->plan)->waterToDriveOut();

        return ($water <= 0.0 ? '' : say('infusions.strain_lighter', ['water' => $wording->grams($water)]).' ')
            .say(
                'infusions.strain_means',
                ['out' => $wording->span($expected)],
            )
            .self::learned($story, $wording)
            .($fats === [] ? '' : ' '.say(
                'infusions.strain_warm',
                ['fats' => $wording->together(array_values(array_map(
                    static fn (InPart $oil): string => $wording->ingredient($oil->ingredient->key),
                    $fats,
                )))],
            ));
    }

    /** What the maker's own strainings have taught of these plants. */
    private static function learned(JarStory $story, Wording $wording): string
    {
        $records = LearnedUptake::records();
        $said = '';
        foreach ($story->life->contents->plants as $plant) {
            $learned = OilYield::learned($plant, $records[$plant->ingredient->key] ?? []);
            if ($learned->ownMean !== null) {
                $said .= ' '.say(
                    'infusions.learned',
                    [
                        'count' => (string) $learned->count,
                        'plant' => mb_strtolower($wording->ingredient($plant->ingredient->key)),
                        'mean' => $wording->number($learned->ownMean, 2),
                    ],
                );
            }
        }

        return $said;
    }

    private static function expected(JarStory $story): Band
    {
        return OilYield::of($story->life->oil(), $story->life->contents->plants, LearnedUptake::records());
    }

    private static function outcome(Jar $jar, Wording $wording): string
    {
        $outcome = $jar->outcome;
        if ($outcome === null || ! is_array($outcome['uptake'] ?? null)) {
            return '';
        }

        return say('infusions.outcome', [
            'out' => $wording->grams((float) $outcome['drained'] + (float) $outcome['pressed']),
            'in' => $wording->grams((float) $outcome['oil_in']),
            'uptake' => $wording->together(array_values(array_map(
                static fn (float|int $grams): string => $wording->number((float) $grams, 2),
                $outcome['uptake'],
            ))),
        ]);
    }

    /** @return array{number: string, means: string, said: string, isDone: bool}|null */
    private static function cooking(JarStory $story, Wording $wording): ?array
    {
        if ($story->plan->method !== Method::CookOut || ! $story->jar->isStanding()) {
            return null;
        }
        $cookOut = $story->cookOut();

        return $cookOut === null
            ? ['number' => '', 'means' => say('infusions.pot.first'), 'said' => '', 'isDone' => false]
            : [
                'number' => $wording->grams(round($cookOut->weighsWhenDone(), 1)),
                'means' => say('infusions.pot.then'),
                'isDone' => $cookOut->isDone(),
                'said' => CookedOut::said($cookOut, $wording),
            ];
    }

    /** What taking out and topping up would do, in a sentence. */
    public function foreseen(JarStory $story, float $takeOut, float $topUp): string
    {
        $wording = $this->wording;
        $oil = $story->life->oil();
        if ($takeOut < 0 || $topUp < 0 || $takeOut + $topUp <= 0 || $takeOut >= $oil) {
            return '';
        }
        $before = $story->state();
        $after = $before->takenOut($takeOut)->toppedUp($topUp);
        $then = $story->life->onward($after, $story->plan->days - $story->life->today);
        $terms = [
            'out' => $wording->number($takeOut, 1),
            'left' => $wording->number($after->oil, 1),
            'taken' => $wording->number($before->strength(), 1),
            'before' => $wording->number($before->strength(), 1),
            'after' => $wording->number($after->strength(), 1),
            'again' => $wording->number($then->strength(), 1),
            'date' => $wording->dayOfMonth($story->at(max($story->plan->days, $story->life->today))),
        ];

        return say($takeOut > 0 ? 'infusions.foreseen' : 'infusions.foreseen_top', $terms);
    }
}
