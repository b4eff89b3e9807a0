<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use App\Http\Shared\ApiRequest;
use EvenRungs\Dose\DoseTable;
use EvenRungs\Program\ProgramRequest;
use EvenRungs\Program\ProgramSlot;
use EvenRungs\Program\Rate;
use EvenRungs\Program\WrittenRequest;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\SessionRole;
use Illuminate\Validation\Rule;

/**
 * @body ProgramRequestView $wish
 */
class ProposeProgramRequest extends ApiRequest
{
    private const SLUG = 'regex:/^[a-z0-9\/-]{1,130}$/';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'wish' => ['required', 'array'],
            'wish.start' => ['required', ...self::PLANNED_DAY],
            'wish.weeks' => ['required', 'integer:strict', 'between:1,'.ProgramRequest::MOST_WEEKS],
            'wish.seed' => ['required', 'integer:strict', 'between:1,9999'],
            'wish.rateTenths' => ['present', 'nullable', 'integer:strict', 'between:'.Rate::LEAST_TENTHS.','.Rate::MOST_TENTHS],
            'wish.slots' => ['present', 'list', 'max:14'],
            'wish.slots.*.id' => ['required', 'string', 'max:28', 'regex:/^[a-z0-9-]+$/', 'distinct'],
            'wish.slots.*.day' => ['required', 'integer:strict', 'between:1,7'],
            'wish.slots.*.part' => ['required', Rule::enum(DayPart::class)],
            'wish.slots.*.placement' => ['required', Rule::enum(SessionRole::class)],
            'wish.slots.*.minutes' => ['required', 'integer:strict', 'between:'.ProgramSlot::LEAST_MINUTES.','.ProgramSlot::MOST_MINUTES],
            'wish.slots.*.effort' => ['required', 'integer:strict', 'between:0,10'],
            'wish.rungs' => ['present', 'list', 'max:120'],
            'wish.rungs.*.week' => ['required', 'integer:strict', 'between:1,'.ProgramRequest::MOST_WEEKS],
            'wish.rungs.*.ladder' => ['required', 'string', self::SLUG],
            'wish.rungs.*.rung' => ['required', 'string', self::SLUG],
            'wish.doses' => ['present', 'list', 'max:240'],
            'wish.doses.*.week' => ['required', 'integer:strict', 'between:1,'.ProgramRequest::MOST_WEEKS],
            'wish.doses.*.ladder' => ['required', 'string', self::SLUG],
            'wish.doses.*.rung' => ['required', 'string', self::SLUG],
            'wish.doses.*.dose' => ['required', 'string', 'max:120'],
            'wish.sets' => ['present', 'list', 'max:200'],
            'wish.sets.*.slot' => ['required', 'string', 'max:40'],
            'wish.sets.*.ladder' => ['required', 'string', self::SLUG],
            'wish.sets.*.sets' => ['required', 'integer:strict', 'between:0,'.DoseTable::MOST_SETS],
            'wish.without' => ['present', 'list', 'max:40'],
            'wish.without.*' => ['string', self::SLUG],
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [
            ...parent::messages(),
            'wish.weeks.between' => 'A program has '.ProgramRequest::LEAST_WEEKS.' to '.ProgramRequest::MOST_WEEKS.' weeks.',
            'wish.slots.max' => 'A program has at most 14 sessions a week.',
            'wish.slots.*.minutes.between' => 'A session has :min to :max minutes.',
            'wish.sets.*.sets.between' => 'At most :max sets of one exercise in a session.',
            'wish.rateTenths.between' => 'A rate lies between 0.1 and 1.0 of height a week.',
        ];
    }

    public function wish(): WrittenRequest
    {
        return WrittenRequest::read((array) $this->input('wish'));
    }
}
