<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;

/** Pictures of people stay private and keep nothing but the picture; marks on them are measured by the core. */
final class PicturesTest extends ApiTestCase
{
    protected function tearDown(): void
    {
        File::deleteDirectory(storage_path('app/photos/'.$this->trainer->practice_id));
        parent::tearDown();
    }

    public function test_a_picture_cut_off_on_its_way_is_said_so(): void
    {
        $person = $this->person();
        $file = new UploadedFile(__FILE__, 'large.jpg', 'image/jpeg', UPLOAD_ERR_INI_SIZE, true);

        $this->post("/api/people/{$person}/photos", ['id' => self::id(), 'photo' => $file], ['Accept' => 'application/json'])->assertUnprocessable()
            ->assertJsonPath('fields.photo.0', 'This picture is larger than 8 MB, or was cut off on its way.');
        $this->post("/api/people/{$person}/photos", ['id' => self::id(), 'photo' => $file, 'note' => "\xc3\x28"], ['Accept' => 'application/json'])->assertUnprocessable();
    }

    public function test_a_picture_that_cannot_be_written_leaves_neither_file_nor_row(): void
    {
        $person = $this->person();
        $folder = storage_path('app/photos/'.$this->trainer->practice_id);
        // Where the folder should be stands a file.
        File::ensureDirectoryExists(dirname($folder));
        file_put_contents($folder, '');
        $this->send($person, $id = self::id(), self::jpegWithPlace(400, 300))->assertStatus(500);
        self::assertSame(0, DB::table('photos')->count());
        unlink($folder);

        // And it is taken under the same number once there is room.
        $this->send($person, $id, self::jpegWithPlace(400, 300))->assertCreated();
        self::assertSame(1, DB::table('photos')->count());
        self::assertFileExists("{$folder}/{$id}");
    }

    public function test_a_picture_is_scaled_down_stripped_encrypted_and_served_to_the_practice_only(): void
    {
        $person = $this->person();
        $kept = $this->send($person, $id = self::id(), self::jpegWithPlace(2400, 1200))->assertCreated();
        self::assertSame([$id, 1600, 800], [$kept->json('id'), $kept->json('width'), $kept->json('height')]);

        $stored = (string) file_get_contents(storage_path("app/photos/{$this->trainer->practice_id}/{$id}"));
        self::assertStringNotContainsString("\xFF\xD8\xFF", $stored, 'not a readable picture on disk');
        self::assertStringNotContainsString('Tarn quay', $stored);

        $served = $this->get("/api/people/{$person}/photos/{$id}")->assertOk()->assertHeader('Content-Type', 'image/jpeg')->assertHeader('Cache-Control', 'no-store, private');
        $bytes = (string) $served->getContent();
        self::assertSame([1600, 800, IMAGETYPE_JPEG], array_slice((array) getimagesizefromstring($bytes), 0, 3));
        foreach (['Exif', 'Tarn quay'] as $secret) {
            self::assertStringNotContainsString($secret, $bytes);
        }
        $other = $this->person();
        $this->get("/api/people/{$other}/photos/{$id}")->assertNotFound();
        $this->actingAs($this->practiceWithTrainer('Mere End Studio', 'odo@mere-end.example'));
        $this->get("/api/people/{$person}/photos/{$id}")->assertNotFound();
    }

    public function test_a_picture_that_is_taken_out_is_gone_from_the_disk(): void
    {
        $person = $this->person();
        $this->send($person, $id = self::id(), self::jpegWithPlace(400, 300))->assertCreated();
        $this->deleteJson("/api/people/{$person}/photos/{$id}")->assertNoContent();

        self::assertFileDoesNotExist(storage_path("app/photos/{$this->trainer->practice_id}/{$id}"));
        $this->get("/api/people/{$person}/photos/{$id}")->assertNotFound();
    }

