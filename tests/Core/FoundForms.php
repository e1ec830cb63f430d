<?php

declare(strict_types=1);

namespace Tests\Core;

use Juramen\Audit\Html\HtmlReader;
use Juramen\Audit\Requirements;
use Juramen\Audit\Result;
use Juramen\Audit\Verdict;
use LogicException;

/**
 * Forms as they stand out there, made up by us, each with what an auditor finds on it, written down before the code was run on them. What is not
 * named is clear: a finding there accuses falsely. What cannot be seen of a page, such as what its server does, may be asked anywhere.
 */
final readonly class FoundForms
{
    public const ALL = [
        'open-en', 'open-de', 'open-fr', 'open-nordic', 'open-wild', 'open-later', 'open-pages', 'once-closed', 'once-closed-tables', 'once-closed-words',
        'once-closed-kinds', 'once-closed-voices', 'once-closed-usual', 'once-closed-turns', 'once-closed-mixed', 'once-closed-markup', 'once-closed-last',
        'once-closed-whole', 'once-closed-mill', 'open-clean', 'once-closed-clean', 'once-closed-plain', 'once-closed-stage',
        'once-closed-garden', 'once-closed-odd', 'once-closed-fields', 'once-closed-sail',
        'once-closed-street', 'once-closed-market', 'once-closed-quay', 'once-closed-lane', 'once-closed-bay', 'once-closed-knots',
        'once-closed-deeds', 'once-closed-cove', 'once-closed-right', 'once-closed-sound', 'once-closed-reef', 'once-closed-pier',
        'once-closed-dune', 'once-closed-ford', 'once-closed-mole', 'once-closed-tern', 'once-closed-plover', 'once-closed-dunlin', 'once-closed-eider',
        'once-closed-fulmar', 'once-closed-gannet', 'once-closed-heron', 'once-closed-ibis', 'once-closed-jay', 'once-closed-kite',
        'once-closed-lark', 'once-closed-martin', 'once-closed-nightjar', 'once-closed-owl', 'once-closed-pipit', 'once-closed-quail', 'once-closed-robin',
        'once-closed-siskin', 'once-closed-teal', 'once-closed-wren', 'once-closed-avocet', 'once-closed-bittern', 'once-closed-crake',
        'once-closed-dotterel', 'once-closed-egret', 'once-closed-falcon', 'once-closed-grebe', 'once-closed-hoopoe', 'once-closed-knot', 'once-closed-jackdaw',
        'once-closed-linnet', 'once-closed-mallard', 'once-closed-nuthatch', 'once-closed-ouzel', 'once-closed-pochard', 'once-closed-redstart',
        'once-closed-twite', 'once-closed-whinchat', 'once-closed-wheatear', 'once-closed-yaffle', 'once-closed-avens', 'once-closed-bugle',
        'once-closed-pages', 'once-closed-firms', 'open-flows', 'once-closed-doors', 'once-closed-gates',
        'once-closed-rooms', 'once-closed-stairs', 'once-closed-shelves', 'once-closed-attic', 'once-closed-hearth', 'once-closed-pantry', 'once-closed-larder',
        'once-closed-cellar', 'once-closed-porch', 'once-closed-loft', 'once-closed-brook', 'once-closed-glen', 'once-closed-dell',
        'once-closed-moor', 'once-closed-fell', 'once-closed-heath', 'once-closed-tarn', 'once-closed-cairn', 'once-closed-strand',
        'once-closed-crag', 'once-closed-quarry', 'once-closed-weir', 'once-closed-beck', 'once-closed-rill', 'once-closed-linn',
        'once-closed-gill', 'once-closed-ghyll', 'once-closed-syke',
    ];

    /** What is asked of any page, since nobody can see it. */
    private const ASKED_ANYWHERE = ['bots-kept-out'];

    /** @param  list<FoundFormCase>  $forms */
    private function __construct(public array $forms) {}

    /** @param  string  ...$files  in tests/Forms */
    public static function in(string ...$files): self
    {
        $forms = [];
        foreach ($files as $file) {
            $text = file_get_contents(dirname(__DIR__)."/Forms/$file.txt");
            foreach (array_filter(preg_split('/^=== /m', (string) $text) ?: []) as $block) {
                $forms[] = FoundFormCase::from($block);
            }
        }

        return new self($forms);
    }

    /** Runs the audit over all of them. */
    public function tally(): FormTally
    {
        $tally = new FormTally;
        foreach ($this->forms as $form) {
            $reading = HtmlReader::read($form->html, $form->address)[0] ?? throw new LogicException("$form->name: no form was found.");
            $tally->kind($form, $reading);
            $results = Requirements::judge($reading);
            foreach (Requirements::judging() as $requirement) {
                $found = self::worst($results, $requirement->id());
                $expected = $form->expected[$requirement->id()] ?? null;
                if ($expected === null && $found === Verdict::Open && in_array($requirement->id(), self::ASKED_ANYWHERE, true)) {
                    continue;
                }
                $tally->add($form, $requirement->id(), $expected, $found);
            }
        }

        return $tally;
    }

    /** @param  list<Result>  $results */
    private static function worst(array $results, string $id): Verdict
    {
        $worst = Verdict::NotApplicable;
        foreach (array_filter($results, static fn (Result $r): bool => $r->requirement->id() === $id) as $result) {
            $worst = $result->verdict->urgency() < $worst->urgency() ? $result->verdict : $worst;
        }

        return $worst;
    }
}
