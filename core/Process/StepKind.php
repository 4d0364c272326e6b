<?php

declare(strict_types=1);

namespace Ilvane\Core\Process;

/** What a step does. */
enum StepKind: string
{
    case Sanitise = 'sanitise';
    case Weigh = 'weigh';
    case Prepare = 'prepare';
    case Heat = 'heat';
    case Hold = 'hold';
    case Combine = 'combine';
    case Blend = 'blend';
    case Cool = 'cool';
    case Gate = 'gate';
    case Add = 'add';
    case TestPh = 'test_ph';
    case Adjust = 'adjust';
    case Chill = 'chill';
    case Whip = 'whip';
    case Strain = 'strain';
    case Fill = 'fill';
    case Label = 'label';
    case Rest = 'rest';

    /** Minutes it usually takes where nobody has said, common practice; 0 for what takes as long as the heat needs. */
    public function usualMinutes(): float
    {
        return match ($this) {
            self::Sanitise => 12.0,
            self::Prepare, self::Strain => 8.0,
            self::Hold, self::Fill, self::Whip => 5.0,
            self::Combine => 2.0,
            self::Add, self::Label => 3.0,
            self::TestPh, self::Adjust => 6.0,
            self::Rest => 30.0,
            self::Weigh, self::Heat, self::Blend, self::Cool, self::Gate, self::Chill => 0.0,
        };
    }

    /** Done by hand all the while; the rest is waiting and looking. */
    public function isHandsOn(): bool
    {
        return ! in_array($this, [self::Heat, self::Hold, self::Cool, self::Gate, self::Chill, self::Rest], true);
    }
}
