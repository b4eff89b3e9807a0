<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Person;
use App\Models\User;
use App\Records\PersonLines;
use Illuminate\Database\ConcurrencyErrorDetector;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/**
 * What is written about a person is decided and written in one transaction, one after the other: it begins by writing
 * the person's own row, which also tells other machines, and ends by making their line of the lists anew. What is
 * refused leaves nothing. Deadlocks are tried again here, for all of them.
 */
final readonly class OneWritingAtATime
{
    private const ATTEMPTS = 5;

    public function __construct(private PersonLines $lines) {}

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $person = $request->route('person');
        if ($request->isMethodSafe() || ! $person instanceof Person) {
            return $next($request);
        }
        $attempt = 0;
        try {
            return DB::transaction(function () use ($request, $next, $person, &$attempt): Response {
                DB::table('people')->where('id', $person->id)->increment('records');
                if ($attempt++ > 0) {
                    $request->route()?->setParameter('person', Person::query()->findOrFail($person->id));
                }
                $response = $next($request);
                $this->unlessItWentWrong($response);
                /** @var User $user */
                $user = $request->user();
                $this->lines->keep($person, $user);

                return $response;
            }, self::ATTEMPTS);
        } catch (Refused $refused) {
            return $refused->response;
        }
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
