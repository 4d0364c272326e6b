<?php

declare(strict_types=1);

namespace Ilvane\Core\Material;

enum Charge: string
{
    case Cationic = 'cationic';
    case Anionic = 'anionic';
    case Nonionic = 'nonionic';
    case Amphoteric = 'amphoteric';
    case None = 'none';
}
