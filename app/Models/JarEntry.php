<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Enums\JarEntryKind;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One thing done to a jar or seen of it. Only ever added; an undo is an entry too.
 *
 * @property int $id
 * @property int $jar_id
 * @property JarEntryKind $kind
 * @property float|null $value g or °C by kind
 * @property string $subject what was seen, why it was discarded, which entry is undone
 * @property string $note
 * @property string $client_key sent by the page; the same key is recorded once
 * @property Carbon $happened_at
 * @property Carbon $recorded_at
 */
final class JarEntry extends Model
{
    use AppendOnly;

    public $timestamps = false;

    protected $casts = [
        'kind' => JarEntryKind::class,
        'value' => 'float',
        'happened_at' => 'datetime',
        'recorded_at' => 'datetime',
        'jar_id' => 'integer',
    ];
}
