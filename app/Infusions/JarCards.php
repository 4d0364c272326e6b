<?php

declare(strict_types=1);

namespace App\Infusions;

use App\Drawing\Profile;
use App\Drawing\Section;
use App\Ground\Card;
use App\Ground\Vessels;
use App\Ground\Wording;
use App\Models\Jar;
use Illuminate\Support\Carbon;

/** Jars, drawn as they stand. */
final readonly class JarCards
{
    public function __construct(
        private Wording $wording,
        private Vessels $vessels,
        private JarStoryFactory $jarStories,
        private float $stands = Card::STANDS,
    ) {
    }

    /** The same cards drawn smaller or larger. */
    public function sized(float $stands): self
    {
        return new self($this->wording, $this->vessels, $this->jarStories, $stands);
    }

    /** @return list<Card> jars that stand, the one that wants something first at the front */
    public function standing(int $most = Card::SHOWN): array
    {
        return array_values(Jar::query()
            ->where('status', 'standing')
            ->orderByRaw('MIN(COALESCE(shake_at, strain_at), strain_at)')
            ->with('entries')
            ->limit($most)
            ->get()
            ->map(fn (Jar $jar): Card => $this->jar($jar))->all());
    }

    /** @return list<Card> plans not yet filled, the latest first */
    public function plannedJars(): array
    {
        return array_values(Jar::query()
            ->where('status', 'planned')
            ->orderByDesc('updated_at')
            ->limit(Card::SHOWN)
            ->get()
            ->map(fn (Jar $jar): Card => new Card(
                'planned',
                $jar->name,
                route('infusion', $jar),
                Section::draw(Profile::of('jar', 500), [], 0, $this->stands, tallest: Card::TALLEST_MM),
                say('infusions.state.planned'),
            ))->all());
    }

    /** @return list<Jar> */
    public function doneJars(): array
    {
        return array_values(Jar::query()->whereIn(
            'status',
            ['strained', 'discarded'],
        )->orderByDesc('ended_at')->limit(Card::SHOWN)->get()->all());
    }

    private function jar(Jar $jar): Card
    {
        $story = $this->jarStories->of($jar);
        $state = $story->state();
        $contents = $story->life->contents;
        $shake = $jar->shake_at;
        $wants = $shake !== null
            && $shake->lessThanOrEqualTo(Carbon::now()->endOfDay())
            && $jar->alarm === ''
            && ($jar->strain_at === null || $shake->lessThan($jar->strain_at));
        $strain = $jar->strain_at !== null && $jar->strain_at->lessThanOrEqualTo(Carbon::now()->endOfDay());

        return new Card(
            kind: 'jar',
            name: $jar->name,
            href: route('infusion', $jar),
            brief: say(
                $jar->alarm !== ''
                    ? 'today.brief_alarm'
                    : ($strain ? 'today.brief_strain' : ($wants ? 'today.brief_shake' : 'today.brief_day')),
                ['day' => (int) floor($story->life->today)],
            ),
            state: match (true) {
                $jar->alarm !== '' => say("infusions.looks.$jar->alarm"),
                $strain => say('today.strain'),
                $wants => say('today.shake'),
                $jar->ready_at !== null
                    && $jar->ready_at->isPast() => say(
                        'infusions.state.ready',
                        ['when' => $this->wording->shortDate($jar->ready_at)],
                    ),
                $jar->ready_at !== null => say(
                    'infusions.state.not_ready',
                    ['when' => $this->wording->whenever($jar->ready_at)],
                ),
                default => '',
            },
            detail: ($story->plan->inMinutes ? '' : say(
                'infusions.state.standing',
                ['day' => (int) floor($story->life->today)],
            ).', ').say(
                'pantry.strength',
                ['strength' => $this->wording->number($state->strength(), 1)],
            ),
            code: (string) $jar->code,
            vessel: $this->vessels->infusing(
                $contents,
                $contents->roomWith($story->life->oil()),
                min(1.0, $state->extracted()),
                0,
                $this->stands,
                closed: true,
                tallest: Card::TALLEST_MM,
            ),
            isUrgent: $jar->alarm !== '',
            leans: $wants,
        );
    }
}
