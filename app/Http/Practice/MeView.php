<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Http\Shared\ChoiceView;
use App\Models\User;

/** Who is signed in. */
final readonly class MeView
{
    /**
     * @param bool             $secondStep is asked for at each sign-in
     * @param bool             $asksSecondStep the practice asks everybody for one
     * @param int              $paperCodes that are left of those for a lost device
     * @param list<ChoiceView> $trainers   of the practice, by name
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $email,
        public string $role,
        public string $practice,
        public bool $secondStep,
        public bool $asksSecondStep,
        public int $paperCodes,
        public array $trainers,
    ) {}

    public static function of(User $user): self
    {
        return new self(id: $user->id, name: $user->name, email: $user->email, role: $user->role, practice: $user->practice->name, secondStep: $user->hasSecondStep(), asksSecondStep: $user->second_asked, paperCodes: count($user->second_codes ?? []), trainers: array_values(User::query()->where('practice_id', $user->practice_id)->whereNot('role', User::READER)->whereNull('ended_at')->whereNull('invited_at')->orderBy('name')->get()->map(static fn(User $one): ChoiceView => new ChoiceView(value: $one->id, label: $one->name))->all()));
    }
}