    public function test_a_picture_that_no_result_was_kept_with_is_gone_the_night_after(): void
    {
        $person = $this->person();
        $folder = storage_path("app/photos/{$this->trainer->practice_id}");
        foreach ([$left = self::id(), $kept = self::id(), $back = self::id()] as $id) {
            $this->send($person, $id, self::jpegWithPlace(400, 300))->assertCreated();
        }
        $this->postJson("/api/people/{$person}/alignments", [...self::marks(30), 'photo' => $kept])->assertCreated();
        $this->postJson("/api/people/{$person}/alignments", [...self::marks(30), 'id' => $check = self::id(), 'photo' => $back])->assertCreated();
        $this->deleteJson("/api/people/{$person}/alignments/{$check}")->assertNoContent();

        self::assertSame(0, Artisan::call('pictures:let-go'));
        self::assertFileExists("{$folder}/{$left}", 'somebody may still be marking it');
        Carbon::setTestNow('2026-06-02 03:00:00');
        self::assertSame(0, Artisan::call('pictures:let-go'));

        self::assertFileDoesNotExist("{$folder}/{$left}");
        self::assertFileDoesNotExist("{$folder}/{$back}", 'a check that was taken back keeps no picture');
        $this->get("/api/people/{$person}/photos/{$left}", ['Accept' => 'application/json'])->assertNotFound();
        self::assertFileExists("{$folder}/{$kept}");
        $this->get("/api/people/{$person}/photos/{$kept}")->assertOk();

        $this->postJson("/api/people/{$person}/taken-back/alignments/{$check}")->assertNoContent();
        $photos = array_column((array) $this->getJson("/api/people/{$person}/checks")->assertOk()->json('alignments'), 'photo', 'id');
        self::assertNull($photos[$check], 'brought back without the picture that is gone');
        self::assertContains($kept, $photos);
    }

    public function test_what_was_measured_outlives_its_picture(): void
    {
        $person = $this->person();
        $this->send($person, $photo = self::id(), self::jpegWithPlace(1000, 400))->assertCreated();
        $this->postJson("/api/people/{$person}/alignments", [...self::marks(30), 'photo' => $photo])->assertCreated();
        $this->getJson("/api/people/{$person}/checks")->assertJsonPath('alignments.0.photo', $photo);

        $this->deleteJson("/api/people/{$person}/photos/{$photo}")->assertNoContent();
        $this->getJson("/api/people/{$person}/checks")->assertJsonPath('alignments.0.photo', null)->assertJsonPath('alignments.0.found.degrees', 11.42);
    }

    /** @return iterable<string, array{\Closure(): UploadedFile, string}> */
    public static function refused(): iterable
    {
        yield 'text that calls itself a picture' => [static fn() => UploadedFile::fake()->createWithContent('me.jpg', 'GIF89a? no: words'), 'This is not a picture that can be read: JPEG, PNG or WebP, please.'];
        yield 'a drawing with a script in it' => [static fn() => UploadedFile::fake()->createWithContent('me.svg', '<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>'), 'This is not a picture that can be read: JPEG, PNG or WebP, please.'];
        yield '40 megapixels' => [static fn() => UploadedFile::fake()->createWithContent('big.png', self::pngHeader(8000, 5000)), 'This picture has 40 megapixels; up to 16 can be read. Take it smaller, or crop it.'];
        yield 'a picture cut off' => [static fn() => UploadedFile::fake()->createWithContent('cut.png', self::pngHeader(800, 500)), 'This picture is damaged and cannot be read.'];
        yield 'a stamp' => [static fn() => UploadedFile::fake()->createWithContent('small.png', self::pngHeader(40, 40)), 'This picture is too small to mark: at least 80 pixels each way.'];
        yield '9 MB' => [static fn() => UploadedFile::fake()->create('large.jpg', 9000), 'This picture is larger than 8 MB.'];
    }

    /** @param \Closure(): UploadedFile $file */
    #[DataProvider('refused')]
    public function test_what_is_no_picture_to_be_kept_gets_a_sentence(\Closure $file, string $sentence): void
    {
        $answer = $this->send($this->person(), self::id(), $file())->assertUnprocessable();

        self::assertSame($sentence, $answer->json('fields.photo.0'), (string) $answer->getContent());
        self::assertSame(0, DB::table('photos')->count());
    }

