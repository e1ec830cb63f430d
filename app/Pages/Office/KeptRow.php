<?php

declare(strict_types=1);

namespace App\Pages\Office;

use App\Models\HeldContent;
use App\Models\HeldSubmission;
use App\Models\PublishedEdition;
use App\Support\Moments;
use App\Support\ValueName;
use Juramen\Canon\Instant;
use Juramen\Points\FieldValue;
use Juramen\Register\Language;
use Juramen\Screening\WeighedSignal;
use Juramen\Screening\Weights;

/** What somebody sent and screening holds. */
final readonly class KeptRow
{
    /**
     * @param  list<KeptLine>  $values
     * @param  list<string>  $why  it is held, a sentence each
     */
    private function __construct(
        public string $received, public string $email, public array $values, public string $form, public array $why, public string $deleted,
        public string $delete, public ?string $release, public string $id
    ) {}

    /** @param  string  $point  what it is called */
    public static function held(HeldSubmission $held, string $point): self
    {
        return self::of(
            $held->received_at, $held->content, $point, $held->edition, $held->language, Moments::date($held->deleted_at),
            route('held.delete', $held), (string) $held->id, route('held.release', $held),
            array_map(static fn (WeighedSignal $s): string => $s->signal->says(), Weights::stored($held->signals)),
        );
    }

    /** @param  list<string>  $why */
    private static function of(
        Instant $received, HeldContent $content, string $point, PublishedEdition $edition, Language $language, string $deleted, string $delete, string $id,
        ?string $release = null,
        array $why = []
    ): self {
        $values = array_map(static fn (FieldValue $v): KeptLine => new KeptLine(ValueName::of($v->name), $v->value), $content->values);

        return new self(
            Moments::exact($received), $content->email, $values, "$point, edition $edition->number, {$language->endonym()}", $why, $deleted,
            $delete, $release, $id
        );
    }
}
