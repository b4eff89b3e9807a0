<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Library\CaseBook;
use App\Library\LibraryFiles;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Height;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Level;
use EvenRungs\Body\Side;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Reason\Rule;
use EvenRungs\Screening\State;
use Illuminate\Console\Command;

/** The rule book as a page: every rule with its sentence, what it rests on, the class that holds it and the tests that speak of it. */
final class WriteRuleBook extends Command
{
    protected $signature = 'rules:book';

    protected $description = 'Writes docs/rules.md, docs/casebook.md and docs/cautions.md from the rules in the core and the cases and rungs in the library';

    public function handle(CaseBook $book, LibraryFiles $files): int
    {
        file_put_contents(base_path('docs/rules.md'), self::page());
        file_put_contents(base_path('docs/casebook.md'), self::casePage($book, $files->shelf()->library()));
        file_put_contents(base_path('docs/cautions.md'), self::cautionPage($files->shelf()->library()));
        $this->info('docs/rules.md, docs/casebook.md and docs/cautions.md are written.');

        return self::SUCCESS;
    }

    public static function page(): string
    {
        $lines = ['# The rule book', '', 'Written from `core/Reason/Rule.php` by `php artisan rules:book`; do not edit it here. The same stands in the application under “rules”, and every reason links to it.', ''];
        $room = '';
        foreach (self::byRoom() as $rule) {
            if ($rule->room() !== $room) {
                $room = $rule->room();
                $lines[] = "## {$room}";
                $lines[] = '';
            }
            $classes = self::speakingOf($rule, 'core', ['core/Reason/Rule.php']);
            $tests = self::testsOf($classes, $rule);
            $lines[] = "### `{$rule->value}`";
            $lines[] = '';
            $lines[] = $rule->sentence();
            $lines[] = '';
            $lines[] = "- Basis: {$rule->basis()->value}. {$rule->source()}";
            $lines[] = '- Held by: '.implode(', ', array_map(static fn(string $file): string => "`{$file}`", $classes));
            $lines[] = '- Tests: '.($tests === [] ? 'none names it' : implode(', ', array_map(static fn(string $file): string => "`{$file}`", $tests)));
            $lines[] = '';
        }

        return implode("\n", $lines);
    }

    public static function casePage(CaseBook $book, Library $library): string
    {
        $lines = ['# The book of cases', '', 'Written from `library/cases` by `php artisan rules:book`; do not edit it here. Every case is run as a test; where it says so, its expected values are a worked figure of the rules. Unless something else is told a session was done as written, clean, at effort 6.', ''];
        foreach ($book->chapters($library) as $chapter) {
            $lines[] = "## {$chapter['title']}";
            $lines[] = '';
            $lines[] = $chapter['about'];
            $lines[] = '';
            foreach ($chapter['cases'] as $case) {
                $lines[] = "**{$case->name}.** {$case->given}.";
                $lines[] = '';
                foreach ($case->log as $session) {
                    $lines[] = "- {$session}";
                }
                $about = implode(', ', array_map(static fn(string $rule): string => "`{$rule}`", $case->rules)).($case->source === '' ? '' : "; {$case->source}");
                array_push($lines, ...($case->log === [] ? [] : ['']), ...["→ {$case->outcome} ({$about})", '']);
            }
        }

        return implode("\n", $lines);
    }

