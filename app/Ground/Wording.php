<?php

declare(strict_types=1);

namespace App\Ground;

use DateTimeInterface;
use Illuminate\Support\Arr;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\App;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Term;
use Ilvane\Core\Safety\TermKind;
use Ilvane\Core\ShelfLife\ShelfLifeStep;
use NumberFormatter;

/** The one place where numbers, dates and findings become words in the reader's language. */
final class Wording
{
    /** A thin space that does not break holds number and unit together. */
    private const GAP = "\u{202F}";

    /** @var array<string, string> decimal sign by locale */
    private array $decimalSigns = [];

    /** @var array<string, array<string, mixed>> the rules' words by locale */
    private array $rules = [];

    /** @var array<string, array<string, string>> the catalogue's sentences by locale */
    private array $notes = [];

    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    public function number(float $value, int $most = 2, int $least = 0): string
    {
        $text = number_format($value, $most, $this->decimalSign(), '');
        if ($most > $least) {
            [$whole, $fraction] = [...explode($this->decimalSign() ?: '.', $text), ''];
            $fraction = str_pad(rtrim($fraction, '0'), $least, '0');
            $text = $fraction === '' ? $whole : $whole.$this->decimalSign().$fraction;
        }

        return $text === '-0' ? '0' : $text;
    }

    private function decimalSign(): string
    {
        $locale = App::getLocale();

        return $this->decimalSigns[$locale] ??= (string) (new NumberFormatter(
            $locale,
            NumberFormatter::DECIMAL,
        ))->getSymbol(NumberFormatter::DECIMAL_SEPARATOR_SYMBOL);
    }

    /** With the sign of the maker's own money, where they told it. */
    public function money(float $sum): string
    {
        $sign = OwnMoney::sign();
        $number = $this->number($sum, 2, 2);

        return match (true) {
            $sign === '' => $number,
            App::getLocale() === 'en' && mb_strlen($sign) === 1 => $sign.$number,
            default => "$number\u{202F}$sign",
        };
    }

    public function grams(float $grams): string
    {
        return $this->number($grams, match (true) {
            abs($grams) < 1 => 2,
            abs($grams) < 1000 => 1,
            default => 0,
        }).self::GAP.'g';
    }

    /** To the digits the scale shows, for columns and hob numbers. */
    public function weighed(float $grams, float $scale): string
    {
        $digits = self::digitsOf($scale);

        return $this->number($grams, $digits, $digits);
    }

    public static function digitsOf(float $scale): int
    {
        return max(0, min(4, (int) ceil(-log10($scale) - 1e-9)));
    }

    public function percent(float $percent): string
    {
        return $this->number($percent, match (true) {
            $percent > 0 && $percent < 0.1 => 3,
            $percent < 10 => 2,
            default => 1,
        }).self::GAP.'%';
    }

    public function percentBand(Band $percent): string
    {
        $low = $this->percent($percent->low);
        $high = $this->percent($percent->high);

        return $low === $high
            ? $this->percent($percent->likely)
            : say('ui.band', ['low' => rtrim($low, '%'.self::GAP), 'high' => $high]);
    }

    /** "0.07–0.11 g"; one figure where both ends read the same. */
    public function gramsBand(Band $grams): string
    {
        $digits = $grams->high < 1 ? 2 : 1;
        [$low, $high] = [$this->number($grams->low, $digits), $this->number($grams->high, $digits)];

        return ($low === $high ? $low : say('ui.band', ['low' => $low, 'high' => $high])).self::GAP.'g';
    }

    /** The ends alone, as precisely as they can be told: "0.11–0.16", "28–31". */
    public function span(Band $grams): string
    {
        $decimals = match (true) {
            $grams->high < 1 => 2,
            $grams->high < 10 => 1,
            default => 0,
        };

        return say('ui.band', [
            'low' => $this->number($grams->low, $decimals), 'high' => $this->number($grams->high, $decimals),
        ]);
    }

