<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Library\LibraryFiles;
use EvenRungs\Ladder\InvalidLadder;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Reading the ladder files: schema first, then the core's own rules, then a kept copy. */
final class LibraryFilesTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/even-rungs-library-'.bin2hex(random_bytes(4));
        File::ensureDirectoryExists($this->folder.'/ladders');
        File::copy(base_path('library/ladder.schema.json'), $this->folder.'/ladder.schema.json');
        File::copy(base_path('library/poses.yaml'), $this->folder.'/poses.yaml');
        File::copy(base_path('library/ladders/12-press-out.yaml'), $this->folder.'/ladders/12-press-out.yaml');
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_the_kept_copy_is_made_anew_when_a_file_changes(): void
    {
        $before = $this->files()->shelf()->library()->version;
        self::assertSame($before, $this->files()->shelf()->library()->version);

        File::replaceInFile('Press-out, seated', 'Press-out, seated upright', $this->folder.'/ladders/12-press-out.yaml');
        clearstatcache();
        self::assertSame('Press-out, seated upright', $this->files()->shelf()->library()->rung('press-out/seated')->name);
        self::assertNotSame($before, $this->files()->shelf()->library()->version);
    }

    /** @return iterable<string, array{string, string}> */
    public static function broken(): iterable
    {
        yield 'a field nobody knows' => ["slug: seated\n", "slug: seated\n    colour: red\n"];
        yield 'a height as text' => ['height: 22', 'height: low'];
        yield 'HTML in a cue' => ['Sit tall with', '<b>Sit</b> tall with'];
        yield 'kit nobody has' => ['kit: [[band, cable, partner], bench]', 'kit: [rocket]'];
        yield 'no name' => ["    name: 'Press-out, seated'\n", ''];
        yield 'a pose nobody drew' => ['like: seated, shoulder: [30, -6, 30]', 'like: floating, shoulder: [30, -6, 30]'];
        yield 'a hostile pattern of kit on joints' => ['{bench: 45}', '{"bench;<script>": 45}'];
        yield 'a fallback to nowhere' => ['fallback_rung: seated', 'fallback_rung: nowhere'];
        yield 'repetitions without a band' => ["    band: {low: 8, high: 12}\n    tempo: '2-0-2-0'\n    phases: {lowering: out, lifting: back, starts: lowering}\n  - slug: tall", '  - slug: tall'];
    }

    #[DataProvider('broken')]
    public function test_a_broken_file_is_refused_with_its_name(string $from, string $to): void
    {
        File::replaceInFile($from, $to, $this->folder.'/ladders/12-press-out.yaml');
        $this->expectException(InvalidLadder::class);
        $this->expectExceptionMessageMatches('/12-press-out\.yaml|^press-out: /');

        $this->files()->shelf()->library();
    }

    public function test_a_snapshot_is_the_rung_as_it_stands_in_its_file(): void
    {
        self::assertSame(22, $this->files()->shelf()->snapshot('press-out/seated')['height']);
    }

    private function files(): LibraryFiles
    {
        return new LibraryFiles($this->folder.'/ladders', $this->folder.'/kept.php');
    }
}
