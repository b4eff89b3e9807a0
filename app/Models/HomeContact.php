<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * How a person may be written to, as they agreed; one press of theirs ends it.
 *
 * @property string      $id
 * @property string      $practice_id
 * @property string      $person_id
 * @property string|null $mail
 * @property string|null $phone
 * @property bool        $by_mail
 * @property bool        $by_text
 * @property bool        $reminders on training days
 * @property bool        $mornings  the question of the morning after
 * @property string|null $agreed_on date
 * @property Carbon|null $ended_at  by the person
 * @property int         $version
 */
final class HomeContact extends Model
{
    use BelongsToPractice;
    use HasUlids;

    protected $guarded = [];

    protected $attributes = ['by_mail' => false, 'by_text' => false, 'reminders' => true, 'mornings' => true, 'version' => 1];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['mail' => 'encrypted', 'phone' => 'encrypted', 'by_mail' => 'boolean', 'by_text' => 'boolean', 'reminders' => 'boolean', 'mornings' => 'boolean', 'ended_at' => 'datetime', 'version' => 'integer'];
    }

    /** @return list<'mail'|'text'> the ways that were agreed to and have an address */
    public function ways(): array
    {
        return $this->ended_at !== null ? [] : array_keys(array_filter(['mail' => $this->by_mail && $this->mail !== null, 'text' => $this->by_text && $this->phone !== null]));
    }
}
