<?php

declare(strict_types=1);

namespace Ilvane\Core\Material;

/** Food-type and contact allergens an ingredient comes from. Not the fragrance allergens of the label rules. */
enum Allergen: string
{
    case TreeNut = 'tree_nut';
    case Peanut = 'peanut';
    case Sesame = 'sesame';
    case Soy = 'soy';
    case Gluten = 'gluten';
    case Milk = 'milk';
    case Coconut = 'coconut';
    case Bee = 'bee';
    case LatexPlant = 'latex_plant';
    case Mustard = 'mustard';
    case Legume = 'legume';
    case Asteraceae = 'asteraceae';
    case StoneFruit = 'stone_fruit';
    case Silk = 'silk';
    case Fish = 'fish';
    case Egg = 'egg';
}
