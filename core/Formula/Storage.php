<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

enum Storage: string
{
    case Room = 'room';
    case Fridge = 'fridge';
    case Freezer = 'freezer';

    public function isCold(): bool
    {
        return $this !== self::Room;
    }
}
