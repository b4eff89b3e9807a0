<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Models\User;

/** A trainer of the practice, as the owner sees them. */
final readonly class TrainerView
{
    /**
     * @param string      $name  empty until they have joined
     * @param string      $state joined, invited, unreached where the letter of the invitation could not be sent, or ended
     * @param string|null $since since when invited, unreached or ended, a date
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $email,
        public string $role,
        public string $state,
        public ?string $since,
        public bool $isYou,
        public bool $secondStep,
    ) {}

    public static function of(User $user, User $by, string $zone): self
    {
        [$state, $since] = match (true) {
            $user->ended_at !== null => ['ended', $user->ended_at],
            $user->invited_at !== null && $user->unreached_at !== null => ['unreached', $user->unreached_at],
            $user->invited_at !== null => ['invited', $user->invited_at],
            default => ['joined', null],
        };

        return new self(id: $user->id, name: $user->invited_at === null ? $user->name : '', email: $user->email, role: $user->role, state: $state, since: $since?->setTimezone($zone)->format('Y-m-d'), isYou: $user->is($by), secondStep: $user->hasSecondStep());
    }
}
