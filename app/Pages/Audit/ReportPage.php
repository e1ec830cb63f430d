<?php

declare(strict_types=1);

namespace App\Pages\Audit;

use App\Models\AuditAnswer;
use App\Models\TakenAudit;
use App\Queries\Audit\AnswersAt;
use App\Queries\Audit\BytesOfForms;
use App\Queries\Audit\ExposedPeople;
use App\Queries\Registers\RegistersInForce;
use App\Support\Moments;
use Juramen\Audit\AuditComparison;
use Juramen\Audit\AuditedFinding;
use Juramen\Audit\AuditedForm;
use Juramen\Audit\AuditedKind;
use Juramen\Audit\JudgedBy;
use Juramen\Audit\NotJudgedYet;
use Juramen\Audit\Requirement;
use Juramen\Audit\Requirements;
use Juramen\Audit\Standing;
use Juramen\Audit\Verdict;
use Juramen\Points\Registers;
use Juramen\Register\Language;
use Juramen\Register\Processor;
use Juramen\Register\Purpose;

/** An audit for an authority or the board: what was looked at and how, what was found, what was said of it, and what only a lawyer can judge. */
final readonly class ReportPage
{
    /**
     * @param  string  $since  what changed since the audit before; empty where there is none
     * @param  list<ReportForm>  $forms  those with breaches first
     * @param  list<ReportRequirement>  $catalogue
     * @param  list<ProcessingEntry>  $processing
     * @param  list<NotJudgedYet>  $notJudged
     */
    private function __construct(
        public TakenRow $row, public string $house, public string $since, public array $forms, public array $catalogue,
        public array $processing, public array $notJudged
    ) {}

    public static function of(TakenAudit $taken, ExposedPeople $people, RegistersInForce $inForce, BytesOfForms $bytes): self
    {
        $audit = $taken->audit();
        $answers = AnswersAt::moment($taken->taken_at);
        $before = TakenAudit::query()->where('id', '<', $taken->id)->orderByDesc('id')->first();
        $forms = array_map(static fn (AuditedForm $f): ReportForm => self::form(
            $f, $answers, $people, $bytes->at($f, $taken->taken_at)
        ), $audit->forms);
        usort($forms, static fn (ReportForm $a, ReportForm $b): int => [$b->breaches, $b->weaknesses, $b->open] <=> [$a->breaches, $a->weaknesses, $a->open]);
        $registers = $inForce->registers();

        return new self(
            TakenRow::of($taken, $audit), implode(', ', array_map(static fn ($c): string => $c->name, $registers->controllers->all())),
            $before === null ? '' : 'Since the audit of '.Moments::day($before->taken_at).': '
                .AuditPage::sum(AuditComparison::between($before->audit(), $audit)).'.',
            $forms, self::catalogue(), self::processing($registers), NotJudgedYet::all()
        );
    }

    private static function form(AuditedForm $form, AnswersAt $answers, ExposedPeople $people, string $bytes): ReportForm
    {
        $count = static fn (Verdict $verdict): int => count(array_filter($form->findings, static fn (AuditedFinding $f): bool => $f->verdict === $verdict));
        $standing = static fn (Verdict $verdict): int => count(array_filter($form->standings, static fn (Standing $s): bool => $s->verdict === $verdict));
        $agreed = $form->kind === AuditedKind::Point ? $people->at($form->id) : 0;

        $findings = array_map(static fn (int $n, AuditedFinding $f): ReportFinding => self::finding(
            $n + 1, $f, $answers->to($form, $f)
        ), array_keys($form->findings), $form->findings);

        return new ReportForm(
            $form->name, $form->controller, $form->state, $form->seen, $count(Verdict::Breach), $count(Verdict::Weakness), $count(Verdict::Open),
            array_values(array_filter($findings, static fn (ReportFinding $f): bool => $f->answered === '')), AnsweredTogether::all($findings),
            "{$standing(Verdict::Met)} requirements are met, {$standing(Verdict::NotApplicable)} do not apply.", $agreed === 0 ? '' : number_format($agreed),
            FormPicture::of($form, $findings), $bytes
        );
    }

    private static function finding(int $number, AuditedFinding $finding, ?AuditAnswer $answer): ReportFinding
    {
        $said = $answer === null ? ($finding->excepted ? 'Excepted with its publication.' : '') : __("office.answer-says.{$answer->says->value}")
            ." by {$answer->user->name} on ".Moments::date($answer->made_at).', until '.Moments::plain($answer->until).": $answer->reason";

        $requirement = Requirements::find($finding->requirement);
        $isRead = in_array($requirement?->judgedBy(), [JudgedBy::Reading, JudgedBy::Records], true);

        return new ReportFinding(
            $number, $finding->verdict->value, ucfirst((string) __("office.verdicts.{$finding->verdict->value}")), (string) $requirement?->title(),
            $finding->says.($finding->languages === '' ? '' : " ($finding->languages)"), ReportFinding::shown($finding->words),
            $isRead ? $finding->where : '', (string) $requirement?->source()->text, $finding->mend, $said
        );
    }

    /** @return list<ReportRequirement> */
    private static function catalogue(): array
    {
        $rows = [];
        foreach (Requirements::groups() as $group) {
            array_push($rows, ...array_map(static fn (Requirement $r): ReportRequirement => new ReportRequirement(
                $group->title, $r->title(), $r->source()->text, (string) __("office.sources.{$r->source()->kind->value}"), $r->source()->sure()
            ), $group->requirements));
        }

        return $rows;
    }

    /** @return list<ProcessingEntry> */
    private static function processing(Registers $registers): array
    {
        return array_map(static function (Purpose $purpose) use ($registers): ProcessingEntry {
            $controller = $registers->controller($purpose->controller);
            $parties = array_filter(
                $registers->processors->all(), static fn (Processor $p): bool => in_array($purpose->id->text, array_map(strval(...), $p->purposes), true)
            );
            $abroad = array_filter($parties, static fn (Processor $p): bool => $p->transfer !== '');

            return new ProcessingEntry(
                "$controller->name, $controller->postalAddress",
                implode(', ', array_filter([$controller->contact, $controller->dpo, $controller->representative])),
                $purpose->title().($purpose->contents->orNothing(Language::English) === '' ? '' : ": {$purpose->contents->orNothing(Language::English)}"),
                (string) __("office.bases.{$purpose->basis->value}"), 'whoever agreed at one of the signup points',
                'contact details, what was agreed to and when'.($purpose->measures ? ', which mails are opened' : ''),
                implode(', ', array_map(static fn (Processor $p): string => $p->name.($p->own ? ' (for its own use)' : ''), $parties)) ?: 'none',
                implode('; ', array_map(static fn (Processor $p): string => "$p->name: $p->transfer", $abroad)) ?: 'none on record',
                $purpose->retentionMonths === 0 ? 'after the time of the house' : "$purpose->retentionMonths months after the last permission ended"
            );
        }, $registers->purposes->all());
    }
}
