<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety;

use Ilvane\Core\Measure\Band;

/**
 * A value inside a finding's sentence, with its kind, so that whoever words it can format it for the reader's language.
 */
final readonly class Term
{
    /** @param  string|float|Band|list<string>  $value */
    private function __construct(public TermKind $kind, public string|float|Band|array $value)
    {
    }

    public static function percent(float|Band $percent): self
    {
        return $percent instanceof Band && $percent->width() > 0
            ? new self(TermKind::PercentBand, $percent)
            : new self(TermKind::Percent, $percent instanceof Band ? $percent->likely : $percent);
    }

    public static function grams(float $grams): self
    {
        return new self(TermKind::Grams, $grams);
    }

    public static function celsius(float $celsius): self
    {
        return new self(TermKind::Celsius, $celsius);
    }

    public static function number(float $number): self
    {
        return new self(TermKind::Number, $number);
    }

    public static function days(float $days): self
    {
        return new self(TermKind::Days, $days);
    }

    /** @param  string  $key catalogue key */
    public static function ingredient(string $key): self
    {
        return new self(TermKind::Ingredient, $key);
    }

    /** @param  list<string>  $keys catalogue keys */
    public static function ingredients(array $keys): self
    {
        return new self(TermKind::Ingredients, array_values(array_unique($keys)));
    }

    /** Shown as it stands: an INCI name, what the maker typed. */
    public static function text(string $text): self
    {
        return new self(TermKind::Text, $text);
    }

    /** @param  string  $key of what it is filled into */
    public static function container(string $key): self
    {
        return new self(TermKind::Container, $key);
    }

    /** @param  string  $key of what it is heated or mixed in */
    public static function vessel(string $key): self
    {
        return new self(TermKind::Vessel, $key);
    }

    /** @param  string  $key of the container whose note it is */
    public static function containerNote(string $key): self
    {
        return new self(TermKind::ContainerNote, $key);
    }

    /** A sentence of the catalogue, in the catalogue's own language. */
    public static function note(string $note): self
    {
        return new self(TermKind::CatalogueNote, $note);
    }

    /** A word key, to be looked up. */
    public static function word(string $key): self
    {
        return new self(TermKind::Word, $key);
    }
}