    /** What each caution leaves open of each demand, with all kit at hand and every movement allowed. */
    public static function cautionPage(Library $library): string
    {
        $demands = array_values(array_filter(Demand::cases(), static fn(Demand $demand): bool => $library->meeting($demand) !== []));
        $lines = [
            '# What each caution leaves open', '', 'Written from `core/Screening/State.php` and `library/ladders` by `php artisan rules:book`; do not edit it here. Rungs that stay open of each demand, with the highest of them; all kit at hand, every movement allowed by the method, a sided caution on both sides. Below, why, where a caution leaves nothing at some level.', '',
            '| caution | '.implode(' | ', array_map(static fn(Demand $demand): string => $demand->shortName(), $demands)).' |',
            '| --- |'.str_repeat(' --- |', count($demands)),
        ];
        foreach (State::cases() as $state) {
            $circumstances = new Circumstances([$state->limit(Side::Both)], Kit::cases(), Method::default()->with(Answer::TrainedMovementToo));
            $lines[] = "| {$state->label()} | ".implode(' | ', array_map(static function (Demand $demand) use ($library, $circumstances): string {
                $all = $library->meeting($demand);
                $open = array_filter($all, static fn(Rung $rung): bool => $circumstances->rule($rung)->openSomewhere());
                $highest = $open === [] ? 0 : max(array_map(static fn(Rung $rung): int => $rung->height->tenths, $open));

                return $open === [] ? 'none' : count($open).' of '.count($all).', to '.Height::tenthsLabel($highest);
            }, $demands)).' |';
        }
        $lines[] = '';
        $lines[] = '## Why not';
        $lines[] = '';
        foreach ($library->ladders() as $ladder) {
            foreach ($ladder->gaps as $gap) {
                $lines[] = '- '.ucfirst(State::from($gap->limit)->label()).', '.$ladder->demand->shortName().', '.implode(' and ', array_map(static fn(Level $level): string => $level->value, $gap->levels)).": {$gap->why}";
            }
        }

        return implode("\n", [...$lines, '']);
    }

    /** @return list<Rule> */
    private static function byRoom(): array
    {
        $rules = Rule::cases();
        usort($rules, static fn(Rule $a, Rule $b): int => $a->room() <=> $b->room());

        return $rules;
    }

    /**
     * @param list<string> $but
     *
     * @return list<string> files that name the rule
     */
    private static function speakingOf(Rule $rule, string $folder, array $but = []): array
    {
        return array_values(array_diff(array_keys(array_filter(self::sources($folder), static fn(string $text): bool => preg_match("/Rule::{$rule->name}\\b|'".preg_quote($rule->value, '/')."'/", $text) === 1)), $but));
    }

    /**
     * @param list<string> $classes
     *
     * @return list<string> tests that name the rule, or a class that holds it
     */
    private static function testsOf(array $classes, Rule $rule): array
    {
        $names = implode('|', array_map(static fn(string $file): string => preg_quote(basename($file, '.php'), '/'), $classes));
        $about = $names === '' ? [] : array_keys(array_filter(self::sources('tests'), static fn(string $text): bool => preg_match("/\\b({$names})\\b/", $text) === 1));
        $named = [...self::speakingOf($rule, 'tests'), ...self::casesOf($rule)];
        $tests = $named === [] ? $about : $named;
        sort($tests);

        return $tests;
    }

    /** @return list<string> files of cases that speak of the rule */
    private static function casesOf(Rule $rule): array
    {
        return array_values(array_map(static fn(string $file): string => 'library/cases/'.basename($file), array_filter(glob(base_path('library/cases/*.yaml')) ?: [], static fn(string $file): bool => preg_match('/rules: \[[^\]]*\b'.preg_quote($rule->value, '/').'\b/', (string) file_get_contents($file)) === 1)));
    }

    /** @return array<string, string> text of each PHP file, by its path in the project */
    private static function sources(string $folder): array
    {
        /** @var array<string, array<string, string>> $read */
        static $read = [];
        if (! isset($read[$folder])) {
            $read[$folder] = [];
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(base_path($folder), \FilesystemIterator::SKIP_DOTS)) as $file) {
                if ($file instanceof \SplFileInfo && $file->getExtension() === 'php') {
                    $read[$folder][substr($file->getPathname(), strlen(base_path()) + 1)] = (string) file_get_contents($file->getPathname());
                }
            }
            ksort($read[$folder]);
        }

        return $read[$folder];
    }
}
