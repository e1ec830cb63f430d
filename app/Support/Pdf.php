<?php

declare(strict_types=1);

namespace App\Support;

use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Http\Response;

/** A page as PDF: nothing is fetched for it, and nothing in it runs. */
final class Pdf
{
    public static function respond(string $name, string $html): Response
    {
        $options = new Options(['isRemoteEnabled' => false, 'isPhpEnabled' => false, 'isJavascriptEnabled' => false, 'defaultFont' => 'DejaVu Sans']);
        $pdf = new Dompdf($options);
        $pdf->loadHtml($html, 'UTF-8');
        $pdf->setPaper('A4');
        $pdf->render();
        $canvas = $pdf->getCanvas();
        $font = $pdf->getFontMetrics()->getFont('DejaVu Sans');
        if ($font !== null) {
            $canvas->page_text($canvas->get_width() - 90, $canvas->get_height() - 34, '{PAGE_NUM} / {PAGE_COUNT}', $font, 8);
        }

        return response((string) $pdf->output(), 200, [
            'Content-Type' => 'application/pdf', 'Content-Disposition' => "attachment; filename=\"$name\"",
        ]);
    }
}
