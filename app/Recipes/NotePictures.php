<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Ground\Picture;
use App\Models\Formula;
use App\Models\Jar;
use App\Models\NotePicture;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Pictures of recipes as they were written: kept while the note is read, then with what was opened of it. */
final class NotePictures
{
    private const HOURS_WAITING = 24;

    /** @return string its uid */
    public function keep(Picture $picture): string
    {
        $now = Carbon::now();
        NotePicture::query()->whereNull('formula_id')->whereNull('jar_id')
            ->where('created_at', '<', $now->copy()->subHours(self::HOURS_WAITING)->toDateTimeString())
            ->delete();
        DB::statement(
            'INSERT INTO note_pictures (type, bytes, created_at) VALUES (?, CAST(? AS BLOB), ?)',
            [$picture->type, $picture->bytes, $now->toDateTimeString()],
        );

        return (string) NotePicture::query()->whereKey((int) DB::getPdo()->lastInsertId())->value('uid');
    }

    /** The uid where such a picture is there, else empty. */
    public function known(string $uid): string
    {
        return $uid !== '' && NotePicture::query()->where('uid', $uid)->exists() ? $uid : '';
    }

    public function belongs(string $uid, Formula|Jar $to): void
    {
        NotePicture::query()->where('uid', $uid)->whereNull('formula_id')->whereNull('jar_id')
            ->update([$to instanceof Formula ? 'formula_id' : 'jar_id' => $to->id]);
    }

    /** @return list<string> uids */
    public static function with(Formula|Jar $of): array
    {
        return array_values(NotePicture::query()
            ->where($of instanceof Formula ? 'formula_id' : 'jar_id', $of->id)
            ->orderBy('id')
            ->pluck('uid')
            ->all());
    }
}
