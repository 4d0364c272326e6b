<?php

declare(strict_types=1);

namespace App\Drawing;

/** What hands do at a step, as one line drawing put together from a few vessels and tools. 120 × 116 drawing units. */
final class StepDrawing
{
    public const WIDTH = 120;

    public const HEIGHT = 116;

    private const PARTS = [
        'pot' => 'M22 46V90a7 7 0 0 0 7 7h62a7 7 0 0 0 7-7V46M13 56h9M98 56h9',
        'lid' => 'M17 44h86M55 37h10v7',
        'bowl' => 'M16 46h88C102 82 82 98 60 98S18 82 16 46Z',
        'jar' => 'M42 26h36v9c9 4 12 10 12 19v42H30V54c0-9 3-15 12-19ZM40 26h40v-7H40Z',
        'tray' => 'M12 62h96l-5 28H17ZM36 62l2 28M60 62v28M84 62l-2 28',
        'water' => 'M30 62q5-4 10 0t10 0t10 0t10 0t10 0t10 0',
        'flame' => 'M52 114c-9-7 0-10 1-16c9 6 10 11 3 16M68 114c-7-6 0-8 1-13c7 5 8 9 2 13',
        'steam' => 'M46 34q-5-7 0-13t0-13M62 34q-5-7 0-13t0-13M78 34q-5-7 0-13t0-13',
        'cold' => 'M60 6v28M48 13l24 14M72 13L48 27',
        'drops' => 'M48 14q-6 9 0 13q6-4 0-13M66 24q-6 9 0 13q6-4 0-13M82 10q-6 9 0 13q6-4 0-13',
        'leaf' => 'M40 84q-2-26 32-34q4 30-32 34M46 79l20-22',
        'knife' => 'M14 72L78 34q11 4 10 13L22 82ZM84 36l22-18l5 6l-22 19',
        'pestle' => 'M84 4q8 2 6 9L66 72q-6 6-11 1Z',
        'blender' => 'M54 2h12v46H54ZM50 48h20l5 18H45Z',
        'whisk' => 'M88 2L70 40M70 40c-17 2-28 18-24 36c15-3 24-16 24-36c2 16-6 28-16 33M70 40c4 15 0 26-8 34',
        'cloth' => 'M14 30q46 20 92 0M22 33c14 34 28 46 38 50c10-4 24-16 38-50M38 46q22 8 44 0',
        'falls' => 'M60 86v8M60 100v6',
        'jug' => 'M78 4l32 10l-8 30l-24-8ZM78 14q-16 6-18 46',
        'spoon' => 'M104 8L70 58M70 58q-12 4-14 14q10 4 18-4q4-6-4-10',
        'swings' => 'M16 46q-9 16 0 32M104 46q9 16 0 32M8 52q-5 10 0 20M112 52q5 10 0 20',
        'out' => 'M64 54V22M54 32l10-10l10 10M44 46h14v-14H44Z',
        'clock' => 'M60 55a15 15 0 1 0 .1 0ZM60 61v9l7 4',
        'grains' => 'M34 70h.1M44 78h.1M54 70h.1M64 80h.1M74 70h.1M84 76h.1M50 88h.1M70 90h.1',
    ];

    private const STEPS = [
        'sanitise' => 'pot water steam flame',
        'prepare' => 'bowl leaf',
        'wash' => 'bowl water drops',
        'soak' => 'bowl water leaf',
        'chop' => 'knife leaf',
        'crack' => 'bowl pestle grains',
        'blend_fresh' => 'bowl blender leaf',
        'steep' => 'pot lid leaf',
        'simmer' => 'pot lid water flame',
        'strain' => 'cloth falls leaf',
        'press' => 'cloth falls swings',
        'cook_out' => 'pot steam leaf flame',
        'hold' => 'pot lid clock flame',
        'combine' => 'bowl jug',
        'blend' => 'bowl blender',
        'add' => 'bowl drops',
        'add_little' => 'bowl drops',
        'adjust' => 'bowl drops water',
        'wet_gum' => 'bowl spoon grains',
        'chill' => 'bowl cold',
        'whip' => 'bowl whisk',
        'shake' => 'jar water swings',
        'mould' => 'tray jug',
        'freeze' => 'tray cold',
        'unmould' => 'tray out',
        'rest' => 'bowl clock',
    ];

    /** @return list<string> path data; none for a step that has a reading for its picture */
    public static function of(string $step): array
    {
        return array_map(
            static fn (string $part): string => self::PARTS[$part],
            isset(self::STEPS[$step]) ? explode(' ', self::STEPS[$step]) : [],
        );
    }
}
