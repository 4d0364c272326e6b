<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\Line;
use Ilvane\Core\Material\Catalogue;

/**
 * Reads the whole recipe lines of a formula. Only a sure reading is taken; a doubtful line stays unread. A name that
 * leaves out its kind stands for the same as where it is given as a name.
 */
final readonly class TextLines
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function read(Formula $formula): Formula
    {
        $texts = array_filter($formula->lines, static fn (Line $line): bool => $line->text !== null);
        if ($texts === []) {
            return $formula;
        }
        $reader = new RecipeReader($this->catalogue);

        return $formula->withLines(array_map(
            fn (Line $line): Line => $line->text === null ? $line : $this->line($line, $line->text, $reader),
            $formula->lines,
        ));
    }

    private function line(Line $line, string $text, RecipeReader $reader): Line
    {
        try {
            $read = $reader->read($text)->lines;
        } catch (TextRefused) {
            return $line;
        }
        if (
            count($read) !== 1
            || $read[0]->ingredient === null
            || $read[0]->amount === null
            || ! $this->isTaken($read[0])
        ) {
            return $line;
        }

        return new Line(
            ingredient: $read[0]->ingredient,
            text: $text,
            amount: $read[0]->amount->entered,
            phase: $line->phase ?? $read[0]->phase,
            prepared: $line->prepared,
            key: $line->key,
            lot: $line->lot,
            openedOn: $line->openedOn,
            bestBefore: $line->bestBefore,
        );
    }

    private function isTaken(ReadLine $line): bool
    {
        return $line->confidence >= ReadLine::SURE
            || ($line->confidence >= Sureness::KIND_UNSAID
                && $this->catalogue->named($line->name)?->key === $line->ingredient);
    }
}
