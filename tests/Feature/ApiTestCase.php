<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Practice;
use App\Models\User;
use EvenRungs\Screening\DangerSign;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Speaks to the application as its front end does; every answer is held against the API document. */
abstract class ApiTestCase extends TestCase
{
    use RefreshDatabase;

    protected User $trainer;

    /** @var array<string, mixed>|null */
    private static ?array $document = null;

    private static ?Validator $validator = null;

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-06-01 09:00:00');
        $this->trainer = $this->practiceWithTrainer('Tarn Row Movement Room', 'wren@tarn-row.example');
        $this->actingAs($this->trainer);
    }

    /** Somebody at a browser of their own: nothing of a session before is left. */
    public function actingAs(Authenticatable $user, $guard = null): static
    {
        session()->flush();

        return parent::actingAs($user, $guard);
    }

    protected function practiceWithTrainer(string $practice, string $email): User
    {
        $row = Practice::query()->create(['name' => $practice, 'time_zone' => 'Europe/Vienna']);
        $user = User::query()->create(['practice_id' => $row->id, 'name' => 'Wren Aldous', 'email' => $email, 'password' => 'a-demo-password', 'role' => 'owner']);

        return $user->refresh()->setRelation('practice', $row);
    }

    protected static function id(): string
    {
        return strtolower((string) Str::ulid());
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return string id of a person with no danger sign, kit for all four ladders
     */
    protected function person(array $change = []): string
    {
        $id = self::id();
        $this->postJson('/api/people', [...self::fields($id), ...$change])->assertCreated();
        $this->postJson("/api/people/{$id}/screenings", self::answers())->assertCreated();

        return $id;
    }

    /** @return array<string, mixed> */
    protected static function fields(string $id): array
    {
        return [
            'id' => $id, 'version' => 0, 'name' => 'Corvin Strake', 'about' => 'canal lock keeper', 'aim' => 'even',
            'trainingDays' => [2, 5], 'minutes' => 25, 'limits' => [], 'birthYear' => null, 'sex' => null, 'hand' => null, 'injuredSide' => null, 'shares' => null,
            'places' => [['name' => 'here', 'kit' => ['mat', 'wall', 'bench', 'step', 'band'], 'weights' => '']], 'place' => 0, 'week' => [], 'notes' => '', 'consentedOn' => null,
        ];
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return array<string, mixed> a program of six weeks from today, two sessions a week
     */
    protected static function wish(array $change = []): array
    {
        $slot = static fn(string $id, int $day): array => ['id' => $id, 'day' => $day, 'part' => 'evening', 'placement' => 'own-day', 'minutes' => 20, 'effort' => 6];

        return ['start' => '2026-06-01', 'weeks' => 6, 'seed' => 1, 'rateTenths' => 3, 'slots' => [$slot('a', 2), $slot('b', 5)], 'rungs' => [], 'doses' => [], 'sets' => [], 'without' => [], ...$change];
    }

    protected function place(string $person, string $rung, string $side = 'both', string $reason = '', bool $guessed = false): string
    {
        $this->postJson("/api/people/{$person}/placements", ['id' => $id = self::id(), 'rung' => $rung, 'side' => $side, 'reason' => $reason, 'far' => true, 'guessed' => $guessed])->assertCreated();

        return $id;
    }

    /** @param array<string, string> $doses by rung */
    protected function writtenSession(string $person, array $doses): string
    {
        $this->postJson("/api/people/{$person}/sessions", ['id' => $id = self::id(), 'version' => 0, 'title' => 'Lock-house floor', 'blocks' => self::blocks($doses)])->assertCreated();

        return $id;
    }

    /**
     * @param array<string, string> $doses by rung; the entry id is the rung with dashes
     *
     * @return list<array<string, mixed>>
     */
    protected static function blocks(array $doses): array
    {
        $blocks = [];
        foreach ($doses as $rung => $dose) {
            $blocks[] = ['kind' => 'straight', 'items' => [['id' => str_replace('/', '-', $rung), 'rung' => $rung, 'dose' => $dose]], 'gapSeconds' => [], 'roundRestSeconds' => 0];
        }

        return $blocks;
    }

    /** @return array<string, mixed> every danger sign asked for; with no but for the given ones */
    protected static function answers(string ...$yes): array
    {
        $all = array_map(static fn(DangerSign $sign): string => $sign->value, DangerSign::cases());

        return ['id' => self::id(), 'signs' => $yes, 'denied' => array_values(array_diff($all, $yes)), 'asked' => 'person'];
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return array<string, mixed> one logged set, clean unless changed
     */
    protected static function set(string $rung, int $number, int $each, array $change = []): array
    {
        return [
            'item' => str_replace('/', '-', $rung), 'set' => $number, 'both' => null, 'left' => $each, 'right' => $each,
            'form' => ['breathing' => true, 'ribs' => true, 'back-and-pelvis' => true, 'shoulders-and-head' => true, 'in-control' => true, 'sides-alike' => true],
            'pain' => 0, 'effort' => 7, 'travellingPain' => false, 'felt' => 'right', 'painNote' => '', ...$change,
        ];
    }

    /**
     * @param array<mixed> $data
     * @param array<mixed> $headers
     *
     * @return TestResponse<Response>
     */
    public function json($method, $uri, array $data = [], array $headers = [], $options = 0): TestResponse
    {
        // Each request of a test gets its own controllers and library, as each request of the server does.
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $route->flushController();
        }
        $this->app->forgetScopedInstances();
        $response = parent::json($method, $uri, $data, $headers, $options);
        $this->holdAgainstDocument(strtolower($method), (string) $uri, $response);

        return $response;
    }

    /** @param TestResponse<Response> $response */
    protected function holdAgainstDocument(string $method, string $uri, TestResponse $response): void
    {
        $document = self::document();
        $path = strtok($uri, '?');
        foreach ($document['paths'] as $template => $operations) {
            if (preg_match('#^'.preg_replace('/\{\w+\}/', '[^/]+', $template).'$#', (string) $path) !== 1 || ! isset($operations[$method])) {
                continue;
            }
            $answers = $operations[$method]['responses'];
            self::assertTrue(array_key_exists($response->status(), $answers) || $response->status() >= 400, "{$method} {$template} answers {$response->status()}, which the document does not know: {$response->getContent()}");
            $schema = self::schemaOf($answers, $response->status());
            if ($schema === null) {
                // An answer that is no JSON is only named in the document.
                if (data_get($answers, [(string) $response->status(), 'content']) === null) {
                    self::assertSame('', (string) $response->getContent());
                }

                return;
            }
            $error = self::validator()->validate(json_decode((string) $response->getContent()), 'urn:even-rungs:api'.$schema)->error();
            self::assertTrue($error === null, "{$method} {$template}: ".($error === null ? '' : json_encode((new ErrorFormatter)->format($error))));

            return;
        }
        self::fail("{$method} {$uri} is not in the API document.");
    }

    /** @param array<array-key, mixed> $answers */
    private static function schemaOf(array $answers, int $status): ?string
    {
        // What is no answer of its own is an error, and all of them look alike.
        $schema = array_key_exists($status, $answers) ? data_get($answers[$status], ['content', 'application/json', 'schema', '$ref']) : '#/components/schemas/ErrorView';

        return is_string($schema) ? $schema : null;
    }

    /** One for all tests: what it has read of the document it need not read again. */
    private static function validator(): Validator
    {
        if (self::$validator === null) {
            self::$validator = new Validator;
            self::$validator->resolver()?->registerRaw((object) ['$id' => 'urn:even-rungs:api', 'components' => json_decode((string) json_encode(self::document()['components']))]);
        }

        return self::$validator;
    }

    /** @return array{paths: array<string, array<string, array{responses: array<string, mixed>}>>, components: mixed} */
    protected static function document(): array
    {
        self::$document ??= (array) json_decode((string) file_get_contents(dirname(__DIR__, 2).'/openapi.json'), true);

        /** @var array{paths: array<string, array<string, array{responses: array<string, mixed>}>>, components: mixed} */
        return self::$document;
    }
}
