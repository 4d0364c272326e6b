<?php

declare(strict_types=1);

namespace Ilvane\Core\Practising;

/** What is practised: a flawed formula put right, a making saved while it runs, a judgement by look or number. */
enum Sort: string
{
    case Repair = 'repair';
    case Rescue = 'rescue';
    case Judge = 'judge';
}
