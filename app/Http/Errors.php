<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Shared\ErrorView;
use EvenRungs\Dose\InvalidDoseLine;
use EvenRungs\Ladder\UnknownRung;
use EvenRungs\Reason\Refusal;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/** Every error of the API looks alike: a code, a sentence, the fields it is about, an id to quote. */
final class Errors
{
    public static function answer(\Throwable $error, Request $request): ?JsonResponse
    {
        if (! $request->is('api/*')) {
            return null;
        }
        $id = strtolower((string) Str::ulid());
        [$status, $code, $sentence, $fields] = match (true) {
            $error instanceof Problem => [$error->status, $error->problem, $error->getMessage(), $error->fields],
            $error instanceof ValidationException => [422, 'invalid', 'Something entered cannot be taken; nothing was saved.', $error->errors()],
            $error instanceof InvalidDoseLine => [422, $error->kind(), $error->getMessage(), ['dose' => [$error->getMessage()]]],
            $error instanceof UnknownRung => [422, $error->kind(), $error->getMessage(), ['rung' => [$error->getMessage()]]],
            $error instanceof Refusal => [422, $error->kind(), $error->getMessage(), []],
            $error instanceof AuthenticationException => [401, 'signed-out', 'You are not signed in any more: sign in to go on.', []],
            $error instanceof AuthorizationException => [403, 'forbidden', 'This is not allowed.', []],
            $error instanceof TokenMismatchException => [419, 'page-too-old', 'Nothing was saved: the page was open longer than the sign-in holds. Sign in to go on.', []],
            $error instanceof UniqueConstraintViolationException => [409, 'id-taken', 'This id is taken already. Reload the page and try again.', []],
            $error instanceof ModelNotFoundException => [404, 'not-found', 'There is no such thing in this practice.', []],
            $error instanceof HttpExceptionInterface => self::http($error),
            default => [500, 'broken', 'Something broke on our side. What you entered is still here; please try again.', []],
        };
        if ($status >= 500) {
            Log::error("[{$id}] ".Told::of($error));
        }

        return new JsonResponse(new ErrorView(code: $code, sentence: $sentence, fields: $fields === [] ? new \stdClass : $fields, id: $id, present: $error instanceof Problem ? $error->present : null), $status, $error instanceof HttpExceptionInterface ? $error->getHeaders() : []);
    }

    /** @return array{int, string, string, array<string, list<string>>} */
    private static function http(HttpExceptionInterface $error): array
    {
        return match ($error->getStatusCode()) {
            404 => [404, 'not-found', 'There is no such thing in this practice.', []],
            405 => [405, 'not-this-way', 'This address does not answer to that.', []],
            413 => [413, 'too-large', 'What was sent is too large.', []],
            419 => [419, 'page-too-old', 'Nothing was saved: the page was open longer than the sign-in holds. Sign in to go on.', []],
            429 => [429, 'too-many', 'Too many requests at once. Wait a moment and try again.', []],
            default => [$error->getStatusCode(), 'refused', 'The request was refused.', []],
        };
    }
}
