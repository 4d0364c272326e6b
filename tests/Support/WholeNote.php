<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;

/** One note of the corpus with what every stretch of it is; the marks are told in corpus/notes/README.md. */
final readonly class WholeNote
{
    public const ROLES = [
        'T' => 'title', 'Y' => 'yield', 'H' => 'heading', 'I' => 'ingredient', 'P' => 'part', 'S' => 'step',
        'U' => 'utility', 'C' => 'claim', 'A' => 'audience', 'E' => 'use', 'R' => 'remark',
    ];

    /**
     * @param  string  $text  as it was written
     * @param  list<array{role: string, start: int, end: int, more: list<string>}>  $spans  offsets in bytes, half open
     * @param  array<string, string>  $says  name, yield, use, audience
     */
    private function __construct(
        public string $number,
        public string $language,
        public string $text,
        public array $spans,
        public array $says,
    ) {
    }

    /** @return list<self> */
    public static function in(string $set): array
    {
        $notes = preg_split('/^# (?=\d{3,} )/m', (string) file_get_contents(__DIR__."/corpus/notes/$set.txt"), -1,
            PREG_SPLIT_NO_EMPTY);

        return array_map(self::read(...), $notes ?: []);
    }

    private static function read(string $written): self
    {
        [$head, $body] = explode("\n", $written, 2);
        [$number, $language] = explode(' ', $head);
        preg_match_all('/^> (\w+): (.+)\n/m', $body, $said, PREG_SET_ORDER);
        $body = trim(preg_replace('/^> .*\n/m', '', $body) ?? '');
        $text = '';
        $spans = [];
        foreach (preg_split('/(\[[A-Z] [^\]]*\])/u', $body, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [] as $n => $piece) {
            if ($n % 2 === 0) {
                if (trim($piece) !== '') {
                    throw new RuntimeException("$number: \"$piece\" has no role");
                }
                $text .= $piece;

                continue;
            }
            $more = array_map(trim(...), explode('|', substr($piece, 3, -1)));
            $words = array_shift($more);
            $spans[] = [
                'role' => self::ROLES[$piece[1]] ?? throw new RuntimeException("$number: no role $piece[1]"),
                'start' => strlen($text), 'end' => strlen($text) + strlen($words), 'more' => $more,
            ];
            $text .= $words;
        }

        return new self($number, $language, $text, $spans, array_column($said, 2, 1));
    }

    public function words(int $start, int $end): string
    {
        return substr($this->text, $start, $end - $start);
    }

    /** @return list<array{role: string, start: int, end: int, more: list<string>}> */
    public function of(string $role): array
    {
        return array_values(array_filter($this->spans, static fn (array $span): bool => $span['role'] === $role));
    }
}
