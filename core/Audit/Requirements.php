<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** All requirements that judge a form, in the order in which they are shown. The one place where they are put together. */
final class Requirements
{
    /** @return list<Requirement> */
    public static function all(): array
    {
        return [
            new Requirements\NoPresetAnswer,
            new Requirements\ApartFromTerms,
            new Requirements\ControllerNamed,
            new Requirements\PurposeSaid,
            new Requirements\WithdrawalSaid,
            new Requirements\NoticeLinked,
            new Requirements\LanguageOffered,
            new Requirements\ConfirmedAddress,
            new Requirements\FieldsNeeded,
            new Requirements\PlainWords,
            new Requirements\AsksYesNotNo,
            new Requirements\OnePurposeEach,
            new Requirements\ChannelChoice,
            new Requirements\NoticeNotAgreed,
            new Requirements\RecipientsNamed,
            new Requirements\RateSaid,
            new Requirements\NoConsentBySending,
            new Requirements\ExistingCustomer,
            new Requirements\ObjectionHighlighted,
            new Requirements\TrackingSaid,
            new Requirements\NoticeMatches,
            new Requirements\CaIdentified,
            new Requirements\WordingApproved,
            new Requirements\NotACondition,
        ];
    }

    /** @return list<Requirement> those that words can meet or miss by themselves, without a form around them */
    public static function ofWords(): array
    {
        return [new Requirements\ApartFromTerms, new Requirements\PurposeSaid, new Requirements\WithdrawalSaid, new Requirements\PlainWords,
            new Requirements\AsksYesNotNo, new Requirements\OnePurposeEach, new Requirements\ChannelChoice, new Requirements\NoticeNotAgreed, new Requirements\RecipientsNamed, new Requirements\RateSaid,
            new Requirements\NoConsentBySending];
    }

    /** @return list<Requirement> those that a statement of our own register can meet or miss */
    public static function ofStatements(): array
    {
        return [...self::ofWords(), new Requirements\ExistingCustomer, new Requirements\ObjectionHighlighted, new Requirements\TrackingSaid, new Requirements\NoticeMatches];
    }

    /** @return list<Result> */
    public static function judge(Reading $reading): array
    {
        return array_merge(...array_map(static fn (Requirement $r): array => $r->judge($reading), self::all()));
    }
}
