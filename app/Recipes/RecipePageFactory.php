<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Ground\OwnKitchen;
use App\Ground\Wording;
use App\Models\Lot;
use App\Pantry\LotLine;
use Ilvane\Core\Evaluation\ClaimCheck;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Formula\Audience;
use Ilvane\Core\Formula\ClaimKind;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Piece;
use Ilvane\Core\Reading\Hint;
use Ilvane\Core\Reading\ReadLine;
use Ilvane\Core\Reading\Recipe;
use Ilvane\Core\Reading\RecipeReader;
use Ilvane\Core\Reading\Role;
use Ilvane\Core\Reading\TextRefused;
use Ilvane\Core\Safety\Evaluation;

/**
 * Builds what RecipePage shows.
 *
 * @phpstan-import-type Row from RecipePage
 * @phpstan-import-type Stretch from RecipePage
 * @phpstan-import-type Said from RecipePage
 */
final readonly class RecipePageFactory
{
    /** A narrower width isn't worth a line. Relative. */
    private const WORTH_SHOWING = 0.01;

    private const LOTS_OFFERED = 2;

    /** As far as two measures of one thing are rounded apart. Relative. */
    private const ROUNDED = 0.1;

    public function __construct(
        private Wording $wording,
        private Catalogue $catalogue,
        private RecipeReader $reader,
        private Evaluator $evaluator,
        private OwnKitchen $kitchen,
        private UsualAmounts $usual,
        private RecipeDocument $documents,
        private NotedInfusion $infusions,
    ) {
    }

    /**
     * @throws TextRefused
     * @throws DocumentRefused
     */
    public function of(string $text, Corrections $corrections): RecipePage
    {
        $recipe = $this->reader->read($text, $corrections->roles);
        $keys = [];
        foreach ($recipe->keyed() as $key => $span) {
            if ($span->line !== null) {
                $keys[$span->line->span->start] = (string) $key;
            }
        }
        $keyOf = static fn (ReadLine $line): string => $keys[$line->span->start] ?? 'line-'.$line->span->start;
        [$document, $evaluation] = $this->judged($recipe, $corrections, $keyOf);
        $offer = $this->usual->of($recipe, $evaluation->assessment->composition->lines, $keyOf);
        $problem = $corrections->isBatchUnread() ? 'recipes.batch_unread' : '';
        if ($corrections->fills && $offer !== [] && $problem === '') {
            $filled = $this->filled($recipe, $corrections, $offer, $keyOf);
            $problem = $filled === null ? 'recipes.batch_density' : '';
            if ($filled !== null) {
                [$corrections, $offer] = [$filled, []];
                [$document, $evaluation] = $this->judged($recipe, $corrections, $keyOf);
            }
        }
        $rows = $this->rows($recipe, $document, $evaluation->assessment->composition->lines, $corrections, $keyOf);

        return new RecipePage(
            $recipe->text,
            self::pieces($recipe, $rows),
            $rows,
            $this->parts($document),
            array_map($this->hint(...), $recipe->hints),
            array_map($this->claim(...), ClaimCheck::all($evaluation)),
            array_map(static fn (Role $role): string => $role->value, $corrections->roles),
            array_filter($corrections->settled),
            count(array_filter($rows, static fn (array $row): bool => $row['state'] !== 'sure'))
                + count(array_filter($document['lines'], self::isUntaken(...))),
            $document,
            $recipe->title === '' ? say('recipes.untitled') : $recipe->title,
            (string) ($document['for']['audience'] ?? Audience::Adult->value),
            (string) ($document['use'] ?? $recipe->family->usualUse()->value),
            $this->infusions->draft($recipe, $document),
            $corrections->pieceProblems,
            array_map($this->share(...), $offer),
            $corrections->batch !== '' ? $corrections->batch : $this->batch($recipe),
            $problem,
            array_intersect_key($corrections->into, array_flip($keys)),
        );
    }

    /**
     * Whether it takes of what is made first, and nobody said how much.
     *
     * @param  array<string, mixed>  $line
     */
    private static function isUntaken(array $line): bool
    {
        return ($line['part'] ?? '') === RecipeDocument::BY_HAND && $line['amount'] === RecipeDocument::NOT_SAID;
    }

    /**
     * With usual shares, and as heavy as fills the container; null where nobody knows how heavy that is.
     *
     * @param  array<string, Band>  $offer  percent, by key of the line
     * @param  callable(ReadLine): string  $keyOf
     */
    private function filled(Recipe $recipe, Corrections $corrections, array $offer, callable $keyOf): ?Corrections
    {
        $filled = $corrections->filled(array_map(
            static fn (Band $share): string => Amount::plain(round($share->likely, $share->likely < 1 ? 2 : 1)).' %',
            $offer,
        ));
        $millilitres = $filled->batchMillilitres();
        if ($millilitres === null) {
            return $filled;
        }
        $density = $this->judged($recipe, $filled, $keyOf)[1]->assessment->composition->density();

        return $density === null ? null : $filled->weighing($millilitres * $density);
    }

    /** How much it is to be, as the note says. */
    private function batch(Recipe $recipe): string
    {
        $grams = $recipe->yield?->grams();
        $millilitres = $recipe->yield?->millilitres();

        return match (true) {
            $grams !== null => $this->wording->number($grams).' g',
            $millilitres !== null => $this->wording->number($millilitres).' ml',
            default => '',
        };
    }

    /**
     * @param  callable(ReadLine): string  $keyOf
     * @return array{array<string, mixed>, Evaluation}
     */
    private function judged(Recipe $recipe, Corrections $corrections, callable $keyOf): array
    {
        $document = $this->documents->of($recipe, $corrections, $keyOf, say('recipes.untitled'));

        return [$document, $this->evaluator->evaluate(FormulaDocument::read($this->kitchen->over($document)))];
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  list<WeighedLine>  $weighed
     * @param  callable(ReadLine): string  $keyOf
     * @return list<Row>
     */
    private function rows(
        Recipe $recipe,
        array $document,
        array $weighed,
        Corrections $corrections,
        callable $keyOf,
    ): array {
        $places = RecipeDocument::places($recipe, $corrections, $keyOf);
        $written = RecipeDocument::linesOf($document, $places);
        $lots = LotLine::atHand();
        $total = Band::sum(array_map(
            static fn (WeighedLine $line): Band => $line->grams ?? Band::zero(),
            $weighed,
        ))->likely;
        $main = 0;
        $rows = [];
        foreach ($recipe->lines as $i => $read) {
            $line = $written[$i];
            $one = $places[$i] === '' ? $weighed[$main++] ?? null : null;
            $grams = $one?->grams;
            $chosen = RecipeDocument::chosen($line, $corrections->picks[$key = $keyOf($read)] ?? '');
            $typed = trim($corrections->names[$key] ?? '');
            $differs = self::differing($read, $grams, $total);
            $isSettled = ($corrections->settled[$key] ?? '') === $chosen && $chosen !== '';
            $rows[] = [
                'key' => $key,
                'n' => $i + 1,
                'state' => match (true) {
                    self::unweighed($read, $one) !== '' => 'no_amount',
                    $differs !== null && ! $isSettled
                        && $read->amount?->entered === ($line['amount'] ?? '') => 'doubtful',
                    default => self::state($read, $line, $isSettled),
                },
                'name' => match (true) {
                    isset($line['lot']) => say('recipes.from_pantry', [
                        'name' => self::lotName($lots, (string) $line['lot']), 'code' => (string) $line['lot'],
                    ]),
                    isset($line['formula']['name']) => (string) $line['formula']['name'],
                    $chosen !== '' => $this->wording->ingredient($chosen),
                    $read->takes !== null => $read->name,
                    default => (string) ($line['name'] ?? $read->name),
                },
                'written' => $read->name,
                'amount' => (string) ($line['amount'] ?? ''),
                'grams' => $grams === null ? '' : $this->wording->grams($grams->likely),
                'band' => $grams === null || $grams->relativeError() < self::WORTH_SHOWING
                    ? ''
                    : $this->wording->span($grams),
                'other' => $this->other($read, $differs),
                'choices' => $isSettled
                    ? []
                    : $this->choices($read, $chosen, $lots),
                'chosen' => $chosen,
                'phase' => $one?->phase->value ?? 'infusion',
                'part' => $places[$i],
                'one' => self::unweighed($read, $one),
                'problem' => $chosen === '' && $typed !== '' && $typed !== $read->name
                    ? say('recipes.not_known', ['name' => $typed])
                    : '',
            ];
        }

        // what is made first stands first, whatever line of the note it is of
        usort($rows, static fn (array $a, array $b): int => ($b['part'] === RecipeDocument::BY_HAND)
            <=> ($a['part'] === RecipeDocument::BY_HAND));

        return $rows;
    }

    /**
     * What the second measure of a line comes to, in grams, where it is another amount than the first; null where they
     * agree, or can't be compared.
     */
    private static function differing(ReadLine $read, ?Band $grams, float $total): ?float
    {
        $second = $read->other;
        $number = $second?->number?->likely;
        if ($second === null || $number === null || $grams === null) {
            return null;
        }
        $other = match (true) {
            $second->kind === AmountKind::Percent => $total > 0 ? $total * $number / 100 : null,
            $second->unit?->grams() !== null => $number * $second->unit->grams(),
            default => null,
        };
        $isWithin = $other !== null && $other >= $grams->low * (1 - self::ROUNDED)
            && $other <= $grams->high * (1 + self::ROUNDED);

        return $isWithin ? null : $other;
    }

    private function other(ReadLine $read, ?float $differs): string
    {
        return match (true) {
            $read->other === null => '',
            $differs === null => say('recipes.other_measure', ['amount' => $read->other->entered]),
            default => say('recipes.other_differs', [
                'amount' => $read->other->entered, 'grams' => $this->wording->grams($differs),
            ]),
        };
    }

    /** The piece whose weight isn't known; empty where none is counted, or it is. */
    private static function unweighed(ReadLine $read, ?WeighedLine $one): string
    {
        $piece = $one?->grams === null && $one?->ingredient !== null ? $read->amount?->piece : null;

        return $piece === null || $piece === Piece::Part ? '' : $piece->value;
    }

    /** @param  list<Lot>  $lots */
    private static function lotName(array $lots, string $code): string
    {
        return LotLine::matching($lots, $code, 1)[0]->name ?? $code;
    }

    /** @param  array<string, mixed>  $line */
    private static function state(ReadLine $read, array $line, bool $isSettled): string
    {
        return match (true) {
            $read->takes !== null, isset($line['lot']), isset($line['formula']) => 'sure',
            ! isset($line['ingredient']) => 'unknown',
            $read->amount === null
                || (
                    $read->amount->kind === AmountKind::Open && $read->amount->entered === ($line['amount'] ?? '')
                ) => 'no_amount',
            $isSettled => 'sure',
            // where only the amount was missing, nothing of the name is in doubt once it is given
            $read->amount->kind === AmountKind::Open && $read->candidates === [] => 'sure',
            $read->confidence < ReadLine::SURE && $line['ingredient'] === $read->ingredient => 'doubtful',
            default => 'sure',
        };
    }

    /**
     * @param  list<Lot>  $lots
     * @return array<string, string> what it may be instead, by catalogue key
     */
    private function choices(ReadLine $read, string $chosen, array $lots): array
    {
        $choices = [];
        // what stands in the pantry under this name is asked first
        foreach ($read->takes === null ? LotLine::matching($lots, $read->name, self::LOTS_OFFERED) : [] as $lot) {
            $choices[LotLine::KEY.$lot->code] = say('recipes.from_pantry', ['name' => $lot->name,
                'code' => $lot->code]);
        }
        $lacksOnlyAmount = $read->candidates === [] && $read->amount?->kind === AmountKind::Open;
        if (! $read->isDoubtful() || $lacksOnlyAmount) {
            return $choices;
        }
        foreach (array_unique(array_filter([$read->ingredient, ...$read->candidates])) as $key) {
            if ($this->catalogue->has($key)) {
                $name = $this->wording->ingredient($key);
                $choices[$key] = $key === $chosen ? say('recipes.yes', ['name' => $name]) : $name;
            }
        }

        return $choices;
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, string>
     */
    private function parts(array $document): array
    {
        $parts = [];
        foreach (is_array($document['parts'] ?? null) ? $document['parts'] : [] as $part) {
            $parts[$part['key']] = $part['key'] === RecipeDocument::BY_HAND
                ? $part['name']
                : say('recipes.part', ['name' => $part['name']]);
        }

        return $parts;
    }

    private function share(Band $share): string
    {
        $number = fn (float $one): string => $this->wording->number($one, $one < 1 ? 2 : ($one < 10 ? 1 : 0));

        return say('recipes.usual_share', [
            'likely' => $number($share->likely), 'low' => $number($share->low), 'high' => $number($share->high),
        ]);
    }

    /** @return Said */
    private function claim(ClaimCheck $check): array
    {
        $claim = $check->claim;

        return [
            'what' => say('recipes.claim.'.$claim->what->value),
            'said' => in_array($claim->what, [ClaimKind::YieldGrams, ClaimKind::YieldMillilitres],
                true) && $claim->text !== ''
                ? $claim->text
                : $this->measured($claim->what, $claim->value),
            'here' => $check->computed === null
                ? say('recipes.cannot_say')
                : $this->measured($claim->what, $check->computed),
            'differs' => $check->agrees === false,
        ];
    }

    private function measured(ClaimKind $what, Band $value): string
    {
        $wording = $this->wording;
        if ($what === ClaimKind::KeepsDays) {
            return $value->likely < 0.5 ? say('recipes.at_once') : $wording->days($value->likely);
        }
        $number = static fn (float $one): string => $wording->number($one, $one >= 20 ? 0 : 1);
        $text = $value->width() > 0.05 * max(1.0, $value->likely)
            ? say('recipes.range', ['low' => $number($value->low), 'high' => $number($value->high)])
            : $number($value->likely);
        $unit = match ($what) {
            ClaimKind::YieldGrams => 'g',
            ClaimKind::YieldMillilitres => 'ml',
            ClaimKind::PercentOf, ClaimKind::Dose => '%',
            default => '',
        };

        return $unit === '' ? $text : "$text\u{202F}$unit";
    }

    private function hint(Hint $hint): string
    {
        return match ($hint->kind) {
            'temperature' => $this->wording->celsius((float) $hint->value),
            'minutes' => $this->wording->duration((float) $hint->value / 1440),
            default => say('recipes.'.$hint->kind),
        };
    }

    /**
     * @param  list<Row>  $rows
     * @return list<Stretch>
     */
    private static function pieces(Recipe $recipe, array $rows): array
    {
        $byKey = array_column($rows, null, 'key');
        $pieces = [];
        $at = 0;
        $between = static fn (int $from, int $to): array => [
            'text' => substr($recipe->text, $from, $to - $from), 'key' => '', 'role' => '', 'n' => 0, 'state' => '',
        ];
        foreach ($recipe->keyed() as $key => $span) {
            if ($span->span->start < $at) {
                continue;
            }
            $pieces[] = $between($at, $span->span->start);
            $pieces[] = [
                'text' => $span->span->of($recipe->text),
                'key' => (string) $key,
                'role' => $span->role->value,
                'n' => $byKey[$key]['n'] ?? 0,
                'state' => $byKey[$key]['state'] ?? '',
            ];
            $at = $span->span->end;
        }
        $pieces[] = $between($at, strlen($recipe->text));

        return array_values(array_filter($pieces, static fn (array $piece): bool => $piece['text'] !== ''));
    }
}
