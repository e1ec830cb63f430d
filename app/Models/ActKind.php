<?php

declare(strict_types=1);

namespace App\Models;

/** What somebody who works here can do that others may want to know of. */
enum ActKind: string
{
    case SignedIn = 'signed-in';
    case SignedOut = 'signed-out';
    case SignInRefused = 'sign-in-refused';
    case SetPassword = 'set-password';
    case AskedForPassword = 'asked-for-password';
    case BeganSecondFactor = 'began-second-factor';
    case EndedSecondFactor = 'ended-second-factor';
    case UsedRecoveryCode = 'used-recovery-code';
    case RenewedCodes = 'renewed-codes';
    case EndedSession = 'ended-session';
    case Invited = 'invited';
    case ChangedAccount = 'changed-account';
    case EndedAccount = 'ended-account';
    case ReopenedAccount = 'reopened-account';
    case DroppedSecondFactor = 'dropped-second-factor';
    case Wrote = 'wrote';
    case Began = 'began';
    case Renamed = 'renamed';
    case Submitted = 'submitted';
    case TookBack = 'took-back';
    case Returned = 'returned';
    case Approved = 'approved';
    case Retired = 'retired';
    case Published = 'published';
    case Paused = 'paused';
    case Resumed = 'resumed';
    case LookedFor = 'looked-for';
    case LookedAt = 'looked-at';
    case Printed = 'printed';
    case ToldWithdrawal = 'told-withdrawal';
    case Released = 'released';
    case DrewLines = 'drew-lines';
    case AdoptedWeights = 'adopted-weights';
    case Deleted = 'deleted';
    case RanDraw = 'ran-draw';
    case GaveEnquiry = 'gave-enquiry';
    case ClosedEnquiry = 'closed-enquiry';
    case ReopenedEnquiry = 'reopened-enquiry';
    case ReadAsSpam = 'read-as-spam';
    case ReadEnquiry = 'read-enquiry';
    case RecordedRequest = 'recorded-request';
    case ExtendedRequest = 'extended-request';
    case AnsweredRequest = 'answered-request';
    case ReopenedRequest = 'reopened-request';
    case DroppedRequest = 'dropped-request';
    case SentAgain = 'sent-again';
    case LeftMail = 'left-mail';
    case DidWorkAgain = 'did-work-again';
    case LeftWork = 'left-work';
    case FoundSpam = 'found-spam';
    case TookFile = 'took-file';
    case AnsweredNote = 'answered-note';
    case SaidReadWrongly = 'said-read-wrongly';
    case SetDestinationKey = 'set-destination-key';
    case TriedDestination = 'tried-destination';
    case FetchedFields = 'fetched-fields';
    case AskedSender = 'asked-sender';
    case ReadForm = 'read-form';
    case KeptForm = 'kept-form';
    case PutFormAway = 'put-form-away';
    case TookFormUp = 'took-form-up';
    case LookedAtForm = 'looked-at-form';
    case TookAudit = 'took-audit';
    case Attested = 'attested';
    case AcceptedFinding = 'accepted-finding';
    case TookAnswerBack = 'took-answer-back';
    case AssignedFinding = 'assigned-finding';
    case MendedFinding = 'mended-finding';
    case TookAssignmentBack = 'took-assignment-back';
    case SuspendedConsents = 'suspended-consents';
    case LiftedSuspension = 'lifted-suspension';

    public function subject(): ActSubject
    {
        return match ($this) {
            self::SignedIn, self::SignedOut, self::SetPassword, self::BeganSecondFactor, self::EndedSecondFactor, self::UsedRecoveryCode, self::RenewedCodes,
            self::EndedSession, self::LookedFor, self::ToldWithdrawal, self::DidWorkAgain, self::LeftWork,
            self::DrewLines, self::AdoptedWeights => ActSubject::Nothing,
            self::SignInRefused, self::AskedForPassword, self::Invited, self::ChangedAccount, self::EndedAccount, self::ReopenedAccount,
            self::DroppedSecondFactor => ActSubject::Colleague,
            self::Wrote, self::Began, self::Renamed, self::Submitted, self::TookBack, self::Returned, self::Approved, self::Retired,
            self::AnsweredNote, self::SaidReadWrongly, self::SetDestinationKey, self::TriedDestination, self::FetchedFields,
            self::AskedSender => ActSubject::Record,
            self::Published, self::Paused, self::Resumed, self::Released, self::Deleted, self::GaveEnquiry, self::ClosedEnquiry, self::ReopenedEnquiry,
            self::RanDraw, self::ReadEnquiry, self::ReadAsSpam, self::RecordedRequest, self::ExtendedRequest, self::AnsweredRequest, self::ReopenedRequest,
            self::DroppedRequest, self::SuspendedConsents, self::LiftedSuspension => ActSubject::Point,
            self::LookedAt, self::Printed, self::FoundSpam => ActSubject::Person,
            self::SentAgain, self::LeftMail => ActSubject::Mail,
            self::TookFile => ActSubject::File,
            self::ReadForm, self::KeptForm, self::PutFormAway, self::TookFormUp, self::LookedAtForm => ActSubject::ForeignForm,
            self::TookAudit => ActSubject::Audit,
            self::Attested, self::AcceptedFinding, self::TookAnswerBack, self::AssignedFinding, self::MendedFinding,
            self::TookAssignmentBack => ActSubject::AuditedForm,
        };
    }

    public function area(): ActArea
    {
        return match ($this->subject()) {
            ActSubject::Record, ActSubject::File => ActArea::Wording,
            ActSubject::Point => match ($this) {
                self::Released, self::Deleted => ActArea::Screening,
                self::SuspendedConsents, self::LiftedSuspension => ActArea::Audit,
                self::RecordedRequest, self::ExtendedRequest, self::AnsweredRequest, self::ReopenedRequest, self::DroppedRequest => ActArea::Requests,
                default => ActArea::Points,
            },
            ActSubject::Person => ActArea::Evidence,
            ActSubject::ForeignForm, ActSubject::Audit, ActSubject::AuditedForm => ActArea::Audit,
            ActSubject::Mail => ActArea::Mail,
            ActSubject::Colleague => ActArea::Accounts,
            ActSubject::Nothing => match ($this) {
                self::DrewLines, self::AdoptedWeights => ActArea::Screening,
                self::LookedFor, self::ToldWithdrawal => ActArea::Evidence,
                self::DidWorkAgain, self::LeftWork => ActArea::Mail,
                default => ActArea::Accounts,
            },
        };
    }
}
