<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety;

enum TermKind: string
{
    case Percent = 'percent';
    case PercentBand = 'percent_band';
    case Grams = 'grams';
    case Celsius = 'celsius';
    case Number = 'number';
    case Days = 'days';
    case Ingredient = 'ingredient';
    case Ingredients = 'ingredients';
    case Text = 'text';
    case Word = 'word';
    case Container = 'container';
    case Vessel = 'vessel';
    case ContainerNote = 'container_note';
    case CatalogueNote = 'catalogue_note';
}
