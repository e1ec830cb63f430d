<?php

declare(strict_types=1);

namespace Juramen\Points;

use Juramen\Canon\Document;
use Juramen\Register\Language;
use Juramen\Register\Texts;

/** What people see once they have sent a form, and once they have confirmed: words of the house's own, a next step, or a page of its own. */
final readonly class After
{
    /**
     * @param  Texts  $sent  words of its own on the page after sending, limited markup
     * @param  Texts  $confirmed  the same on the page after confirming
     * @param  Texts  $next  the words of the next step there
     * @param  Texts  $nextTo  and where it leads
     * @param  Texts  $sentTo  where whoever sent it is led instead of our page
     * @param  Texts  $confirmedTo  where whoever confirmed is
     * @param  bool  $inPlace  whether what stands after sending takes the place of the form, at its own address
     */
    private function __construct(
        public Texts $sent, public Texts $confirmed, public Texts $next, public Texts $nextTo, public Texts $sentTo, public Texts $confirmedTo,
        public bool $inPlace
    ) {}

    public static function from(Document $part): self
    {
        $texts = static fn (string $name): Texts => Texts::from($part->at($name));

        return new self(
            $texts('sent'), $texts('confirmed'), $texts('next'), $texts('next-to'), $texts('sent-to'), $texts('confirmed-to'),
            $part->flag('in-place') === true
        );
    }

    /** The next step in a language; null where there is none. */
    public function step(Language $language): ?NextStep
    {
        [$says, $to] = [$this->next->orNothing($language), $this->nextTo->orNothing($language)];

        return $says === '' || $to === '' ? null : new NextStep($says, $to);
    }

    /** @return list<string> every address to which it leads, in some languages */
    public function addresses(Language ...$languages): array
    {
        $all = [];
        foreach ([$this->nextTo, $this->sentTo, $this->confirmedTo] as $texts) {
            array_push($all, ...array_values($texts->only(...$languages)->toArray()));
        }

        return array_values(array_unique($all));
    }

    /** @return list<string> beginnings of those addresses to which people are led on by themselves, such as "https://tidewick.example" */
    public function origins(Language $language): array
    {
        $origins = array_map(
            static fn (string $to): string => 'https://'.(string) parse_url($to, PHP_URL_HOST),
            array_filter([$this->sentTo->orNothing($language), $this->confirmedTo->orNothing($language)], static fn (string $to): bool => $to !== '')
        );

        return array_values(array_unique($origins));
    }

    public function document(): Document
    {
        return Document::from([...$this->inPlace ? ['in-place' => true] : [], ...array_filter([
            'sent' => $this->sent->toArray(), 'confirmed' => $this->confirmed->toArray(), 'next' => $this->next->toArray(),
            'next-to' => $this->nextTo->toArray(), 'sent-to' => $this->sentTo->toArray(), 'confirmed-to' => $this->confirmedTo->toArray(),
        ], static fn (array $texts): bool => $texts !== [])]);
    }
}
