<?php

declare(strict_types=1);

namespace App\Http\Home;

use App\Http\Shared\ApiRequest;

/**
 * @body int $version that was read; 0 when nothing was kept yet
 * @body string|null $mail
 * @body string|null $phone
 * @body bool $byMail
 * @body bool $byText
 * @body bool $reminders on training days
 * @body bool $mornings the question of the morning after
 * @body bool $agreed the person agreed to be written to in these ways
 */
final class ContactRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer:strict', 'min:0'],
            'mail' => ['nullable', 'string', 'email:rfc', 'max:200', 'required_if:byMail,true'],
            'phone' => ['nullable', 'string', 'max:40', 'regex:/^\+?[0-9 ()\/.-]{5,39}$/', 'required_if:byText,true'],
            'byMail' => ['required', 'boolean:strict'],
            'byText' => ['required', 'boolean:strict'],
            'reminders' => ['required', 'boolean:strict'],
            'mornings' => ['required', 'boolean:strict'],
            'agreed' => ['required', 'boolean:strict', fn(string $attribute, mixed $value, \Closure $fail) => $value !== true && ($this->boolean('byMail') || $this->boolean('byText')) ? $fail('Nobody is written to without having agreed: ask, and note it here.') : null],
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [
            ...parent::messages(),
            'mail.required_if' => 'Mail needs an address.',
            'mail.email' => 'This is no mail address.',
            'phone.required_if' => 'Texts need a number.',
            'phone.regex' => 'A number has figures, and a plus before the country.',
        ];
    }

    /** @return array{mail: string|null, phone: string|null, by_mail: bool, by_text: bool, reminders: bool, mornings: bool} */
    public function columns(): array
    {
        return [
            'mail' => $this->text('mail') === '' ? null : $this->text('mail'), 'phone' => $this->text('phone') === '' ? null : $this->text('phone'),
            'by_mail' => $this->boolean('byMail'), 'by_text' => $this->boolean('byText'), 'reminders' => $this->boolean('reminders'), 'mornings' => $this->boolean('mornings'),
        ];
    }
}
