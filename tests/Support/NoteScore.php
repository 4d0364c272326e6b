<?php

declare(strict_types=1);

namespace Tests\Support;

use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Measure\AmountReader;
use Ilvane\Core\Measure\UnitSystem;
use Ilvane\Core\Reading\ReadLine;
use Ilvane\Core\Reading\Recipe;
use Ilvane\Core\Reading\RecipeReader;

/** How well whole notes are read: every expected line against the one that was read where it stands. */
final class NoteScore
{
    public int $notes = 0;

    public int $clean = 0;

    public int $lines = 0;

    public int $right = 0;

    public int $invented = 0;

    public int $lost = 0;

    public int $sure = 0;

    public int $wrongThoughSure = 0;

    public int $says = 0;

    public int $said = 0;

    public int $claims = 0;

    public int $claimed = 0;

    /** Letters of the notes, and those that are in a stretch of the right role. */
    public int $letters = 0;

    public int $placed = 0;

    /** @var list<string> */
    public array $misses = [];

    /** @param  list<WholeNote>  $notes */
    public static function of(RecipeReader $reader, array $notes): self
    {
        $score = new self;
        foreach ($notes as $note) {
            $score->add($note, $reader);
        }

        return $score;
    }

    /** One line with all the figures the reader is held to. */
    public function told(string $set): string
    {
        return sprintf(
            'recipe reader, %s: %.0f %% of %d notes without a wrong line (goal 90), '
            .'%.1f %% of %d lines right (goal 97), %d invented, %d lost, %d wrong of %d sure, '
            .'%d of %d names and yields, %d of %d claims, %.1f %% of the letters in the right role',
            $set,
            100 * $this->clean / max(1, $this->notes),
            $this->notes,
            100 * $this->right / max(1, $this->lines),
            $this->lines,
            $this->invented,
            $this->lost,
            $this->wrongThoughSure,
            $this->sure,
            $this->said,
            $this->says,
            $this->claimed,
            $this->claims,
            100 * $this->placed / max(1, $this->letters),
        );
    }

    private function add(WholeNote $note, RecipeReader $reader): void
    {
        $recipe = $reader->read($note->text);
        $parts = self::parts($note, $recipe->lines);
        $wrong = 0;
        $left = $recipe->lines;
        foreach ($note->of('ingredient') as $span) {
            $this->lines++;
            $words = $note->words($span['start'], $span['end']);
            $at = self::best($left, $span['start'], $span['end']);
            if ($at === null) {
                $wrong++;
                $this->lost++;
                $this->misses[] = "$note->number lost: $words";

                continue;
            }
            $line = $left[$at];
            unset($left[$at]);
            $isRight = self::isRight($line, $span['more'], $parts);
            $this->right += $isRight ? 1 : 0;
            $wrong += $isRight ? 0 : 1;
            $this->tell($note, $line, $isRight, $words);
        }
        foreach ($left as $line) {
            $wrong++;
            $this->invented++;
            $this->tell($note, $line, false, 'invented: '.$line->span->of($note->text));
        }
        $this->addClaims($note, $recipe);
        $this->addRoles($note, $recipe);
        $this->notes++;
        $this->clean += $wrong === 0 ? 1 : 0;
        foreach (['name' => $recipe->title, 'yield' => $recipe->yield?->told() ?? ''] as $what => $read) {
            if (isset($note->says[$what])) {
                $isSaid = mb_strtolower($read) === mb_strtolower($note->says[$what]);
                $this->says++;
                $this->said += $isSaid ? 1 : 0;
                if (! $isSaid) {
                    $this->misses[] = "$note->number $what: {$note->says[$what]} => $read";
                }
            }
        }
    }

    /** What the note says of the product, against what is expected. */
    private function addClaims(WholeNote $note, Recipe $recipe): void
    {
        $read = [];
        foreach ($recipe->claims() as $claim) {
            $read[$claim->what->value] = implode(',', array_map(
                Amount::plain(...),
                array_unique([round($claim->value->low, 2), round($claim->value->high, 2)]),
            ));
        }
        foreach ($note->of('claim') as $span) {
            [$what, $value] = explode('=', $span['more'][0] ?? '=', 2);
            $isRight = ($read[$what] ?? '') === $value;
            $this->claims++;
            $this->claimed += $isRight ? 1 : 0;
            if (! $isRight) {
                $this->misses[] = "$note->number claim $what: $value => ".($read[$what] ?? '');
            }
        }
    }