    public function celsius(float $celsius): string
    {
        return $this->number($celsius, 1).self::GAP.'°C';
    }

    public function days(float $days): string
    {
        return match (true) {
            $days < 1.5 => trans_choice('words.days', 1),
            $days <= 45 => trans_choice('words.days', (int) round($days)),
            default => trans_choice('words.months', (int) round($days / 30.4375)),
        };
    }

    /** From minutes to days, as one would say it: "45 min", "8 h", "21 days". */
    public function duration(float $days): string
    {
        $minutes = $days * 1440;

        return match (true) {
            $minutes < 119.5 => $this->number(max(1.0, ceil($minutes - 1e-6)), 0).self::GAP.say('words.unit.minutes'),
            $days < 1.99 => $this->number($minutes / 60, $minutes < 600 ? 1 : 0).self::GAP.say('words.unit.hours'),
            default => trans_choice('words.days', (int) ceil($days - 1e-6)),
        };
    }

    /** What is left until then: "40 min", "5 h", "2 days"; "nothing" once it is past. */
    public function hoursLeft(DateTimeInterface $until): string
    {
        $minutes = ($until->getTimestamp() - Carbon::now()->getTimestamp()) / 60;

        return match (true) {
            $minutes <= 0 => say('words.unit.nothing'),
            $minutes < 120 => $this->number(floor($minutes), 0).self::GAP.say('words.unit.minutes'),
            $minutes < 2880 => $this->number(floor($minutes / 60), 0).self::GAP.say('words.unit.hours'),
            default => trans_choice('words.days', (int) floor($minutes / 1440)),
        };
    }

    /** "today", "tomorrow", "Thursday, in 3 days", "yesterday", "3 days ago" */
    public function whenever(DateTimeInterface $date): string
    {
        $days = (int) Carbon::now()->startOfDay()->diffInDays(Carbon::instance($date)->startOfDay());

        return match (true) {
            $days < 0 => trans_choice('words.days_ago', -$days),
            $days <= 1 => trans_choice('words.in_days', $days),
            $days <= 6 => trans_choice('words.in_days', $days, ['day' => $this->dated($date, 'dddd')]),
            default => $this->shortDate($date),
        };
    }

    /** "Thursday 26 November 2026" */
    public function date(DateTimeInterface $date): string
    {
        return $this->dated($date, 'dddd D MMMM YYYY');
    }

    /** "26 Nov 2026" */
    public function shortDate(DateTimeInterface $date): string
    {
        return $this->dated($date, 'D MMM YYYY');
    }

    /** "26 Nov" */
    public function dayOfMonth(DateTimeInterface $date): string
    {
        return $this->dated($date, 'D MMM');
    }

    private function dated(DateTimeInterface $date, string $form): string
    {
        $carbon = Carbon::instance($date);
        $carbon->locale(App::getLocale());

        return $carbon->isoFormat($form);
    }

    public function time(DateTimeInterface $date): string
    {
        return Carbon::instance($date)->format('H:i');
    }

    /** "26 Nov, 14:05" */
    public function moment(DateTimeInterface $date): string
    {
        return $this->dated($date, 'D MMM').', '.$this->time($date);
    }

    /** "today", "yesterday", "3 days ago" */
    public function ago(DateTimeInterface $date): string
    {
        $days = (int) Carbon::instance($date)->startOfDay()->diffInDays(Carbon::now()->startOfDay());

        return trans_choice('words.days_ago', $days);
    }

    public function ingredient(string $key): string
    {
        return $this->catalogue->has($key)
            ? $this->shortName($this->catalogue->get($key)->name(App::getLocale()))
            : $key;
    }

    /** The catalogue's name without what stands in brackets. */
    public function shortName(string $name): string
    {
        return trim(preg_replace(['/\((and|et)\)/', '/\s*\([^)]*\)/'], ['+', ''], $name) ?? $name);
    }

    /** What is filled into, by its key. */
    public function container(string $key): string
    {
        return say("things.containers.$key");
    }

