<?php

declare(strict_types=1);

namespace App\Learn;

use App\Ground\Wording;
use Ilvane\Core\Infusion\CookOut;
use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Microbiology\BoughtBase;
use Ilvane\Core\Microbiology\Preservation;
use Ilvane\Core\Physics\Emulsion\Emulsion;
use Ilvane\Core\Physics\Emulsion\Hlb;
use Ilvane\Core\Physics\Heat\Atmosphere;
use Ilvane\Core\Physics\Heat\CoolDown;
use Ilvane\Core\Physics\Heat\PhaseHeat;
use Ilvane\Core\Physics\Texture\SolidFat;
use Ilvane\Core\Safety\Infusion\WetPlantInHotOil;
use Ilvane\Core\Safety\Rules\AcidityRange;
use Ilvane\Core\Safety\Rules\ButterTexture;
use Ilvane\Core\Safety\Rules\DoseWide;
use Ilvane\Core\Safety\Rules\HumectantHigh;
use Ilvane\Core\Safety\Rules\InnerPhaseHigh;
use Ilvane\Core\Safety\Rules\NoEmulsifier;
use Ilvane\Core\Safety\Rules\PowderHigh;
use Ilvane\Core\Safety\Rules\SafetyNotes;
use Ilvane\Core\Safety\Rules\Unweighable;
use Ilvane\Core\Scent\Declaration;
use Ilvane\Core\Scent\Scent;
use Ilvane\Core\Simulation\Simulator;
use Ilvane\Core\Simulation\Warnings;

/** The numbers of the handbook's sentences: the very constants the checks go by. */
final readonly class Figures
{
    public function __construct(private Wording $wording, private Catalogue $catalogue)
    {
    }

    /** @return array<string, string> placeholder => worded figure */
    public function all(): array
    {
        $percent = $this->wording->percent(...);
        $celsius = $this->wording->celsius(...);
        $number = $this->wording->number(...);

        return [
            'water' => $percent(100 * Preservation::NEGLIGIBLE_WATER),
            'base_added' => $percent(100 * BoughtBase::ADDED),
            'base_feeding' => $percent(100 * BoughtBase::FEEDING),
            'base_oil' => $percent(100 * BoughtBase::OIL),
            'ph_extreme_low' => $number(AcidityRange::EXTREME[0]),
            'ph_extreme_high' => $number(AcidityRange::EXTREME[1]),
            'ph_low' => $number(AcidityRange::LEAVE_ON[0]),
            'ph_high' => $number(AcidityRange::LEAVE_ON[1]),
            'ph_rinse_low' => $number(AcidityRange::RINSE_OFF[0]),
            'ph_rinse_high' => $number(AcidityRange::RINSE_OFF[1]),
            'ph_aim' => $number(AcidityRange::AIM),
            'water_second' => $percent(NoEmulsifier::WATER_PERCENT),
            'fat_second' => $percent(NoEmulsifier::FAT_PERCENT),
            'loads' => $this->loads(),
            'others' => $percent(100 * Emulsion::USUAL_LOAD),
            'parts' => $percent(100 * Emulsion::PARTS_BELOW),
            'hlb_good' => $number(Hlb::GOOD),
            'hlb_mind' => $number(Hlb::MIND),
            'packing' => $percent(100 * InnerPhaseHigh::CLOSE_PACKING),
            'humectants' => $percent(HumectantHigh::TOGETHER_PERCENT),
            'above' => $celsius(PhaseHeat::ABOVE_MELTING_C),
            'usual' => $celsius(PhaseHeat::USUAL_C),
            'gate' => $celsius(CoolDown::USUAL_C),
            'metres' => $number(round(1000 / (Atmosphere::boils(0) - Atmosphere::boils(1000)), -1)).' m',
            'within' => $celsius(PhaseHeat::EQUAL_WITHIN_C),
            'whips' => $percent(Simulator::WHIPS_AT),
            'crumbles' => $percent(Warnings::TOO_HARD_TO_WHIP),
            'hot' => $celsius(SafetyNotes::HOT_C),
            'spatter' => $celsius(WetPlantInHotOil::NEVER_ABOVE_C),
            'firm' => $percent(SolidFat::FEEL['firm']),
            'soft' => $percent(SolidFat::FEEL['very_soft']),
            'slump_share' => $percent(SolidFat::SLUMPS_AT),
            'summer' => $celsius(ButterTexture::SUMMER_C),
            'longest' => $this->wording->days(Infusion::LONGEST_DAYS),
            'wet_days' => $this->wording->days(CookOut::WET_DAYS),
            'powder' => $percent(PowderHigh::MOST),
            'adult' => $percent(Scent::ADULT_PLENTY),
            'adult_most' => $percent(Scent::ADULT_MOST),
            'pregnant' => $percent(Scent::PREGNANT_MOST),
            'six' => $percent(Scent::CHILD_6_TO_11_MOST),
            'three' => $percent(Scent::CHILD_3_TO_5_MOST),
            'phototoxic' => $this->phototoxicLimits(),
            'declare' => $percent(Declaration::LEAVE_ON),
            'declare_rinse' => $percent(Declaration::RINSE_OFF),
            'scale_error' => $percent(100 * Unweighable::MOST_ERROR),
            'wide' => $percent(100 * DoseWide::WIDE),
            'base' => $percent(Material::BASE_PERCENT),
        ];
    }

    /** Least loads that differ from the usual one, by name. */
    private function loads(): string
    {
        return $this->listed(
            static fn (Material $it): ?float => $it->leastLoad === Emulsion::USUAL_LOAD
                || $it->leastLoad === null ? null : 100 * $it->leastLoad,
        );
    }

    private function phototoxicLimits(): string
    {
        return $this->listed(static fn (Material $it): ?float => $it->phototoxicLimit());
    }

    /** @param  callable(Material): ?float  $percent  null for what is not listed */
    private function listed(callable $percent): string
    {
        $listed = [];
        foreach ($this->catalogue->all() as $ingredient) {
            if ($percent($ingredient) !== null) {
                $listed[] = $this->wording
                    ->ingredient($ingredient->key).' '.$this->wording
                    ->percent($percent($ingredient));
            }
        }

        return implode(', ', $listed);
    }
}
