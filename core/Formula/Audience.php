<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

enum Audience: string
{
    case Adult = 'adult';
    case ChildUnder12 = 'child_under_12';
    case ChildUnder6 = 'child_under_6';
    case ChildUnder3 = 'child_under_3';
    case Pregnant = 'pregnant';

    public function isUnder3(): bool
    {
        return $this === self::ChildUnder3;
    }
}
