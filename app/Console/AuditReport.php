<?php

declare(strict_types=1);

namespace App\Console;

use Juramen\Audit\Control;
use Juramen\Audit\Formats\AuditedFile;
use Juramen\Audit\Formats\JudgedForm;
use Juramen\Audit\Formats\JUnit;
use Juramen\Audit\Formats\Sarif;
use Juramen\Audit\Result;
use Juramen\Audit\Verdict;
use Juramen\Register\Channel;
use RuntimeException;

/** An audit for a web team's build: as text, JSON, SARIF or JUnit XML. */
abstract class AuditReport extends Report
{
    private const FORMATS = ['text', 'json', 'sarif', 'junit'];

    /** @throws RuntimeException where it is none that is known */
    protected function format(): string
    {
        $format = $this->option('json') ? 'json' : (string) $this->option('format');

        return in_array($format, self::FORMATS, true) ? $format
            : throw new RuntimeException('The formats known are '.implode(', ', self::FORMATS).'.');
    }

    /**
     * @param  list<AuditedFile>  $files
     * @return int 1 where there is a breach, 0 where there is none
     */
    protected function write(string $format, array $files): int
    {
        match ($format) {
            'json' => $this->json(['files' => array_map($this->file(...), $files)]),
            'sarif' => $this->line(Sarif::of($files)),
            'junit' => $this->line(JUnit::of($files)),
            default => array_map($this->show(...), $files),
        };
        $forms = array_merge([], ...array_map(static fn (AuditedFile $file): array => $file->forms, $files));

        return array_filter($forms, static fn (JudgedForm $f): bool => $f->count(Verdict::Breach) > 0) === [] ? self::SUCCESS : self::FOUND;
    }

    /** @return array<string, mixed> */
    private function file(AuditedFile $file): array
    {
        return ['file' => $file->name, 'forms' => array_map($this->form(...), $file->forms)] + array_filter(['elsewhere' => $file->elsewhere]);
    }

    /** @return array<string, mixed> */
    private function form(JudgedForm $form): array
    {
        $reading = $form->reading;

        return [
            'selector' => $reading->where->text(),
            'kind' => $reading->kind->value,
            'language' => $reading->language?->value,
            'whole_page' => $reading->around->whole,
            'controls' => array_map(static fn (Control $c): array => [
                'selector' => $c->where->text(),
                'label' => $c->label,
                'answer' => $c->response->value,
                'purposes' => $c->purposes,
                'channels' => array_map(static fn (Channel $channel): string => $channel->value, $c->channels),
            ], $reading->consents()),
            'results' => array_map(static fn (Result $r): array => $r->toArray(), $form->results),
        ];
    }

    private function show(AuditedFile $file): void
    {
        $this->line($file->forms === [] ? rtrim("$file->name: no form was found. $file->elsewhere") : $file->name);
        foreach ($file->forms as $form) {
            $reading = $form->reading;
            $this->line(
                "  {$reading->where->text()}: {$reading->kind->says()}, because {$reading->kindReason}"
                    .($reading->language === null ? '' : ', in '.$reading->language->endonym())
            );
            foreach ($form->findings() as $result) {
                $line = $form->line($result);
                $this->line(
                    '    '.($line === null ? '' : "line $line, ")."{$result->verdict->value}: {$result->requirement->id()} at {$result->where?->text()}."
                        ." {$result->says} ({$result->requirement->source()->text})"
                );
                $this->line("      {$result->mend}");
            }
        }
    }
}
