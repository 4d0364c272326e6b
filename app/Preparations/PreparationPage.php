<?php

declare(strict_types=1);

namespace App\Preparations;

use App\Ground\Card;
use App\Models\Preparation;
use Ilvane\Core\Material\PreparationMethod;
use Ilvane\Core\Preparation\Quantities;

/** Plant waters, gels, juices and milks: what is at hand, what to make, and how. */
final readonly class PreparationPage
{
    /**
     * @param  array<string, array<string, string>>  $methods  name by key, by kind
     * @param  list<array{method: string, name: string, grams: string, number: string, formula: string}>  $asked
     * @param  list<Preparation>  $planned
     * @param  list<Card>  $atHand
     * @param  list<array{text: string, vital: bool}>  $steps
     * @param  array<string, string>  $plants  name by key, where more than one will do
     */
    public function __construct(
        public array $methods,
        public array $asked,
        public array $planned,
        public array $atHand,
        public string $chosen,
        public string $wanted,
        public ?Preparation $preparation = null,
        public ?PreparationMethod $method = null,
        public ?Quantities $amounts = null,
        public array $steps = [],
        public string $plant = '',
        public string $time = '',
        public string $keeps = '',
        public string $expect = '',
        public array $plants = [],
    ) {
    }
}
