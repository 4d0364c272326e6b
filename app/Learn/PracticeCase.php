<?php

declare(strict_types=1);

namespace App\Learn;

use Ilvane\Core\Practice\ExerciseKind;

/** One case to practise on. */
final readonly class PracticeCase
{
    /**
     * @param  string  $what  key of a mistake, or a kind of judgement
     * @param  int  $seed  what it is made up from
     * @param  string  $code  names it in an address without giving the answer away
     */
    public function __construct(public string $what, public int $seed, public ExerciseKind $sort, public string $code)
    {
    }
}
