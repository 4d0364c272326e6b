<?php

declare(strict_types=1);

namespace Ilvane\Core\Practice;

/** What is practised: a flawed formula put right, a making saved while it runs, a judgement by look or number. */
enum ExerciseKind: string
{
    case Repair = 'repair';
    case Rescue = 'rescue';
    case Judge = 'judge';
}
