<?php

declare(strict_types=1);

namespace Ilvane\Core\Simulation;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Material\Vessel;
use Ilvane\Core\Physics\Heat\Atmosphere;
use Ilvane\Core\Process\Conditions;
use Ilvane\Core\Process\Cooling;
use Ilvane\Core\Process\PourOrder;

/** Where and in what it is made. What the formula does not say is chosen as makers do. */
final readonly class Kitchen
{
    /** Water from the tap in a basin, and with ice in it. Common practice. */
    private const COLD_BATH_C = 15.0;

    private const ICE_BATH_C = 1.0;

    /** A vessel to stir in holds this many times what is in it. */
    private const ROOM_TO_STIR = 1.3;

    /** The vessels tried in order, what is at hand in most kitchens first. */
    private const USUAL = ['canning-jar-250', 'glass-jug-500', 'steel-pan-1000', 'steel-bowl-1500', 'slow-cooker-1500'];

    private const USUAL_TO_FREEZE = ['ice-cube-tray-15', 'muffin-mould-6'];

    private const USUAL_TO_WHIP = ['steel-bowl-500', 'steel-bowl-1500'];

    /**
     * @param  array<string, float>  $own  how much faster than usual vessels cool, by "vessel/how", or steam, by
     *   "vessel/steam"
     */
    private function __construct(
        public float $room,
        public float $altitude,
        public float $bath,
        public bool $isCovered,
        public Cooling $cool,
        public PourOrder $pour,
        public Vessel $water,
        public Vessel $oil,
        private array $own,
    ) {
    }

    /**
     * @param  array<string, float>  $own  how much faster than usual vessels cool, by "vessel/how", or steam, by
     *   "vessel/steam"
     */
    public static function of(Formula $formula, Composition $composition, Catalogue $catalogue, array $own = []): self
    {
        $said = $formula->process->conditions;
        $vessels = $catalogue->vessels();
        $pour = $said->pour();
        $density = $composition->density() ?? 1.0;
        $ml = static fn (Phase $phase): float => $composition->gramsOf($phase)->likely / $density;
        $all = $ml(Phase::Water) + $ml(Phase::Oil) + $ml(Phase::Cooldown);
        [$toHoldWater, $toHoldOil] = match ($formula->family) {
            Family::WhippedButter => [self::USUAL, self::USUAL_TO_WHIP],
            Family::FrozenBar => [self::USUAL_TO_FREEZE, self::USUAL],
            default => [self::USUAL, self::USUAL],
        };

        return new self(
            $said->room(),
            $said->altitude(),
            min($said->bath(), Atmosphere::boils($said->altitude())),
            $said->isCovered(),
            $said->cool(),
            $pour,
            $vessels[$said->waterVessel ?? ''] ?? self::smallest(
                $vessels,
                $pour === PourOrder::OilIntoWater ? $all : $ml(Phase::Water),
                $toHoldWater,
            ),
            $vessels[$said->oilVessel ?? ''] ?? self::smallest(
                $vessels,
                $pour === PourOrder::OilIntoWater && $composition->inPhase(Phase::Water) !== []
                    ? $ml(Phase::Oil)
                    : $all,
                $toHoldOil,
            ),
            $own,
        );
    }

    /** °C of what it is cooled in. */
    public function coolsIn(Cooling $how): float
    {
        return match ($how) {
            Cooling::Counter => $this->room,
            Cooling::ColdBath => min($this->room, self::COLD_BATH_C),
            Cooling::IceBath => self::ICE_BATH_C,
            Cooling::Fridge => Conditions::FRIDGE_C,
            Cooling::Freezer => Conditions::FREEZER_C,
        };
    }

    /** W/K through a vessel cooled so, as it usually is or as this maker's has shown. */
    public function flow(Vessel $vessel, Cooling $how): float
    {
        $isBath = $how === Cooling::ColdBath || $how === Cooling::IceBath;

        return ($isBath ? $vessel->coldBath : $vessel->air) * ($this->own[self::key($vessel, $how)] ?? 1.0);
    }

    /** How much more than usual steams off this maker's vessel. */
    public function steams(Vessel $vessel): float
    {
        return $this->own[self::steamKey($vessel)] ?? 1.0;
    }

    public static function steamKey(Vessel $vessel): string
    {
        return "$vessel->key/steam";
    }

    public static function key(Vessel $vessel, Cooling $how): string
    {
        return "$vessel->key/$how->value";
    }

    /**
     * @param  array<string, Vessel>  $vessels
     * @param  non-empty-list<string>  $usual
     */
    private static function smallest(array $vessels, float $ml, array $usual): Vessel
    {
        foreach ($usual as $key) {
            if (isset($vessels[$key]) && $vessels[$key]->volumeMl >= self::ROOM_TO_STIR * $ml) {
                return $vessels[$key];
            }
        }

        return $vessels[$usual[count($usual) - 1]];
    }
}
