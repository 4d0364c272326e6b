<?php

declare(strict_types=1);

namespace Ilvane\Core\Process;

enum StepKind: string
{
    case Sanitise = 'sanitise';
    case Weigh = 'weigh';
    case Steep = 'steep';
    case Heat = 'heat';
    case Combine = 'combine';
    case Blend = 'blend';
    case Gate = 'gate';
    case Add = 'add';
    case TestPh = 'test_ph';
    case Whip = 'whip';
    case Fill = 'fill';
}
