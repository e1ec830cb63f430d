<?php

declare(strict_types=1);

namespace Juramen\Audit\Formats;

use Juramen\Audit\Requirement;
use Juramen\Audit\Requirements;
use Juramen\Audit\Result;
use Juramen\Audit\Verdict;

/**
 * Findings as build services show them beside the lines of a change. Source: OASIS, Static Analysis Results Interchange Format (SARIF) 2.1.0.
 * A breach is an error, a weakness a warning; what is open is for a person, which the format calls "review".
 */
final class Sarif
{
    /**
     * @param  list<AuditedFile>  $files
     * @return string JSON
     */
    public static function of(array $files): string
    {
        $results = [];
        foreach ($files as $file) {
            foreach ($file->forms as $form) {
                array_push($results, ...array_map(static fn (Result $r): array => self::result($file, $form, $r), $form->findings()));
            }
        }

        return json_encode([
            '$schema' => 'https://docs.oasis-open.org/sarif/sarif/v2.1.0/errata01/os/schemas/sarif-schema-2.1.0.json', 'version' => '2.1.0',
            'runs' => [[
                'tool' => ['driver' => ['name' => 'Juramen', 'rules' => array_map(self::rule(...), Requirements::all())]],
                'columnKind' => 'unicodeCodePoints', 'results' => $results,
            ]],
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR);
    }

    /** @return array<string, mixed> */
    private static function rule(Requirement $requirement): array
    {
        return [
            'id' => $requirement->id(), 'shortDescription' => ['text' => $requirement->title()],
            'fullDescription' => ['text' => "{$requirement->title()} Source: {$requirement->source()->text}. {$requirement->source()->sure()}"],
        ];
    }

    /** @return array<string, mixed> */
    private static function result(AuditedFile $file, JudgedForm $form, Result $result): array
    {
        $line = $form->line($result);
        $where = $result->where?->text();

        return [
            'ruleId' => $result->requirement->id(),
            ...match ($result->verdict) {
                Verdict::Breach => ['kind' => 'fail', 'level' => 'error'],
                Verdict::Weakness => ['kind' => 'fail', 'level' => 'warning'],
                default => ['kind' => 'review', 'level' => 'none'],
            },
            'message' => ['text' => trim("$result->says $result->mend")],
            'locations' => [[
                'physicalLocation' => [
                    'artifactLocation' => ['uri' => self::uri($file->name)], ...$line === null ? [] : ['region' => ['startLine' => $line]],
                ],
                ...$where === null ? [] : ['logicalLocations' => [['fullyQualifiedName' => $where, 'kind' => 'element']]],
            ]],
        ];
    }

    /** A path as the format wants it: a URI reference. */
    private static function uri(string $path): string
    {
        return implode('/', array_map(rawurlencode(...), explode('/', str_replace('\\', '/', $path))));
    }
}
