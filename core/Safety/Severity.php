<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety;

enum Severity: string
{
    /** Can hurt someone or spoil the batch. */
    case Stop = 'stop';
    /** Outside usual practice. */
    case Mind = 'mind';
    /** Good to know. */
    case Note = 'note';

    public function rank(): int
    {
        return match ($this) {
            self::Stop => 0,
            self::Mind => 1,
            self::Note => 2,
        };
    }
}
