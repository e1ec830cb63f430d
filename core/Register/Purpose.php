<?php

declare(strict_types=1);

namespace Juramen\Register;

/** What a controller uses contact details for, in words that subscribers read. Source of what must be known: GDPR Art. 13(1)(c), 6(1), 13(2)(a). */
final readonly class Purpose
{
    /**
     * @param  string  $id  a short name, such as "voyage-news"
     * @param  string  $controller  id of the one controller it belongs to
     * @param  Texts  $names  what subscribers call it: "voyage news"
     * @param  Texts  $contents  what comes: "new sailings and fares"
     * @param  Texts  $rates  how often: "once a month"
     * @param  bool  $measures  whether opens and clicks of its mails are measured
     * @param  int  $refreshMonths  after which consent is asked for again; 1 to 60, 0 for the house's period
     * @param  int  $retentionMonths  for which the person's details are kept after the last permission ended; 1 to 120, 0 for the house's time
     *
     * @throws InvalidRegister
     */
    public function __construct(
        public string $id,
        public string $controller,
        public Texts $names,
        public Texts $contents,
        public Texts $rates,
        public LegalBasis $basis = LegalBasis::Consent,
        public bool $measures = false,
        public int $refreshMonths = 0,
        public int $retentionMonths = 36,
    ) {
        if (preg_match('/^[a-z0-9]+(-[a-z0-9]+)*$/D', $id) !== 1) {
            throw new InvalidRegister("\"$id\" cannot be a purpose's short name: use lower-case letters, digits and hyphens.");
        }
        if ($refreshMonths < 0 || $refreshMonths > 60) {
            throw new InvalidRegister("Consent is asked for again after 1 to 60 months (0: as the house does), not $refreshMonths.");
        }
        if ($retentionMonths < 0 || $retentionMonths > 120) {
            throw new InvalidRegister("Details are kept for 1 to 120 months after the last permission ended (0: as the house does), not $retentionMonths.");
        }
    }

    /** @param  array<string, mixed>  $data as toArray() gives it */
    public static function from(array $data): self
    {
        $text = static fn (string $key): string => is_string($data[$key] ?? null) ? $data[$key] : throw new InvalidRegister("A purpose's $key is missing.");
        $number = static fn (string $key, int $default): int => is_int($data[$key] ?? $default) ? $data[$key] ?? $default : throw new InvalidRegister("A purpose's $key is a number of months.");

        return new self(
            $text('id'), $text('controller'),
            Texts::draft($data['names'] ?? [], 'the purpose\'s name', 100),
            Texts::draft($data['contents'] ?? [], 'what comes', 300),
            Texts::draft($data['rates'] ?? [], 'how often it comes', 100),
            LegalBasis::tryFrom($text('basis')) ?? throw new InvalidRegister('A purpose stands on one of: '.implode(', ', array_column(LegalBasis::cases(), 'value')).'.'),
            ($data['measures'] ?? false) === true,
            $number('refresh-months', 0), $number('retention-months', 36),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id, 'controller' => $this->controller,
            'names' => $this->names->toArray(), 'contents' => $this->contents->toArray(), 'rates' => $this->rates->toArray(),
            'basis' => $this->basis->value, 'measures' => $this->measures,
            'refresh-months' => $this->refreshMonths, 'retention-months' => $this->retentionMonths,
        ];
    }
}
