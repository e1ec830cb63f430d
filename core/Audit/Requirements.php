<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** All requirements, in the order in which they are shown. The one place where they are put together. */
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
            new Requirements\NoAsEasyAsYes,
            new Requirements\SpecialData,
            new Requirements\Children,
            new Requirements\NoFriendsAddress,
            new Requirements\NoHiddenConsent,
            new Requirements\Legible,
            new Requirements\OptionalMarked,
            new Requirements\FillHelp,
            new Requirements\SentEncrypted,
            new Requirements\NotInAddress,
            new Requirements\NoOutsideCalls,
            new Requirements\NothingBeforeSending,
            new Requirements\BotsKeptOut,
        ];
    }

    public static function find(string $id): ?Requirement
    {
        return array_values(array_filter(self::all(), static fn (Requirement $r): bool => $r->id() === $id))[0] ?? null;
    }

    /**
     * Asks every requirement that can judge what was read. Words that stand alone and are not in their language are judged on nothing else.
     *
     * @return list<Result>
     */
    public static function judge(Reading $reading): array
    {
        if ($reading->isUnread()) {
            return (new Requirements\LanguageOffered)->judge($reading);
        }
        $asked = array_filter(
            self::all(), static fn (Requirement $r): bool => $r->reach()->covers($reading->of) && (! $reading->unfinished || $r->judgesUnfinished())
        );

        return array_merge([], ...array_map(static fn (Requirement $r): array => $r->judge($reading), array_values($asked)));
    }
}
