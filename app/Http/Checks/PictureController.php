<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Api\Reads;
use App\Api\Removes;
use App\Api\Writes;
use App\Http\Problem;
use App\Models\AlignmentCheck;
use App\Models\Person;
use App\Models\Photo;
use App\Photos\PhotoRefused;
use App\Photos\PhotoShelf;
use App\Records\OpenPerson;
use App\Records\Tested;
use App\Time\PracticeClock;
use Illuminate\Contracts\Filesystem\FileNotFoundException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** Pictures of a person, and the marks on them. */
final readonly class PictureController
{
    public function __construct(private PhotoShelf $shelf, private OpenPerson $open) {}

    #[Writes('/api/people/{person}/photos', 'keepPhoto', PhotoView::class, status: 201, uploads: 'photo')]
    public function store(Person $person, PhotoRequest $input): JsonResponse
    {
        $photo = Photo::query()->find($input->text('id'));
        if ($photo === null) {
            try {
                $picture = $this->shelf->read($input->bytes());
            } catch (PhotoRefused $refused) {
                throw Problem::field('photo', $refused->getMessage());
            }
            $photo = Photo::query()->create([
                'id' => $input->text('id'),
                'width' => $picture->width(),
                'height' => $picture->height(),
                ...Tested::now($person, PracticeClock::of($input->by()), $input->by()),
            ]);
            $this->shelf->keep($photo, $picture);
        }

        return new JsonResponse(new PhotoView(id: $photo->id, width: $photo->width, height: $photo->height), 201);
    }

    #[Reads('/api/people/{person}/photos/{photo}', 'photo', media: 'image/jpeg')]
    public function show(Person $person, Photo $photo): Response
    {
        abort_unless($photo->person_id === $person->id && $photo->getAttribute('undone_at') === null, 404);
        try {
            return new Response($this->shelf->jpeg($photo), headers: ['Content-Type' => 'image/jpeg', 'Content-Disposition' => 'inline']);
        } catch (FileNotFoundException) {
            abort(404);
        }
    }

    /** Takes a picture out for good: what shows a body is not kept against a person's wish. */
    #[Removes('/api/people/{person}/photos/{photo}', 'removePhoto')]
    public function destroy(Person $person, Photo $photo): Response
    {
        abort_unless($photo->person_id === $person->id, 404);
        // What was measured stays; the picture does not.
        AlignmentCheck::query()->where('photo_id', $photo->id)->update(['photo_id' => null]);
        $this->shelf->remove($photo);
        $photo->update(['undone_at' => now()]);

        return new Response(status: 204);
    }

    /** What the marks come to; nothing is saved. */
    #[Writes('/api/people/{person}/alignments/preview', 'previewAlignment', AlignmentView::class, AlignmentRequest::class)]
    public function preview(Person $person, AlignmentRequest $input): JsonResponse
    {
        return new JsonResponse(AlignmentView::of(ReadAlignment::of($input->text('view'), $input->marks(), $input->scale(), $this->open->forPlanning($person->id, $input->by())->record->method)));
    }

    #[Writes('/api/people/{person}/alignments', 'keepAlignment', TestedView::class, AlignmentRequest::class, 201)]
    public function align(Person $person, AlignmentRequest $input): JsonResponse
    {
        $found = ReadAlignment::of($input->text('view'), $input->marks(), $input->scale(), $this->open->forPlanning($person->id, $input->by())->record->method);
        $photo = $input->text('photo') === '' ? null : Photo::query()->where('person_id', $person->id)->find($input->text('photo')) ?? throw Problem::field('photo', 'This picture is no longer there.');
        AlignmentCheck::query()->firstOrCreate(['id' => $input->text('id')], [
            'view' => $input->text('view'),
            'photo_id' => $photo?->id,
            'marks' => $input->marks(),
            'scale' => $input->scale(),
            'note' => $input->text('note'),
            ...Tested::now($person, PracticeClock::of($input->by()), $input->by()),
        ]);

        return new JsonResponse(new TestedView(id: $input->text('id'), sentence: $found->reasons[0]->sentence), 201);
    }

    /** Takes a check back; the row stays, marked as taken back. */
    #[Removes('/api/people/{person}/alignments/{alignment}', 'takeAlignmentBack')]
    public function takeBack(Person $person, AlignmentCheck $alignment): Response
    {
        abort_unless($alignment->person_id === $person->id, 404);
        $alignment->update(['undone_at' => now()]);

        return new Response(status: 204);
    }
}
