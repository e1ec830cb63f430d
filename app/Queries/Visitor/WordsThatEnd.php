<?php

declare(strict_types=1);

namespace App\Queries\Visitor;

use App\Actions\Ledger\LedgerTables;
use App\Models\Subscriber;
use App\Support\PublishedForms;
use Juramen\Consent\Acts\Given;
use Juramen\Consent\Entry;
use Juramen\Consent\Permission;
use Juramen\Consent\Permissions;

/** Everything that would end with a withdrawal, in the words that the person agreed to. */
final class WordsThatEnd
{
    public function __construct(private readonly LedgerTables $ledger, private readonly PublishedForms $published) {}

    /** @return list<EndingConsent> one for each purpose; none where nothing is permitted or waits */
    public function __invoke(Subscriber $subscriber): array
    {
        $ending = [];
        foreach (Permissions::of($this->ledger->chain($subscriber->subject))->all() as $permission) {
            if ($permission->stands() || $permission->waits()) {
                $purpose = $permission->target->purpose;
                $before = $ending[$purpose] ?? null;
                $ending[$purpose] = new EndingConsent(
                    $purpose, array_values(array_unique([...$before->words ?? [], ...$this->of($permission)])),
                    [...$before->targets ?? [], $permission->target],
                );
            }
        }

        return array_values($ending);
    }

    /** @return list<string> */
    private function of(Permission $permission): array
    {
        $words = [];
        /** @var list<Entry> $behind */
        $behind = [...array_slice($permission->entries, 0, 1), ...$permission->pending->all()];
        foreach ($behind as $entry) {
            if (! $entry->act instanceof Given) {
                continue;
            }
            foreach ($this->published->edition($entry->act->edition)->sheet->statements as $statement) {
                if ($statement->purpose->text === $permission->target->purpose) {
                    $words[] = $statement->words($entry->act->language);
                }
            }
        }

        return $words;
    }
}
