<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Models\User;

/** Who is signed in. */
final readonly class MeView
{
    public function __construct(
        public string $name,
        public string $email,
        public string $role,
        public string $practice,
    ) {}

    public static function of(User $user): self
    {
        return new self(name: $user->name, email: $user->email, role: $user->role, practice: $user->practice->name);
    }
}
