<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use App\Actions\Signup\SubmittedForm;
use App\Queries\Screening\ReadTaughtWords;
use Illuminate\Http\Request;
use Juramen\Points\Field;
use Juramen\Points\FieldMeaning;
use Juramen\Register\EmailAddress;
use Juramen\Register\InvalidEmailAddress;
use Juramen\Screening\Mark;
use Juramen\Screening\SubmissionFacts;
use Juramen\Screening\Text\TaughtWords;

/** What can be known of a submission by itself: nothing of it is kept but numbers. */
final class GatherFacts
{
    /** Fields that may be left empty, below which it says nothing that they are all filled in. */
    private const OPTIONAL = 3;

    public function __construct(
        private readonly Models $models, private readonly ThrowAwayDomains $throwAway, private readonly MailDomains $domains,
        private readonly ReadTaughtWords $taught
    ) {}

    /** @param  int|null  $seconds  between serving and sending; null where we did not serve the form */
    public function __invoke(SubmittedForm $form, Request $request, ?int $seconds, Mark $mark): SubmissionFacts
    {
        $impossible = ImpossibleHeaders::count($request);
        try {
            $email = $form->email();
        } catch (InvalidEmailAddress) {
            return (new SubmissionFacts($form->trapTouched, $seconds))->came($mark, $impossible);
        }
        $optional = array_filter($form->edition->sheet->draft->fields, static fn (Field $f): bool => ! $f->required && $f->when === null);
        $left = array_filter($optional, static fn (Field $f): bool => trim($form->typed->in($f->name())) === '');

        return $this->of(
            $email, $this->typed($form, FieldMeaning::Name), $form->written(), $form->trapTouched, $seconds,
            count($optional) >= self::OPTIONAL && $left === [], $this->domains->takes($email->domain()), $form->written() === '' ? null : ($this->taught)()
        )->came($mark, $impossible);
    }

    /**
     * @param  string  $names  that were given
     * @param  string  $text  that was written
     * @param  bool|null  $receives  whether its domain takes mail; null where nobody knows
     * @param  TaughtWords|null  $taught  what words say at this house besides
     */
    public function of(
        EmailAddress $email, string $names, string $text, bool $trapTouched, ?int $seconds, bool $allOptional = false, ?bool $receives = null,
        ?TaughtWords $taught = null
    ): SubmissionFacts {
        $words = $taught === null ? $this->models->words() : $this->models->words()->taught($taught);
        $links = '#https?://|www\.#i';

        return new SubmissionFacts(
            $trapTouched, $seconds, throwAway: $this->throwAway->has($email->domain()), receives: $receives,
            randomAddress: $this->models->letters()->randomness($email->local()),
            randomName: $names === '' ? 0.0 : $this->models->letters()->randomness($names),
            linkInName: preg_match('#https?://|www\.|[<>]|\[url#i', $names) === 1,
            spamText: $text === '' ? 0.0 : $words->excess($text), links: (int) preg_match_all($links, $text), allOptional: $allOptional,
        );
    }

    private function typed(SubmittedForm $form, FieldMeaning $meaning): string
    {
        $fields = array_filter($form->edition->sheet->draft->fields, static fn (Field $f): bool => $f->kind->meaning() === $meaning);

        return trim(implode("\n", array_map(static fn (Field $f): string => $form->typed->in($f->name()), $fields)));
    }
}
