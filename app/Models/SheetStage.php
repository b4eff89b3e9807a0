<?php

declare(strict_types=1);

namespace App\Models;

use EvenRungs\Calendar\Day;
use EvenRungs\Home\Stage;
use EvenRungs\Home\StageAfter;
use EvenRungs\Home\StageKind;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A stage of a sheet that grows.
 *
 * @property string      $id
 * @property string      $practice_id
 * @property string      $person_id
 * @property string      $training_session_id
 * @property StageKind   $kind
 * @property StageAfter  $after
 * @property int         $count    of days or sessions
 * @property string      $begins_on the day it is counted from
 * @property string|null $due_on   null until so many sessions are done
 * @property string|null $item     exercise it changes
 * @property string|null $rung
 * @property string|null $dose     as it is typed
 * @property string|null $message
 * @property string|null $came_on
 * @property string|null $held     why it was held back
 * @property Carbon|null $settled_at of a follow-up or a re-test that came: by the trainer
 * @property string|null $together of those of one exercise a week, the number under which they were written
 * @property array<array-key, mixed>|null $before blocks of the session before it was spread, at the first of them
 * @property string      $user_id
 * @property int         $sequence
 */
final class SheetStage extends Model
{
    use BelongsToPractice;
    use HasUlids;
    use SoftDeletes;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => StageKind::class, 'after' => StageAfter::class, 'count' => 'integer', 'message' => 'encrypted', 'settled_at' => 'datetime', 'before' => 'array', 'sequence' => 'integer'];
    }

    public function inCore(): Stage
    {
        return new Stage($this->id, $this->kind, $this->after, $this->count, Day::parse($this->begins_on), $this->due_on === null ? null : Day::parse($this->due_on), $this->item, $this->rung, $this->dose, $this->message ?? '', $this->came_on === null ? null : Day::parse($this->came_on), $this->held);
    }
}
