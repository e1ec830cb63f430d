<?php

declare(strict_types=1);

namespace App\Pages\Audit;

use Juramen\Audit\AuditedForm;
use Juramen\Audit\DrawnPart;
use Juramen\Audit\Response;

/** A form drawn from what was read of it: its fields, boxes and buttons as they stood, each with the numbers of what was found there. */
final readonly class FormPicture
{
    private const LINE = 15;

    /** Characters of a label in a line. */
    private const WIDE = 58;

    private const LINES = 4;

    /**
     * @param  int  $height  of the drawing
     * @param  list<PicturePart>  $parts
     */
    private function __construct(public int $height, public array $parts) {}

    /**
     * @param  list<ReportFinding>  $findings  of the form, numbered
     * @return self|null null where nothing of it was kept to draw it from
     */
    public static function of(AuditedForm $form, array $findings): ?self
    {
        $y = 12;
        $parts = [];
        foreach ($form->drawn as $part) {
            $here = array_values(array_filter($findings, static fn (ReportFinding $f): bool => $part->isWords
                ? $f->words === ReportFinding::shown($part->words) : $f->where === $part->where));
            $parts[] = $drawn = new PicturePart(
                $y, self::lines($part), self::shape($part), $part->required, array_map(static fn (ReportFinding $f): int => $f->number, $here),
                $here === [] ? '' : $here[0]->verdict
            );
            $y += self::LINE * count($drawn->lines) + match ($drawn->shape) {
                'field' => 34, 'button' => 24, default => 12
            };
        }

        return $parts === [] ? null : new self($y + 4, $parts);
    }

    /** As an image that stands by itself. */
    public function data(): string
    {
        return 'data:image/svg+xml;base64,'.base64_encode(view('audit.picture', ['picture' => $this, 'alone' => true])->render());
    }

    /** @return list<string> */
    private static function lines(DrawnPart $part): array
    {
        $lines = [''];
        foreach (preg_split('/\s+/u', trim($part->words)) ?: [] as $word) {
            $last = count($lines) - 1;
            if ($lines[$last] !== '' && mb_strlen("$lines[$last] $word") > self::WIDE) {
                $lines[] = $word;
            } else {
                $lines[$last] = trim("$lines[$last] $word");
            }
        }

        return count($lines) <= self::LINES ? $lines : [...array_slice($lines, 0, self::LINES - 1), $lines[self::LINES - 1].' …'];
    }

    private static function shape(DrawnPart $part): string
    {
        return $part->isWords ? 'words' : ($part->isButton ? 'button' : match ($part->response) {
            null => 'field', Response::Yes => 'yes', Response::No => 'no', Response::Unset => 'empty'
        });
    }
}
