<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Http\Shared\ApiRequest;

/**
 * Marks on a picture, in its pixels.
 *
 * @body string $id ULID made by the caller: sending twice saves once
 * @body 'side'|'behind' $view
 * @body string|null $photo the picture that was marked; null for a drawing
 * @body array<string, PointInput> $marks ankle, knee, hip, shoulder and ear from the side; left and right from behind
 * @body PointInput|null $scaleFrom
 * @body PointInput|null $scaleTo
 * @body float|null $centimetres known length between the two marks of the scale
 * @body string $note
 */
final class AlignmentRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $number = ['required', 'numeric', 'between:-20000,20000'];
        $marks = $this->text('view') === 'behind' ? ['left', 'right'] : ['ankle', 'knee', 'hip', 'shoulder', 'ear'];
        $rules = [];
        foreach ($marks as $mark) {
            $rules["marks.{$mark}"] = ['required', 'array'];
            $rules["marks.{$mark}.x"] = $rules["marks.{$mark}.y"] = $number;
        }

        return [
            'id' => ['required', 'string', self::ULID],
            'view' => ['required', 'in:side,behind'],
            'photo' => ['present', 'nullable', 'string', self::ULID],
            'marks' => ['required', 'array:'.implode(',', $marks)],
            ...$rules,
            'centimetres' => ['present', 'nullable', 'numeric', 'between:5,300'],
            'scaleFrom' => ['present', 'nullable', 'required_with:centimetres', 'array:x,y'],
            'scaleTo' => ['present', 'nullable', 'required_with:centimetres', 'array:x,y'],
            'scaleFrom.x' => ['required_with:scaleFrom', 'numeric'],
            'scaleFrom.y' => ['required_with:scaleFrom', 'numeric'],
            'scaleTo.x' => ['required_with:scaleTo', 'numeric'],
            'scaleTo.y' => ['required_with:scaleTo', 'numeric'],
            'note' => ['present', 'nullable', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [
            ...parent::messages(),
            'centimetres.between' => 'A known length from 5 to 300 cm.',
            'scaleFrom.required_with' => 'Mark both ends of the known length.',
            'scaleTo.required_with' => 'Mark both ends of the known length.',
        ];
    }

    /** @return array<string, array{x: float, y: float}> */
    public function marks(): array
    {
        $marks = [];
        foreach ((array) $this->input('marks') as $name => $mark) {
            $marks[(string) $name] = self::place($mark);
        }

        return $marks;
    }

    /** @return array{from: array{x: float, y: float}, to: array{x: float, y: float}, centimetres: float}|null */
    public function scale(): ?array
    {
        $length = $this->input('centimetres');

        return is_numeric($length) ? ['from' => self::place($this->input('scaleFrom')), 'to' => self::place($this->input('scaleTo')), 'centimetres' => (float) $length] : null;
    }

    /** @return array{x: float, y: float} */
    private static function place(mixed $mark): array
    {
        $number = static fn(mixed $value): float => is_numeric($value) ? (float) $value : 0.0;

        return ['x' => $number(data_get($mark, 'x')), 'y' => $number(data_get($mark, 'y'))];
    }
}
