<?php

declare(strict_types=1);

namespace App\Actions\Handover;

use App\Actions\Consent\PersonalValues;
use App\Actions\Ledger\LedgerTables;
use App\Models\Handover;
use Juramen\Canon\ById;
use Juramen\Canon\Id;
use Juramen\Canon\MacRing;
use Juramen\Consent\Acts\Given;
use Juramen\Consent\Answer;
use Juramen\Consent\Link;
use Juramen\Consent\OnList;
use Juramen\Consent\Permission;
use Juramen\Consent\Permissions;
use Juramen\Consent\Reason;
use Juramen\Log\Disclosure;
use Juramen\Points\FilledField;
use Juramen\Points\Handover as WhatGoesOver;
use Juramen\Register\ContactList;
use Juramen\Register\Destination;

/** What a destination is told of a person: by the fold of their entries as they are now, and with values that are their own. */
final class DescribePerson
{
    public function __construct(private readonly LedgerTables $ledger, private readonly PersonalValues $personal, private readonly MacRing $keys) {}

    public function key(Handover $handover): KeyThere
    {
        $of = "$handover->destination {$handover->subscriber->subject->hex()}";

        return new KeyThere(substr(hash_hmac('sha256', $of, config()->string('app.key')), 0, 32));
    }

    /** Null where they are not on the list, or nothing is left by which to reach them. */
    public function person(Handover $handover, Destination $destination, ContactList $list): ?PersonThere
    {
        $subject = $handover->subscriber->subject;
        $permission = (new OnList($list))->by(Permissions::of($this->ledger->chain($subject)));
        $values = $this->personal->newestOf($subject);
        $address = $values->get(WhatGoesOver::addressOf($list))->value ?? '';
        $there = $destination->lists->get($list->id);
        if ($permission === null || $address === '' || $there === null) {
            return null;
        }
        $confirmed = $permission->reason === Reason::Confirmed ? $permission->since?->text() ?? '' : '';

        return new PersonThere(
            $this->key($handover)->text, $there->group, $address, $this->fields($destination, $list, $permission, $values, $subject), $there->mark, $confirmed
        );
    }

    /**
     * @param  ById<Disclosure>  $values
     * @return ById<FilledField>
     */
    private function fields(Destination $destination, ContactList $list, Permission $permission, ById $values, Id $subject): ById
    {
        $filled = ById::none();
        foreach ($destination->mapping->all() as $mapped) {
            $field = $destination->field($mapped->of);
            $value = $field === null ? '' : $this->ofConsent($mapped->of, $list, $permission, $subject) ?? $values->get($mapped->of)->value ?? '';
            if ($field !== null && $value !== '') {
                $filled = $filled->with($field, new FilledField($field, $value));
            }
        }

        return $filled;
    }

    /** What belongs to the consent; null for what a field asked. */
    private function ofConsent(string $value, ContactList $list, Permission $permission, Id $subject): ?string
    {
        $given = $permission->entries[0]->act ?? null;
        if (! $given instanceof Given) {
            return null;
        }
        $link = static fn (string $token): string => url("/withdraw/$token");

        return match ($value) {
            'language' => $given->language->value,
            'point' => $given->point,
            'statement' => implode(' ', array_map(static fn (Answer $a): string => $a->edition->hex(), $this->answers($given, $list))),
            'agreed-at' => $permission->entries[0]->recorded->text(),
            'confirmed-at' => $permission->reason === Reason::Confirmed ? $permission->since?->text() ?? '' : '',
            'withdrawal', 'preferences' => $link(Link::Withdraw->token($subject, $this->keys)),
            default => null,
        };
    }

    /** @return list<Answer> the yes by which they came onto it; all of them where its rule names none */
    private function answers(Given $given, ContactList $list): array
    {
        $names = array_map(strval(...), $list->statements);

        return array_values(array_filter(
            $given->answers, static fn (Answer $a): bool => $a->yes && ($names === [] || in_array($a->statement, $names, true))
        ));
    }
}
