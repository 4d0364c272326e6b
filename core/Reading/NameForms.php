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
final class NameForms
{
    /** Near misses are looked up for this many names at most, so that a hostile text can't make it slow. */
    private const MAX_LOOKUPS = 300;

    private const EXACT = 1.0;

    private const KIND_UNSAID = 0.8;

    /** A plant by the drop: its essential oil, most likely. */
    private const BY_THE_DROP = 0.8;

    private const A_SLIP_AWAY = 0.75;

    private const BESIDE_A_WORD_THAT_CHANGES_IT = 0.6;

    private const ONLY_A_NAME = 0.3;

    private const PLANTS = [
        Kind::DriedBotanical, Kind::FreshBotanical, Kind::PowderBotanical, Kind::HydrosolOrTea, Kind::PlantJuiceOrGel,
    ];

    /** Kept in kitchens as themselves too. */
    private const EATEN =
        '/^(?:almonds?|amandes?|wheat germ|germe de ble|walnuts?|noix|hazelnuts?|noisettes?|olives?|sesame'
        .'|pumpkin|courge'
        .'|apricots?|abricots?|mustard|moutarde|grapes?|oats?|hemp|chanvre|peanuts?|raspberr(?:y|ies)|cranberry'
        .'|plum|prune|peach|cherry)$/';

    private const STATES = [
        'fresh' => 'fresh', 'freshly' => 'fresh', 'frais' => 'fresh', 'fraiche' => 'fresh', 'fraiches' => 'fresh',
        'dried' => 'dried', 'dry' => 'dried', 'seche' => 'dried', 'sechee' => 'dried', 'seches' => 'dried',
        'sechees' => 'dried', 'sec' => 'dried', 'secs' => 'dried',
        'powder' => 'powder', 'powdered' => 'powder', 'ground' => 'powder', 'poudre' => 'powder', 'moulu' => 'powder',
        'moulue' => 'powder', 'moulus' => 'powder', 'moulues' => 'powder',
    ];

    private int $lookups = 0;

    public function __construct(private readonly Catalogue $catalogue, private readonly NameIndex $names)
    {
    }

    /**
     * What a name of the catalogue means where it stands.
     *
     * @param  list<Token>  $tokens
     */
    public function of(Item $item, array $tokens, ?Quantity $quantity): Meant
    {
        $key = $item->key ?? '';
        $written = self::written($tokens, $item->at, $item->next);
        $counted = $this->countedAs($key, $written, $quantity);
        if ($counted !== null) {
            return new Meant($counted, [], self::EXACT, $item->at, $item->next);
        }
        $isPlant = in_array($this->catalogue->get($key)->kind, self::PLANTS, true);
        $changed = $this->changed($item, $tokens, $quantity, $isPlant);
        if ($changed !== null) {
            [$from, $next] = $changed;
            $same = $this->isSameStill($key, $item, $tokens, $next);
            if ($same !== null) {
                return new Meant($key, [], $same, $item->at, max($item->next, $next));
            }

            return $this->another(self::written($tokens, $from, $next), $key, $from, $next);
        }
        $state = $this->inState($item, $tokens, $key, $written);
        if ($state !== null) {
            return $state;
        }
        if ($quantity?->amount->unit === Unit::Drop) {
            $oil = $this->essentialOil($key, self::written($tokens, $item->at, $item->next + 1))
                ?? $this->essentialOil($key, $written);
            if ($oil !== null) {
                return new Meant($oil, [$key], self::BY_THE_DROP, $item->at, $item->next);
            }
        }
        if ($quantity?->amount->piece === Piece::Bag && $this->catalogue->get($key)->kind === Kind::HydrosolOrTea) {
            return new Meant(null, [$key], self::ONLY_A_NAME, $item->at, $item->next); // what is in the bag is dry
        }
        $brewed = $this->brewed($item, $tokens, $key, $written, $quantity);
        if ($brewed !== null) {
            return new Meant($brewed, [$key], self::EXACT, $item->at, $item->next);
        }
        $part = $tokens[$item->next] ?? null;
        if ($part !== null && $part->is('root', 'roots', 'seed', 'seeds', 'bark', 'racine', 'graines', 'ecorce')) {
            return new Meant(null, [$key], self::ONLY_A_NAME, $item->at, $item->next + 1);
        }
        if ($quantity?->amount->unit === Unit::Drop && $isPlant) {
            return new Meant($key, [], self::BESIDE_A_WORD_THAT_CHANGES_IT, $item->at, $item->next);
        }
        $kinds = $this->kindsUnsaid($written);
        if ($kinds === []) {
            return new Meant($key, [], self::EXACT, $item->at, $item->next);
        }
        $said = $this->saidKind($kinds, $item, $tokens);

        return $said !== null
            ? new Meant($said[0], [], self::EXACT, $item->at, $said[1])
            : new Meant(
                in_array($key, $kinds, true) ? $key : $kinds[0],
                array_values(array_diff($kinds, [in_array($key, $kinds, true) ? $key : $kinds[0]])),
                self::KIND_UNSAID,
                $item->at,
                $item->next,
            );
    }

