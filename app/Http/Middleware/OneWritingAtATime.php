<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Shared\ApiRequest;
use App\Models\Person;
use App\Models\User;
use App\Records\PersonLines;
use Illuminate\Database\ConcurrencyErrorDetector;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/**
 * What is written about a person is decided and written in one transaction, one after the other: it begins by writing
 * the person's own row, which also tells other machines, and ends by making their line of the lists anew. What is
 * refused leaves nothing. Deadlocks are tried again here, for all of them. What is created under an id of the device is
 * taken once.
 */
final readonly class OneWritingAtATime
{
    private const ATTEMPTS = 5;

    public function __construct(private PersonLines $lines) {}

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $person = $request->route('person');
        $person = $person instanceof Person ? $person : null;
        $id = $request->isMethod('POST') && is_string($request->input('id')) ? strtolower($request->input('id')) : '';
        $id = preg_match(ApiRequest::ID, $id) === 1 ? $id : null;
        if ($request->isMethodSafe() || ($person === null && $id === null)) {
            return $next($request);
        }
        $attempt = 0;
        try {
            return DB::transaction(function () use ($request, $next, $person, $id, &$attempt): Response {
                if ($person !== null) {
                    DB::table('people')->where('id', $person->id)->increment('records');
                }
                if ($attempt++ > 0 && $person !== null) {
                    $request->route()?->setParameter('person', Person::query()->findOrFail($person->id));
                }

                return $this->write($request, $next, $person, $id);
            }, self::ATTEMPTS);
        } catch (Refused $refused) {
            return $refused->response;
        }
    }

    /** @param \Closure(Request): Response $next */
    private function write(Request $request, \Closure $next, ?Person $person, ?string $id): Response
    {
        /** @var User $user */
        $user = $request->user();
        $what = $request->route()?->getName().' '.$person?->id;
        $isKnown = $id !== null && Takings::check($id, $user->practice_id, $what, self::said($request, $id));
        $response = $next($request);
        $this->unlessItWentWrong($response);
        if ($id !== null && ! $isKnown) {
            Takings::keep($id, $user->practice_id, $what, self::said($request, $id));
        }
        if ($person !== null) {
            $this->lines->keep($person, $user);
        }

        return $response;
    }

    /** @return array<array-key, mixed> what was sent, pictures by what is in them */
    private static function said(Request $request, string $id): array
    {
        $files = array_map(static fn(mixed $file): string => $file instanceof UploadedFile && $file->isValid() ? (string) hash_file('sha256', $file->path()) : '', $request->allFiles());

        return [...(array) $request->input(), 'id' => $id, ...$files];
    }

    /**
     * @throws Refused    so that nothing of it stays
     * @throws \Throwable where two ran into each other, so that it is tried again
     */
    private function unlessItWentWrong(Response $response): void
    {
        $error = property_exists($response, 'exception') && $response->exception instanceof \Throwable ? $response->exception : null;
        if ($error !== null && (new ConcurrencyErrorDetector)->causedByConcurrencyError($error)) {
            throw $error;
        }
        if ($response->getStatusCode() >= 400) {
            throw new Refused($response);
        }
    }
}
