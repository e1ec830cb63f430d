<?php

declare(strict_types=1);

namespace Juramen\Audit\Requirements;

use Juramen\Audit\AskedField;
use Juramen\Audit\FormRequirement;
use Juramen\Audit\Reading;
use Juramen\Audit\Source;
use Juramen\Audit\SourceKind;
use Juramen\Audit\Verdict;
use Juramen\Points\FieldMeaning;
use Juramen\Wording\Found;
use Juramen\Wording\Frames\Meaning;
use Juramen\Wording\Words\WordClass;

/** A field for the address or number of a friend: whoever has it agreed to nothing. Where the form says that they are written to, it is done in
 * their name. */
final class NoFriendsAddress extends FormRequirement
{
    public function id(): string
    {
        return 'no-friends-address';
    }

    public function title(): string
    {
        return 'Nobody gives somebody else\'s address.';
    }

    public function source(): Source
    {
        return new Source('GDPR Art. 14; BGH I ZR 208/12', SourceKind::Case, 'the decision');
    }

    public function judge(Reading $reading): array
    {
        $asked = array_values(array_filter(
            $reading->kind->asksForConsent() ? $reading->fields : [],
            static fn (AskedField $f): bool => in_array($f->meaning, [FieldMeaning::Email, FieldMeaning::Phone], true)
        ));
        if ($asked === []) {
            return $this->notApplicable('It asks for no address and no number.');
        }
        $listener = $reading->listener();
        // Where children are spoken to, the parent's address is that of whoever is to allow it.
        $young = $listener->hears($reading->text, Meaning::OfferedToChildren);
        $others = array_values(array_filter($asked, static fn (AskedField $f): bool => $listener->speaksOf($f->label, WordClass::FieldFriend)
            && ! ($young && $listener->speaksOf($f->label, WordClass::Parent))));
        if ($others === []) {
            return $this->met('The address that it asks for is the visitor\'s own.', $asked[0]->where);
        }
        $written = $listener->speaksOf($reading->text, WordClass::Sends, WordClass::Recommends);

        return array_map(fn (AskedField $f) => $this->finding(
            $written ? Verdict::Breach : Verdict::Weakness,
            "\"$f->label\" is somebody else's, who has agreed to nothing".($written ? ', and the form says that something is sent to them.' : '.'),
            $f->where, Found::all($f->label), 'Take the field away; give the visitor a link instead, to be passed on by themselves.'
        ), $others);
    }
}
