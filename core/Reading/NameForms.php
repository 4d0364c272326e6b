<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Measure\Dimension;
use Ilvane\Core\Measure\Piece;
use Ilvane\Core\Measure\Unit;

/**
 * What a name means beside the words around it: fresh or dried, as juice, gel or tea, by the drop, of a kind that the
 * note doesn't tell. The head noun decides: ginger juice is never ginger.
 */
final readonly class NameForms
{
    /** How the key of a kind ends, by the word that tells it. */
    private const KIND_WORDS = [
        'refined' => 'refined', 'raffine' => 'refined', 'deodorised' => 'refined', 'unrefined' => 'unrefined',
        'raw' => 'unrefined', 'brut' => 'unrefined', 'oleic' => 'high-oleic', 'oleique' => 'high-oleic',
        'powder' => 'powder', 'poudre' => 'powder', 'liquid' => 'liquid', 'liquide' => 'liquid', 'bought' => 'bought',
        'store' => 'bought', 'shop' => 'bought', 'commerce' => 'bought', 'fresh' => 'fresh', 'frais' => 'fresh',
        'leaf' => 'fresh', 'jus' => 'juice', 'juice' => 'juice', 'fcf' => 'fcf', 'eo' => 'essential-oil',
        'buds' => 'buds', 'whole' => 'buds', 'entiers' => 'buds', 'atlas' => 'atlas', 'virginia' => 'virginia',
        'fermented' => 'fermented', 'fermentee' => 'fermented', 'plain' => 'plain',
    ];

    private const STATES = [
        'fresh' => 'fresh', 'freshly' => 'fresh', 'frais' => 'fresh', 'fraiche' => 'fresh', 'fraiches' => 'fresh',
        'dried' => 'dried', 'dry' => 'dried', 'seche' => 'dried', 'sechee' => 'dried', 'seches' => 'dried',
        'sechees' => 'dried', 'sec' => 'dried', 'secs' => 'dried',
        'powder' => 'powder', 'powdered' => 'powder', 'ground' => 'powder', 'poudre' => 'powder', 'moulu' => 'powder',
        'moulue' => 'powder', 'moulus' => 'powder', 'moulues' => 'powder',
    ];

    /** Amounts of what is picked, not of what is dried. */
    private const PICKED = '/\b(?:bunch|sprigs?|bouquet|botte|brins?)\b/';

    private UnknownNames $others;

    public function __construct(private Catalogue $catalogue, private NameIndex $names)
    {
        $this->others = new UnknownNames($catalogue, $names);
    }

    /**
     * What words mean that name nothing in the catalogue.
     *
     * @return array{string|null, list<string>, float} key, candidates, confidence
     */
    public function unknown(string $written, ?Quantity $quantity): array
    {
        return $this->others->meant($written, $quantity);
    }

    /**
     * What a name of the catalogue means where it stands.
     *
     * @param  list<Token>  $tokens
     */
    public function of(Item $item, array $tokens, ?Quantity $quantity): Meant
    {
        $key = $item->key ?? '';
        $written = Token::written(array_slice($tokens, $item->at, $item->next - $item->at));
        $counted = $this->countedAs($key, $written, $quantity);
        if ($counted !== null) {
            return new Meant($counted, [], Sureness::EXACT, $item->at, $item->next);
        }
        $isPlant = $this->isPlant($key);
        $changed = $this->changed($item, $tokens, $quantity, $isPlant);
        if ($changed !== null) {
            [$from, $next] = $changed;
            $same = $this->isSameStill($key, $item, $tokens, $next);
            if ($same !== null) {
                return new Meant($key, [], $same, $item->at, max($item->next, $next));
            }

            return $this->another(Token::written(array_slice($tokens, $from, $next - $from)), $key, $from, $next);
        }
        $state = $this->inState($item, $tokens, $key, $written, $quantity);
        if ($state !== null) {
            return $state;
        }
        if ($quantity?->isDrops() === true) {
            $withNext = array_slice($tokens, $item->at, $item->next + 1 - $item->at);
            $oil = $this->essentialOil($key, Token::written($withNext)) ?? $this->essentialOil($key, $written);
            if ($oil !== null) {
                return new Meant($oil, [$key], Sureness::KIND_UNSAID, $item->at, $item->next);
            }
        }
        if ($quantity?->amount->piece === Piece::Bag && $this->catalogue->get($key)->kind === Kind::HydrosolOrTea) {
            $dry = $this->inTheBag($key);

            return $dry === null
                ? new Meant(null, [$key], Sureness::ONLY_A_NAME, $item->at, $item->next)
                : new Meant($dry, [], Sureness::EXACT, $item->at, $item->next);
        }
        $brewed = $this->brewed($item, $tokens, $key, $written, $quantity);
        if ($brewed !== null) {
            return new Meant($brewed, [$key], Sureness::EXACT, $item->at, $item->next);
        }
        $part = $tokens[$item->next] ?? null;
        if ($part !== null && $part->is('root', 'roots', 'seed', 'seeds', 'bark', 'racine', 'graines', 'ecorce')) {
            return new Meant(null, [$key], Sureness::ONLY_A_NAME, $item->at, $item->next + 1);
        }
        if ($quantity?->isDrops() === true && $isPlant) {
            return new Meant($key, [], Sureness::BESIDE_A_WORD_THAT_CHANGES_IT, $item->at, $item->next);
        }
        $fresh = $quantity?->amount->piece === Piece::Whole ? $this->freshOf($key) : null;
        if ($fresh !== null) {
            return new Meant($fresh, [$key], Sureness::KIND_UNSAID, $item->at, $item->next);
        }
        $kinds = $this->others->kindsUnsaid($written);
        if ($kinds === []) {
            return new Meant($key, [], Sureness::EXACT, $item->at, $item->next);
        }
        $said = $this->saidKind($kinds, $item, $tokens);

        return $said !== null
            ? new Meant($said[0], [], Sureness::EXACT, $item->at, $said[1])
            : new Meant(
                $key,
                array_values(array_diff($kinds, [$key])),
                Sureness::KIND_UNSAID,
                $item->at,
                $item->next,
            );
    }

    /**
     * The whole stretch where a word beside the name makes another thing of it; null where none does.
     *
     * @param  list<Token>  $tokens
     * @param  bool  $isPlant  a plant may be fresh, dried or ground and is the same still
     * @return array{int, int}|null
     */
    private function changed(Item $item, array $tokens, ?Quantity $quantity, bool $isPlant): ?array
    {
        $isFree = static fn (int $i): bool => isset($tokens[$i])
            && $tokens[$i]->kind === Token::WORD
            && ($quantity === null
                || $tokens[$i]->start >= $quantity->span->end
                || $tokens[$i]->end <= $quantity->span->start);
        $isState = static fn (int $i): bool => $isPlant && isset(self::STATES[$tokens[$i]->folded]);
        $after = $item->next;
        if ($isFree($after) && $tokens[$after]->is(...LineWords::PLANT_PARTS) && (! $isPlant
            || ($isFree($after + 1) && $tokens[$after + 1]->is(...LineWords::CHANGES)))) {
            return [$item->at, $after + ($isFree($after + 1)
                && $tokens[$after + 1]->is(...LineWords::CHANGES) ? 2 : 1)];
        }
        if ($isFree($after) && ! $isState($after) && $tokens[$after]->is(...LineWords::CHANGES)) {
            $in = $tokens[$after]->is('infused', 'infuse', 'infusee') && $isFree($after + 1)
                ? $this->names->at($tokens, $after + 1)
                : null;

            return [$item->at, $in[1] ?? $after + 1];
        }
        $before = $item->at - 1;
        $of = $before;
        while (isset($tokens[$of]) && $of > $item->at - 4
            && $tokens[$of]->is('de', 'd', "'", '’', 'of', 'du', 'la', 'l')) {
            $of--;
        }
        if ($isFree($of) && ! $isState($of) && $tokens[$of]->is(...LineWords::CHANGES)) {
            return [$of, $item->next];
        }
        $isHead = $item->next - $item->at === 1 && $tokens[$item->at]->is(...RoleWords::HEADS);
        if (! $isHead) {
            return null;
        }
        // "vinaigre de framboise", "raspberry vinegar"
        $word = $after;
        while (isset($tokens[$word]) && $tokens[$word]->is('de', 'd', "'", '’', 'a', 'au', 'l', 'la')) {
            $word++;
        }
        if (
            $word > $after && $isFree($word) && $tokens[$after]->is('de', 'd', 'a', 'au')
            && ! $tokens[$word]->is(...RoleWords::STATES, ...RoleWords::DOING)
        ) {
            return [$item->at, $word + 1];
        }

        return $isFree($before)
            && ! $tokens[$before]->is(...RoleWords::STATES, ...RoleWords::DOING, ...RoleWords::BEFORE_DOING)
            && ! $tokens[$before]->is(...LineWords::FILLERS)
            ? [$before, $item->next]
            : null;
    }

    /**
     * "Kaolin clay", "pracaxi seed oil", "charcoal powder": the word says again what it is anyway. How sure that is.
     *
     * @param  list<Token>  $tokens
     */
    private function isSameStill(string $key, Item $item, array $tokens, int $next): ?float
    {
        $after = array_column(array_slice($tokens, $item->next, max(0, $next - $item->next)), 'folded');
        if ($after === []) {
            return null;
        }
        $kind = $this->catalogue->get($key)->kind;
        $own = [...explode('-', $key), ...($kind === Kind::CarrierOil ? ['seed', 'kernel', 'nut', 'oil'] : []),
            ...($kind === Kind::Powder ? ['powder', 'poudre'] : [])];

        return match (true) {
            array_diff($after, $own) === [] => Sureness::EXACT,
            $kind->isLipid() && array_diff($after, [...$own, 'butter', 'oil', 'beurre',
                'huile']) === [] => Sureness::BESIDE_A_WORD_THAT_CHANGES_IT,
            default => null,
        };
    }

    private function another(string $written, string $besides, int $at, int $next): Meant
    {
        $exact = $this->catalogue->named($written);
        if ($exact !== null) {
            return new Meant($exact->key, [], Sureness::EXACT, $at, $next);
        }
        if ($this->isPlant($besides) && preg_match('/^(?:tisane|infusion)\b| tea$/', $written) === 1) {
            $tea = $this->catalogue->named('herbal tea')?->key;

            return new Meant($tea, array_values(array_diff([$besides], [$tea])),
                Sureness::BESIDE_A_WORD_THAT_CHANGES_IT, $at, $next); // that has no tea of its own
        }
        $near = array_column($this->others->near($written), 0);
        $found = array_column($this->catalogue->search($written, 3), 'key');
        $candidates = array_slice(array_values(array_unique([...$near, ...$found, $besides])), 0, 4);

        return new Meant(null, $candidates, Sureness::ONLY_A_NAME, $at, $next);
    }

    /**
     * "rosemary, dried", "romarin frais": the same plant in the state that is told.
     *
     * @param  list<Token>  $tokens
     */
    private function inState(Item $item, array $tokens, string $key, string $written, ?Quantity $quantity): ?Meant
    {
        if (! $this->isPlant($key)) {
            return null;
        }
        $mark = isset($tokens[$item->next]) && $tokens[$item->next]->is(',', '(', '-', 'en') ? 1 : 0;
        $mark += isset($tokens[$item->next + $mark])
            && $tokens[$item->next + $mark]->is('all', 'tous', 'toutes', 'both') ? 1 : 0;
        $after = self::STATES[$tokens[$item->next + $mark]->folded ?? ''] ?? null;
        $at = $item->at - 1;
        while ($at > 0 && $tokens[$at]->is('de', 'd', "'", '’')) {
            $at--;
        }
        $before = $at >= 0 ? self::STATES[$tokens[$at]->folded] ?? null : null;
        $state = $after ?? $before ?? $this->stateBehind($item, $tokens, $quantity)
            ?? (preg_match(self::PICKED, $quantity->amount->entered ?? '') === 1 ? 'fresh' : null);
        if ($state === null || str_ends_with($key, "-$state")) {
            return null;
        }
        $base = preg_replace('/-(?:fresh|dried|powder|buds|seeds?|leaves|flowers?-(?:fresh|dried)'
            .'|root(?:-fresh)?)$/', '', $key);
        $found = $this->catalogue->named("$state $written") ?? $this->catalogue->named("$written $state");
        foreach (['', '-root', '-flower', '-flowers', '-leaf', '-leaves'] as $of) {
            $found ??= $this->catalogue->has("$base$of-$state") ? $this->catalogue->get("$base$of-$state") : null;
        }
        $next = $after === null ? $item->next : $item->next + $mark + 1;
        $at = $before === null || $after !== null ? $item->at : $at;
        if ($found === null) {
            $kind = $this->catalogue->get($key)->kind;
            $isOther = match ($state) {
                'powder' => in_array($kind, [Kind::DriedBotanical, Kind::FreshBotanical], true),
                'fresh' => in_array($kind, [Kind::DriedBotanical, Kind::PowderBotanical], true),
                default => in_array($kind, [Kind::FreshBotanical, Kind::PowderBotanical], true),
            };

            return $isOther && ($after ?? $before) !== null
                ? new Meant(null, [$key], Sureness::ONLY_A_NAME, $at, $next)
                : null;
        }

        return new Meant($found->key, [], Sureness::EXACT, $at, $next);
    }

    /**
     * "Nettles 2 handfuls, fresh": the state told behind the amount.
     *
     * @param  list<Token>  $tokens
     */
    private function stateBehind(Item $item, array $tokens, ?Quantity $quantity): ?string
    {
        $next = $item->next;
        while (isset($tokens[$next]) && $quantity !== null && $tokens[$next]->start < $quantity->span->end) {
            $next++;
        }
        if ($next === $item->next || ! isset($tokens[$next]) || ! $tokens[$next]->is(',', '(')) {
            return null;
        }

        return self::STATES[$tokens[$next + 1]->folded ?? ''] ?? null;
    }

    /**
     * "shea, refined", "aloe gel (the bought kind)", "sunflower oil, high oleic": the kind told right behind the name.
     *
     * @param  list<string>  $kinds
     * @param  list<Token>  $tokens
     * @return array{string, int}|null key and the place after what tells it
     */
    private function saidKind(array $kinds, Item $item, array $tokens): ?array
    {
        foreach ([...range($item->next, $item->next + 5), $item->at - 1] as $at) {
            if (! isset($tokens[$at]) || $tokens[$at]->kind === Token::NUMBER) {
                continue;
            }
            $ending = self::KIND_WORDS[$tokens[$at]->folded] ?? null;
            foreach ($ending === null ? [] : $kinds as $kind) {
                if (str_contains("$kind-", "-$ending-")) {
                    return [$kind, max($item->next, $at + 1)];
                }
            }
            if ($tokens[$at]->is(';', '.', 'and', 'et', '+')) {
                break;
            }
        }

        return null;
    }

    /**
     * "Warm black tea", "a cup of green tea": drunk, not leaves.
     *
     * @param  list<Token>  $tokens
     */
    private function brewed(Item $item, array $tokens, string $key, string $written, ?Quantity $quantity): ?string
    {
        $before = $tokens[$item->at - 1] ?? null;
        $isLiquid = ($before !== null && $before->is('warm', 'hot', 'cold', 'strong', 'cooled', 'brewed', 'infused'))
            || $quantity?->amount->unit?->dimension() === Dimension::Volume;

        return $isLiquid
            && in_array($this->catalogue->get($key)->kind, [Kind::DriedBotanical, Kind::PowderBotanical], true)
            && preg_match('/\btea$|^the\b/', $written) === 1
            && ! in_array($quantity?->amount->unit, [Unit::Teaspoon, Unit::Tablespoon, Unit::MetricTeaspoon,
                Unit::MetricTablespoon], true)
            ? $this->others->oneNamed(
                ["brewed $written", "$written infuse", "$written infusion", "infusion de $written"],
            )
            : null;
    }

    /** "10 hibiscus flowers": who counts them has picked them, most likely. */
    private function freshOf(string $key): ?string
    {
        $material = $this->catalogue->get($key);
        $of = preg_replace('/-dried$/', '', $key);
        $isUncounted = $material->kind === Kind::DriedBotanical && $material->weightOf(Piece::Whole) === null;
        foreach ($isUncounted ? ["$of-fresh", "$of-flowers-fresh", "$of-leaf-fresh"] : [] as $fresh) {
            if ($this->catalogue->has($fresh)) {
                return $fresh;
            }
        }

        return null;
    }

    /** What is in the bag is dry: hibiscus-tea is made of hibiscus-dried. */
    private function inTheBag(string $key): ?string
    {
        $of = preg_replace('/-(?:tea|infusion|decoction)$/', '', $key);
        foreach (["$of-dried", "$of-leaves", "$of-root", "$of-flowers"] as $dry) {
            if ($this->catalogue->has($dry)) {
                return $dry;
            }
        }

        return null;
    }

    private function essentialOil(string $key, string $written): ?string
    {
        return $this->isPlant($key) ? $this->others->scentOf($written) : null;
    }

    private function isPlant(string $key): bool
    {
        return $this->catalogue->get($key)->kind->isOfPlant();
    }

    /** "2 leaves of aloe": what has no leaves itself is meant as the leaf of that name. */
    private function countedAs(string $key, string $written, ?Quantity $quantity): ?string
    {
        $piece = $quantity?->amount->piece;
        if ($piece === null || $piece === Piece::Handful || $piece === Piece::Part
            || $this->catalogue->get($key)->weightOf($piece) !== null) {
            return null;
        }
        $named = $this->catalogue->named("$written $piece->value");

        return $named?->weightOf($piece) === null ? null : $named->key;
    }
}
