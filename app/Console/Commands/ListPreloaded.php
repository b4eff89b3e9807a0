<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use Composer\InstalledVersions;
use Illuminate\Console\Command;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\View\Component;

/**
 * Files whose classes every worker would compile and link again for each request: our own, and those of the framework
 * that answer one. `bootstrap/preload.php` hands them to opcache once, when PHP starts.
 */
final class ListPreloaded extends Command
{
    protected $signature = 'preload:list {file : where the list is written}';

    protected $description = 'Lists what opcache keeps linked from the start of PHP';

    public function handle(Kernel $http): int
    {
        foreach (['core' => 'EvenRungs', 'app' => 'App'] as $folder => $namespace) {
            $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(base_path($folder), \FilesystemIterator::SKIP_DOTS));
            foreach ($files as $file) {
                /** @var \SplFileInfo $file */
                $class = $namespace.str_replace('/', '\\', substr($file->getPathname(), strlen(base_path($folder)), -4));
                if ($file->getExtension() === 'php' && ! str_contains($class, '\\Console\\')) {
                    class_exists($class);
                }
            }
        }
        // A page, and a row with its relations, bring in what the framework needs for one.
        $http->handle(Request::create('/sign-in'));
        User::query()->with('practice')->first();
        // A class of what is listed stands on it.
        class_exists(Component::class);
        $files = [];
        foreach ([...get_declared_classes(), ...get_declared_interfaces(), ...get_declared_traits()] as $name) {
            $class = new \ReflectionClass($name);
            $file = $class->getFileName();
            if ($file !== false && ! str_contains($file, '/Console/') && ! $this->isOfTheWorkshop($file) && ! $this->standsOnOneMadeLate($class)) {
                $files[$file] = true;
            }
        }
        file_put_contents((string) $this->argument('file'), '<?php return '.var_export(array_keys($files), true).';');
        $this->info(count($files).' files are preloaded.');

        return self::SUCCESS;
    }

    /**
     * What a package declares only as it runs cannot be linked before, nor what extends it.
     *
     * @param \ReflectionClass<object> $class
     */
    private function standsOnOneMadeLate(\ReflectionClass $class): bool
    {
        $parent = $class->getParentClass();

        return $parent !== false && (str_contains((string) $parent->getFileName(), '/lazy/') || $this->standsOnOneMadeLate($parent));
    }

    /** Packages that only develop and test are not there in production. */
    private function isOfTheWorkshop(string $file): bool
    {
        if (preg_match('~/vendor/([^/]+/[^/]+)/~', $file, $package) !== 1) {
            return false;
        }

        return ! InstalledVersions::isInstalled($package[1], includeDevRequirements: false);
    }
}
