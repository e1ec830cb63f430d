<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** All requirements, in the order in which they are shown. The one place where they are put together. */
final class Requirements
{
    /** @return list<RequirementGroup> */
    public static function groups(): array
    {
        return [
            new RequirementGroup('A clear act', [
                new Requirements\NoPresetAnswer, new Requirements\NoHiddenConsent, new Requirements\NoConsentBySending,
                new Requirements\AsksYesNotNo, new Requirements\ConsentAsked,
            ]),
            new RequirementGroup('Separate', [
                new Requirements\ApartFromTerms, new Requirements\OnePurposeEach, new Requirements\ChannelChoice, new Requirements\NoticeNotAgreed,
            ]),
            new RequirementGroup('Freely given', [
                new Requirements\NotACondition, new Requirements\NoAsEasyAsYes, new Requirements\NoPenalty, new Requirements\NoImbalance,
                new Requirements\BasisFits,
            ]),
            new RequirementGroup('Informed', [
                new Requirements\ControllerNamed, new Requirements\PurposeSaid, new Requirements\WithdrawalSaid, new Requirements\NoticeLinked,
                new Requirements\RecipientsNamed, new Requirements\ObjectionHighlighted, new Requirements\RateSaid, new Requirements\TrackingSaid,
                new Requirements\NoticeComplete, new Requirements\NoticeMatches, new Requirements\AutomatedDecision, new Requirements\PlainWords,
                new Requirements\LanguageOffered, new Requirements\Legible,
            ]),
            new RequirementGroup('Proved', [
                new Requirements\ConfirmedAddress, new Requirements\ConfirmedNumber, new Requirements\ConfirmationClean,
                new Requirements\ConfirmationDeliberate, new Requirements\UnconfirmedLapse, new Requirements\GiftAfterConfirmation,
                new Requirements\EvidenceComplete, new Requirements\WordingApproved, new Requirements\EditionCurrent, new Requirements\PurposeUnchanged,
                new Requirements\DePhoneProof, new Requirements\ProcessingRecorded,
            ]),
            new RequirementGroup('Little asked', [
                new Requirements\FieldsNeeded, new Requirements\OptionalMarked, new Requirements\SpecialData, new Requirements\NoFriendsAddress,
                new Requirements\Children, new Requirements\AddressTrimmed, new Requirements\RetentionSet, new Requirements\NothingBeforeSending,
            ]),
            new RequirementGroup('Withdrawn, and after', [
                new Requirements\WithdrawalAsEasy, new Requirements\WithdrawalPassedOn, new Requirements\RefreshDue, new Requirements\ConsentsReviewed,
                new Requirements\RequestsInTime, new Requirements\SenderShown,
            ]),
            new RequirementGroup('Safe', [
                new Requirements\SentEncrypted, new Requirements\NotInAddress, new Requirements\NoOutsideCalls, new Requirements\BotsKeptOut,
                new Requirements\FillHelp, new Requirements\ProcessorBound, new Requirements\JointArrangement, new Requirements\RepresentativeNamed,
            ]),
            new RequirementGroup('Regimes', [
                new Requirements\ExistingCustomer, new Requirements\CaIdentified, new Requirements\CaUnsubscribe, new Requirements\CallRegister,
                new Requirements\RegionsStrict,
            ]),
        ];
    }

    /** @return list<Requirement> in the order of their groups */
    public static function all(): array
    {
        return array_merge(...array_map(static fn (RequirementGroup $group): array => $group->requirements, self::groups()));
    }

    /**
     * @return list<Requirement> that judge such a Reading, and what the registers know of it; the others are asked of people, or judge what
     *                           was done
     */
    public static function judging(ReadingOf $what = ReadingOf::Sheet): array
    {
        /** @var array<string, list<Requirement>> $judging */
        static $judging = [];

        return $judging[$what->name] ??= array_values(array_filter(self::all(), static fn (Requirement $r): bool => $r->reach()->covers($what)
            && in_array($r->judgedBy(), [JudgedBy::Reading, JudgedBy::Records], true)));
    }

    public static function find(string $id): ?Requirement
    {
        return array_values(array_filter(self::all(), static fn (Requirement $r): bool => $r->id() === $id))[0] ?? null;
    }

    /**
     * Asks every requirement that can judge what was read. Words that stand alone and are not in their language are judged on nothing else, and of a
     * page in a language that is not read here only what needs no words.
     *
     * @return list<Result>
     */
    public static function judge(Reading $reading): array
    {
        [$results, $unread] = [[], $reading->isUnread()];
        foreach (self::judging($reading->of) as $requirement) {
            if ((! $reading->unfinished || $requirement->judgesUnfinished()) && (! $unread || $requirement->judgesUnread())) {
                array_push($results, ...$requirement->judge($reading));
            }
        }

        return $results;
    }

    /**
     * What only a person can say of a form of ours, as audits ask it.
     *
     * @return list<Result>
     */
    public static function askPeople(Reading $reading): array
    {
        $asked = array_values(array_filter(self::all(), static fn (Requirement $r): bool => $r->judgedBy() === JudgedBy::Person));

        return array_merge([], ...array_map(static fn (Requirement $r): array => $r->judge($reading), $asked));
    }

    /**
     * What was done at a point of ours, as audits weigh it.
     *
     * @return list<Result>
     */
    public static function weigh(Practice $practice): array
    {
        $results = [];
        foreach (self::all() as $requirement) {
            if ($requirement instanceof PracticeRequirement) {
                array_push($results, ...$requirement->weigh($practice));
            }
        }

        return $results;
    }
}
