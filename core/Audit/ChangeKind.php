<?php

declare(strict_types=1);

namespace Juramen\Audit;

/** In what two readings of a form differ. */
enum ChangeKind: string
{
    /** A box, choice or switch stands there that did not. */
    case ControlAdded = 'control-added';
    case ControlGone = 'control-gone';
    case WordsOther = 'words-other';
    /** It is answered beforehand, and was not; or the other way round. */
    case AnswerOther = 'answer-other';
    case FieldAdded = 'field-added';
    case FieldGone = 'field-gone';
    /** It must be filled in, or need no longer. */
    case NeedOther = 'need-other';
    case LinkOther = 'link-other';
    /** The notice or the terms are linked no more. */
    case LinkGone = 'link-gone';
    /** A sentence about consent that stands in no control. */
    case SentenceAdded = 'sentence-added';
    case SentenceGone = 'sentence-gone';
    /** Something is sent that nobody sees, and says yes. */
    case HiddenYes = 'hidden-yes';
    /** It is sent to another host. */
    case SentElsewhere = 'sent-elsewhere';
    case FormGone = 'form-gone';

    /** Whether somebody should look at once: what is asked of people is another. */
    public function isGrave(): bool
    {
        return ! in_array($this, [self::FieldAdded, self::FieldGone, self::NeedOther, self::LinkOther], true);
    }
}
