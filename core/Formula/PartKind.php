<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

/** What is made first and then used in the lines. Its usual straining, life and carrier: data/parts.csv. */
enum PartKind: string
{
    case Tea = 'tea';
    case Decoction = 'decoction';
    case ColdSoak = 'cold_soak';
    case Gel = 'gel';
    case Juice = 'juice';
    case Puree = 'puree';
    case Milk = 'milk';
    case InfusedOil = 'infused_oil';
    case CookedOutOil = 'cooked_out_oil';
    case MeltedBase = 'melted_base';
    case Mix = 'mix';
}
