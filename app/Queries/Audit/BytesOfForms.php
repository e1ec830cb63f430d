<?php

declare(strict_types=1);

namespace App\Queries\Audit;

use App\Casts\Instants;
use App\Models\PublishedEdition;
use App\Support\PublishedForms;
use Juramen\Audit\AuditedForm;
use Juramen\Audit\AuditedKind;
use Juramen\Canon\Digest;
use Juramen\Canon\Instant;

/** The bytes that visitors got: of a point the frozen form of the edition in force, of a form from elsewhere its page as it is kept. */
final class BytesOfForms
{
    public function __construct(private readonly ReadForms $forms, private readonly PublishedForms $published) {}

    /** @return string empty where none were in force */
    public function at(AuditedForm $form, Instant $moment): string
    {
        if ($form->kind === AuditedKind::Form) {
            return $this->forms->page(Digest::fromHex($form->seen));
        }
        $edition = PublishedEdition::query()->whereRelation('point', 'slug', $form->id)->where('published_at', '<=', Instants::write($moment))
            ->orderByDesc('number')->first()?->edition();

        return $edition === null ? '' : $this->published->form($edition, $edition->sheet->draft->languages[0])->html;
    }
}
