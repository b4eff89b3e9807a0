<?php

declare(strict_types=1);

namespace App\Models;

use EvenRungs\Method\Method;
use EvenRungs\Method\Question;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * @property string                     $id
 * @property string                     $name
 * @property string                     $time_zone
 * @property array<string, string>|null $method         choices that differ from the default, by question
 * @property int                        $method_version
 * @property int                        $library_version 0 while the shipped ladders are used as they are
 */
final class Practice extends Model
{
    use HasUlids;

    protected $guarded = [];

    protected $attributes = ['method_version' => 1, 'library_version' => 0];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['method' => 'array'];
    }

    public function method(): Method
    {
        $method = Method::default();
        foreach ($this->method ?? [] as $question => $choice) {
            $method = $method->with(Question::from($question), $choice);
        }

        return $method;
    }
}
