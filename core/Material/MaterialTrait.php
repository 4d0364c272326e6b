<?php

declare(strict_types=1);

namespace Ilvane\Core\Material;

/** What a material does that no figure says. Which materials have it: data/traits.csv; a maker's own says it itself. */
enum MaterialTrait: string
{
    /** A gum that clumps where water meets it dry. */
    case LumpsWhenDry = 'lumps_when_dry';

    /** A butter that grows grains when it cools slowly. */
    case TurnsGrainy = 'turns_grainy';

    /** Leaves bits unless it is strained. */
    case Pulpy = 'pulpy';

    /** The flesh of a fruit, which goes in mashed. */
    case FruitFlesh = 'fruit_flesh';

    /** Yellow aloe latex in it, until it is soaked out. */
    case Latex = 'latex';

    /** Thick or sticky, and trusted to hold oil in water, which it doesn't. */
    case MistakenForEmulsifier = 'mistaken_for_emulsifier';

    /** An emulsifier sold balanced in itself: its nominal HLB is no more than a hint. */
    case CompleteEmulsifier = 'complete_emulsifier';

    /** Stays on top of hair that takes in little. */
    case HeavyOnHair = 'heavy_on_hair';

    /** In its hull, and slow to give, until it is cracked. */
    case WholeSeed = 'whole_seed';

    /** Gives off formaldehyde little by little; a label has to say so. */
    case ReleasesFormaldehyde = 'releases_formaldehyde';

    /** An acid polymer that thickens only once an alkali has neutralised it. */
    case WantsNeutralising = 'wants_neutralising';

    /** A salt in water, or what gives one: it thins what charges hold apart. */
    case Electrolyte = 'electrolyte';

    /** Makes acid for days after it went in. */
    case DriftsAcid = 'drifts_acid';

    /** Trusted to hold microbes back, which it doesn't. */
    case MistakenForPreservative = 'mistaken_for_preservative';

    /** Nothing for a home: forbidden, a medicine, or dangerous to dose. */
    case NotForHome = 'not_for_home';

    /** What it is used for dissolves in water and hardly in oil: mucilage, tannins, saponins, water colours. */
    case GivesToWater = 'gives_to_water';

    /** What it gives to oil bears heat and light: pungent resins, fat-soluble colours, fixed oil. */
    case Sturdy = 'sturdy';

    /** A vegetable or herb without acid of its own: wet in oil, the germ of botulism thrives on it. */
    case LowAcid = 'low_acid';

    /** A liquid in which waxes build a weaker gel. */
    case SoftensWaxes = 'softens_waxes';

    /** A fat of cocoa's kind, and one of coconut's: each softens the other. */
    case CocoaLike = 'cocoa_like';

    case CoconutLike = 'coconut_like';

    /** Bought with a preservative in it, dosed for it alone. */
    case PreservesItself = 'preserves_itself';

    /** Makes soap of fatty acids. */
    case Alkali = 'alkali';

    /** Burns skin and eyes at full strength. */
    case Caustic = 'caustic';
}
