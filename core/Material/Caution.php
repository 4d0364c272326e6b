<?php

declare(strict_types=1);

namespace Ilvane\Core\Material;

enum Caution: string
{
    case Irritant = 'irritant';
    case Phototoxic = 'phototoxic';
    case Sensitiser = 'sensitiser';
    case AvoidPregnancy = 'avoid_pregnancy';
    case AvoidUnder3 = 'avoid_under_3';
    case AvoidUnder6 = 'avoid_under_6';
    case RespiratoryChild = 'respiratory_child';
    case EyeHazard = 'eye_hazard';
    case Stains = 'stains';
    case DrugClaimMagnet = 'drug_claim_magnet';
    case MouldRisk = 'mould_risk';
    case ContainsWater = 'contains_water';
    case DustMask = 'dust_mask';
}
