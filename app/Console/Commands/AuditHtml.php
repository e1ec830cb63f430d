<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Report;
use Juramen\Audit\Control;
use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Html\UnreadableHtml;
use Juramen\Audit\Reading;
use Juramen\Audit\Requirements;
use Juramen\Audit\Result;
use Juramen\Audit\Verdict;
use Juramen\Register\Channel;
use Juramen\Register\Language;
use RuntimeException;

final class AuditHtml extends Report
{
    protected $signature = 'audit:html {file* : pages or fragments of HTML} {--url= : where the page stands}
        {--lang= : its language, where it does not say so} {--json}';

    protected $description = 'Judges every form of the given HTML by the requirements; needs no database';

    protected function report(): int
    {
        $language = null;
        if (is_string($this->option('lang'))) {
            $language = Language::tryFrom($this->option('lang'))
                ?? throw new RuntimeException('The languages known are '.implode(', ', array_column(Language::cases(), 'value')).'.');
        }
        [$files, $breaches, $unread] = [[], 0, 0];
        foreach ((array) $this->argument('file') as $file) {
            $bytes = is_file($file) ? file_get_contents($file) : false;
            try {
                $readings = HtmlReader::read(
                    $bytes === false ? throw new UnreadableHtml('It cannot be opened; give the path of a file.') : $bytes, (string) $this->option('url'),
                    $language
                );
            } catch (UnreadableHtml $e) {
                $this->progress("$file: {$e->getMessage()}");
                $unread++;

                continue;
            }
            $forms = array_map(fn (Reading $reading): array => [$reading, Requirements::judge($reading)], $readings);
            foreach ($forms as [, $results]) {
                $breaches += count(array_filter($results, static fn (Result $r): bool => $r->verdict === Verdict::Breach));
            }
            $files[] = ['file' => $file, 'forms' => array_map(fn (array $form): array => $this->form(...$form), $forms)];
            if (! $this->option('json')) {
                $this->show($file, $forms);
            }
        }
        if ($this->option('json')) {
            $this->json(['files' => $files]);
        }

        return $unread > 0 ? self::COULD_NOT_RUN : ($breaches > 0 ? self::FOUND : self::SUCCESS);
    }

    /**
     * @param  list<Result>  $results
     * @return array<string, mixed>
     */
    private function form(Reading $reading, array $results): array
    {
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
            'results' => array_map(static fn (Result $r): array => $r->toArray(), $results),
        ];
    }

    /** @param  list<array{Reading, list<Result>}>  $forms */
    private function show(string $file, array $forms): void
    {
        $this->line($forms === [] ? "$file: no form was found." : $file);
        foreach ($forms as [$reading, $results]) {
            $this->line(
                "  {$reading->where->text()}: a {$reading->kind->value} form, because {$reading->kindReason}"
                    .($reading->language === null ? '' : ', in '.$reading->language->endonym())
            );
            foreach ($results as $result) {
                if ($result->verdict->isFinding()) {
                    $this->line(
                        "    {$result->verdict->value}: {$result->requirement->id()} at {$result->where?->text()}."
                            ." {$result->says} ({$result->requirement->source()->text})"
                    );
                    $this->line("      {$result->mend}");
                }
            }
        }
    }
}
