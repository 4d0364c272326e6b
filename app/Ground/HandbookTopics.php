<?php

declare(strict_types=1);

namespace App\Ground;

/** Where in the handbook a finding is explained. */
final class HandbookTopics
{
    /** Where a finding is explained; null for a code the handbook does not hold. */
    public static function of(string $code): ?string
    {
        static $topics = null;
        if ($topics === null) {
            $topics = [];
            foreach ((array) config('handbook') as $slug => $topic) {
                $topics += array_fill_keys(array_keys($topic['rules']), $slug);
            }
        }

        return $topics[$code] ?? null;
    }
}
