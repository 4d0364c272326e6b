<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Material\Catalogue;

/** What words mean that are no name of the catalogue: a scent by the drop, an oil without "oil", a slip of the pen. */
final class UnknownNames
{
    /** Near misses are looked up for this many names at most, so that a hostile text can't make it slow. */
    private const MAX_LOOKUPS = 300;

    /** Kept in kitchens as themselves too. */
    private const EATEN =
        '/^(?:almonds?|amandes?|wheat germ|germe de ble|walnuts?|noix|hazelnuts?|noisettes?|olives?|sesame'
        .'|pumpkin|courge'
        .'|apricots?|abricots?|mustard|moutarde|grapes?|oats?|hemp|chanvre|peanuts?|raspberr(?:y|ies)|cranberry'
        .'|plum|prune|peach|cherry|vanilla|vanille|cinnamon|cannelle|nutmeg|muscade)$/';

    private int $lookups = 0;

    public function __construct(private readonly Catalogue $catalogue, private readonly NameIndex $names)
    {
    }

    /**
     * @return array{string|null, list<string>, float} key, candidates, confidence
     */
    public function meant(string $written, ?Quantity $quantity): array
    {
        $meant = array_column($this->catalogue->meantBy($written), 'key');
        if ($meant !== []) {
            return [null, $meant, Sureness::ONLY_A_NAME];
        }
        if ($quantity?->isDrops() === true) {
            $oil = $this->scentOf($written) ?? $this->scentOf("sweet $written");
            if ($oil !== null) {
                return [$oil, [], Sureness::KIND_UNSAID];
            }
        }
        $scent = preg_replace('/ (?:eo|e o)$|^(?:he|h e) (?:de |d )?/', '', $written) ?? $written;
        if ($scent !== $written) {
            $oil = $this->scentOf($scent);
            $kinds = $this->kindsUnsaid($written) ?: $this->kindsUnsaid("$scent essential oil");
            if ($oil !== null) {
                return [$oil, array_values(array_diff($kinds, [$oil])), $kinds === []
                    ? Sureness::EXACT : Sureness::KIND_UNSAID];
            }
        }
        if (preg_match('/citron|lemon|lime|orange/', $written) === 1
            && preg_match('/squeeze|filet|trait|juice|jus/', $quantity->amount->entered ?? '') === 1) {
            $juice = $this->oneNamed(["$written juice", "jus de $written", "jus d $written"]);
            if ($juice !== null) {
                return [$juice, [], Sureness::EXACT];
            }
        }
        $kinds = $this->catalogue->kindsUnsaid($written);
        if ($kinds !== []) {
            return [$kinds[0], array_slice($kinds, 1), Sureness::KIND_UNSAID];
        }
        if ($quantity === null || $quantity->amount->piece === null) {
            $oil = $this->oneNamed(["$written oil", "huile de $written", "huile d $written"]);
            if ($oil !== null && $this->isOnly($oil, $written)) {
                $isEaten = preg_match(self::EATEN, $written) === 1;

                return [$oil, [], $isEaten ? Sureness::KIND_UNSAID : Sureness::EXACT];
            }
        }
        $near = $this->near($written);
        $isOne = $near !== []
            && $near[0][1] <= NameIndex::tolerance($written)
            && (! isset($near[1]) || $near[1][1] > $near[0][1])
            && self::isSlip($written, $near[0][2]);
        $candidates = array_column($near, 0);

        return [
            $isOne ? array_shift($candidates) : null,
            $candidates,
            $isOne ? Sureness::A_SLIP_AWAY : Sureness::ONLY_A_NAME,
        ];
    }

    /** The essential oil, or the absolute, of what is named. */
    public function scentOf(string $written): ?string
    {
        return $this->oneNamed([
            "$written essential oil", "huile essentielle de $written", "huile essentielle d $written",
            "$written absolute", "absolue de $written",
        ]);
    }

    /** @return list<string> */
    public function kindsUnsaid(string $written): array
    {
        $written = preg_replace('/\b(oil|butter)s$/', '$1', $written) ?? $written;
        $plain = preg_replace('/ (?:eo|essential oil)$|^(?:he|huile essentielle) (?:de |d )?/', '', $written)
            ?? $written;
        $kinds = $this->catalogue->kindsUnsaid($written);

        return $kinds !== [] || $plain === $written ? $kinds : array_values(array_filter(
            $this->catalogue->kindsUnsaid($plain),
            static fn (string $key): bool => str_contains($key, 'essential-oil'),
        ));
    }

    /** @param  list<string>  $names */
    public function oneNamed(array $names): ?string
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
            if ($found->key !== $key && $found->kind->isOfPlant()) {
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
    public function near(string $written): array
    {
        return $this->lookups++ < self::MAX_LOOKUPS ? $this->names->near($written) : [];
    }
}
