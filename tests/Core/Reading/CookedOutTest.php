<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Ilvane\Core\Reading\CookedOut;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** As makers write it, by hand; what only speaks of heat or of water isn't meant. */
final class CookedOutTest extends TestCase
{
    #[TestWith(['Cook on low heat until the water is gone, strain.'])]
    #[TestWith(['Simmer until all the moisture has evaporated'])]
    #[TestWith(['Fry gently until the leaves are crisp.'])]
    #[TestWith(['keep it on low till the bubbling stops'])]
    #[TestWith(['Cook till it stops sizzling'])]
    #[TestWith(['Do not cover. Cook until the water is gone.'])]
    #[TestWith(['Do not cover, cook until the water is gone.'])]
    #[TestWith(["until the water\nhas cooked off"])]
    #[TestWith(['Chauffer doucement jusqu’à évaporation complète de l’eau.'])]
    #[TestWith(["Cuire jusqu'à ce que l'eau soit évaporée"])]
    #[TestWith(['jusqu’à ce qu’il n’y ait plus d’eau'])]
    #[TestWith(['Faire cuire jusqu’à ce que les feuilles soient croustillantes'])]
    #[TestWith(['jusqu’à ce que l’huile ne grésille plus'])]
    public function test_the_water_is_cooked_out(string $note): void
    {
        self::assertTrue(CookedOut::in($note));
    }

    #[TestWith(['Warm the oil in a water bath for two hours.'])]
    #[TestWith(['Heat until the water is hot'])]
    #[TestWith(['Simmer the herbs until the water is green'])]
    #[TestWith(['Stir until the oil has gone into the water'])]
    #[TestWith(['Leave the leaves to dry until they wilt'])]
    #[TestWith(['Dry the nettle until the leaves are crisp, then cover with oil.'])]
    #[TestWith(['Sécher jusqu’à ce que les feuilles soient croustillantes'])]
    #[TestWith(['Don’t fry it until the leaves are crisp: keep it pale.'])]
    #[TestWith(['Never cook it until the water is gone.'])]
    #[TestWith(['Ne pas cuire jusqu’à évaporation complète de l’eau.'])]
    #[TestWith(['Boil until half the water is gone'])]
    #[TestWith(['jusqu’à ce que l’eau soit chaude'])]
    #[TestWith(['Laisser jusqu’à ce que l’eau soit tiède'])]
    #[TestWith(['Chauffer une heure au bain-marie'])]
    public function test_heat_alone_leaves_the_water_in(string $note): void
    {
        self::assertFalse(CookedOut::in($note));
    }
}