    /**
     * What words mean that name nothing in the catalogue.
     *
     * @return array{string|null, list<string>, float} key, candidates, confidence
     */
    public function unknown(string $written, ?Quantity $quantity): array
    {
        $meant = array_column($this->catalogue->meantBy($written), 'key');
        if ($meant !== []) {
            return [null, $meant, self::ONLY_A_NAME];
        }
        if ($quantity?->amount->unit === Unit::Drop
            || preg_match('/\bdrops$|\bgouttes$/', $quantity->amount->entered ?? '') === 1) {
            $oil = $this->oneNamed(["$written essential oil", "huile essentielle de $written",
                "huile essentielle d $written", "$written absolute", "absolue de $written"]);
            if ($oil !== null) {
                return [$oil, [], self::BY_THE_DROP];
            }
        }
        $scent = preg_replace('/ (?:eo|e o)$|^(?:he|h e) (?:de |d )?/', '', $written) ?? $written;
        if ($scent !== $written) {
            $oil = $this->oneNamed(["$scent essential oil", "huile essentielle de $scent",
                "huile essentielle d $scent"]);
            $kinds = $this->kindsUnsaid($written) ?: $this->kindsUnsaid("$scent essential oil");
            if ($oil !== null) {
                return [$oil, array_values(array_diff($kinds, [$oil])), $kinds === []
                    ? self::EXACT : self::KIND_UNSAID];
            }
        }
        if (preg_match('/citron|lemon|lime|orange/', $written) === 1
            && preg_match('/squeeze|filet|trait|juice|jus/', $quantity->amount->entered ?? '') === 1) {
            $juice = $this->oneNamed(["$written juice", "jus de $written", "jus d $written"]);
            if ($juice !== null) {
                return [$juice, [], self::EXACT];
            }
        }
        $kinds = $this->catalogue->kindsUnsaid($written);
        if ($kinds !== []) {
            return [$kinds[0], array_slice($kinds, 1), self::KIND_UNSAID];
        }
        if ($quantity === null || $quantity->amount->piece === null) {
            $oil = $this->oneNamed(["$written oil", "huile de $written", "huile d $written"]);
            if ($oil !== null && $this->isOnly($oil, $written)) {
                $isEaten = preg_match(self::EATEN, $written) === 1;

                return [$oil, [], $isEaten ? self::KIND_UNSAID : self::EXACT];
            }
        }
        $near = $this->near($written);
        $isOne = $near !== []
            && $near[0][1] <= NameIndex::tolerance($written)
            && (! isset($near[1]) || $near[1][1] > $near[0][1])
            && self::isSlip($written, $near[0][2]);
        $candidates = array_column($near, 0);

        return [
            $isOne ? array_shift($candidates) : null, $candidates, $isOne ? self::A_SLIP_AWAY : self::ONLY_A_NAME,
        ];
    }

