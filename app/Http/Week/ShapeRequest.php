<?php

declare(strict_types=1);

namespace App\Http\Week;

use App\Http\Shared\ApiRequest;
use EvenRungs\Week\Shape;
use Illuminate\Validation\Rule;

/**
 * @body Shape $shape
 */
final class ShapeRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['shape' => ['required', Rule::enum(Shape::class)]];
    }

    public function shape(): Shape
    {
        return Shape::from($this->text('shape'));
    }
}
