<?php

declare(strict_types=1);

namespace Ilvane\Core\Process;

enum StepKind: string
{
    case Sanitise = 'sanitise';
    case Weigh = 'weigh';
    case Prepare = 'prepare';
    case Heat = 'heat';
    case Hold = 'hold';
    case Combine = 'combine';
    case Blend = 'blend';
    case Gate = 'gate';
    case Add = 'add';
    case TestPh = 'test_ph';
    case Adjust = 'adjust';
    case Chill = 'chill';
    case Rest = 'rest';
    case Strain = 'strain';
    case Whip = 'whip';
    case Fill = 'fill';
}
