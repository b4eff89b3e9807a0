<?php

declare(strict_types=1);

namespace App\Providers;

use App\Library\CaseBook;
use App\Library\LibraryFiles;
use App\Library\PracticeLibrary;
use App\Library\TemplateFile;
use App\Photos\PhotoShelf;
use App\Time\TestClock;
use EvenRungs\Ladder\Library;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Encryption\Encrypter;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(LibraryFiles::class, static fn(): LibraryFiles => new LibraryFiles(base_path('library/ladders'), base_path('bootstrap/cache/library.php')));
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
        RateLimiter::for('sign-in', static fn(Request $request): array => [
            Limit::perMinute(30)->by('ip:'.$request->ip()),
            Limit::perMinute(6)->by('user:'.mb_strtolower($request->string('email')->toString()).'|'.$request->ip()),
        ]);
        // Typing in the composer asks for a preview at each change: generous, but bounded.
        RateLimiter::for('calendar', static fn(Request $request): Limit => Limit::perMinute(30)->by((string) $request->ip()));
        RateLimiter::for('work', static fn(Request $request): Limit => Limit::perMinute(900)->by((string) ($request->user()?->getAuthIdentifier() ?? $request->ip())));
    }
}
