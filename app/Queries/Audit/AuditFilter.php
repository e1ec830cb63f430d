<?php

declare(strict_types=1);

namespace App\Queries\Audit;

use Illuminate\Http\Request;
use Juramen\Audit\Audit;
use Juramen\Audit\AuditedFinding;
use Juramen\Audit\AuditedForm;
use Juramen\Audit\Requirement;
use Juramen\Audit\RequirementGroup;
use Juramen\Audit\Requirements;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;

/** Which part of an audit somebody looks at. Kept in the address. */
final readonly class AuditFilter
{
    /**
     * @param  string  $controller  a name; empty for all
     * @param  Verdict|null  $verdict  that a form must have somewhere
     * @param  bool  $everything  whether requirements with nothing to decide are shown too
     */
    public function __construct(
        public string $words, public string $controller, public ?SourceKind $source, public ?Verdict $verdict, public bool $everything
    ) {}

    public static function from(Request $request): self
    {
        $text = static fn (string $name): string => is_string($value = $request->query($name)) ? trim($value) : '';

        return new self(
            $text('q'), $text('controller'), SourceKind::tryFrom($text('source')), Verdict::tryFrom($text('verdict')), $text('all') === '1'
        );
    }

    public function over(Audit $audit): Audit
    {
        return new Audit($audit->taken, $audit->scope, $audit->by, $audit->catalogue, array_values(array_filter($audit->forms, $this->lets(...))));
    }

    private function lets(AuditedForm $form): bool
    {
        return ($this->words === '' || mb_stripos("$form->name $form->id", $this->words) !== false)
            && ($this->controller === '' || $form->controller === $this->controller)
            && ($this->verdict === null || array_filter($form->findings, fn (AuditedFinding $f): bool => $f->verdict === $this->verdict) !== []);
    }

    /** @return list<RequirementGroup> of which something is shown */
    public function groups(Audit $audit): array
    {
        $groups = [];
        foreach (Requirements::groups() as $group) {
            $shown = array_values(array_filter($group->requirements, fn (Requirement $r): bool => $this->shows($r, $audit)));
            if ($shown !== []) {
                $groups[] = new RequirementGroup($group->title, $shown);
            }
        }

        return $groups;
    }

    /** Requirements with a breach or a question come first; the rest is folded until somebody wants it. */
    private function shows(Requirement $requirement, Audit $audit): bool
    {
        $wanted = $this->verdict === null ? [Verdict::Breach, Verdict::Open] : [$this->verdict];

        return ($this->source === null || $requirement->source()->kind === $this->source) && ($this->everything || array_filter(
            $audit->forms, static fn (AuditedForm $f): bool => in_array($f->standing($requirement->id()), $wanted, true)
        ) !== []);
    }
}
