<?php

declare(strict_types=1);

namespace App\Exchange\Pdf;

use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Support\Facades\View;
use Illuminate\Support\HtmlString;

/** A view as a PDF on A4, in the faces of the application; it fetches nothing. */
final class Pdf
{
    /** Family and weight, by file that bin/faces makes. */
    private const FACES = ['text-regular' => ['family' => 'text', 'weight' => 'normal'], 'text-bold' => ['family' => 'text', 'weight' => 'bold'], 'display-bold' => ['family' => 'display', 'weight' => 'bold']];

    /**
     * @param view-string          $view
     * @param array<string, mixed> $data of the view
     */
    public static function of(string $view, array $data): string
    {
        $work = storage_path('framework/pdf');
        if (! is_dir($work)) {
            mkdir($work, 0o700, true);
        }
        $options = new Options(['fontDir' => $work, 'fontCache' => $work, 'tempDir' => $work, 'chroot' => [$work, base_path('bootstrap/cache/faces')], 'isRemoteEnabled' => false, 'isPhpEnabled' => false, 'isJavascriptEnabled' => false, 'defaultFont' => 'text', 'dpi' => 96]);
        $document = new Dompdf($options);
        foreach (self::FACES as $file => $face) {
            $document->getFontMetrics()->registerFont([...$face, 'style' => 'normal'], base_path("bootstrap/cache/faces/{$file}.ttf"));
        }
        $document->setPaper('A4');
        $document->loadHtml(View::make($view, $data)->render(), 'UTF-8');
        $document->render();

        return (string) $document->output();
    }

    /** A drawing as a picture that fits into a frame of so many millimetres, in its own proportions. */
    public static function picture(string $svg, float $width, float $height): HtmlString
    {
        preg_match('/ width="([\d.]+)" height="([\d.]+)"/', $svg, $size);
        $scale = min($width / (float) ($size[1] ?? 1), $height / (float) ($size[2] ?? 1));

        return new HtmlString(sprintf('<img src="data:image/svg+xml;base64,%s" style="width: %.1fmm; height: %.1fmm">', base64_encode($svg), $scale * (float) ($size[1] ?? 1), $scale * (float) ($size[2] ?? 1)));
    }
}
