<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Material\Catalogue;

/** "Olive, coconut and castor oil", "huile de ricin, d'olive et de coco": one noun that several names share. */
final readonly class SharedHeads
{
    private const HEADS = [
        'oil', 'oils', 'butter', 'butters', 'hydrosol', 'hydrosols', 'powder', 'powders', 'wax', 'juice', 'clay',
        'clays', 'protein', 'proteins', 'eo', 'eos',
    ];

    private const HEADS_FIRST = [
        'huile', 'huiles', 'beurre', 'beurres', 'hydrolat', 'hydrolats', 'poudre', 'poudres', 'jus', 'cire', 'argile',
        'he',
    ];

    private const BETWEEN = [',', '+', '&', '/', 'and', 'et', 'or', 'ou'];

    private const LEADING = ['de', 'd', "'", '’', 'du', 'des', 'la', 'l'];

    private const MOST_WORDS = 3;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param  list<Item>  $items  found in the stretch, in order
     * @param  list<Token>  $tokens
     * @return list<Item> with those that only the shared noun names, in order
     */
    public function found(array $items, array $tokens): array
    {
        $taken = [];
        foreach ($items as $item) {
            for ($at = $item->at; $at < $item->next; $at++) {
                $taken[$at] = $item;
            }
        }
        $more = [];
        foreach ($items as $item) {
            if ($item->key === null) {
                continue;
            }
            $last = $tokens[$item->next - 1];
            if ($last->is(...self::HEADS)) {
                $essential = ($tokens[$item->next - 2] ?? $last)->is('essential') ? 'essential ' : '';
                array_push($more, ...$this->before($item->at, "$essential$last->folded", $tokens, $taken));
            } elseif ($tokens[$item->at]->is(...self::HEADS_FIRST)) {
                array_push($more, ...$this->behind($item->next, $tokens[$item->at]->folded, $tokens, $taken));
            }
        }
        $items = [...$items, ...$more];
        usort($items, static fn (Item $a, Item $b): int => $a->at <=> $b->at);

        return $items;
    }

    /**
     * @param  list<Token>  $tokens
     * @param  array<int, Item>  $taken
     * @return list<Item>
     */
    private function before(int $at, string $head, array $tokens, array $taken): array
    {
        $found = [];
        while ($at >= 2 && $tokens[$at - 1]->is(...self::BETWEEN)) {
            $to = $at - 1;
            while ($to > 1 && $tokens[$to - 1]->is(...self::BETWEEN)) {
                $to--; // "olive, and castor oil"
            }
            if (isset($taken[$to - 1])) {
                $at = $taken[$to - 1]->at;
                if ($taken[$to - 1]->key === null) {
                    break;
                }

                continue;
            }
            for ($from = $to - 1; $from >= max(0, $to - self::MOST_WORDS) && ! isset($taken[$from])
                && $tokens[$from]->kind === Token::WORD; $from--) {
                $written = Token::written(array_slice($tokens, $from, $to - $from));
                $key = $this->catalogue->named("$written $head")->key
                    ?? $this->catalogue->named("$written ".preg_replace('/s$/', '', $head))?->key;
                if ($key !== null) {
                    $found[] = new Item($from, $to, key: $key);

                    break;
                }
            }
            if ($found === [] || $found[count($found) - 1]->next !== $to) {
                break;
            }
            $at = $found[count($found) - 1]->at;
        }

        return $found;
    }

    /**
     * @param  list<Token>  $tokens
     * @param  array<int, Item>  $taken
     * @return list<Item>
     */
    private function behind(int $at, string $head, array $tokens, array $taken): array
    {
        $found = [];
        $one = preg_replace('/s$/', '', $head);
        while (isset($tokens[$at + 1]) && $tokens[$at]->is(...self::BETWEEN)) {
            $from = $at;
            while (isset($tokens[$from]) && $tokens[$from]->is(...self::BETWEEN, ...self::LEADING)) {
                $from++;
            }
            $next = null;
            for ($to = $from + 1; $to <= min(count($tokens), $from + self::MOST_WORDS); $to++) {
                if (isset($taken[$to - 1]) || $tokens[$to - 1]->kind !== Token::WORD) {
                    break;
                }
                $written = Token::written(array_slice($tokens, $from, $to - $from));
                $key = $this->catalogue->named("$one de $written")->key
                    ?? $this->catalogue->named("$one d $written")?->key;
                if ($key !== null) {
                    $next = new Item($from, $to, key: $key);
                }
            }
            if ($next === null) {
                break;
            }
            $found[] = $next;
            $at = $next->next;
        }

        return $found;
    }
}
