<?php

declare(strict_types=1);

namespace Ilvane\Core\Person;

use Ilvane\Core\Material\Allergen;

/** What someone says of their own hair. Nothing here is a diagnosis. */
final readonly class HairProfile
{
    /**
     * @param  string  $strand  fine, medium, coarse; "" where not said
     * @param  string  $porosity  low, medium, high; "" where not said
     * @param  list<string>  $dislikes  protein, glycerine, coconut, scent, silicone-like slip of cationics ("cationic")
     * @param  list<Allergen>  $avoids  what they react to
     */
    public function __construct(
        public string $strand = '',
        public string $porosity = '',
        public array $dislikes = [],
        public array $avoids = [],
    ) {
    }

    public const STRANDS = ['fine', 'medium', 'coarse'];

    public const POROSITIES = ['low', 'medium', 'high'];

    public const DISLIKES = ['protein', 'glycerine', 'coconut', 'scent', 'cationic'];

    public function saysNothing(): bool
    {
        return $this->strand === '' && $this->porosity === '' && $this->dislikes === [] && $this->avoids === [];
    }
}
