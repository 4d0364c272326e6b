<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** A tea, a gel or an infused oil whose steps forget to strain the plants out. */
final class PartNotStrained implements Rule
{
    public function examine(Assessment $assessment): iterable
    {
        $composition = $assessment->composition;
        foreach ($composition->parts as $part) {
            $usual = $assessment->catalogue->partDefaults($part->part->makes->value);
            $plants = [];
            foreach ($part->lines as $line) {
                if ($line->ingredient?->kind->isPlant() ?? false) {
                    $plants[] = $line->ingredient->key;
                }
            }
            if ($part->isStrained || ! $usual->isStrained || $plants === []) {
                continue;
            }
            yield new Finding(
                'part.not_strained',
                Severity::Stop,
                $composition->positionsOf($composition->takersOf($part->part->key)),
                ['part' => Term::text($part->part->name), 'ingredients' => Term::ingredients($plants)],
                [new Fix('strain_part', [[
                    'op' => 'add',
                    'path' => $part->path.'/process/steps/-',
                    'value' => ['do' => 'strain'],
                ]])],
                keys: [$part->part->key],
            );
        }
    }
}
