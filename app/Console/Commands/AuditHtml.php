<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\AuditReport;
use Closure;
use Juramen\Audit\Formats\AuditedFile;
use Juramen\Audit\Formats\JudgedForm;
use Juramen\Audit\Formats\SourceLines;
use Juramen\Audit\Html\FormElsewhere;
use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Html\LinkedStyles;
use Juramen\Audit\Html\UnreadableHtml;
use Juramen\Audit\Reading;
use Juramen\Audit\Requirements;
use Juramen\Register\Language;
use RuntimeException;

final class AuditHtml extends AuditReport
{
    protected $signature = 'audit:html {file* : pages or fragments of HTML} {--url= : where the page stands}
        {--lang= : its language, where it does not say so} {--json} {--format=text : text, json, sarif or junit}';

    protected $description = 'Judges every form of the given HTML by the requirements; needs no database';

    protected function report(): int
    {
        $language = null;
        if (is_string($this->option('lang'))) {
            $language = Language::tryFrom($this->option('lang'))
                ?? throw new RuntimeException('The languages known are '.implode(', ', array_column(Language::cases(), 'value')).'.');
        }
        $format = $this->format();
        [$files, $unread] = [[], 0];
        foreach ((array) $this->argument('file') as $name) {
            try {
                $files[] = $this->audit($name, $language);
            } catch (UnreadableHtml $e) {
                $this->progress("$name: {$e->getMessage()}");
                $unread++;
            }
        }
        $found = $this->write($format, $files);

        return $unread > 0 ? self::COULD_NOT_RUN : $found;
    }

    /** @throws UnreadableHtml */
    private function audit(string $name, ?Language $language): AuditedFile
    {
        $bytes = is_file($name) ? file_get_contents($name) : false;
        $bytes = $bytes === false ? throw new UnreadableHtml('It cannot be opened; give the path of a file.') : $bytes;
        $lines = new SourceLines($bytes);

        $readings = HtmlReader::read(LinkedStyles::put($bytes, $this->beside($name)), (string) $this->option('url'), $language);
        $elsewhere = $readings === [] ? FormElsewhere::of($bytes) : null;
        if ($elsewhere?->drawn === true) {
            throw new UnreadableHtml($elsewhere->says);
        }

        return new AuditedFile(
            $name, array_map(static fn (Reading $r): JudgedForm => new JudgedForm($r, Requirements::judge($r), $lines), $readings), $elsewhere->says ?? ''
        );
    }

    /** @return Closure(string): ?string what stands in a file beside or below a page */
    private function beside(string $page): Closure
    {
        $folder = (string) realpath(dirname($page));

        return static function (string $path) use ($folder): ?string {
            $file = realpath("$folder/$path");
            $styles = $file !== false && str_starts_with($file, "$folder/") && is_file($file)
                ? file_get_contents($file, length: LinkedStyles::MOST + 1) : false;

            return $styles === false ? null : $styles;
        };
    }
}