    /** What is heated, mixed and cooled in, by its key. */
    public function vessel(string $key): string
    {
        return say("things.vessels.$key");
    }

    /** A sentence of the catalogue in the reader's language, as far as it was put into it. */
    public function note(string $note): string
    {
        return $note === '' ? '' : $this->notes(App::getLocale())[$note] ?? $note;
    }

    /** @return array<string, string> by the catalogue's own sentence; none for the language it is written in */
    private function notes(string $locale): array
    {
        if (isset($this->notes[$locale])) {
            return $this->notes[$locale];
        }
        $notes = [];
        $file = config()->string('ilvane.data')."/notes_$locale.csv";
        if (is_file($file) && ($rows = fopen($file, 'r')) !== false) {
            while (($row = fgetcsv($rows, escape: '')) !== false) {
                $notes[(string) $row[0]] = (string) ($row[1] ?? '');
            }
            fclose($rows);
        }

        return $this->notes[$locale] = $notes;
    }

    public function term(Term $term): string
    {
        return match (true) {
            $term->value instanceof Band => $this->percentBand($term->value),
            is_array($term->value) => $this->together(array_map($this->ingredient(...), $term->value)),
            is_float($term->value) => match ($term->kind) {
                TermKind::Percent => $this->percent($term->value),
                TermKind::Grams => $this->grams($term->value),
                TermKind::Celsius => $this->celsius($term->value),
                TermKind::Days => $this->days($term->value),
                default => $this->number($term->value, 1),
            },
            $term->kind === TermKind::Ingredient => $this->ingredient($term->value),
            $term->kind === TermKind::Container => $this->container($term->value),
            $term->kind === TermKind::Vessel => $this->vessel($term->value),
            $term->kind === TermKind::ContainerNote => say("things.container_notes.$term->value"),
            $term->kind === TermKind::CatalogueNote => $this->note($term->value),
            $term->kind === TermKind::Word => say('words.'.$term->value),
            default => $term->value,
        };
    }

    /** @param  list<string>  $names */
    public function together(array $names): string
    {
        $last = array_pop($names);

        return $names === [] ? (string) $last : implode(', ', $names).' '.say('words.and').' '.$last;
    }

    public function keepingStep(ShelfLifeStep $step): string
    {
        return say(
            'words.keeping.'.$step->what,
            [
                'ingredient' => $step->ingredient === null ? '' : $this->ingredient($step->ingredient),
                'lot' => $step->lot ?? '',
            ],
        );
    }

    public function message(Finding $finding): string
    {
        return $this->sentence($finding, 'message');
    }

    public function because(Finding $finding): string
    {
        return $this->sentence($finding, 'because');
    }

    public function source(Finding $finding): string
    {
        return $this->sentence($finding, 'source');
    }

    public function ask(Finding $finding): ?string
    {
        return $finding->asks() ? $this->sentence($finding, 'ask') : null;
    }

    public function fix(Fix $fix): string
    {
        return say('findings.fixes.'.$fix->label, array_map($this->term(...), $fix->terms));
    }

    /** A variant has its own sentence or shares the usual one; what a rule does not say, "any" says. */
    private function sentence(Finding $finding, string $part): string
    {
        [$group, $rule] = explode('.', $finding->code, 2);
        $said = $this
            ->rule("$group.$rule.{$part}_{$finding->variant}") ?? $this
            ->rule("$group.$rule.$part") ?? $this
            ->rule("any.$part") ?? $finding->code;
        $terms = [];
        foreach ($finding->terms as $name => $term) {
            if (str_contains($said, ":$name")) {
                $terms[":$name"] = $this->term($term);
            }
        }

        return strtr($said, $terms);
    }

    private function rule(string $key): ?string
    {
        $locale = App::getLocale();
        if (! isset($this->rules[$locale])) {
            $words = __('findings');
            $this->rules[$locale] = Arr::dot(is_array($words) ? $words : []);
        }
        $said = $this->rules[$locale][$key] ?? null;

        return is_string($said) ? $said : null;
    }
}
