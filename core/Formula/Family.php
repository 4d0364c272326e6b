<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

use Ilvane\Core\Material\Phase;

enum Family: string
{
    case HairOil = 'hair_oil';
    case InfusedOil = 'infused_oil';
    case WhippedButter = 'whipped_butter';
    case LeaveInEmulsion = 'leave_in_emulsion';
    case WaterSpray = 'water_spray';
    case Gel = 'gel';
    case FreshMask = 'fresh_mask';
    case FrozenBar = 'frozen_bar';
    case Pomade = 'pomade';

    public function usualUse(): Application
    {
        return $this === self::FreshMask || $this === self::FrozenBar ? Application::RinseOff : Application::LeaveOn;
    }

    /** Water and oil are meant to stay together in it, so it needs an emulsifier. */
    public function isEmulsion(): bool
    {
        return $this === self::LeaveInEmulsion;
    }

    /** Made of fats alone; any water that goes in is a stranger. */
    public function isFatOnly(): bool
    {
        return match ($this) {
            self::HairOil, self::InfusedOil, self::WhippedButter, self::Pomade => true,
            default => false,
        };
    }

    /** Where it usually stands; null where its keeping regime decides. */
    public function usualStorage(): ?Storage
    {
        return match ($this) {
            self::FrozenBar => Storage::Freezer,
            self::FreshMask => Storage::Fridge,
            default => null,
        };
    }

    /** Where a line goes that says nothing of its own. */
    public function usualPhase(): Phase
    {
        return $this->isFatOnly() ? Phase::Oil : Phase::Water;
    }

    /** Holds its shape by its fats: how firm it is in which room decides whether it is any good. */
    public function isSolid(): bool
    {
        return $this === self::WhippedButter || $this === self::Pomade;
    }

    /** Meant to be made little and used at once, without a preservative. */
    public function isUsuallyFresh(): bool
    {
        return $this === self::FreshMask || $this === self::FrozenBar;
    }
}
