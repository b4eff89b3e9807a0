<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Accounts\SecondStep;
use App\Api\Changes;
use App\Api\Reads;
use App\Api\Removes;
use App\Api\Writes;
use App\Http\Problem;
use App\Messages\Invite;
use App\Models\Readership;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Who works in the practice: for its owner alone. */
final class TrainersController
{
    #[Reads('/api/practice/trainers', 'trainers', TrainersView::class)]
    public function index(#[CurrentUser] User $owner): JsonResponse
    {
        return $this->answer($owner);
    }

    /** Invites a trainer or a reader by mail. Their name and password they choose themselves. */
    #[Writes('/api/practice/trainers', 'inviteTrainer', TrainersView::class, InviteRequest::class, status: 201)]
    public function store(InviteRequest $input): JsonResponse
    {
        $owner = $input->by();
        $email = mb_strtolower($input->text('email'));
        $known = User::query()->where('email', $email)->first();
        $isAsked = $known !== null && $known->practice_id === $owner->practice_id && $known->invited_at !== null && $known->role !== $input->role();
        if ($known !== null && $known->id !== $input->text('id') && ! $isAsked) {
            // Whether another practice knows the address is nobody's business here.
            throw Problem::field('email', $known->practice_id === $owner->practice_id ? 'This address is in your practice already.' : 'This address cannot be invited: ask for another one of theirs.');
        }
        if ($isAsked) {
            // Invited as something else, and not joined yet.
            $known->update(['role' => $input->role()]);
            $this->invite($known, $owner);
        }
        if ($known === null) {
            $user = User::query()->create(['id' => $input->text('id'), 'practice_id' => $owner->practice_id, 'name' => $email, 'email' => $email, 'password' => Str::random(60), 'role' => $input->role(), 'invited_at' => now(), 'second_asked' => $owner->second_asked]);
            Invite::dispatch($user->id, $owner->name);
        }

        return $this->answer($owner, 201);
    }

    /** Sends the invitation once more; the link of before holds no longer. */
    #[Writes('/api/practice/trainers/{trainer}/invitation', 'inviteAgain', TrainersView::class)]
    public function again(string $trainer, #[CurrentUser] User $owner): JsonResponse
    {
        $user = $this->other($owner, $trainer);
        if ($user->invited_at === null) {
            throw Problem::conflict('joined', "{$user->name} has joined already.");
        }
        $this->invite($user, $owner);

        return $this->answer($owner);
    }

    /** Ends a trainer's access at once: what their devices keep goes at their next contact. What they did stays. */
    #[Removes('/api/practice/trainers/{trainer}', 'endAccess', TrainersView::class)]
    public function destroy(string $trainer, #[CurrentUser] User $owner): JsonResponse
    {
        $this->asOwner($owner, $trainer, static function (User $user) use ($owner): void {
            $user->update(['ended_at' => now()]);
            self::endReading($user, $owner);
        });

        return $this->answer($owner);
    }

    /** Lets a trainer in again, with the password they had. */
    #[Writes('/api/practice/trainers/{trainer}/access', 'letInAgain', TrainersView::class)]
    public function back(string $trainer, #[CurrentUser] User $owner): JsonResponse
    {
        $this->other($owner, $trainer)->update(['ended_at' => null]);

        return $this->answer($owner);
    }

    /** What somebody may do from now on; whoever reads no longer, or only reads, is shown nobody by it. */
    #[Changes('/api/practice/trainers/{trainer}/role', 'changeRole', TrainersView::class, RoleRequest::class)]
    public function role(string $trainer, RoleRequest $input): JsonResponse
    {
        $owner = $input->by();
        $this->asOwner($owner, $trainer, static function (User $user) use ($owner, $input): void {
            self::endReading($user, $owner);
            $user->update(['role' => $input->text('role')]);
        });

        return $this->answer($owner);
    }

    /** Whether everybody is asked for a second step; who has none sets it up at their next opening. */
    #[Changes('/api/practice/second-step', 'askSecondStep', TrainersView::class, SecondStepAskedRequest::class)]
    public function askSecondStep(SecondStepAskedRequest $input): JsonResponse
    {
        $owner = $input->by();
        if ($input->boolean('asked') && ! $owner->hasSecondStep()) {
            throw Problem::conflict('own-first', 'Set up your own second step first, below.');
        }
        $this->all($owner)->update(['second_asked' => $input->boolean('asked')]);

        return $this->answer($owner->refresh());
    }

    /** For whoever has lost their device and the codes on paper: the password alone signs them in again. */
    #[Removes('/api/practice/trainers/{trainer}/second-step', 'endSecondStepOf', TrainersView::class)]
    public function oneStep(string $trainer, #[CurrentUser] User $owner): JsonResponse
    {
        SecondStep::end($this->other($owner, $trainer));

        return $this->answer($owner);
    }

    /** Who is let in again, or reads again, is shown people anew. */
    private static function endReading(User $user, User $owner): void
    {
        Readership::query()->where('reader_id', $user->id)->whereNull('ended_at')->update(['ended_at' => now(), 'ended_by' => $owner->id]);
    }

    private function invite(User $user, User $owner): void
    {
        $user->update(['invited_at' => now(), 'unreached_at' => null, 'ended_at' => null]);
        Invite::dispatch($user->id, $owner->name);
    }

    /**
     * Of two owners who take each other's rights at once one comes first, so that one is left.
     *
     * @param \Closure(User): void $do
     */
    private function asOwner(User $owner, string $trainer, \Closure $do): void
    {
        DB::transaction(function () use ($owner, $trainer, $do): void {
            $owners = $this->all($owner)->where('role', 'owner')->whereNull('ended_at')->lockForUpdate()->pluck('id');
            if (! $owners->contains($owner->id)) {
                throw Problem::conflict('no-owner', 'You are no owner of this practice any more.');
            }
            $do($this->other($owner, $trainer));
        }, 5);
    }

    private function other(User $owner, string $trainer): User
    {
        $user = $this->all($owner)->findOrFail($trainer);

        return $user->is($owner) ? throw Problem::conflict('yourself', 'This is you: another owner would have to do that.') : $user;
    }

    /** @return Builder<User> */
    private function all(User $owner): Builder
    {
        return User::query()->where('practice_id', $owner->practice_id);
    }

    private function answer(User $owner, int $status = 200): JsonResponse
    {
        $rows = $this->all($owner)->orderByRaw('ended_at IS NOT NULL, invited_at IS NOT NULL')->orderBy('name')->get();

        return new JsonResponse(new TrainersView(array_values($rows->map(static fn(User $user): TrainerView => TrainerView::of($user, $owner, $owner->practice->time_zone))->all()), $owner->second_asked), $status);
    }
}
