<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A draft as it was after one change. Never changes itself: undoing makes a new state like an old one.
 *
 * @property int $id
 * @property int|null $formula_id of a formula on the bench, or
 * @property int|null $jar_id of an infusion being planned
 * @property int $revision
 * @property array<string, mixed> $state
 * @property string $did word key of the change that led here
 * @property string $about what was changed; changes one after the other that say the same are one step of undoing
 * @property int|null $undo_to revision whose state undoing brings back
 * @property int|null $redo_to revision whose state redoing brings back
 * @property string $edit names one stay in one field
 * @property string $turn names the press that asked for it, sent again or not
 * @property Carbon $created_at
 */
final class DraftState extends Model
{
    public const UPDATED_AT = null;

    protected $casts = ['state' => 'array', 'revision' => 'integer', 'undo_to' => 'integer', 'redo_to' => 'integer'];
}
