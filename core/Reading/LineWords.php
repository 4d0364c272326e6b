<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

/** Words of a recipe line that are neither an amount nor a name. Folded, English and French. */
final class LineWords
{
    /** Beside a name these make another thing of it: coconut milk powder is no coconut milk. */
    public const CHANGES = [
        'powder', 'powdered', 'poudre', 'extract', 'extrait', 'milk', 'lait', 'butter', 'beurre', 'oil', 'huile',
        'essential', 'essentielle', 'infused', 'infuse', 'infusee', 'water', 'eau', 'juice', 'jus', 'gel', 'tea',
        'hydrosol', 'hydrolat', 'acid', 'acide', 'wax', 'cire', 'protein', 'gum',
        'gomme', 'fresh', 'dried', 'peel', 'vinegar', 'sulfate', 'chloride', 'methosulfate', 'hydroxide', 'oxide',
        'glycol', 'ester', 'starch', 'syrup', 'puree', 'paste', 'pulp',
        'pulpe', 'sirop', 'amidon', 'farine', 'sucre', 'creme', 'vinaigre', 'tisane', 'infusion', 'decoction',
        'macerat', 'teinture', 'tincture',
        'soap', 'savon', 'sel', 'salt', 'clay', 'argile', 'flour', 'sugar', 'cream',
    ];

    /** Say which kind of a thing it is, and name nothing. */
    public const KINDS = [
        'refined', 'unrefined', 'raffine', 'brut', 'brute', 'oleic', 'oleique', 'high', 'virgin', 'vierge',
        'optional', 'facultatif',
        'sifted', 'tamise', 'max', 'maximum', 'total', 'divided', 'separately', 'extra', 'more', 'peeled', 'filleted',
        'mixed', 'pastilles', 'pellets', 'beads', 'chips', 'granules', 'nibs', 'full', 'fat', 'low', 'reduced',
        'unsweetened', 'unflavoured', 'unflavored', 'unscented', 'pressed', 'certified', 'fair', 'trade', 'grass',
        'fed',
    ];

    /** Another part of the plant than what is pressed or brewed of it. */
    public const PLANT_PARTS = [
        'leaf', 'leaves', 'flower', 'flowers', 'petal', 'petals', 'blossom', 'blossoms', 'bark', 'root', 'roots',
        'seed', 'seeds', 'peel',
        'husk', 'husks', 'stem', 'stems', 'feuille', 'feuilles', 'fleur', 'fleurs', 'ecorce', 'racine', 'graines',
        'flakes', 'bar', 'bars',
        'noodles', 'flocons', 'paillettes', 'berries', 'baies', 'pods', 'needles',
    ];

    /** Words that name nothing: taken off a name that was not found. */
    public const FILLERS = [
        'of', 'the', 'a', 'an', 'your', 'my', 'good', 'quality', 'organic', 'bio', 'pure', 'pur', 'natural', 'de', 'd',
        'du', 'des', 'la', 'le', 'les', 'l', 'au', 'en', 'some', 'about', 'optional', 'melted', 'softened', 'warm',
        'hot', 'cold', 'then', 'add', 'and', 'et', 'plus', 'with', 'avec', 'ajoutez', 'ajouter', 'mix', 'in', 'into',
        'to', 'use', 'take', 'we', 'i', 'need', 'you', 'heaped', 'level', 'bombee', 'rase', 'puis', 'mettre', 'mettez',
        'verser', 'versez', 'prenez', 'stir', 'whisk', 'blend', 'pour', 'dans', 'approximately', 'around', 'or', 'ou',
        'grated', 'chopped', 'crushed', 'finely',
    ];

    public const HEATING = [
        'heat', 'warm', 'melt', 'bath', 'chauffer', 'chauffez', 'chauffe', 'bain', 'fondre', 'phases', 'simmer', 'both',
        'hold', 'parts', 'parties', 'oven',
    ];

    public const COOLING = [
        'cool', 'cools', 'cooled', 'below', 'under', 'refroidir', 'refroidi', 'tiede', 'sous', 'moins', 'once', 'when',
        'dessous',
    ];
}
