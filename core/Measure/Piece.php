<?php

declare(strict_types=1);

namespace Ilvane\Core\Measure;

/** What a maker counts instead of measuring. */
enum Piece: string
{
    case Whole = 'whole';
    case Leaf = 'leaf';
    case Flower = 'flower';
    case Sprig = 'sprig';
    case Thumb = 'thumb';
    case Clove = 'clove';
    case Capsule = 'capsule';
    case Cube = 'cube';
    case Bag = 'bag';
    case Stick = 'stick';
    case Pot = 'pot';
    case Handful = 'handful';
    /** So many shares of the whole: what one weighs depends on the batch. */
    case Part = 'part';

    /** Folded words, English and French. */
    private const WORDS = [
        'whole' => self::Whole,
        'piece' => self::Whole,
        'pieces' => self::Whole,
        'entier' => self::Whole,
        'entiere' => self::Whole,
        'entiers' => self::Whole,
        'leaf' => self::Leaf, 'leaves' => self::Leaf, 'feuille' => self::Leaf, 'feuilles' => self::Leaf,
        'flower' => self::Flower, 'flowers' => self::Flower, 'fleur' => self::Flower, 'fleurs' => self::Flower,
        'sprig' => self::Sprig,
        'sprigs' => self::Sprig,
        'brin' => self::Sprig,
        'brins' => self::Sprig,
        'branche' => self::Sprig,
        'branches' => self::Sprig,
        'thumb' => self::Thumb, 'thumbs' => self::Thumb, 'pouce' => self::Thumb, 'pouces' => self::Thumb,
        'clove' => self::Clove, 'cloves' => self::Clove, 'gousse' => self::Clove, 'gousses' => self::Clove,
        'capsule' => self::Capsule, 'capsules' => self::Capsule, 'gelule' => self::Capsule, 'gelules' => self::Capsule,
        'cube' => self::Cube,
        'cubes' => self::Cube,
        'glacon' => self::Cube,
        'glacons' => self::Cube,
        'bag' => self::Bag, 'bags' => self::Bag, 'sachet' => self::Bag, 'sachets' => self::Bag,
        'teabag' => self::Bag, 'teabags' => self::Bag,
        'pot' => self::Pot, 'pots' => self::Pot,
        'stick' => self::Stick, 'sticks' => self::Stick, 'baton' => self::Stick, 'batons' => self::Stick,
        'handful' => self::Handful, 'handfuls' => self::Handful, 'handsful' => self::Handful,
        'fistful' => self::Handful, 'fistfuls' => self::Handful,
        'poignee' => self::Handful, 'poignees' => self::Handful,
        'part' => self::Part, 'parts' => self::Part, 'share' => self::Part, 'shares' => self::Part,
        'volume' => self::Part, 'volumes' => self::Part, 'measure' => self::Part, 'measures' => self::Part,
        'slot' => self::Cube,
        'slots' => self::Cube,
    ];

    public static function named(string $folded): ?self
    {
        return self::WORDS[$folded] ?? null;
    }
}
