<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

/** The stretches of one note as they are found: they never overlap, and in the end they hold every letter of it. */
final class Spans
{
    /** @var list<ReadSpan> */
    private array $spans = [];

    public function __construct(private readonly string $text)
    {
    }

    public function add(ReadSpan $span): void
    {
        $this->spans[] = $span;
    }

    public function mark(Span $span, Role $role): void
    {
        $this->spans[] = new ReadSpan($span, $role);
    }

    /**
     * Lines that became others.
     *
     * @param  list<ReadLine>  $was
     * @param  list<ReadLine>  $is  in the same order
     */
    public function replace(array $was, array $is): void
    {
        $now = [];
        foreach ($was as $i => $line) {
            $now[spl_object_id($line)] = $is[$i];
        }
        $this->spans = array_map(static function (ReadSpan $span) use ($now): ReadSpan {
            $line = $span->line === null ? null : $now[spl_object_id($span->line)] ?? null;

            return $line === null ? $span : new ReadSpan($span->span, $span->role, $line, $line->in);
        }, $this->spans);
    }

    /**
     * Every byte of the clause gets its role: a line that lists is all ingredient, in a sentence only what is named.
     *
     * @param  list<ReadLine>  $found
     * @param  array{int, int}|null  $utility
     */
    public function cover(Clause $clause, Role $role, array $found, ?array $utility): void
    {
        $tokens = $clause->tokens;
        $whole = $clause->span();
        $cuts = [];
        foreach ($found as $line) {
            $cuts[] = [$line->span, Role::Ingredient, $line];
        }
        if ($utility !== null) {
            $span = new Span($tokens[$utility[0]]->start, $tokens[$utility[1] - 1]->end);
            $overlaps = array_filter($found, static fn (ReadLine $line): bool => $line->span->start < $span->end
                && $line->span->end > $span->start);
            if ($overlaps === []) {
                $cuts[] = [$span, Role::Utility, null];
            }
        }
        usort($cuts, static fn (array $a, array $b): int => $a[0]->start <=> $b[0]->start);
        if ($cuts === []) {
            $this->mark($whole, $role === Role::Ingredient ? Role::Unread : $role);

            return;
        }
        $at = $whole->start;
        foreach ($cuts as $n => [$span, $what, $line]) {
            $next = isset($cuts[$n + 1]) ? $cuts[$n + 1][0]->start : $whole->end;
            if ($role === Role::Ingredient) {
                $end = isset($cuts[$n + 1]) ? $this->boundary(max($at, $span->end), max($at, $next)) : $whole->end;
            } else {
                $this->gap($at, $span->start);
                $at = max($at, $span->start);
                $end = min($span->end, $next);
            }
            if ($end > $at) {
                $this->spans[] = new ReadSpan($this->trimmed($at, $end), $what, $line, $line?->in);
            }
            $at = max($at, $end);
        }
        $this->gap($at, $whole->end);
    }

    /** Behind the last comma between two lines; without one, right before the second. */
    private function boundary(int $from, int $to): int
    {
        $between = substr($this->text, $from, max(0, $to - $from));
        $behind = strlen(preg_replace('~[^,;/]*$~', '', $between) ?? '');

        return $behind === 0 ? $to : $from + $behind;
    }

    /** What lies between the lines of a sentence is told to do. */
    private function gap(int $start, int $end): void
    {
        if ($end <= $start) {
            return;
        }
        $span = $this->trimmed($start, $end);
        if ($span->end > $span->start) {
            $this->mark($span, Role::Step);
        }
    }

    /** Without the white space around it. */
    private function trimmed(int $start, int $end): Span
    {
        $text = substr($this->text, $start, $end - $start);

        return new Span($start + strlen($text) - strlen(ltrim($text)), $start + strlen(rtrim($text)));
    }

    /** Cuts a line out of the sentence it stands in. */
    public function cut(ReadLine $line): void
    {
        foreach ($this->spans as $i => $span) {
            if ($span->line !== null || $span->span->start > $line->span->start
                || $span->span->end < $line->span->end) {
                continue;
            }
            $before = $this->trimmed($span->span->start, $line->span->start);
            $after = $this->trimmed($line->span->end, $span->span->end);
            $pieces = [new ReadSpan($line->span, Role::Ingredient, $line)];
            if ($before->end > $before->start) {
                array_unshift($pieces, new ReadSpan($before, $span->role));
            }
            if ($after->end > $after->start) {
                $pieces[] = new ReadSpan($after, $span->role);
            }
            array_splice($this->spans, $i, 1, $pieces);

            return;
        }
    }

    /** @return list<ReadSpan> in order */
    public function all(): array
    {
        usort($this->spans, static fn (ReadSpan $a, ReadSpan $b): int => $a->span->start <=> $b->span->start);

        return $this->spans;
    }

    /**
     * Stretches that turn out to be something else, and no lines.
     *
     * @param  callable(ReadSpan): bool  $which
     */
    public function turn(callable $which, Role $role): void
    {
        $this->spans = array_map(
            static fn (ReadSpan $span): ReadSpan => $which($span) ? new ReadSpan($span->span, $role) : $span,
            $this->spans,
        );
    }

    /**
     * What the maker says goes before what was read.
     *
     * @param  array<string, Role>  $roles  by the key of a stretch
     * @param  callable(ReadSpan, Role): ReadSpan  $change
     */
    public function corrected(array $roles, callable $change): void
    {
        $changed = [];
        foreach (self::keyed($this->all(), $this->text) as $key => $span) {
            $role = $roles[$key] ?? $span->role;
            $changed[] = $role === $span->role ? $span : $change($span, $role);
        }
        $this->spans = $changed;
    }

    /**
     * By what they say: the same words keep their key when something before them changes; where they come again, a
     * count tells them apart.
     *
     * @param  list<ReadSpan>  $spans
     * @return array<string, ReadSpan>
     */
    public static function keyed(array $spans, string $text): array
    {
        $keyed = $times = [];
        foreach ($spans as $span) {
            $words = $span->span->of($text);
            $times[$words] = ($times[$words] ?? 0) + 1;
            // a letter first: digits alone would come back as a number
            $keyed['s'.substr(md5($words), 0, 12).($times[$words] > 1 ? "-$times[$words]" : '')] = $span;
        }

        return $keyed;
    }
}
