<?php

declare(strict_types=1);

namespace Tests\Published;

use Ilvane\Core\Physics\Acidity\Acid;
use Tests\Support\CoreCase;
use Tests\Support\Scipy;

/** Molar masses and how oil-loving preservatives are, against RDKit (structure to mass; log P by Crippen's atoms). */
final class SubstancesTest extends CoreCase
{
    private const PROGRAM = <<<'PY'
        from rdkit import Chem
        from rdkit.Chem import Crippen, Descriptors
        out = {}
        for name, smiles in data.items():
            m = Chem.MolFromSmiles(smiles)
            out[name] = [Descriptors.MolWt(m), Crippen.MolLogP(m)]
        print(json.dumps(out))
        PY;

    /** Structures by INCI name, written by hand. */
    private const STRUCTURES = [
        'Benzoic Acid' => 'OC(=O)c1ccccc1',
        'Sorbic Acid' => 'CC=CC=CC(=O)O',
        'Dehydroacetic Acid' => 'CC(=O)C1C(=O)C=C(C)OC1=O',
        'Salicylic Acid' => 'OC(=O)c1ccccc1O',
        'p-Anisic Acid' => 'COc1ccc(cc1)C(=O)O',
        'Levulinic Acid' => 'CC(=O)CCC(=O)O',
        'Phenoxyethanol' => 'OCCOc1ccccc1',
        'Benzyl Alcohol' => 'OCc1ccccc1',
        'Phenethyl Alcohol' => 'OCCc1ccccc1',
        'Methylparaben' => 'COC(=O)c1ccc(O)cc1',
        'Propylparaben' => 'CCCOC(=O)c1ccc(O)cc1',
        'Caprylyl Glycol' => 'CCCCCCC(O)CO',
        'Ethylhexylglycerin' => 'CCCCC(CC)COCC(O)CO',
        'Pentylene Glycol' => 'CCCC(O)CO',
        'Butylene Glycol' => 'CC(O)CCO',
        'Alcohol' => 'CCO',
        'Glyceryl Caprylate' => 'CCCCCCCC(=O)OCC(O)CO',
        'Chlorphenesin' => 'OCC(O)COc1ccc(Cl)cc1',
        'o-Cymen-5-ol' => 'CC(C)c1ccc(O)cc1C',
        'Hydroxyacetophenone' => 'CC(=O)c1ccc(O)cc1',
    ];

    /** @return array<string, array{string, float}> structure and our g/mol */
    public static function masses(): array
    {
        return [
            'benzoic acid' => ['OC(=O)c1ccccc1', Acid::benzoic()->molarMass],
            'sorbic acid' => ['CC=CC=CC(=O)O', Acid::sorbic()->molarMass],
            'dehydroacetic acid' => ['CC(=O)C1C(=O)C=C(C)OC1=O', Acid::dehydroacetic()->molarMass],
            'salicylic acid' => ['OC(=O)c1ccccc1O', Acid::salicylic()->molarMass],
            'citric acid' => ['OC(=O)CC(O)(CC(=O)O)C(=O)O', Acid::citric()->molarMass],
            'lactic acid' => ['CC(O)C(=O)O', Acid::lactic()->molarMass],
            'acetic acid' => ['CC(=O)O', Acid::acetic()->molarMass],
            'gluconic acid' => ['OCC(O)C(O)C(O)C(O)C(=O)O', Acid::gluconic()->molarMass],
            'carbonic acid' => ['OC(=O)O', Acid::carbonic()->molarMass],
            'a unit of carbomer (acrylic acid)' => ['C=CC(=O)O', Acid::polyacrylic()->molarMass],
            'oleic acid' => ['CCCCCCCCC=CCCCCCCCC(=O)O', Acid::fatty()->molarMass],
        ];
    }

    public function test_molar_masses_follow_from_the_structures(): void
    {
        $structures = array_map(static fn (array $one): string => $one[0], self::masses());
        $outside = Scipy::ask(self::PROGRAM, $structures, 'rdkit');
        foreach (self::masses() as $name => [, $ours]) {
            self::assertEqualsWithDelta($outside[$name][0], $ours, 0.02, $name);
        }
    }

    public function test_a_substance_goes_into_oil_the_more_the_higher_its_log_p(): void
    {
        $outside = Scipy::ask(self::PROGRAM, self::STRUCTURES, 'rdkit');
        $ours = $theirs = [];
        foreach (self::STRUCTURES as $inci => $smiles) {
            $ours[$inci] = log10(self::catalogue()->activities()[$inci]['oil']);
            $theirs[$inci] = $outside[$inci][1];
            // octanol takes up more than a vegetable oil does, small alcohols most of all: up to one and a half decades
            self::assertGreaterThan($theirs[$inci] - 1.6, $ours[$inci], $inci);
            self::assertLessThan($theirs[$inci] + 0.5, $ours[$inci], $inci);
        }
        self::assertGreaterThan(0.75, self::rankCorrelation($ours, $theirs), 'and in that order');
    }

    /**
     * Spearman's.
     *
     * @param  array<string, float>  $one
     * @param  array<string, float>  $other
     */
    private static function rankCorrelation(array $one, array $other): float
    {
        $ranks = static function (array $values): array {
            asort($values);

            return array_flip(array_keys($values));
        };
        [$a, $b] = [$ranks($one), $ranks($other)];
        $squares = 0.0;
        foreach ($a as $name => $rank) {
            $squares += ($rank - $b[$name]) ** 2;
        }
        $n = count($a);

        return 1 - 6 * $squares / ($n * ($n * $n - 1));
    }
}
