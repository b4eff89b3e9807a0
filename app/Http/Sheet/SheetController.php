<?php

declare(strict_types=1);

namespace App\Http\Sheet;

use App\Api\Reads;
use App\Api\Writes;
use App\Exchange\Pdf\Pdf;
use App\Http\Problem;
use App\Models\Person;
use App\Models\TrainingSession;
use App\Models\User;
use App\Records\OpenPerson;
use EvenRungs\Figure\Picture;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\HtmlString;

/** Handing a session over as a sheet. Closed while a danger sign stands. */
final readonly class SheetController
{
    #[Reads('/api/people/{person}/sessions/{session}/sheet', 'sheet', SheetView::class)]
    public function show(Person $person, TrainingSession $session, #[CurrentUser] User $user, OpenPerson $open): JsonResponse
    {
        abort_unless($session->person_id === $person->id, 404);
        $file = $open->of($person, $user);
        Problem::whenClosed($file->record->admission());

        return new JsonResponse((new SheetPage($file, $session))->view());
    }

    /** The same on paper; with the address of a link that was made for it, where one was. */
    #[Writes('/api/people/{person}/sessions/{session}/sheet/pdf', 'sheetPdf', takes: SheetPdfRequest::class, media: 'application/pdf')]
    public function pdf(Person $person, TrainingSession $session, SheetPdfRequest $input, OpenPerson $open): Response
    {
        abort_unless($session->person_id === $person->id, 404);
        $file = $open->of($person, $input->by());
        Problem::whenClosed($file->record->admission());
        $sheet = (new SheetPage($file, $session))->view();
        $code = $input->text('code');

        return new Response(Pdf::of('sheet', [
            'sheet' => $sheet,
            'layout' => $input->layout()->value,
            'practice' => $file->clock->practice()->name,
            'pictures' => array_map(static fn(SheetItemView $item): HtmlString => Pdf::picture(Picture::svg($item->figure), ...$input->layout()->frame()), $sheet->items),
            'faults' => array_map(static fn(SheetItemView $item): ?HtmlString => $item->fault === null ? null : Pdf::picture(Picture::svg($item->fault->figure), 30, 18), $sheet->items),
            'days' => max(1, count($person->training_days)),
            'address' => $input->text('address'),
            'code' => $code === '' ? null : Pdf::picture(self::codeAsSvg($code), 26, 26),
            'stop' => SheetPage::STOP,
        ]), 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'attachment; filename="sheet.pdf"']);
    }

    private static function codeAsSvg(string $path): string
    {
        preg_match_all('/M(\d+)/', $path, $found);
        $size = max(0, ...array_map(intval(...), $found[1])) + 3;

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{$size}\" height=\"{$size}\" viewBox=\"0 0 {$size} {$size}\"><path d=\"{$path}\" fill=\"#000\"/></svg>";
    }
}
