<?php

declare(strict_types=1);

namespace App\Workroom;

use App\Access\Door;
use App\Models\Device;
use App\Workroom\Jars\OwnUptake;
use App\Workroom\Make\OwnMakes;
use Illuminate\Http\Request;
use Ilvane\Core\Catalogue\Catalogue;
use Ilvane\Core\Catalogue\Vessel;
use Ilvane\Core\Measure\Learned;

/** What is set, and what the maker's own work has taught, worded. */
final readonly class SettingsPage
{
    public function __construct(private OwnMeasures $measures, private Wording $wording, private Catalogue $catalogue, private OwnKitchen $kitchen)
    {
    }

    /** @return array<string, mixed> for the view */
    public function of(Request $request): array
    {
        $values = $this->measures->values();
        $drop = $this->measures->dropMl($values);

        return [
            'values' => $values,
            'drop' => $drop === null ? null : $this->wording->number($drop->likely, 4),
            'taught' => array_map($this->taught(...), OwnMakes::learned()),
            'counted' => $this->counted(),
            'cooling' => $this->cooling(),
            'uptake' => $this->uptake(),
            'kitchen' => $this->kitchen->values(),
            'vessels' => array_map(fn (Vessel $vessel): string => $this->wording->vessel($vessel->key), $this->catalogue->vessels()),
            'hair' => OwnHair::profile(),
            'port' => Kept::values('instruments')['port'] ?? null,
            'access' => ['hasPassphrase' => Door::hasPassphrase(), 'isHere' => Door::isThisMachine($request), 'devices' => $this->devices()],
        ];
    }

    /** @return list<array{id: int, name: string, words: string}> */
    private function devices(): array
    {
        return array_values(Device::query()->whereNull('ended_at')->orderByDesc('seen_at')->get()->map(fn (Device $device): array => [
            'id' => $device->id, 'name' => $device->name,
            'words' => say('access.in_since', ['since' => $this->wording->date($device->signed_in_at), 'seen' => $this->wording->date($device->seen_at).' '.$this->wording->time($device->seen_at)]),
        ])->all());
    }

    /** @return array{words: string, isOwn: bool} */
    private function taught(Learned $learned): array
    {
        $percent = fn (float $part): string => $this->wording->percent(round(100 * $part, $part < 0.2 ? 1 : 0));

        return [
            'words' => say($learned->count === 0 ? 'make.taught.none' : 'make.taught.own', ['low' => $percent($learned->value->low), 'high' => $percent($learned->value->high), 'mean' => $percent($learned->ownMean ?? 0.0), 'batches' => self::batches($learned->count)]),
            'isOwn' => $learned->count > 0,
        ];
    }

    /** How large a drop is, as counted and weighed at the hob; nothing where none was. */
    private function counted(): string
    {
        $learned = OwnMeasures::learnedDrop();

        return $learned->count === 0 ? '' : say('make.taught.counted', ['ml' => $this->wording->number($learned->ownMean ?? 0.0, 4), 'low' => $this->wording->number($learned->value->low, 4), 'high' => $this->wording->number($learned->value->high, 4), 'times' => trans_choice('make.taught.weighed', $learned->count)]);
    }

    /** @return list<string> */
    private function cooling(): array
    {
        $words = [];
        foreach (OwnMakes::cooling() as $in => $learned) {
            [$vessel, $how] = explode('/', $in);
            $words[] = say('make.taught.cools', ['vessel' => $this->wording->vessel($vessel), 'how' => say("rehearsal.how.$how"), 'times' => $this->wording->number($learned->value->likely, 2), 'batches' => self::batches($learned->count)]);
        }

        return $words;
    }

    /** @return list<string> what each plant kept back of its oil */
    private function uptake(): array
    {
        $words = [];
        foreach (array_filter(OwnUptake::records()) as $plant => $kept) {
            $words[] = say('make.taught.keeps', ['plant' => $this->wording->ingredient($plant), 'grams' => $this->wording->number(array_sum($kept) / count($kept), 2), 'low' => $this->wording->number(min($kept), 2), 'high' => $this->wording->number(max($kept), 2), 'times' => trans_choice('make.taught.times', count($kept))]);
        }

        return $words;
    }

    private static function batches(int $count): string
    {
        return trans_choice('make.taught.batches', $count);
    }
}
