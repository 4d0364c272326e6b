<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A phone or another machine of the home network that was let in.
 *
 * @property int $id
 * @property string $name
 * @property string $token_hash of what its cookie holds, SHA-256
 * @property Carbon $signed_in_at
 * @property Carbon $seen_at to the minute or so
 * @property Carbon|null $ended_at
 */
final class Device extends Model
{
    public $timestamps = false;

    protected $hidden = ['token_hash'];

    protected $casts = ['signed_in_at' => 'datetime', 'seen_at' => 'datetime', 'ended_at' => 'datetime'];
}
