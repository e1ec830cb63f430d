<?php

declare(strict_types=1);

namespace App\Queries\Points;

use Illuminate\Http\Request;
use Juramen\Register\Country;
use Juramen\Register\Language;

/** Which signup points are looked for. */
final readonly class PointFilter
{
    public const FINDINGS = ['breach', 'weakness', 'to-do', 'none'];

    /**
     * @param  string  $words  in the name, the place or the short name
     * @param  string  $controller  short name; of any, where it is empty
     * @param  string  $findings  one of FINDINGS, or empty
     */
    public function __construct(
        public string $words = '', public string $controller = '', public ?PointLife $life = null, public ?Language $language = null,
        public string $country = '',
        public string $findings = ''
    ) {}

    public static function from(Request $request): self
    {
        $findings = $request->string('findings')->toString();

        return new self(
            mb_substr($request->string('q')->trim()->toString(), 0, 200), $request->string('controller')->toString(),
            PointLife::tryFrom($request->string('state')->toString()), Language::tryFrom($request->string('language')->toString()),
            $request->string('country')->toString(), in_array($findings, self::FINDINGS, true) ? $findings : ''
        );
    }

    public function isEmpty(): bool
    {
        return $this == new self;
    }

    public function lets(PointStatus $status, PointLife $life): bool
    {
        $draft = $status->sheet->draft;
        $text = "{$draft->name} $draft->place {$status->point->slug}";

        return ($this->words === '' || mb_stripos($text, $this->words) !== false)
            && ($this->controller === '' || $draft->controller->text === $this->controller)
            && ($this->life === null || $life === $this->life)
            && ($this->language === null || $draft->offers($this->language))
            && ($this->country === '' || array_filter($draft->countries, fn (Country $c): bool => $c->code === $this->country) !== [])
            && match ($this->findings) {
                'breach' => $status->breaches > 0,
                'weakness' => $status->weaknesses > 0,
                'to-do' => $status->unwritten + $status->toDo() > 0,
                'none' => $status->breaches + $status->weaknesses + $status->unwritten + $status->toDo() === 0,
                default => true,
            };
    }
}
