<?php

declare(strict_types=1);

namespace Juramen\Consent;

use Juramen\Canon\Slug;
use Juramen\Consent\Acts\Given;
use Juramen\Register\ContactList;

/** Who is on a list: whoever may be reached for its purpose by its channel, by a yes that its rule takes. */
final readonly class OnList
{
    public function __construct(private ContactList $list) {}

    /** The permission by which somebody is on it; null where they are not. */
    public function by(Permissions $permissions): ?Permission
    {
        $permission = $permissions->for(new Target($this->list->purpose->text, $this->list->channel));

        $holds = $permission->allowed() && (! $this->list->confirmed || $permission->reason === Reason::Confirmed);

        return $holds && $this->takes($permission) ? $permission : null;
    }

    private function takes(Permission $permission): bool
    {
        $given = $permission->entries[0]->act ?? null;
        if (! $given instanceof Given) {
            return false;
        }
        $yes = array_map(static fn (Answer $a): string => $a->statement, array_filter($given->answers, static fn (Answer $a): bool => $a->yes));
        $names = static fn (Slug $s): string => $s->text;

        return ($this->list->statements === [] || array_intersect(array_map($names, $this->list->statements), $yes) !== [])
            && ($this->list->points === [] || in_array($given->point, array_map($names, $this->list->points), true))
            && ($this->list->languages === [] || in_array($given->language, $this->list->languages, true));
    }
}
