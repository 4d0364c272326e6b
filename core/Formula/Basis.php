<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

/** What fixes the mass of the batch. */
enum Basis: string
{
    /** The batch size the maker gave. */
    case Given = 'given';
    /** The weighed lines, with the percentages on top. */
    case Lines = 'lines';
    /** Nothing: percentages only, shown for 100 g. */
    case Hundred = 'hundred';
    /** It can't be told: a rest line beside grams, and no batch size. */
    case Unknown = 'unknown';
}
