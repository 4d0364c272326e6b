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
        $isListed = $role === Role::Ingredient;
        $at = $whole->start;
        foreach ($cuts as $n => [$span, $what, $line]) {
            $start = max($at, $span->start);
            $end = isset($cuts[$n + 1]) ? min($span->end, $cuts[$n + 1][0]->start) : $span->end;
            if ($isListed) {
                [$start, $end] = [
                    $at,
                    isset($cuts[$n + 1])
                        ? $this->boundary(max($start, $span->end), max($start, $cuts[$n + 1][0]->start)) : $whole->end,
                ];
            }
            if ($start > $at) {
                $this->gap($at, $start, $tokens);
            }
            if ($end > $start) {
                $this->spans[] = new ReadSpan($this->trimmed($start, $end), $what, $line, $line?->in);
            }
            $at = max($at, $end);
        }
        if ($at < $whole->end) {
            $this->gap($at, $whole->end, $tokens);
        }
    }

    /** Behind the last comma between two lines; without one, right before the second. */
    private function boundary(int $from, int $to): int
    {
        $between = substr($this->text, $from, max(0, $to - $from));
        $comma = max((int) strrpos(",$between", ','), (int) strrpos(",$between", ';'), (int) strrpos(",$between",
            ' / ') + 1);

        return strpbrk($between, ',;/') === false ? $to : $from + $comma;
    }

    /** @param  list<Token>  $tokens */
    private function gap(int $start, int $end, array $tokens): void
    {
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
     * What the maker says goes before what was read.
     *
     * @param  array<string, Role>  $roles  by the key of a stretch
     * @param  callable(ReadSpan, Role): ReadSpan  $change
     */
    public function corrected(array $roles, callable $change): void
    {
        $times = [];
        $this->spans = array_map(function (ReadSpan $span) use ($roles, $change, &$times): ReadSpan {
            $words = trim($span->span->of($this->text));
            $times[$words] = ($times[$words] ?? 0) + 1;
            $role = $roles[$span->key($this->text, $times[$words])] ?? $span->role;

            return $role === $span->role ? $span : $change($span, $role);
        }, $this->all());
    }
}
