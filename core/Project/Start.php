<?php

declare(strict_types=1);

namespace Ilvane\Core\Project;

use DateTimeImmutable;
use Ilvane\Core\Formula\Part;

/** When something that is made first is begun, so that it is there when it is taken from. */
final readonly class Start
{
    /**
     * @param  DateTimeImmutable  $ready  it can be used from here on
     * @param  DateTimeImmutable  $neededAt  what takes of it begins
     * @param  bool  $isSaid  its own steps tell how long it takes; else as its kind usually does
     * @param  DateTimeImmutable|null  $goodUntil  in the fridge; null where its oils and plants tell
     * @param  bool  $isBeforeNight  begun in the evening, because the hour would be one of the night
     */
    public function __construct(
        public Part $part,
        public DateTimeImmutable $begin,
        public DateTimeImmutable $ready,
        public DateTimeImmutable $neededAt,
        public bool $isSaid,
        public ?DateTimeImmutable $goodUntil,
        public bool $isBeforeNight,
    ) {
    }

    /** It would have to wait longer than it is good. */
    public function isTooOldWhenUsed(): bool
    {
        return $this->goodUntil !== null && $this->goodUntil < $this->neededAt;
    }
}
