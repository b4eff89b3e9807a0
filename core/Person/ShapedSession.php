<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Session\WrittenBlock;

/** A session that a shape of the week asks for. */
final readonly class ShapedSession
{
    /**
     * @param string             $key     its slots name it by
     * @param list<WrittenBlock> $blocks
     * @param int|null           $minutes of this session; the person's own when null
     * @param int|null           $picks   so many of its exercises the person picks; null for all
     */
    public function __construct(public string $key, public string $title, public array $blocks, public ?int $minutes = null, public ?int $picks = null) {}
}
