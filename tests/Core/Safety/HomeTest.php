<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use Ilvane\Core\Formula\Patch;
use Ilvane\Core\Material\MaterialTrait;
use Ilvane\Core\Safety\Severity;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** What no home may use stops a formula whatever its amount; what is only trusted to preserve is told to be none. */
final class HomeTest extends CoreCase
{
    private static function spray(string $key, string $amount): array
    {
        return self::document(
            [['distilled-water', 'to 100'], [$key, $amount, 'water']],
            ['family' => 'water_spray', 'ph' => 5.0],
        );
    }

    #[DataProvider('hazards')]
    public function test_what_has_no_place_at_home_is_a_stop(string $key): void
    {
        foreach (['0.01 %', '5 %'] as $amount) {
            $document = self::spray($key, $amount);
            $found = self::finding(self::evaluate($document), 'material.not_for_home');
            self::assertSame(Severity::Stop, $found?->severity, "$key at $amount");
            $without = Patch::apply($document, $found->fixes[0]->patch);
            self::assertNull(self::finding(self::evaluate($without), 'material.not_for_home'));
        }
    }

    public static function hazards(): iterable
    {
        foreach ([
            'hydroquinone', 'p-phenylenediamine', 'lead-acetate', 'formaldehyde', 'kerosene', 'minoxidil',
            'hydrogen-peroxide', 'borax', 'methylisothiazolinone', 'methylchloroisothiazolinone',
        ] as $key) {
            yield $key => [$key];
        }
    }

    public function test_a_preservative_nobody_may_dose_preserves_nothing(): void
    {
        $evaluation = self::evaluate(self::spray('methylisothiazolinone', '0.01 %'));
        self::assertFalse($evaluation->assessment->preservation->hasSystem());
        self::assertNotNull(self::finding($evaluation, 'preservation.missing'));
    }

    #[DataProvider('mistaken')]
    public function test_what_is_no_preservative_is_told(string $key): void
    {
        $evaluation = self::evaluate(self::spray($key, '1 %'));
        self::assertNotNull(self::finding($evaluation, 'preservation.missing'), 'it doesn’t count as one');
        self::assertSame('mistaken', self::finding($evaluation, 'preservation.vitamin_e_is_not')?->variant);
    }

    public static function mistaken(): iterable
    {
        foreach ([
            'grapefruit-seed-extract', 'colloidal-silver', 'natural-preservative-unnamed', 'neem-leaf-extract',
            'willow-bark-extract',
        ] as $key) {
            yield $key => [$key];
        }
        self::assertCount(5, array_filter(
            [...self::catalogue()->all()],
            static fn ($it): bool => $it->is(MaterialTrait::MistakenForPreservative),
        ));
    }

    /** Whatever they are called: an anionic gum, emulsifier or clay meets a cationic conditioner. */
    #[DataProvider('pairs')]
    public function test_opposite_charges_fall_out(string $key, string $amount, ?string $severity): void
    {
        $document = self::document([
            ['distilled-water', 'to 100'], ['btms-50', '4 %'], ['olive-oil', '6 %'], [$key, $amount],
            ['phenoxyethanol-ethylhexylglycerin', '0.9 %'],
        ], ['ph' => 4.8]);
        self::assertSame(
            $severity,
            self::finding(self::evaluate($document), 'emulsion.charge_clash')?->severity->value,
        );
    }

    public static function pairs(): iterable
    {
        yield 'pectin, a fifth of a per cent' => ['pectin', '0.2 %', null];
        yield 'pectin, more' => ['pectin', '0.21 %', 'mind'];
        yield 'carrageenan' => ['carrageenan', '0.8 %', 'mind'];
        yield 'a gum without charge' => ['sclerotium-gum', '0.8 %', null];
        yield 'an anionic emulsifier' => ['glyceryl-stearate-citrate', '3 %', 'stop'];
        yield 'a nonionic one' => ['cetearyl-glucoside', '3 %', null];
        yield 'a strong surfactant' => ['sodium-coco-sulfate', '2 %', 'stop'];
        yield 'a mild, nonionic one' => ['decyl-glucoside', '2 %', null];
        yield 'a clay that swells' => ['bentonite-clay', '2 %', 'mind'];
        yield 'the mild clay' => ['kaolin-clay', '2 %', null];
    }
}