    public function test_marks_are_measured_kept_and_taken_back(): void
    {
        $person = $this->person();
        $marks = self::marks(30);
        $this->postJson("/api/people/{$person}/alignments/preview", $marks)->assertOk()->assertJsonPath('degrees', 11.42)->assertJsonPath('centimetres', 15)->assertJsonPath('inLine', false);
        $this->postJson("/api/people/{$person}/alignments", $marks)->assertCreated()->assertJsonPath('sentence', 'The hip sags 11.4 degrees, 15.0 cm off the line from shoulder to ankle.');

        $kept = $this->getJson("/api/people/{$person}/checks")->assertOk();
        self::assertSame(11.42, $kept->json('alignments.0.found.degrees'));
        $this->deleteJson("/api/people/{$person}/alignments/{$kept->json('alignments.0.id')}")->assertNoContent();
        $this->getJson("/api/people/{$person}/checks")->assertJsonPath('alignments', []);
    }

    public function test_marks_out_of_order_or_missing_are_refused(): void
    {
        $person = $this->person();
        $marks = self::marks(0);
        $swapped = [...$marks, 'marks' => [...$marks['marks'], 'knee' => $marks['marks']['hip'], 'hip' => $marks['marks']['knee']]];
        $this->postJson("/api/people/{$person}/alignments", $swapped)->assertUnprocessable()->assertJsonPath('code', 'marks');
        unset($marks['marks']['ear']);
        $answer = $this->postJson("/api/people/{$person}/alignments", $marks)->assertUnprocessable();
        self::assertArrayHasKey('marks.ear', (array) $answer->json('fields'));
        self::assertSame(0, DB::table('alignments')->count());
    }

    /** @return TestResponse<Response> */
    private function send(string $person, string $id, UploadedFile $file): TestResponse
    {
        $response = $this->post("/api/people/{$person}/photos", ['id' => $id, 'photo' => $file], ['Accept' => 'application/json']);
        $this->holdAgainstDocument('post', "/api/people/{$person}/photos", $response);

        return $response;
    }

    /** A picture whose camera wrote down where it was. */
    private static function jpegWithPlace(int $width, int $height): UploadedFile
    {
        $picture = imagecreatetruecolor(max(1, $width), max(1, $height)) ?: throw new \LogicException('No picture.');
        ob_start();
        imagejpeg($picture);
        $jpeg = (string) ob_get_clean();
        $exif = "Exif\0\0MM\0*\0\0\0\x08\0\x01\x01\x0E\0\x02\0\0\0\x0A\0\0\0\x1A\0\0\0\0Tarn quay\0";

        return UploadedFile::fake()->createWithContent('me.jpg', substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2));
    }

    private static function pngHeader(int $width, int $height): string
    {
        $header = 'IHDR'.pack('NNCCCCC', $width, $height, 8, 2, 0, 0, 0);

        return "\x89PNG\r\n\x1a\n".pack('N', 13).$header.pack('N', crc32($header));
    }

    /** @return array{id: string, view: string, photo: null, marks: array<string, array{x: int, y: int}>, scaleFrom: array{x: int, y: int}, scaleTo: array{x: int, y: int}, centimetres: int, note: string} */
    private static function marks(int $hipDown): array
    {
        $at = static fn(int $x, int $y = 0): array => ['x' => $x, 'y' => $y];

        return [
            'id' => self::id(), 'view' => 'side', 'photo' => null,
            'marks' => ['ankle' => $at(0), 'knee' => $at(300), 'hip' => $at(600, $hipDown), 'shoulder' => $at(900), 'ear' => $at(1000)],
            'scaleFrom' => $at(0), 'scaleTo' => $at(200), 'centimetres' => 100, 'note' => '',
        ];
    }
}
