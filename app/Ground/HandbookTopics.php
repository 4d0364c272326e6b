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

    /** What the words of the handbook's confidences come to; a figure recalled is never called measured. */
    private const RULES = [
        'law' => 'law',
        'arithmetic' => 'calculated',
        'textbook' => 'calculated',
        'supplier' => 'practice',
        'practice' => 'practice',
        'memory' => 'practice',
        'rule_of_thumb' => 'estimate',
        'disputed' => 'estimate',
    ];

    /** What a rule rests on: law, calculated, practice or estimate. */
    public static function restsOn(string $code): string
    {
        foreach ((array) config('handbook') as $topic) {
            $confidence = is_array($topic) ? $topic['rules'][$code][1] ?? null : null;
            if (is_string($confidence)) {
                return self::RULES[$confidence];
            }
        }

        return 'estimate';
    }
}
