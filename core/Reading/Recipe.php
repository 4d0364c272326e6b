<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Formula\Claim;
use Ilvane\Core\Formula\ClaimsDocument;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Measure\Piece;
use Ilvane\Core\Process\PourOrder;
use Ilvane\Core\Process\ProcessDocument;
use Ilvane\Core\Process\Step;

/** A text as it was read. Nothing is dropped: what is neither a line nor a hint nor a heading is among the others. */
final readonly class Recipe
{
    /** What is done while a part stands, by its kind: those that are strained when it is over. */
    private const STANDS = [
        'tea' => 'steep', 'decoction' => 'simmer', 'cold_soak' => 'soak', 'gel' => 'simmer', 'milk' => 'soak',
        'infused_oil' => 'steep', 'cooked_out_oil' => 'cook_out',
    ];

    /** Of the letters of 200 notes written by hand 87 to 99 in 100 are in the right role. Measured here. */
    private const ROLE_CONFIDENCE = 0.9;

    /**
     * @param  list<ReadLine>  $lines
     * @param  list<Hint>  $hints
     * @param  list<Span>  $others
     * @param  list<ReadSpan>  $spans  in order, without overlap; every byte that isn't white space is in one
     * @param  list<Section>  $parts  what is made first, and taken of
     */
    public function __construct(
        public string $text,
        public string $title,
        public Family $family,
        public ?StatedYield $yield,
        public ?float $heatTo,
        public ?float $gate,
        public array $lines,
        public array $hints,
        public array $others,
        public array $spans = [],
        public array $parts = [],
    ) {
    }

    /** @return array<string, ReadSpan> the stretches by a key that stays when the text around them changes */
    public function keyed(): array
    {
        return Spans::keyed($this->spans, $this->text);
    }

    /** @return list<Claim> what the note says of the product */
    public function claims(): array
    {
        return StatedClaims::in($this->spans, $this->text, $this->yield);
    }

    /**
     * The open form ilvane.formula/1, with what was read under "reading".
     *
     * @return array<string, mixed>
     */
    public function document(string $untitled): array
    {
        $whom = ForWhom::in($this->said(Role::Title, Role::Audience, Role::Use, Role::Remark));
        $isMain = static fn (ReadLine $line): bool => $line->in === null;
        $main = array_values(array_filter($this->lines, $isMain));
        $names = $this->lineNames();
        $noted = $this->noted();

        return [
            'format' => 'ilvane.formula/1',
            'name' => $this->title === '' ? $untitled : $this->title,
            'family' => $this->family->value,
            ...($whom->use === null ? [] : ['use' => $whom->use->value]),
            ...($whom->audience === null ? [] : ['for' => ['audience' => $whom->audience->value]]),
            ...($this->yield?->grams() === null ? [] : ['batch' => ['grams' => $this->yield->grams()]]),
            ...array_filter(['parts' => array_map($this->part(...), $this->parts)]),
            'lines' => $this->written($main, AddedCold::of($this, $main)),
            ...array_filter(['process' => array_filter([
                'heat_to_c' => $this->heatTo,
                'gate_c' => $this->gate,
                'pour' => self::poured($noted)?->value,
                'noted' => array_map(ProcessDocument::writeStep(...), $noted) ?: null,
            ], static fn (mixed $said): bool => $said !== null)]),
            ...array_filter(['claims' => ClaimsDocument::write($this->claims())]),
            'reading' => [
                'lines' => array_map(fn (ReadLine $line): array => [
                    'start' => $line->span->start, 'end' => $line->span->end, 'text' => $line->span->of($this->text),
                    'confidence' => round($line->confidence, 2),
                    'candidates' => $line->candidates,
                    'other' => $line->other?->entered,
                ], $main),
                'spans' => array_map(fn (ReadSpan $span): array => $this->span($span, $names), $this->spans),
                'hints' => array_map(
                    fn (Hint $hint): array => [
                        'kind' => $hint->kind,
                        'value' => $hint->value,
                        'start' => $hint->span->start,
                        'end' => $hint->span->end,
                        'text' => $hint->span->of($this->text),
                    ],
                    $this->hints,
                ),
                'others' => array_map(
                    fn (Span $span): array => [
                        'start' => $span->start,
                        'end' => $span->end,
                        'text' => $span->of($this->text),
                    ],
                    $this->others,
                ),
            ],
        ];
    }

    /** @return list<ReadSpan> method sentences of the thing itself, not of what is made first */
    public function ownSteps(): array
    {
        $own = [];
        $part = null;
        foreach ($this->spans as $span) {
            if (in_array($span->role, [Role::Heading, Role::Part], true)) {
                $part = $span->part;
            }
            if ($span->role === Role::Step && $part === null && $span->part === null) {
                $own[] = $span;
            }
        }

        return $own;
    }

    /** @param  list<Step>  $noted */
    private static function poured(array $noted): ?PourOrder
    {
        foreach ($noted as $step) {
            if ($step->details->pour !== null) {
                return $step->details->pour;
            }
        }

        return null;
    }

    /** @return list<Step> what it says of the making of the thing itself */
    private function noted(): array
    {
        return NotedSteps::in(array_map(
            fn (ReadSpan $span): string => $span->span->of($this->text),
            $this->ownSteps(),
        ));
    }

    /** @return array<string, mixed> */
    private function part(Section $part): array
    {
        $heading = $part->heading === null ? '' : trim($part->heading->of($this->text), " \t:–—-");
        $under = $this->under($part);
        $isCookedOut = $under !== [] && CookedOut::in(
            $under[0]->span->with($under[count($under) - 1]->span)->of($this->text),
        );
        $makes = $part->makes() === 'infused_oil' && $isCookedOut ? 'cooked_out_oil' : $part->makes();

        return [
            'key' => $part->key(),
            'name' => mb_substr(self::called($heading) ?: $part->word, 0, 120),
            'makes' => $makes,
            'lines' => $this->written(array_values(array_filter(
                $this->lines,
                static fn (ReadLine $line): bool => $line->in === $part,
            ))),
            ...$this->process($part, $under, $makes),
        ];
    }

    /** @return list<ReadSpan> what is said of a part under its heading, and on its line */
    private function under(Section $part): array
    {
        $under = [];
        $isUnder = false;
        foreach ($this->spans as $span) {
            $isHead = in_array($span->role, [Role::Heading, Role::Part], true);
            $isUnder = $isHead ? $span->part === $part : $isUnder;
            if ($isUnder && ! $isHead) {
                $under[] = $span;
            }
        }

        return $part->heading === null ? [] : $under;
    }

    /**
     * How long it stands, where the note says so under its heading; strained, where its kind usually is.
     *
     * @param  list<ReadSpan>  $under
     * @return array{process?: array{steps: list<array<string, mixed>>}}
     */
    private function process(Section $part, array $under, string $makes): array
    {
        $from = $under === [] ? null : $under[0]->span->start;
        $minutes = $from === null ? null : NotedInfusion::longest($under, array_values(
            array_filter($this->hints, static fn (Hint $hint): bool => $hint->span->start >= $from),
        ));
        $stands = self::STANDS[$makes] ?? null;

        return $minutes === null || $stands === null ? [] : ['process' => ['steps' => [
            ['do' => $stands, 'minutes' => round($minutes, 1)],
            ['do' => 'strain'],
        ]]];
    }

    /** "First the tea" is called "Tea", "Cook the oil first" "Oil". */
    private static function called(string $heading): string
    {
        $makings = ['cook', 'brew', 'infuse', 'simmer', 'melt', 'cuire', 'infuser', 'fondre'];
        $lead = implode('|', [...Headings::LEADS, ...$makings]);

        $name = (string) preg_replace(
            ["/^(?:(?:$lead)\\b[\\s:,’']*)+/iu", '/[\s,]+(?:first|ahead|d[’\']abord|la veille|the day before)$/iu'],
            '',
            $heading,
        );

        return mb_strtoupper(mb_substr($name, 0, 1)).mb_substr($name, 1);
    }

    /**
     * @param  list<ReadLine>  $lines  of the formula, or of one of its parts
     * @param  list<ReadLine>  $cold  those that go in when it has cooled
     * @return list<array<string, string>>
     */
    private function written(array $lines, array $cold = []): array
    {
        $shares = self::shares($lines);

        return array_map(static fn (ReadLine $line): array => array_filter([
            'ingredient' => $line->ingredient,
            'part' => $line->takes?->key(),
            'name' => $line->ingredient === null && $line->takes === null ? mb_substr($line->name, 0, 200) : null,
            'amount' => $line->amount === null ? null : $shares[$line->span->start]
                ?? self::saidAs($line->amount->entered),
            'phase' => ($line->phase ?? (in_array($line, $cold, true) ? Phase::Cooldown : null))?->value,
        ], is_string(...)), $lines);
    }

    /**
     * "2 parts to 1 part": percent of whatever the batch becomes, beside what is told in percent.
     *
     * @param  list<ReadLine>  $lines
     * @return array<int, string> by where the line begins
     */
    private static function shares(array $lines): array
    {
        $parts = array_filter($lines, static fn (ReadLine $line): bool => $line->amount?->piece === Piece::Part);
        $sum = array_sum(array_map(static fn (ReadLine $line): float => (float) $line->amount?->number?->likely,
            $parts));
        $percent = array_sum(array_map(
            static fn (ReadLine $line): float => $line->amount?->kind === AmountKind::Percent
                ? (float) $line->amount->number?->likely
                : 0.0,
            $lines,
        ));
        $shares = [];
        foreach ($parts as $line) {
            $shares[$line->span->start] = Amount::plain(
                round((100.0 - min($percent, 100.0)) * (float) $line->amount?->number?->likely / $sum, 2),
            ).' %';
        }

        return $shares;
    }

    /** @return array<int, string> names of the lines by where they begin: "l1", in a part "hibiscus-tea-1/l1" */
    private function lineNames(): array
    {
        $names = $count = [];
        foreach ($this->lines as $line) {
            $part = $line->in === null ? '' : $line->in->key().'/';
            $count[$part] = ($count[$part] ?? 0) + 1;
            $names[$line->span->start] = "{$part}l$count[$part]";
        }

        return $names;
    }

    /**
     * @param  array<int, string>  $names  of the lines
     * @return array<string, mixed>
     */
    private function span(ReadSpan $span, array $names): array
    {
        $line = $span->line;

        return [
            'start' => $span->span->start,
            'end' => $span->span->end,
            'text' => $span->span->of($this->text),
            'role' => $span->role->value,
            'confidence' => round($line->confidence ?? self::ROLE_CONFIDENCE, 2),
            ...array_filter([
                'line' => $line === null ? null : $names[$line->span->start] ?? null,
                'part' => in_array($span->part, $this->parts, true) ? $span->part->key() : null,
            ], is_string(...)),
            'candidates' => $line->candidates ?? [],
        ];
    }

    /** What the stretches of these roles say, one to a line. */
    private function said(Role ...$roles): string
    {
        return implode("\n", array_map(
            fn (ReadSpan $span): string => $span->span->of($this->text),
            array_filter($this->spans, static fn (ReadSpan $span): bool => in_array($span->role, $roles, true)),
        ));
    }

    /** As one says it: more than one drop are drops. */
    private static function saidAs(string $amount): string
    {
        return preg_match('/^(?:[\d.]+-)?([\d.]+)( \d\/\d)? (?:drop|cup|pint|quart|handful|bag|stick|part)$/',
            $amount, $read) === 1
            && ((float) $read[1] > 1 || ($read[2] ?? '') !== '')
            ? "{$amount}s"
            : $amount;
    }
}
