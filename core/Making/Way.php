<?php

declare(strict_types=1);

namespace Ilvane\Core\Making;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Phase;

/** In which way a product is made: by its kind, and by what is really in it. Common practice. */
enum Way: string
{
    case BlendedOil = 'blended_oil';
    case Butter = 'butter';
    case Pomade = 'pomade';
    case Emulsion = 'emulsion';
    case ShakenSpray = 'shaken_spray';
    case Clear = 'clear';
    case FreshMask = 'fresh_mask';
    case FrozenBar = 'frozen_bar';
    case BoughtBase = 'bought_base';

    /** A base of which this share or more is the batch is dressed, not made. */
    private const MOSTLY_BASE = 0.5;

    public static function of(Formula $formula, Composition $composition): self
    {
        $holdsOilInWater = self::isEmulsified($composition);

        return match (true) {
            self::isMostlyBase($composition) => self::BoughtBase,
            $formula->family === Family::FreshMask => self::FreshMask,
            $formula->family === Family::FrozenBar => self::FrozenBar,
            $formula->family === Family::Pomade => self::Pomade,
            $formula->family === Family::WhippedButter => self::Butter,
            $composition->inPhase(Phase::Oil) === [] => self::Clear,
            $composition->inPhase(Phase::Water) === [] => self::BlendedOil,
            $holdsOilInWater, $formula->family->isEmulsion(), $formula->family === Family::Gel => self::Emulsion,
            default => self::ShakenSpray,
        };
    }

    /** Water, fat and something that holds them together. */
    public static function isEmulsified(Composition $composition): bool
    {
        return $composition->inPhase(Phase::Water) !== []
            && $composition->inPhase(Phase::Oil) !== []
            && $composition->ofKind(Kind::Emulsifier, Kind::Solubiliser) !== [];
    }

    private static function isMostlyBase(Composition $composition): bool
    {
        $share = 0.0;
        foreach ($composition->ofKind(Kind::BoughtBase) as $line) {
            $share += $line->part();
        }

        return $share >= self::MOSTLY_BASE;
    }
}
