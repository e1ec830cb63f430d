<?php

declare(strict_types=1);

namespace Juramen\Register;

/** The legal entity that answers for signup points. Source of what must be known: GDPR Art. 4(7), 13(1)(a). */
final readonly class Controller
{
    /**
     * @param  string  $id  a short name in lower case, such as "tidewick-ferries"
     * @param  string  $accent  the house look's colour of buttons, #rrggbb
     * @param  string  $sender  the address that mails come from
     * @param  Texts  $notice  link to the privacy notice, by language
     * @param  Texts  $noticeText  the notice itself, where it is held here; by language
     * @param  string  $dpo  the data protection officer's contact; may be empty (GDPR Art. 37)
     * @param  string  $representative  in the EU or the UK, of a controller outside; may be empty (GDPR Art. 27)
     * @param  string  $country  ISO 3166-1 code of its seat; may be empty
     *
     * @throws InvalidRegister
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $postalAddress,
        public string $contact,
        public string $sender,
        public string $accent,
        public Texts $notice,
        public Texts $noticeText,
        public string $dpo = '',
        public string $representative = '',
        public string $country = '',
    ) {
        if (preg_match('/^[a-z0-9]+(-[a-z0-9]+)*$/D', $id) !== 1) {
            throw new InvalidRegister("\"$id\" cannot be a controller's short name: use lower-case letters, digits and hyphens.");
        }
        if (trim($name) === '' || trim($postalAddress) === '') {
            throw new InvalidRegister('A controller has a name and a postal address.');
        }
        if ($country !== '' && preg_match('/^[A-Z]{2}$/D', $country) !== 1) {
            throw new InvalidRegister("\"$country\" is not a country's two-letter code.");
        }
        if (preg_match('/^#[0-9a-f]{6}$/D', $accent) !== 1) {
            throw new InvalidRegister("\"$accent\" is not a colour like #7a3a12.");
        }
        foreach ($notice->toArray() as $link) {
            if (preg_match('#^https?://[^\s"<>]+$#D', $link) !== 1) {
                throw new InvalidRegister("\"$link\" is not the address of a privacy notice; it begins with https://.");
            }
        }
    }

    /**
     * Refuses what may not be written here: lines are one line and of a sensible length, addresses are addresses.
     *
     * @param  bool  $whole  whether it is to be approved, and so needs an address from which mails come and one at which people reach it
     *
     * @throws InvalidRegister
     */
    public function check(bool $whole = false): void
    {
        Line::check("The controller's name", $this->name, 100);
        Line::check('Its postal address', $this->postalAddress, 300);
        Line::check("The data protection officer's contact", $this->dpo, 300);
        Line::check('The representative', $this->representative, 300);
        foreach (['The address that mails come from' => $this->sender, 'The address at which people reach the controller' => $this->contact] as $what => $address) {
            if ($address === '' && ! $whole) {
                continue;
            }
            try {
                EmailAddress::parse($address);
                $fits = $address === trim($address);
            } catch (InvalidEmailAddress) {
                $fits = false;
            }
            if (! $fits) {
                throw new InvalidRegister("$what is one email address, like voyages@tidewick.example, and nothing else.");
            }
        }
        foreach ($this->notice->toArray() as $link) {
            Line::check('A link to the privacy notice', $link, 500);
        }
    }

    /** @param  array<string, mixed>  $data as toArray() gives it */
    public static function from(array $data): self
    {
        $text = static fn (string $key): string => is_string($data[$key] ?? null) ? $data[$key] : throw new InvalidRegister("A controller's $key is missing.");
        $some = static fn (string $key): string => is_string($data[$key] ?? null) ? trim($data[$key]) : '';

        return new self(
            $text('id'), $text('name'), $text('postal-address'), $text('contact'), $text('sender'), $text('accent'),
            Texts::draft($data['notice'] ?? [], 'the privacy notice\'s link'), Texts::draft($data['notice-text'] ?? [], 'the privacy notice', 100_000),
            $some('dpo'), $some('representative'), $some('country'),
        );
    }

    /**
     * What visitors see of it: a point is published again where this changed.
     *
     * @return array<string, mixed>
     */
    public function shown(): array
    {
        return array_intersect_key($this->toArray(), array_flip(['id', 'name', 'postal-address', 'contact', 'sender', 'accent', 'notice']));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'postal-address' => $this->postalAddress,
            'contact' => $this->contact,
            'sender' => $this->sender,
            'accent' => $this->accent,
            'notice' => $this->notice->toArray(),
            'notice-text' => $this->noticeText->toArray(),
            'dpo' => $this->dpo,
            'representative' => $this->representative,
            'country' => $this->country,
        ];
    }
}
