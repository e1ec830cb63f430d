<?php

declare(strict_types=1);

namespace Juramen\Register;

use Juramen\Canon\Document;
use Juramen\Canon\Slug;

/** One of our lists as it goes to a destination: into which group there, and with which hidden mark. */
final readonly class ListThere
{
    /**
     * @param  string  $group  the destination's own id of it; empty where nobody has said
     * @param  string  $mark  which everybody on it is given there; empty for none
     * @param  Slug|null  $starts  the purpose of the mails that the mark starts there; null where it starts none
     */
    private function __construct(public Slug $list, public string $group, public string $mark, public ?Slug $starts) {}

    public static function from(Document $document): self
    {
        $starts = $document->text('starts');

        return new self(
            Slug::parse($document->text('id')), $document->text('group'), $document->text('mark'), $starts === '' ? null : Slug::parse($starts)
        );
    }

    public function document(): Document
    {
        return Document::from(['id' => $this->list->text, 'group' => $this->group, 'mark' => $this->mark, 'starts' => (string) $this->starts]);
    }
}