    /** @param  list<Token>  $tokens */
    private static function written(array $tokens, int $at, int $next): string
    {
        return implode(' ', array_map(
            static fn (Token $token): string => $token->folded,
            array_filter(
                array_slice($tokens, $at, $next - $at),
                static fn (Token $token): bool => $token->kind !== Token::MARK,
            ),
        ));
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
            array_diff($after, $own) === [] => self::EXACT,
            $kind->isLipid() && array_diff($after, [...$own, 'butter', 'oil', 'beurre',
                'huile']) === [] => self::BESIDE_A_WORD_THAT_CHANGES_IT,
            default => null,
        };
    }

    private function another(string $written, string $besides, int $at, int $next): Meant
    {
        $exact = $this->catalogue->named($written);
        if ($exact !== null) {
            return new Meant($exact->key, [], self::EXACT, $at, $next);
        }
        $near = array_column($this->near($written), 0);
        $found = array_column($this->catalogue->search($written, 3), 'key');
        $candidates = array_slice(array_values(array_unique([...$near, ...$found, $besides])), 0, 4);

        return new Meant(null, $candidates, self::ONLY_A_NAME, $at, $next);
    }

    /**
     * "rosemary, dried", "romarin frais": the same plant in the state that is told.
     *
     * @param  list<Token>  $tokens
     */
    private function inState(Item $item, array $tokens, string $key, string $written): ?Meant
    {
        if (! in_array($this->catalogue->get($key)->kind, self::PLANTS, true)) {
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
        $state = $after ?? $before;
        if ($state === null || str_ends_with($key, "-$state")) {
            return null;
        }
        $base = preg_replace('/-(?:fresh|dried|powder|buds|seeds?|leaves|flowers?-(?:fresh|dried)'
            .'|root(?:-fresh)?)$/', '', $key);
        $found = $this->catalogue->named("$state $written") ?? $this->catalogue->named("$written $state");
        foreach (["$base-$state", "$base-root-$state", "$base-flower-$state", "$base-flowers-$state",
            "$base-leaf-$state",
            "$base-leaves-$state"] as $one) {
            $found ??= $this->catalogue->has($one) ? $this->catalogue->get($one) : null;
        }
        $next = $after === null ? $item->next : $item->next + $mark + 1;
        $at = $after === null ? $at : $item->at;
        if ($found === null) {
            $kind = $this->catalogue->get($key)->kind;
            $isOther = match ($state) {
                'powder' => in_array($kind, [Kind::DriedBotanical, Kind::FreshBotanical], true),
                'fresh' => in_array($kind, [Kind::DriedBotanical, Kind::PowderBotanical], true),
                default => in_array($kind, [Kind::FreshBotanical, Kind::PowderBotanical], true),
            };

            return $isOther ? new Meant(null, [$key], self::ONLY_A_NAME, $at, $next) : null;
        }

        return new Meant($found->key, [], self::EXACT, $at, $next);
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
        $words = [
            'refined' => 'refined', 'raffine' => 'refined', 'deodorised' => 'refined', 'unrefined' => 'unrefined',
            'raw' => 'unrefined', 'brut' => 'unrefined', 'unrefinedshea' => 'unrefined', 'oleic' => 'high-oleic',
            'oleique' => 'high-oleic', 'powder' => 'powder', 'poudre' => 'powder', 'liquid' => 'liquid',
            'liquide' => 'liquid', 'bought' => 'bought', 'store' => 'bought', 'shop' => 'bought',
            'commerce' => 'bought',
            'fresh' => 'fresh', 'frais' => 'fresh', 'leaf' => 'fresh', 'jus' => 'juice', 'juice' => 'juice',
            'fcf' => 'fcf', 'eo' => 'essential-oil', 'buds' => 'buds', 'whole' => 'buds', 'entiers' => 'buds',
            'atlas' => 'atlas', 'virginia' => 'virginia',
        ];
        foreach ([...range($item->next, $item->next + 5), $item->at - 1] as $at) {
            if (! isset($tokens[$at]) || ($at >= $item->next && $tokens[$at]->kind === Token::NUMBER)) {
                if ($at >= $item->next) {
                    continue;
                }

                break;
            }
            $ending = $words[$tokens[$at]->folded] ?? null;
            foreach ($ending === null ? [] : $kinds as $kind) {
                if (str_ends_with($kind, "-$ending")) {
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
            ? $this->oneNamed(["brewed $written", "$written infuse", "$written infusion", "infusion de $written"])
            : null;
    }

    private function essentialOil(string $key, string $written): ?string
    {
        return in_array($this->catalogue->get($key)->kind, self::PLANTS, true)
            ? $this->oneNamed(["$written essential oil", "huile essentielle de $written",
                "huile essentielle d $written"])
            : null;
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

    /** @return list<string> */
    private function kindsUnsaid(string $written): array
    {
        $plain = preg_replace('/ (?:eo|essential oil)$|^(?:he|huile essentielle) (?:de |d )?/', '', $written)
            ?? $written;
        $kinds = $this->catalogue->kindsUnsaid($written);

        return $kinds !== [] || $plain === $written ? $kinds : array_values(array_filter(
            $this->catalogue->kindsUnsaid($plain),
            static fn (string $key): bool => str_contains($key, 'essential-oil'),
        ));
    }

    /** @param  list<string>  $names */
    private function oneNamed(array $names): ?string
    {
        foreach ($names as $name) {
            $found = $this->catalogue->named($name);
            if ($found !== null) {
                return $found->key;
            }
        }

        return null;
    }

    /** Whether nothing else of the catalogue is called by these words. */
    private function isOnly(string $key, string $written): bool
    {
        if ($this->lookups++ >= self::MAX_LOOKUPS) {
            return false;
        }
        foreach ($this->catalogue->search($written, 4) as $found) {
            if ($found->key !== $key && in_array($found->kind, self::PLANTS, true)) {
                return false;
            }
        }

        return true;
    }

    /** Whether it is the same words, each with at most a slip or two. */
    private static function isSlip(string $written, string $name): bool
    {
        $words = explode(' ', $written);
        $of = explode(' ', $name);
        if (count($words) !== count($of)) {
            return true; // a space too many, or too few: told by the whole
        }
        foreach ($words as $i => $word) {
            if (levenshtein(NameIndex::stem($word), $of[$i]) > (strlen($word) >= 9 ? 2 : 1)) {
                return false;
            }
        }

        return true;
    }

    /** @return list<array{string, int, string}> */
    private function near(string $written): array
    {
        return $this->lookups++ < self::MAX_LOOKUPS ? $this->names->near($written) : [];
    }
}
