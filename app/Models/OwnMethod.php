<?php

declare(strict_types=1);

namespace App\Models;

use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Method\MethodLevel;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * The answers of a trainer, a person or a person's program; those of the practice stand with the practice.
 *
 * @property string                $id
 * @property string                $level
 * @property string                $owner_id of the trainer, or of the person: a program is found by its person
 * @property array<string, string> $answers  answer by question
 * @property int                   $version
 */
final class OwnMethod extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = true;

    protected $guarded = [];

    /**
     * The method with the answers of one level; an answer there is no more is passed over.
     *
     * @param array<array-key, mixed> $answers by question
     */
    public static function onto(Method $method, array $answers, MethodLevel $level): Method
    {
        foreach ($answers as $choice) {
            $answer = is_string($choice) ? Answer::tryFrom($choice) : null;
            $method = $answer === null ? $method : $method->with($answer, $level);
        }

        return $method;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['answers' => 'array', 'version' => 'integer'];
    }
}
