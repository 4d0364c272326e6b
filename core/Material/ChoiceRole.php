<?php

declare(strict_types=1);

namespace Ilvane\Core\Material;

/**
 * What a suggestion, a count or a question takes where the maker named nothing: data/choices.csv, the first choice
 * first.
 */
enum ChoiceRole: string
{
    case Water = 'water';
    case Emulsifier = 'emulsifier';
    case GentleGum = 'gentle_gum';
    case Preservative = 'preservative';
    case PreservativeSprayed = 'preservative_sprayed';
    case Acid = 'acid';
    case Solubiliser = 'solubiliser';
    case Antioxidant = 'antioxidant';
    case FirmButter = 'firm_butter';
    case SoftOil = 'soft_oil';
    case InfusingPlant = 'infusing_plant';
    case InfusingOil = 'infusing_oil';
}
