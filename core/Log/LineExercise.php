<?php

declare(strict_types=1);

namespace EvenRungs\Log;

/** What a typed line tells of one exercise of a session. */
final readonly class LineExercise
{
    /**
     * @param list<LineSet> $sets    in order, from set 1
     * @param bool|null     $clean   null where the line says nothing of it
     * @param string        $asked   the words that named it; empty where none did
     * @param list<string>  $choices other exercises the words may mean; none where they are clear
     */
    public function __construct(
        public string $item,
        public array $sets,
        public ?int $effort,
        public ?int $pain,
        public ?bool $clean,
        public string $asked,
        public array $choices,
    ) {}
}
