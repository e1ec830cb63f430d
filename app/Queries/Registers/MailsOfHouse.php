<?php

declare(strict_types=1);

namespace App\Queries\Registers;

use App\Models\Record;
use Juramen\Canon\Slug;
use Juramen\Register\Controller;
use Juramen\Register\Language;
use Juramen\Register\RecordKind;
use Juramen\Wording\MailKind;
use Juramen\Wording\MailWording;

/** Every mail of the house to people outside: of each controller each kind, in its own words or in ours. */
final class MailsOfHouse
{
    public function __construct(private readonly RegistersInForce $inForce) {}

    /** @return list<HouseMail> by controller, in the order in which they go out */
    public function all(): array
    {
        $registers = $this->inForce->registers();
        $records = Record::query()->where('kind', RecordKind::Mail)->whereNull('retired_at')->with('newest')->get()->keyBy('slug');
        $mails = [];
        foreach ($registers->controllers->all() as $controller) {
            foreach (MailKind::cases() as $kind) {
                $slug = MailWording::idOf($controller->id, $kind)->text;
                $mails[] = new HouseMail($controller, $kind, $records->get($slug), $registers->mails->get($slug), $this->points($controller));
            }
        }

        return $mails;
    }

    /** @return non-empty-list<Language> in which the forms of a controller are offered; all, where it has none yet */
    public function languages(Slug $controller): array
    {
        $sheets = array_filter($this->inForce->sheets(), static fn (SheetOnFile $s): bool => $s->draft->controller->equals($controller));
        $offered = array_merge([], ...array_map(static fn (SheetOnFile $s): array => $s->draft->languages, array_values($sheets)));

        return array_values(array_filter(Language::cases(), static fn (Language $l): bool => in_array($l, $offered, true))) ?: Language::cases();
    }

    private function points(Controller $controller): int
    {
        return count(array_filter($this->inForce->sheets(), static fn (SheetOnFile $s): bool => $s->draft->controller->equals($controller->id)));
    }
}
