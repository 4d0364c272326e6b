<?php

declare(strict_types=1);

namespace App\Papers;

use Ilvane\Core\Formula\Formula;

/**
 * How a formula is made, to hand on: for people on a page, and for programs as schema.org HowTo
 * (https://schema.org/HowTo).
 */
final readonly class HowTo
{
    /**
     * @param  list<array{name: string, amount: string}>  $supplies
     * @param  list<array{name: string, text: string}>  $steps
     */
    public function __construct(
        public string $name,
        public string $yields,
        public array $supplies,
        public array $steps,
        public string $directions,
    ) {
    }

    /** @return array<string, mixed> */
    public function toSchema(): array
    {
        return array_filter([
            '@context' => 'https://schema.org',
            '@type' => 'HowTo',
            'name' => $this->name,
            'description' => $this->directions,
            'yield' => $this->yields,
            'supply' => array_map(
                static fn (array $supply): array => [
                    '@type' => 'HowToSupply',
                    'name' => $supply['name'],
                    'requiredQuantity' => $supply['amount'],
                ],
                $this->supplies,
            ),
            'tool' => array_map(
                static fn (string $tool): array => ['@type' => 'HowToTool', 'name' => $tool],
                array_values((array) __('papers.tools')),
            ),
            'step' => array_map(
                static fn (int $i, array $step): array => [
                    '@type' => 'HowToStep',
                    'position' => $i + 1,
                    'name' => $step['name'],
                    'text' => $step['text'],
                ],
                array_keys($this->steps),
                $this->steps,
            ),
        ], static fn (mixed $value): bool => $value !== '' && $value !== []);
    }
}
