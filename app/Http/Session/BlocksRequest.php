<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\ApiRequest;
use EvenRungs\Session\WrittenBlock;
use Illuminate\Validation\Validator;

/** A written session that is sent: its blocks, its minutes where it has its own, and how many of it the person picks. */
abstract class BlocksRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['blocks' => ['present', 'list', 'max:40'], 'minutes' => ['nullable', 'integer:strict', 'between:1,180'], 'picks' => ['nullable', 'integer:strict', 'between:1,39']];
    }

    /**
     * The composer asks at every change, and rules with wildcards take longer than the whole computation:
     * the shape of the blocks is checked by hand.
     *
     * @return list<\Closure(Validator): void>
     */
    public function after(): array
    {
        return [function (Validator $validator): void {
            foreach (BlocksShape::problems($this->input('blocks')) as $field => $sentence) {
                $validator->errors()->add($field, $sentence);
            }
        }];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [...parent::messages(), 'minutes.between' => 'A session lasts from 1 to 180 minutes.', 'minutes.integer' => 'Minutes are a whole number.', 'picks.between' => 'From one exercise on are picked.'];
    }

    public function minutes(): ?int
    {
        return $this->input('minutes') === null ? null : $this->integer('minutes');
    }

    /** So many of its exercises the person picks; null for all. */
    public function picks(): ?int
    {
        return $this->input('picks') === null ? null : $this->integer('picks');
    }

    /** @return list<WrittenBlock> */
    public function blocks(): array
    {
        return array_map(static fn(mixed $block): WrittenBlock => WrittenBlock::read(is_array($block) ? $block : []), $this->entries('blocks'));
    }
}
