<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Models\User;
use OpenApi\Attributes as OA;

/** Who is signed in. */
#[OA\Schema]
final readonly class MeView
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $email,
        #[OA\Property]
        public string $role,
        #[OA\Property]
        public string $practice,
    ) {}

    public static function of(User $user): self
    {
        return new self($user->name, $user->email, $user->role, $user->practice->name);
    }
}