    private function addRoles(WholeNote $note, Recipe $recipe): void
    {
        foreach ($note->spans as $span) {
            $this->letters += $span['end'] - $span['start'];
            foreach ($recipe->spans as $read) {
                if ($read->role->value === $span['role']) {
                    $shared = min($span['end'], $read->span->end) - max($span['start'], $read->span->start);
                    $this->placed += max(0, $shared);
                }
            }
        }
    }

    private function tell(WholeNote $note, ReadLine $line, bool $isRight, string $words): void
    {
        $isSure = ! $line->isDoubtful();
        $this->sure += $isSure ? 1 : 0;
        $this->wrongThoughSure += $isSure && ! $isRight ? 1 : 0;
        if (! $isRight) {
            $this->misses[] = sprintf('%s %s%s => %s %s', $note->number, $isSure ? 'SURE ' : '', $words,
                $line->takes === null ? $line->ingredient ?? '?' : '@'.$line->takes->word, $line->amount->entered ?? '-');
        }
    }

    /**
     * The line read there; where several are, the one that shares most with it.
     *
     * @param  array<int, ReadLine>  $lines
     */
    private static function best(array $lines, int $start, int $end): ?int
    {
        $best = null;
        $most = 0;
        foreach ($lines as $at => $line) {
            $shared = min($end, $line->span->end) - max($start, $line->span->start);
            if ($shared > $most) {
                [$best, $most] = [$at, $shared];
            }
        }

        return $best;
    }

    /**
     * Which part read is which part of the note: what stands inside it tells.
     *
     * @param  list<ReadLine>  $lines
     * @return array<string, int>
     */
    private static function parts(WholeNote $note, array $lines): array
    {
        $parts = [];
        foreach ($note->of('ingredient') as $span) {
            $key = $span['more'][3] ?? '';
            $at = $key === '' ? null : self::best($lines, $span['start'], $span['end']);
            if ($at !== null && $lines[$at]->in !== null) {
                $parts[$key] ??= $lines[$at]->in->number;
            }
        }

        return $parts;
    }

    /**
     * @param  list<string>  $more  material, amount, phase, part
     * @param  array<string, int>  $parts
     */
    private static function isRight(ReadLine $line, array $more, array $parts): bool
    {
        [$material, $amount, $phase] = $more;
        $in = $more[3] ?? '';
        if (($in === '' ? null : $parts[$in] ?? -1) !== $line->in?->number) {
            return false;
        }
        $isUnsaid = str_starts_with($material, '~');
        $isMaterial = match (true) {
            $material === '?' => $line->ingredient === null && $line->takes === null,
            $material[0] === '@' => $line->takes !== null
                && $line->takes->number === ($parts[substr($material, 1)] ?? $line->takes->number),
            $isUnsaid => $line->isDoubtful() && array_intersect(
                [$line->ingredient, ...($line->ingredient === null ? $line->candidates : [])],
                explode('/', substr($material, 1)),
            ) !== [],
            default => $line->ingredient === $material,
        };
        $isPhase = $phase === '-' || $line->phase === null || $line->phase->value === $phase;

        return $isMaterial && $isPhase && self::isSame($amount, $line->amount);
    }

    private static function isSame(string $expected, ?Amount $read): bool
    {
        if ($expected === '-') {
            return $read === null || $read->kind === AmountKind::Open;
        }
        if ($read === null) {
            return false;
        }
        if (preg_match('/^to \d/', $expected) === 1) {
            return $read->kind === AmountKind::Rest;
        }
        if (preg_match('/^(\S+(?: \d\/\d)?) (piece|part|handful)$/', $expected, $counted) === 1) {
            return $read->number !== null
                && $read->piece !== null
                && ($counted[2] === 'piece' || $counted[2] === $read->piece->value)
                && abs($read->number->likely - AmountReader::read("$counted[1] g")->number?->likely) < 1e-6;
        }
        $meant = AmountReader::read($expected);

        return $meant->kind === $read->kind
            && ($meant->number === null || (
                abs($meant->number->low * self::size($meant) - $read->number?->low * self::size($read))
                    <= 0.01 * $meant->number->low * self::size($meant)
                && $meant->unit?->dimension() === $read->unit?->dimension()
            ));
    }

    private static function size(Amount $amount): float
    {
        return (float) ($amount->unit?->grams() ?? $amount->unit?->millilitres(UnitSystem::MetricKitchen) ?? 1.0);
    }
}
