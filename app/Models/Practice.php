<?php

declare(strict_types=1);

namespace App\Models;

use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * @property string                     $id
 * @property string                     $name
 * @property string                     $time_zone
 * @property array<string, string>|null $method         answers that differ from the default, by question
 * @property int                        $method_version
 * @property string                     $lines_fresh    on which day, and made with what, no line of the lists was old
 * @property int                        $kept_days      for which people stay on devices
 * @property string|null                $home_round_on  the day on which everybody was looked at who is to be reminded
 * @property \Illuminate\Support\Carbon|null $backed_up_at when the last backup was begun that was restored once and the same
 * @property int                        $library_version 0 while the shipped ladders are used as they are
 */
final class Practice extends Model
{
    use HasUlids;

    protected $guarded = [];

    protected $attributes = ['method_version' => 1, 'library_version' => 0, 'lines_fresh' => '', 'kept_days' => 3];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['method' => 'array', 'kept_days' => 'integer', 'backed_up_at' => 'datetime'];
    }

    public function method(): Method
    {
        return self::methodOf($this->method ?? []);
    }

    /** @param array<string, string> $chosen answer by question, the defaults left out */
    public static function methodOf(array $chosen): Method
    {
        $method = Method::default();
        foreach ($chosen as $choice) {
            $method = $method->with(Answer::from($choice));
        }

        return $method;
    }
}
