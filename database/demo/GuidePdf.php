<?php

declare(strict_types=1);

namespace Database\Demo;

/** The walking guide: one page, written as plainly as the format allows (PDF 1.4, ISO 32000-1). */
final class GuidePdf
{
    private const LINES = [
        [18, 'Six walks between two ferries'], [11, 'Tidewick Ferries. The first three of them.'],
        [13, 'From Lantern Quay to the old signal'], [11, '4 km, one hour and a half. Along the sea wall, up behind the net lofts, down again by the well.'],
        [13, 'The north shore at low water'], [11, '7 km, two hours and a half. Only between the tides; the table hangs at the harbour office.'],
        [13, 'Round the Heron Pool'], [11, '5 km, two hours. Boards lead over the wet part. Bring a cup: the spring is good.'],
    ];

    public static function bytes(): string
    {
        $text = 'BT 60 790 Td ';
        foreach (self::LINES as [$size, $line]) {
            $text .= "/F1 $size Tf 0 -".(2 * $size)." Td ($line) Tj ";
        }
        $text .= 'ET';
        $objects = [
            '<< /Type /Catalog /Pages 2 0 R >>', '<< /Type /Pages /Kids [3 0 R] /Count 1 >>',
            '<< /Type /Page /Parent 2 0 R /MediaBox [0 0 595 842] /Contents 4 0 R /Resources << /Font << /F1 5 0 R >> >> >>',
            '<< /Length '.strlen($text)." >>\nstream\n$text\nendstream", '<< /Type /Font /Subtype /Type1 /BaseFont /Helvetica >>',
        ];
        [$pdf, $at] = ["%PDF-1.4\n", []];
        foreach ($objects as $i => $object) {
            $at[] = strlen($pdf);
            $pdf .= ($i + 1)." 0 obj\n$object\nendobj\n";
        }
        $rows = implode('', array_map(static fn (int $offset): string => sprintf("%010d 00000 n \n", $offset), $at));
        $count = count($objects) + 1;

        return $pdf."xref\n0 $count\n0000000000 65535 f \n{$rows}trailer << /Size $count /Root 1 0 R >>\nstartxref\n".strlen($pdf)."\n%%EOF\n";
    }
}
