<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

/** How sure a reading is, 0 to 1. From SURE on it is taken as it is; the steps below only order the doubts. */
final class Sureness
{
    public const EXACT = 1.0;

    public const SURE = 0.9;

    /** The name stands for one thing and leaves out which kind of it; or a plant by the drop: its oil, most likely. */
    public const KIND_UNSAID = 0.8;

    public const A_SLIP_AWAY = 0.75;

    /** The amount is likely and not told, or the whole of the note speaks against it. */
    public const DOUBTED = 0.7;

    public const BESIDE_A_WORD_THAT_CHANGES_IT = 0.6;

    public const NO_AMOUNT = 0.5;

    public const ONLY_A_NAME = 0.3;

    public const NOTHING = 0.0;
}
