<?php

declare(strict_types=1);

namespace Ilvane\Core\Process;

/** What a step does. */
enum StepKind: string
{
    case Sanitise = 'sanitise';
    case Weigh = 'weigh';
    case Prepare = 'prepare';
    case Wash = 'wash';
    case Soak = 'soak';
    case Chop = 'chop';
    case Crack = 'crack';
    case BlendFresh = 'blend_fresh';
    case Steep = 'steep';
    case Simmer = 'simmer';
    case Strain = 'strain';
    case Press = 'press';
    case CookOut = 'cook_out';
    case Heat = 'heat';
    case Hold = 'hold';
    case Combine = 'combine';
    case Blend = 'blend';
    case Cool = 'cool';
    case Gate = 'gate';
    case Add = 'add';
    case WetGum = 'wet_gum';
    case AddLittle = 'add_little';
    case TestPh = 'test_ph';
    case Adjust = 'adjust';
    case Chill = 'chill';
    case Whip = 'whip';
    case Shake = 'shake';
    case Mould = 'mould';
    case Freeze = 'freeze';
    case Unmould = 'unmould';
    case Rest = 'rest';
    case Fill = 'fill';
    case Label = 'label';

    /** Minutes it usually takes where nobody has said, common practice; 0 for what takes as long as the heat needs. */
    public function usualMinutes(): float
    {
        return match ($this) {
            self::Shake => 1.0,
            self::Combine, self::BlendFresh => 2.0,
            self::Wash, self::Crack, self::WetGum, self::Unmould, self::Add, self::Label => 3.0,
            self::Chop, self::Press, self::AddLittle, self::Mould, self::Hold, self::Fill, self::Whip => 5.0,
            self::TestPh, self::Adjust => 6.0,
            self::Prepare, self::Strain => 8.0,
            self::Sanitise => 12.0,
            self::Steep => 15.0,
            self::Simmer => 20.0,
            self::Soak, self::Rest => 30.0,
            self::CookOut => 60.0,
            self::Freeze => 300.0,
            self::Weigh, self::Heat, self::Blend, self::Cool, self::Gate, self::Chill => 0.0,
        };
    }

    /** Done by hand all the while; the rest is waiting and looking. */
    public function isHandsOn(): bool
    {
        return match ($this) {
            self::Heat, self::Hold, self::Cool, self::Gate, self::Chill, self::Rest => false,
            self::Soak, self::Steep, self::Simmer, self::CookOut, self::Freeze => false,
            default => true,
        };
    }
}
