<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Accounts\SecondStep;
use App\Accounts\TimedCode;
use App\Api\Changes;
use App\Api\Writes;
use Illuminate\Http\JsonResponse;

/** The second step of one's own signing in. */
final class SecondStepController
{
    /** Begins to set it up: it is asked for once a code of it was typed. */
    #[Writes('/api/me/second-step', 'beginSecondStep', SecondStepView::class, CurrentPasswordRequest::class)]
    public function begin(CurrentPasswordRequest $input): JsonResponse
    {
        $secret = SecondStep::begin($input->by());

        return new JsonResponse(new SecondStepView(secret: TimedCode::typed($secret), address: SecondStep::address($input->by(), $secret)));
    }

    /** From here on it is asked for at each sign-in; answers with the codes for a lost device. */
    #[Changes('/api/me/second-step', 'confirmSecondStep', PaperCodesView::class, AuthenticatorCodeRequest::class)]
    public function confirm(AuthenticatorCodeRequest $input): JsonResponse
    {
        return new JsonResponse(new PaperCodesView(SecondStep::confirm($input->by(), $input->text('code'))));
    }

    #[Writes('/api/me/second-step/end', 'endSecondStep', MeView::class, CurrentPasswordRequest::class)]
    public function end(CurrentPasswordRequest $input): JsonResponse
    {
        SecondStep::end($input->by());

        return new JsonResponse(MeView::of($input->by()->refresh()));
    }
}
