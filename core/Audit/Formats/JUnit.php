<?php

declare(strict_types=1);

namespace Juramen\Audit\Formats;

use DOMDocument;
use DOMElement;
use Juramen\Audit\Requirement;
use Juramen\Audit\Requirements;
use Juramen\Audit\Result;
use Juramen\Audit\Verdict;

/**
 * Findings as a build's list of tests: a suite for each form, a test for each requirement that was asked. A breach fails it, what is open skips it,
 * a weakness stands in its output. Common practice; the format has no standard.
 */
final class JUnit
{
    /**
     * @param  list<AuditedFile>  $files
     * @return string XML
     */
    public static function of(array $files): string
    {
        $document = new DOMDocument('1.0', 'UTF-8');
        $document->formatOutput = true;
        $suites = $document->appendChild($document->createElement('testsuites'));
        foreach ($files as $file) {
            foreach ($file->forms as $form) {
                $suites->appendChild(self::suite($document, $file, $form));
            }
        }

        return (string) $document->saveXML();
    }

    private static function suite(DOMDocument $document, AuditedFile $file, JudgedForm $form): DOMElement
    {
        $suite = $document->createElement('testsuite');
        $tests = 0;
        [$failed, $skipped] = [0, 0];
        foreach (Requirements::all() as $requirement) {
            $results = array_values(array_filter($form->results, static fn (Result $r): bool => $r->requirement->id() === $requirement->id()));
            $asked = array_filter($results, static fn (Result $r): bool => $r->verdict !== Verdict::NotApplicable);
            if ($asked === []) {
                continue;
            }
            $tests++;
            $is = static fn (Verdict $verdict): array => array_values(array_filter($results, static fn (Result $r): bool => $r->verdict === $verdict));
            $failed += (int) ($is(Verdict::Breach) !== []);
            $skipped += (int) ($is(Verdict::Breach) === [] && $is(Verdict::Open) !== []);
            $suite->appendChild(self::test($document, $file, $form, $requirement, $is(Verdict::Breach), $is(Verdict::Open), $is(Verdict::Weakness)));
        }
        foreach ([
            'name' => "$file->name {$form->reading->where->text()}", 'tests' => $tests, 'failures' => $failed, 'skipped' => $skipped, 'errors' => 0,
        ] as $name => $value) {
            $suite->setAttribute($name, (string) $value);
        }

        return $suite;
    }

    /**
     * @param  list<Result>  $breaches
     * @param  list<Result>  $open
     * @param  list<Result>  $weak
     */
    private static function test(
        DOMDocument $document, AuditedFile $file, JudgedForm $form, Requirement $requirement, array $breaches, array $open, array $weak
    ): DOMElement {
        $test = $document->createElement('testcase');
        $test->setAttribute('classname', $file->name);
        $test->setAttribute('name', $requirement->id());
        $says = static fn (Result $r): string => $file->name.($form->line($r) === null ? '' : ":{$form->line($r)}").": $r->says $r->mend";
        foreach ($breaches as $n => $result) {
            // A test fails once; what else breaches it stands in its words.
            if ($n === 0) {
                $failure = $document->createElement('failure');
                $failure->setAttribute('message', $result->says);
                $failure->setAttribute('type', 'breach');
                $failure->appendChild($document->createTextNode(implode("\n", array_map($says, $breaches))));
                $test->appendChild($failure);
            }
        }
        if ($breaches === [] && $open !== []) {
            $skipped = $document->createElement('skipped');
            $skipped->setAttribute('message', "{$open[0]->says} {$open[0]->mend}");
            $test->appendChild($skipped);
        }
        if ($weak !== []) {
            $output = $document->createElement('system-out');
            $output->appendChild($document->createTextNode(implode("\n", array_map(static fn (Result $r): string => 'weakness: '.$says($r), $weak))));
            $test->appendChild($output);
        }

        return $test;
    }
}
