<?php

declare(strict_types=1);

namespace App\Settings;

use App\Access\AccessControl;
use App\Ground\LearnedMakes;
use App\Ground\LearnedPins;
use App\Ground\LearnedUptake;
use App\Ground\OwnHair;
use App\Ground\OwnKitchen;
use App\Ground\OwnMeasures;
use App\Ground\OwnPieces;
use App\Ground\Settings;
use App\Ground\Wording;
use App\Models\Device;
use Illuminate\Http\Request;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Vessel;
use Ilvane\Core\Measure\Learned;

/** What is set, and what the maker's own work has taught, worded. */
final readonly class SettingsPage
{
    public function __construct(
        private OwnMeasures $measures,
        private Wording $wording,
        private Catalogue $catalogue,
        private OwnKitchen $kitchen,
    ) {
    }

    /** @return array<string, mixed> for the view */
    public function of(Request $request): array
    {
        $values = $this->measures->values();
        $drop = $this->measures->dropMl($values);

        return [
            'values' => $values,
            'drop' => $drop === null ? null : $this->wording->number($drop->likely, 4),
            'taught' => $this->taught(),
            'kitchen' => $this->kitchen->values(),
            'vessels' => array_map(
                fn (Vessel $vessel): string => $this->wording->vessel($vessel->key),
                $this->catalogue->vessels(),
            ),
            'pieces' => $this->pieces(),
            'hair' => OwnHair::profile(),
            'port' => Settings::values('instruments')['port'] ?? null,
            'access' => [
                'hasPassphrase' => AccessControl::hasPassphrase(),
                'isHere' => AccessControl::isThisMachine($request),
                'devices' => $this->devices(),
            ],
        ];
    }

    /** @return list<array{key: string, piece: string, name: string, grams: string}> */
    private function pieces(): array
    {
        $pieces = [];
        foreach (OwnPieces::all() as $key => $weights) {
            foreach ($this->catalogue->has($key) ? $weights : [] as $piece => $grams) {
                $pieces[] = [
                    'key' => $key,
                    'piece' => $piece,
                    'name' => $this->wording->ingredient($key).', '.say("words.piece.$piece"),
                    'grams' => $this->wording->number($grams),
                ];
            }
        }

        return $pieces;
    }

    /** @return list<array{id: int, name: string, words: string}> */
    private function devices(): array
    {
        return array_values(Device::query()
            ->whereNull('ended_at')
            ->orderByDesc('seen_at')
            ->get()
            ->map(fn (Device $device): array => [
                'id' => $device->id, 'name' => $device->name,
                'words' => say(
                    'access.in_since',
                    [
                        'since' => $this->wording->date($device->signed_in_at),
                        'seen' => $this->wording->date($device->seen_at).' '.$this->wording->time($device->seen_at),
                    ],
                ),
            ])->all());
    }

    /**
     * Every figure that was learned: what it is, from what, whether it is fixed.
     *
     * @return list<array{what: string, label: string, words: string, isOwn: bool, pinned: string, value: float|null}>
     */
    public function taught(): array
    {
        $percent = fn (float $part): string => $this->wording->percent(round(100 * $part, $part < 0.2 ? 1 : 0));
        $rows = [];
        foreach (LearnedMakes::learned() as $what => $learned) {
            $words = say($learned->count === 0 ? 'make.taught.none' : 'make.taught.own', [
                'low' => $percent($learned->value->low),
                'high' => $percent($learned->value->high),
                'mean' => $percent($learned->ownMean ?? 0.0),
                'batches' => self::batches($learned->count),
            ]);
            $rows[] = self::row($what, say("make.taught.$what"), $words, $learned, $percent);
        }
        $learned = OwnMeasures::learnedDrop();
        if ($learned->count > 0) {
            $ml = fn (float $value): string => $this->wording->number($value, 4);
            $words = say(
                'make.taught.counted',
                [
                    'ml' => $ml($learned->ownMean ?? 0.0),
                    'low' => $ml($learned->value->low),
                    'high' => $ml($learned->value->high),
                    'times' => trans_choice('make.taught.weighed', $learned->count),
                ],
            );
            $rows[] = self::row(
                'drops',
                say('make.taught.drops'),
                $words,
                $learned,
                fn (float $value): string => $ml($value).' mL',
            );
        }
        foreach (LearnedMakes::steaming() as $in => $learned) {
            $rows[] = self::row(
                "steaming/$in",
                $this->wording->vessel(explode('/', $in)[0]).', '.say('make.taught.steam'),
                say('make.taught.steams', [
                    'times' => $this->wording->number($learned->value->likely, 2),
                    'batches' => self::batches($learned->count),
                ]),
                $learned,
                fn (float $value): string => '× '.$this->wording->number($value, 2),
            );
        }
        foreach (LearnedMakes::cooling() as $in => $learned) {
            [$vessel, $how] = explode('/', $in);
            $times = fn (float $value): string => '× '.$this->wording->number($value, 2);
            $words = say(
                'make.taught.cools',
                [
                    'times' => $this->wording->number($learned->value->likely, 2),
                    'batches' => self::batches($learned->count),
                ],
            );
            $rows[] = self::row(
                "cooling/$in",
                $this->wording->vessel($vessel).', '.say("simulation.how.$how"),
                $words,
                $learned,
                $times,
            );
        }

        return [...$rows, ...$this->uptake()];
    }

    /**
     * @param  callable(float): string  $worded
     * @return array{what: string, label: string, words: string, isOwn: bool, pinned: string, value: float|null}
     */
    private static function row(string $what, string $label, string $words, Learned $learned, callable $worded): array
    {
        $pinned = LearnedPins::of($what);

        return [
            'what' => $what,
            'label' => $label,
            'words' => $words,
            'isOwn' => $learned->count > 0,
            'pinned' => $pinned === null ? '' : $worded($pinned),
            'value' => $learned->ownMean,
        ];
    }

    /**
     * @return list<array{what: string, label: string, words: string, isOwn: bool, pinned: string, value: float|null}>
     *   what each plant kept back of its oil
     */
    private function uptake(): array
    {
        $rows = [];
        foreach (array_filter(LearnedUptake::records()) as $plant => $kept) {
            $grams = fn (float $value): string => $this->wording->number($value, 2);
            $mean = array_sum($kept) / count($kept);
            $words = say(
                'make.taught.keeps',
                [
                    'grams' => $grams($mean),
                    'low' => $grams(min($kept)),
                    'high' => $grams(max($kept)),
                    'times' => trans_choice('make.taught.times', count($kept)),
                ],
            );
            $pinned = LearnedPins::of("uptake/$plant");
            $rows[] = [
                'what' => "uptake/$plant",
                'label' => $this->wording->ingredient($plant),
                'words' => $words,
                'isOwn' => true,
                'pinned' => $pinned === null ? '' : $grams($pinned).' g/g',
                'value' => $mean,
            ];
        }

        return $rows;
    }

    private static function batches(int $count): string
    {
        return trans_choice('make.taught.batches', $count);
    }
}
