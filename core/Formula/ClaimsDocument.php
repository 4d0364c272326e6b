<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

use Ilvane\Core\Exchange\Document;
use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Measure\Band;

/** Reads and writes the claims of an open formula: a list, or the short form {"keeps_days": 21}. */
final class ClaimsDocument
{
    private const FIELDS = ['what', 'value', 'of', 'text'];

    private const MAX = 50;

    private const MAX_TEXT = 300;

    private const MAX_VALUE = 1_000_000.0;

    private const MAX_PH = 14.0;

    /**
     * @return list<Claim>
     *
     * @throws DocumentRefused
     */
    public static function read(Document $document): array
    {
        $given = $document->raw('claims');
        $short = is_array($given) && ! array_is_list($given)
            ? $document->object('claims', array_column(ClaimKind::cases(), 'value'))
            : null;
        if ($short !== null) {
            $claims = [];
            foreach (ClaimKind::cases() as $what) {
                $value = self::value($short, $what->value, $what);
                if ($value !== null) {
                    $claims[] = new Claim($what, $value);
                }
            }

            return $claims;
        }
        $claims = [];
        foreach ($document->list('claims', self::MAX) as $i => $decoded) {
            $claim = Document::open($decoded, $document->at("claims/$i"), self::FIELDS);
            /** @var ClaimKind $what */
            $what = $claim->oneOf('what', ClaimKind::class, required: true);
            $claims[] = new Claim(
                $what,
                self::value($claim, 'value', $what) ?? throw $claim->refused('value', 'missing'),
                $claim->text('of', 80) ?? '',
                $claim->text('text', self::MAX_TEXT) ?? '',
            );
        }

        return $claims;
    }

    /** @throws DocumentRefused */
    private static function value(Document $document, string $field, ClaimKind $what): ?Band
    {
        $most = $what === ClaimKind::Ph ? self::MAX_PH : self::MAX_VALUE;
        if (! is_array($document->raw($field))) {
            $value = $document->number($field, 0, $most);

            return $value === null ? null : Band::exact($value);
        }
        $ends = $document->list($field, 2);
        foreach ($ends as $end) {
            if ((! is_int($end) && ! is_float($end)) || $end < 0 || $end > $most) {
                throw $document->refused($field, 'out_of_range', ['least' => 0, 'most' => $most]);
            }
        }
        if (count($ends) !== 2 || $ends[0] > $ends[1]) {
            throw $document->refused($field, 'not_a_range');
        }

        return Band::of((float) $ends[0], ($ends[0] + $ends[1]) / 2, (float) $ends[1]);
    }

    /**
     * @param  list<Claim>  $claims
     * @return list<array<string, mixed>>
     */
    public static function write(array $claims): array
    {
        return array_map(static fn (Claim $claim): array => array_filter([
            'what' => $claim->what->value,
            'value' => $claim->value->width() > 0
                ? [$claim->value->low, $claim->value->high]
                : $claim->value->likely,
            'of' => $claim->of === '' ? null : $claim->of,
            'text' => $claim->text === '' ? null : $claim->text,
        ], static fn (mixed $value): bool => $value !== null), $claims);
    }
}
