<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Ground\Wording;
use App\Models\Batch;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;

/**
 * Whether a finished batch may be labelled, given away and sold: free, held or withdrawn, by whom and why. What was
 * seen on it and
 * nobody has answered yet holds it until somebody decides.
 */
final readonly class Release
{
    public const FREE = 'free';

    public const HELD = 'held';

    public const WITHDRAWN = 'withdrawn';

    /** Kinds of shelf entry that decide, and what they make of the batch. */
    public const DECIDES = ['held' => self::HELD, 'withdrawn' => self::WITHDRAWN, 'freed' => self::FREE];

    /** What is seen on a batch, and what it asks for. */
    public const ASKS = [
        'mould' => self::WITHDRAWN,
        'rash' => self::WITHDRAWN,
        'parted' => self::HELD,
        'smell' => self::HELD,
        'ph' => self::HELD,
    ];

    public const PH_UNSUITED = 'preservation.ph_unsuited';

    /**
     * @param  string  $state  FREE | HELD | WITHDRAWN
     * @param  Carbon|null  $since  null while it is free and nobody ever said otherwise
     * @param  string  $asks  what is proposed: HELD | WITHDRAWN; "" where everything is answered
     * @param  list<string>  $seen  what was seen and not answered, in words
     */
    public function __construct(
        public string $state,
        public ?Carbon $since,
        public string $why,
        public string $who,
        public string $asks,
        public array $seen,
        private Wording $wording,
    ) {
    }

    /** @return Builder<Batch> finished ones something was seen on, or decided about */
    public static function questioned(): Builder
    {
        return Batch::query()
            ->where('status', 'finished')
            ->with('shelfEntries', 'observations')
            ->where(static function (Builder $query): void {
                $query->whereHas(
                    'observations',
                    static fn (Builder $seen) => $seen->whereIn('look', array_keys(self::ASKS))->orWhereNotNull('ph'),
                )
                    ->orWhereHas(
                        'shelfEntries',
                        static fn (Builder $entry) => $entry
                            ->whereIn('kind', array_keys(self::DECIDES))
                            ->orWhere('subject', 'rash'),
                    )
                    ->orWhere('outcome', 'like', '%"'.self::PH_UNSUITED.'"%');
            });
    }

    public function isFree(): bool
    {
        return $this->state === self::FREE;
    }

    /** The state in a sentence, with when, by whom and why as far as they are known. */
    public function said(): string
    {
        if ($this->since === null) {
            return '';
        }
        $when = $this->wording->date($this->since);
        $by = $this->who === '' ? '' : say('shelf.release.by', ['who' => $this->who]);

        return $this->seen !== [] && $this->why === ''
            ? say('shelf.release.until_decided', ['seen' => implode(' ', $this->seen)])
            : say("shelf.release.said.$this->state", ['when' => $when, 'by' => $by, 'why' => $this->why]);
    }
}
