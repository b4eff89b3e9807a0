<?php

declare(strict_types=1);

namespace App\Http\Person;

use App\Http\Shared\ApiRequest;
use App\Http\Shared\EachOnce;
use EvenRungs\Screening\Answers;
use EvenRungs\Screening\DangerSign;
use EvenRungs\Screening\Respondent;
use Illuminate\Validation\Rule;

/**
 * @body string $id
 * @body list<string> $signs danger signs answered with yes
 * @body list<string> $denied danger signs answered with no
 * @body 'person'|'guardian'|'carer' $asked who was asked
 */
final class ScreeningRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', self::ULID],
            'signs' => ['present', 'list', 'max:40', new EachOnce(DangerSign::class)],
            'denied' => ['present', 'list', 'max:40', new EachOnce(DangerSign::class)],
            'asked' => ['required', Rule::enum(Respondent::class)],
        ];
    }

    /** @throws \EvenRungs\Screening\InvalidAnswers when they open nothing and close nothing */
    public function answers(): Answers
    {
        return new Answers(array_map(DangerSign::from(...), $this->texts('signs')), array_map(DangerSign::from(...), $this->texts('denied')));
    }
}
