<?php

declare(strict_types=1);

namespace App\Make;

use Illuminate\Support\Carbon;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Measure\WithChanges;

/** Containers of one kind that part of a batch was filled into, and that stand together. */
final readonly class Container
{
    use WithChanges;

    /** How each kind is drawn (see Drawing\Profile), by kind. */
    public const SHAPES = [
        'bottle' => 'bottle',
        'spray' => 'bottle',
        'jar' => 'jar',
        'tub' => 'tub',
        'tin' => 'tin',
        'cube' => 'cube',
    ];

    public const KINDS = ['bottle', 'spray', 'jar', 'tub', 'tin', 'cube'];

    /** Where they may stand (see Storage). */
    public const PLACES = ['room', 'fridge', 'freezer'];

    /** Less than this is an empty one, grams. */
    public const CRUMBS_G = 0.5;

    /**
     * @param  string  $letter  A to Z, its name within the batch
     * @param  string  $what  of KINDS
     * @param  int  $count  that were filled
     * @param  float  $grams  in each, when filled
     * @param  float  $left  grams left in all of them
     * @param  non-empty-list<array{hour: float, storage: Storage}>  $stays  where it stood, from which hour since the
     *   making on
     * @param  string  $stands  in the maker's words
     * @param  string  $from  letter of those it was thawed out of; "" for none
     */
    public function __construct(
        public string $letter,
        public string $what,
        public int $count,
        public float $grams,
        public float $left,
        public array $stays,
        public string $stands,
        public string $from = '',
        public ?Carbon $until = null,
    ) {
    }

    public function storage(): Storage
    {
        return $this->stays[count($this->stays) - 1]['storage'];
    }

    /** Hours after the making it was put where it stands. */
    public function since(): float
    {
        return $this->stays[count($this->stays) - 1]['hour'];
    }

    public function isGone(): bool
    {
        return $this->left <= min(self::CRUMBS_G, $this->grams / 2);
    }

    /** So many containers' worth is left, to a tenth. */
    public function countLeft(): float
    {
        return round($this->left / $this->grams, 1);
    }

    public function less(float $grams): self
    {
        return $this->with(left: max(0.0, round($this->left - $grams, 4)));
    }

    public function moved(float $hour, Storage $to, string $stands): self
    {
        return $this->with(stays: [...$this->stays, ['hour' => $hour, 'storage' => $to]], stands: $stands);
    }

    public function until(?Carbon $day): self
    {
        return $this->with(until: $day);
    }
}
