<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Shared\EndedView;
use App\Models\User;
use App\Records\PersonFile;
use EvenRungs\Screening\Admission;
use Illuminate\Contracts\Debug\ShouldntReport;

/** An error a user can cause, with its status and sentence. */
final class Problem extends \RuntimeException implements ShouldntReport
{
    /** @param array<string, list<string>> $fields */
    private function __construct(public readonly int $status, public readonly string $problem, string $sentence, public readonly array $fields = [], public readonly ?object $present = null)
    {
        parent::__construct($sentence);
    }

    /** Someone else saved in the meantime: the answer carries what is saved now, the caller still has its own. */
    public static function changedMeanwhile(string $what, object $present): self
    {
        return new self(409, 'changed-meanwhile', "{$what} was changed somewhere else in the meantime. Nothing was overwritten: look at both and decide.", [], $present);
    }

    public static function conflict(string $code, string $sentence): self
    {
        return new self(409, $code, $sentence);
    }

    /**
     * Plan, session and coaching are closed while a danger sign stands without a clearance.
     *
     * @throws self when it does
     */
    public static function whenClosed(Admission $standing): void
    {
        if (! $standing->open) {
            throw new self(423, 'danger-sign', $standing->reason->sentence ?? 'Closed by a danger sign.');
        }
    }

    /**
     * Nobody is tested while a danger sign stands, nor before they were asked for.
     *
     * @throws self when that is so
     */
    public static function whenNotToBeTested(PersonFile $file): void
    {
        self::whenClosed($file->record->admission());
        if ($file->record->safety->lastAsked === null) {
            throw new self(423, 'not-asked', 'The danger signs have not been asked for yet: nothing is tested before that.');
        }
    }

    public static function tooLong(): self
    {
        return new self(413, 'too-long', 'This is more than can be taken at once: at most two megabytes.');
    }

    public static function unreadable(): self
    {
        return new self(422, 'unreadable', 'What was sent cannot be read: nothing was stored.');
    }

    public static function emptySession(): self
    {
        return self::conflict('empty-session', 'This session has no exercise that can be read.');
    }

    public static function unreachable(string $code, string $sentence): self
    {
        return new self(503, $code, $sentence);
    }

    public static function field(string $field, string $sentence): self
    {
        return new self(422, 'invalid', $sentence, [$field => [$sentence]]);
    }

    /** @param non-empty-list<string> $sentences */
    public static function faults(string $field, array $sentences): self
    {
        return new self(422, 'invalid', $sentences[0], [$field => $sentences]);
    }

    /** One sentence for all links that do not open: expired, taken back, mistyped, of somebody put away. */
    public static function notAtHome(): self
    {
        return new self(401, 'home-closed', 'This page does not open any more. Ask your practice for a new link.');
    }

    /** A second device waits to be let in. */
    public static function homeCode(): self
    {
        return new self(401, 'home-code', 'Your page is open on another device already. Your trainer sees a code for this one: type it here.');
    }

    /** Whoever had access learns whose things their device has to let go of. */
    public static function accessEnded(User $user): self
    {
        return new self(401, 'access-ended', 'Your access to this practice was ended. What this device kept of it is let go of. Ask the owner of the practice if you think this is wrong.', [], new EndedView($user->id));
    }

    /** The password was right, and a second step is set up. */
    public static function secondStep(): self
    {
        return new self(422, 'second-step', 'Now the code your authenticator shows, or one of those you keep on paper.');
    }

    /** The practice asks everybody for a second step, and there is none yet. */
    public static function secondStepMissing(): self
    {
        return new self(403, 'second-step-missing', 'Your practice asks everybody for a second step of signing in: set yours up first.');
    }

    public static function signIn(string $sentence): self
    {
        return new self(422, 'sign-in', $sentence, ['email' => [$sentence]]);
    }
}
