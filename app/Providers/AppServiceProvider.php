<?php

declare(strict_types=1);

namespace App\Providers;

use App\Library\CaseBook;
use App\Library\Figures;
use App\Library\LibraryFiles;
use App\Library\PracticeLibrary;
use App\Library\TemplateFile;
use App\Models\User;
use App\Photos\PhotoShelf;
use App\Time\TestClock;
use EvenRungs\Ladder\Library;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Encryption\Encrypter;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(LibraryFiles::class, static fn(Application $app): LibraryFiles => new LibraryFiles(base_path('library/ladders'), base_path('bootstrap/cache/library.php'), $app->make(Figures::class)));
        $this->app->singleton(Figures::class, static fn(Application $app): Figures => new Figures(base_path('library/figures.json'), base_path('bootstrap/cache/figures.php'), $app->make(Repository::class)));
        $this->app->bind(CaseBook::class, static fn(): CaseBook => new CaseBook(base_path('library/cases')));
        $this->app->bind(TemplateFile::class, static fn(): TemplateFile => new TemplateFile(base_path('library/templates.yaml')));
        $this->app->bind(PhotoShelf::class, static fn(Application $app): PhotoShelf => new PhotoShelf($app->make(Filesystem::class), $app->make(Encrypter::class), storage_path('app/photos')));
        $this->app->scoped(PracticeLibrary::class);
        $this->app->bind(Library::class, fn(): Library => $this->app->make(PracticeLibrary::class)->library());
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        TestClock::read();
        // No host in the page: behind a proxy the request's own may lack the port, and the policy would refuse every script.
        Vite::createAssetPathsUsing(static fn(string $path): string => '/'.$path);
        // Links name the host of the settings, whatever host a request was sent to.
        URL::forceRootUrl(config()->string('app.url'));
        RateLimiter::for('sign-in', static function (Request $request): array {
            $account = is_string($request->input('email')) ? mb_strtolower($request->input('email')) : '';

            return [
                Limit::perMinute(30)->by('ip:'.$request->ip()),
                Limit::perMinute(6)->by("account:{$account}|{$request->ip()}"),
                // From many addresses at once: more than anybody mistypes, and no more than that.
                Limit::perMinute(20)->by("account:{$account}"),
            ];
        });
        // A link is asked for, or tried: by network address, and for an address few enough that nobody is flooded.
        RateLimiter::for('forgotten', static fn(Request $request): array => [Limit::perMinute(10)->by('ip:'.$request->ip()), Limit::perHour(5)->by('mail:'.(is_string($request->input('email')) ? mb_strtolower($request->input('email')) : ''))]);
        RateLimiter::for('link', static fn(Request $request): Limit => Limit::perMinute(20)->by('link:'.$request->ip()));
        RateLimiter::for('home', static fn(Request $request): Limit => Limit::perMinute(120)->by('home:'.$request->ip()));
        Gate::define('run-practice', static fn(User $user): bool => $user->role === 'owner');
        Gate::define('read', static fn(User $user): bool => $user->isReader());
        Gate::define('train', static fn(User $user): bool => ! $user->isReader());
        // Calendar services ask for many people from one network address: each private address counts by itself.
        RateLimiter::for('calendar', static fn(Request $request): Limit => Limit::perMinute(30)->by('calendar:'.hash('sha256', (string) $request->path())));
        // Typing in the composer asks for a preview at each change: generous, but bounded.
        RateLimiter::for('work', static fn(Request $request): Limit => Limit::perMinute(900)->by((string) ($request->user()?->getAuthIdentifier() ?? $request->ip())));
    }
}
