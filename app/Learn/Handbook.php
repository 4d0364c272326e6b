<?php

declare(strict_types=1);

namespace App\Learn;

use App\Drawing\Curves;
use Illuminate\Support\Arr;
use Ilvane\Core\Formula\Region;
use Ilvane\Core\Material\Folded;
use Ilvane\Core\Practice\Mistakes;

/**
 * The rules and figures the checks go by, to be read by topic or searched.
 *
 * @phpstan-type Rule array{code: string, severity: list<string>, rule: string, because: string, source: string,
 *   sure: string, is_practised: bool}
 * @phpstan-type Table array{name: string, title: string, about: string, picture: Curves|null, columns: list<string>,
 *   rows: list<list<string>>}
 * @phpstan-type Topic array{slug: string, title: string, lead: string, caution: string, law: string, rules: list<Rule>,
 *   tables: list<Table>, schools: list<array{title: string, default: string, schools: list<array{name: string,
 *   gains: string, risks: string}>}>}
 */
final readonly class Handbook
{
    public function __construct(private Figures $figures, private Tables $tables, private Mistakes $mistakes)
    {
    }

    /** @return list<string> in reading order */
    public static function slugs(): array
    {
        return array_map(strval(...), array_keys((array) config('handbook')));
    }

    /** @return Topic */
    public function topic(string $slug, Region $region = Region::EuropeanUnion): array
    {
        /**
         * @var array{rules: array<string, array{string, string}>, tables: list<string>, schools: list<string>} $order
         */
        $order = config("handbook.$slug");

        return [
            'slug' => $slug,
            'title' => say("handbook.topics.$slug.title"),
            'lead' => say("handbook.topics.$slug.lead"),
            'caution' => self::first("handbook.topics.$slug.caution"),
            'law' => self::first("handbook.topics.$slug.$region->value"),
            'rules' => $this->rules($order['rules']),
            'tables' => array_map(
                fn (string $name): array => [
                    'name' => $name,
                    'title' => say("handbook.tables.$name.title"),
                    'columns' => array_values(Arr::wrap(__("handbook.tables.$name.columns"))),
                    'about' => self::first("handbook.tables.$name.about"),
                    'picture' => $this->tables->picture($name),
                    'rows' => $this->tables->of($name),
                ],
                $order['tables'],
            ),
            'schools' => array_map(self::school(...), $order['schools']),
        ];
    }

    /**
     * What holds every word looked for: whole topics are cut down to the rules, table rows and schools that do.
     *
     * @return list<Topic>
     */
    public function find(string $text, Region $region = Region::EuropeanUnion): array
    {
        $words = array_filter(explode(' ', Folded::of($text)), static fn (string $word): bool => $word !== '');
        $holds = static fn (mixed ...$parts): bool => self::holdsAll($words, $parts);
        $found = [];
        foreach ($words === [] ? [] : self::slugs() as $slug) {
            $topic = $this->topic($slug, $region);
            $topic['rules'] = array_values(array_filter(
                $topic['rules'],
                static fn (array $rule): bool => $holds(
                    $topic['title'],
                    $rule['code'],
                    $rule['rule'],
                    $rule['because'],
                ),
            ));
            $topic['schools'] = array_values(array_filter(
                $topic['schools'],
                static fn (array $school): bool => $holds($school),
            ));
            $topic['tables'] = array_values(array_filter(
                array_map(
                    static fn (array $table): array => [
                        ...$table,
                        'rows' => array_values(array_filter(
                            $table['rows'],
                            static fn (array $row): bool => $holds($row[0], $table['title']),
                        )),
                    ],
                    $topic['tables'],
                ),
                static fn (array $table): bool => $table['rows'] !== [],
            ));
            if ($topic['rules'] !== [] || $topic['schools'] !== [] || $topic['tables'] !== []) {
                $found[] = $topic;
            }
        }

        return $found;
    }

    /**
     * @param  array<string, array{string, string}>  $order
     * @return list<Rule>
     */
    private function rules(array $order): array
    {
        $figures = $this->figures->all();
        $rules = [];
        foreach ($order as $code => [$severity, $sure]) {
            $rules[] = [
                'code' => $code,
                'severity' => explode('|', $severity),
                'rule' => say("handbook.rules.$code", $figures),
                'because' => self::first(
                    "handbook.because.$code",
                    "findings.$code.because",
                    "findings.$code.because_usual",
                    "findings.$code.because_jar",
                ),
                'source' => self::source($code, say("handbook.sure.$sure")),
                'sure' => $sure,
                'is_practised' => $this->mistakes->under($code) !== [],
            ];
        }

        return $rules;
    }

    /** Without what the word for how sure it is says already. */
    private static function source(string $code, string $sure): string
    {
        $source = strtr(
            self::first("handbook.source.$code", "findings.$code.source", "findings.$code.source_infusion"),
            [
                ':source' => say('handbook.catalogue_source'),
                ':ingredients' => say('handbook.catalogue_source'),
                ':ingredient' => say('handbook.catalogue_source'),
            ],
        );
        $source = ucfirst(trim(str_starts_with($source, $sure) ? substr($source, strlen($sure)) : $source, ' .:;,'));

        return $source === '' ? '' : $source.'.';
    }

    /**
     * @return array{title: string, default: string, schools: list<array{name: string, gains: string, risks: string}>}
     */
    private static function school(string $name): array
    {
        /** @var list<array{name: string, gains: string, risks: string}> $schools */
        $schools = __("handbook.disagree.$name.schools");

        return [
            'title' => say("handbook.disagree.$name.title"),
            'default' => say("handbook.disagree.$name.default"),
            'schools' => $schools,
        ];
    }

    /** The first of these keys that has words; nothing where none has. */
    private static function first(string ...$keys): string
    {
        foreach ($keys as $key) {
            $words = __($key);
            if (is_string($words) && $words !== $key) {
                return $words;
            }
        }

        return '';
    }

    /**
     * @param  array<string>  $words
     * @param  array<mixed>  $parts
     */
    private static function holdsAll(array $words, array $parts): bool
    {
        $text = Folded::of(implode(' ', array_filter(Arr::flatten($parts), is_string(...))));
        foreach ($words as $word) {
            if (! str_contains($text, $word)) {
                return false;
            }
        }

        return true;
    }
}
