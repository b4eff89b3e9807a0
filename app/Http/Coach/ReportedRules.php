<?php

declare(strict_types=1);

namespace App\Http\Coach;

use EvenRungs\Body\Side;
use EvenRungs\Progress\Felt;
use EvenRungs\Progress\FormQuestion;
use EvenRungs\Progress\PainPlace;
use Illuminate\Validation\Rule;

/** What is asked of a set, and of pain before the first one, wherever they are sent. */
final class ReportedRules
{
    /** @return array<string, list<mixed>> */
    public static function set(string $at): array
    {
        $number = ['present', 'nullable', 'integer:strict', 'between:0,2000'];
        $scale = ['present', 'nullable', 'integer:strict', 'between:0,10'];

        return [
            "{$at}.item" => ['required', 'string', 'max:40'],
            "{$at}.set" => ['required', 'integer:strict', 'between:1,25'],
            "{$at}.both" => $number,
            "{$at}.left" => $number,
            "{$at}.right" => $number,
            "{$at}.form" => ['present', 'array:'.implode(',', array_map(static fn(FormQuestion $question): string => $question->value, FormQuestion::cases()))],
            "{$at}.form.*" => ['boolean:strict'],
            "{$at}.pain" => $scale,
            "{$at}.effort" => $scale,
            "{$at}.travellingPain" => ['required', 'boolean:strict'],
            "{$at}.felt" => ['nullable', Rule::enum(Felt::class)],
            "{$at}.feltWrong" => ['sometimes', 'boolean:strict'],
            "{$at}.rung" => ['nullable', 'string', 'max:130', "required_with:{$at}.dose"],
            "{$at}.dose" => ['nullable', 'string', 'max:120', "required_with:{$at}.rung"],
            "{$at}.painSide" => ['nullable', Rule::enum(Side::class)],
            "{$at}.painPlace" => ['nullable', Rule::enum(PainPlace::class)],
            "{$at}.painNote" => ['present', 'nullable', 'string', 'max:500'],
        ];
    }

    /** @return array<string, list<mixed>> */
    public static function morning(string $at): array
    {
        return [
            $at => ['present', 'list', 'max:16'],
            "{$at}.*.place" => ['required', Rule::enum(PainPlace::class)],
            "{$at}.*.side" => ['nullable', Rule::in([Side::Left->value, Side::Right->value])],
            "{$at}.*.pain" => ['required', 'integer:strict', 'between:1,10'],
            "{$at}.*.worse" => ['required', 'boolean:strict'],
        ];
    }

    /** @return array<string, list<mixed>> */
    public static function before(string $at): array
    {
        return [
            $at => ['nullable', 'list', 'max:8'],
            "{$at}.*.place" => ['required', Rule::enum(PainPlace::class)],
            "{$at}.*.side" => ['nullable', Rule::in([Side::Left->value, Side::Right->value])],
            "{$at}.*.pain" => ['required', 'integer:strict', 'between:1,10'],
        ];
    }
}
