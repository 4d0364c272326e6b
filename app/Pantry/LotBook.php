<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Ground\DayCode;
use App\Ground\Refused;
use App\Ground\Wording;
use App\Models\Enums\LotEntryKind;
use App\Models\Enums\LotKind;
use App\Models\Formula;
use App\Models\Jar;
use App\Models\Lot;
use App\Models\LotEntry;
use App\Models\Preparation;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Formula\Weighing;
use Ilvane\Core\Infusion\InfusedOil;
use Ilvane\Core\Infusion\JarContents;
use Ilvane\Core\Label\MadeMaterial;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\MaterialDocument;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Tools;

/** Puts what was made into the pantry, and writes down where it goes. */
final readonly class LotBook
{
    public function __construct(
        private Wording $wording,
        private Shelving $shelving,
        private Catalogue $catalogue,
        private Tools $tools,
    ) {
    }

    public function putInfused(
        Jar $jar,
        JarContents $contents,
        float $grams,
        float $strength,
        Carbon $at,
        ?Carbon $goodUntil,
        Storage $storage = Storage::Room,
    ): Lot {
        return $this->put($at, [
            'kind' => 'infused_oil',
            'name' => $jar->name,
            'document' => InfusedOil::document($jar->name, $contents),
            'grams' => $grams,
            'strength' => $strength,
            'good_until' => $goodUntil, 'storage' => $storage->value, 'jar_id' => $jar->id,
        ]);
    }

    /**
     * A strong infused oil with plain oil added.
     *
     * @param  array<string, mixed>  $document  ilvane.formula/1
     */
    public function putThinned(
        string $name,
        array $document,
        float $grams,
        float $strength,
        ?Carbon $goodUntil,
        Carbon $at,
    ): Lot {
        return $this->put($at, [
            'kind' => LotKind::InfusedOil->value,
            'name' => $name,
            'document' => $document,
            'grams' => $grams,
            'strength' => $strength,
            'good_until' => $goodUntil,
            'storage' => Storage::Room->value,
        ]);
    }

    /**
     * What was strained out of a lot, kept.
     *
     * @param  array<string, mixed>  $document  ilvane.formula/1
     */
    public function putLeftOver(
        Lot $of,
        string $name,
        array $document,
        float $grams,
        Storage $storage,
        Carbon $goodUntil,
        Carbon $at,
    ): Lot {
        return $this->put($at, [
            'kind' => LotKind::Preparation->value,
            'name' => mb_substr($name, 0, 120),
            'document' => $document,
            'grams' => $grams,
            'good_until' => $goodUntil,
            'storage' => $storage->value,
            'left_of' => $of->code,
        ]);
    }

    public function putPrepared(
        Preparation $preparation,
        string $name,
        string $ingredient,
        float $grams,
        ?float $portion,
        Storage $storage,
        Carbon $at,
    ): Lot {
        return $this->put($at, [
            'kind' => 'preparation',
            'name' => $name,
            'ingredient' => $ingredient,
            'grams' => $grams,
            'portion_grams' => $portion,
            'good_until' => $this->shelving->firstDate($preparation->method, $storage, $at),
            'storage' => $storage->value,
            'preparation_id' => $preparation->id,
        ]);
    }

    /**
     * Something that was made first for a formula, as it came out.
     *
     * @param  array<string, mixed>  $document  ilvane.formula/1 with the part, and a line that takes all of it
     */
    public function putPart(string $name, array $document, bool $isOil, float $grams, Storage $storage, Carbon $at): Lot
    {
        return $this->put($at, [
            'kind' => $isOil ? LotKind::InfusedOil->value : LotKind::Preparation->value,
            'name' => mb_substr($name, 0, 120),
            'document' => $document,
            'grams' => $grams,
            'good_until' => $this->shelving->partDate($document, $storage, $at),
            'storage' => $storage->value,
        ]);
    }

    /**
     * Something bought: good until the day on it while it is sealed, so long after opening once it is open, never both.
     *
     * @throws Refused
     */
    public function putBought(
        string $name,
        float $grams,
        ?float $price,
        ?Carbon $bestBefore,
        ?Carbon $openedAt,
        Carbon $at,
        string $supplier = '',
    ): Lot {
        $ingredient = $this->catalogue->has($name) ? $this->catalogue->get($name) : $this->catalogue->named($name);
        if ($ingredient === null) {
            throw Refused::noSuchIngredient('name');
        }
        if ($grams <= 0) {
            throw Refused::noGrams('grams');
        }

        return $this->put($at, [
            'kind' => 'bought',
            'name' => $this->wording->ingredient($ingredient->key),
            'ingredient' => $ingredient->key,
            'grams' => $grams,
            'price' => $price,
            'opened_at' => $openedAt,
            'good_until' => $this->shelving->goodUntil($ingredient->key, $bestBefore, $openedAt),
            'sealed_until' => $bestBefore,
            'supplier' => mb_substr(trim($supplier), 0, 200),
            'storage' => Storage::Room->value,
        ]);
    }

    /** @param  array<string, mixed>  $fields */
    private function put(Carbon $at, array $fields): Lot
    {
        $code = DayCode::next($at, static fn (string $code): bool => Lot::query()->where('code', $code)->exists(), 'L');

        return Lot::query()->create([
            ...$fields,
            'code' => $code,
            'grams_left' => $fields['grams'],
            'first_storage' => $fields['storage'],
            'made_at' => $at,
            'material' => $this->material($code, $at, $fields),
        ])->refresh();
    }

    /**
     * What it is, as known on the day: what is learned of its ingredients later doesn't change what was put away.
     *
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed> ilvane.material/1
     */
    private function material(string $code, Carbon $at, array $fields): array
    {
        $day = $at->toDateTimeImmutable();
        if (isset($fields['ingredient'])) {
            $material = MaterialDocument::of($this->catalogue->get($fields['ingredient']));

            return [
                ...$material,
                'id' => LotLine::KEY.$code,
                'from' => [['id' => $fields['ingredient'], 'share' => 1, 'strained' => false]],
                'life' => [...$material['life'], 'made_on' => $day->format('Y-m-d')],
            ];
        }

        return MadeMaterial::of(
            id: LotLine::KEY.$code,
            name: $fields['name'],
            kind: $fields['kind'],
            composition: (new Weighing($this->catalogue, $this->tools))->of(FormulaDocument::read($fields['document'])),
            strength: isset($fields['strength']) ? Band::exact($fields['strength']) : null,
            madeOn: $day,
            days: isset($fields['good_until']) ? round($at->diffInDays($fields['good_until']), 1) : null,
        );
    }

    /**
     * The lot a jar gave goes away again when the giving is undone.
     *
     * @throws Refused when something was made of it
     */
    public function takeBack(Jar $jar, float $grams, Carbon $at): void
    {
        $lot = Lot::query()
            ->where('jar_id', $jar->id)
            ->where('grams', $grams)
            ->where('made_at', $at->toDateTimeString())
            ->orderByDesc('id')
            ->first();
        if ($lot === null) {
            return;
        }
        if ($lot->entries()->exists()) {
            throw Refused::alreadyUsed('lot', $lot->code);
        }
        $this->refuseIfNamed($lot);
        $lot->delete();
    }

    /**
     * @param  string  $for  a batch code, or what it went into
     *
     * @throws Refused when there is not so much left
     */
    public function use(Lot $lot, float $grams, string $for, Carbon $at, string $clientKey): void
    {
        $this->take($lot, 'used', $grams, $for, $at, $clientKey);
    }

    /**
     * What went into a batch from this lot, as it was told at the scale: all of it, even where less was written down to
     * be left.
     */
    public function wentInto(Lot $lot, float $grams, string $batch, Carbon $at, string $clientKey): void
    {
        DB::transaction(fn () => $this->add($lot->refresh(), 'used', $grams, $batch, $at, $clientKey));
    }

    /**
     * Takes from the lots of an ingredient in turn, what is no longer good soonest first, as far as they reach.
     *
     * @param  string  $key  before the client keys: who takes it
     * @return array<string, float> grams by lot code
     */
    public function takeInTurn(string $ingredient, float $grams, string $for, Carbon $at, string $key): array
    {
        $taken = [];
        foreach (Lot::ofIngredient($ingredient) as $lot) {
            $part = min($grams, $lot->grams_left);
            if ($part <= 0.0) {
                break;
            }
            $this->use($lot, $part, $for, $at, "$key-$lot->id");
            $taken[$lot->code] = $part;
            $grams -= $part;
        }

        return $taken;
    }

    /** What the scale says is left, whatever was written down before. */
    public function count(Lot $lot, float $grams, Carbon $at, string $clientKey): void
    {
        DB::transaction(function () use ($lot, $grams, $at, $clientKey): void {
            $this->add($lot->refresh(), 'counted', $grams, '', $at, $clientKey);
        });
    }

    /** How a hot oil felt on the skin, and for how long it was left on. */
    public function tried(Lot $lot, float $minutes, string $felt, string $note, Carbon $at, string $clientKey): void
    {
        DB::transaction(static fn () => LotEntry::once([
            'lot_id' => $lot->id,
            'kind' => LotEntryKind::Tried->value,
            'subject' => $felt,
            'minutes' => $minutes,
            'note' => $note,
            'client_key' => $clientKey,
            'happened_at' => $at->toDateTimeString(),
            'recorded_at' => Carbon::now()->toDateTimeString(),
        ]));
    }

    /** @throws Refused when it is open already, or nothing that is opened */
    public function open(Lot $lot, Carbon $at, string $clientKey): void
    {
        DB::transaction(function () use ($lot, $at, $clientKey): void {
            if ($lot->refresh()->opened_at !== null || $lot->kind !== LotKind::Bought) {
                throw Refused::isOpen('lot');
            }
            $this->add($lot, 'opened', null, '', $at, $clientKey);
        });
    }

    /** @throws Refused */
    public function discard(Lot $lot, string $reason, Carbon $at, string $clientKey): void
    {
        if (trim($reason) === '') {
            throw Refused::noReason('reason');
        }
        $this->take($lot, 'discarded', $lot->refresh()->grams_left, mb_substr(trim($reason), 0, 200), $at, $clientKey);
    }

    /** @throws Refused */
    private function take(Lot $lot, string $kind, float $grams, string $subject, Carbon $at, string $clientKey): void
    {
        DB::transaction(function () use ($lot, $kind, $grams, $subject, $at, $clientKey): void {
            $lot->refresh();
            if (LotEntry::isTold([
                'lot_id' => $lot->id,
                'kind' => $kind,
                'subject' => $subject,
                'client_key' => $clientKey,
                ...($kind === 'discarded' ? [] : ['grams' => $grams]),
            ])) {
                return;
            }
            if ($lot->gone_at !== null) {
                throw Refused::lotGone('lot', $this->wording->shortDate($lot->gone_at));
            }
            if ($grams <= 0 || $grams > $lot->grams_left + 0.005) {
                throw Refused::notSoMuchLeft('grams', $this->wording->grams($lot->grams_left));
            }
            $this->add($lot, $kind, min($grams, $lot->grams_left), $subject, $at, $clientKey);
        });
    }

    /** To the fridge, the freezer or out of it: its date moves with it. */
    public function move(Lot $lot, Storage $to, Carbon $at, string $clientKey): void
    {
        DB::transaction(function () use ($lot, $to, $at, $clientKey): void {
            if ($lot->refresh()->gone_at === null && $lot->storage !== $to->value) {
                $this->add($lot, 'moved', null, $to->value, $at, $clientKey);
            }
        });
    }

    /** @throws Refused */
    public function undo(Lot $lot, LotEntry $entry, string $clientKey): void
    {
        DB::transaction(function () use ($lot, $entry, $clientKey): void {
            // what it went into would be there without it
            if ($entry->isOfBatch() || Lot::query()->where('code', $entry->subject)->exists()) {
                throw Refused::madeInto('lot', $entry->subject);
            }
            if (! LotEntry::query()->where('lot_id', $lot->id)->where('kind', 'undo')->where(
                'subject',
                (string) $entry->id,
            )->exists()) {
                $this->add($lot, 'undo', null, (string) $entry->id, Carbon::now(), $clientKey);
            }
        });
    }

    /** Puts back all that was taken under keys that begin like this, and was not put back before. */
    public function putBack(string $key, string $clientKey): void
    {
        $this->putEachBack(LotEntry::query()->where('client_key', 'like', "$key-%")->get(), $clientKey);
    }

    /** @param  Collection<int, LotEntry>  $entries */
    private function putEachBack(Collection $entries, string $clientKey): void
    {
        foreach ($entries as $i => $entry) {
            $lot = Lot::query()->findOrFail($entry->lot_id);
            if (! $lot->entries()->where('kind', 'undo')->where('subject', (string) $entry->id)->exists()) {
                $this->add($lot, 'undo', null, (string) $entry->id, Carbon::now(), "$clientKey-back$i");
            }
        }
    }

    private function add(Lot $lot, string $kind, ?float $grams, string $subject, Carbon $at, string $clientKey): void
    {
        LotEntry::once([
            'lot_id' => $lot->id, 'kind' => $kind, 'grams' => $grams, 'subject' => $subject, 'client_key' => $clientKey,
            'happened_at' => $at->toDateTimeString(), 'recorded_at' => Carbon::now()->toDateTimeString(),
        ]);
        $lot->forceFill($this->shelving->stateOf($lot->load('entries', 'preparation')))->save();
    }

    /**
     * Takes out what was put in by mistake, and puts back what it was made of.
     *
     * @throws Refused while a formula names it, or when something was made of it
     */
    public function remove(Lot $lot): void
    {
        DB::transaction(function () use ($lot): void {
            if ($lot->entries()->exists()) {
                throw Refused::alreadyUsed('lot', $lot->code);
            }
            $this->refuseIfNamed($lot);
            $this->putEachBack(
                LotEntry::query()->where('kind', 'used')->where('subject', $lot->code)->get(),
                "removed-$lot->id",
            );
            $preparation = $lot->preparation;
            $lot->delete();
            $preparation?->delete();
        });
    }

    private function refuseIfNamed(Lot $lot): void
    {
        $names = self::formulasNaming($lot);
        if ($names !== []) {
            throw Refused::namedBy('lot', $lot->code, $this->wording->together($names));
        }
    }

    /** @return list<string> names of the formulas on the bench with a line that takes from this lot */
    public static function formulasNaming(Lot $lot): array
    {
        return array_values(array_map(
            strval(...),
            Formula::query()
                ->where('draft', 'like', '%"lot":"'.addcslashes($lot->code, '%_\\').'"%')
                ->orderBy('name')
                ->limit(20)
                ->pluck('name')
                ->all(),
        ));
    }
}
