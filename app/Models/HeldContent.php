<?php

declare(strict_types=1);

namespace App\Models;

use Juramen\Canon\Document;
use Juramen\Canon\Place;
use Juramen\Points\FieldValue;
use Juramen\Points\FormVersion;
use Juramen\Points\PointEdition;
use Juramen\Points\Said;
use Juramen\Register\Channel;

/** What somebody sent, as far as it is kept, encrypted, until somebody has decided or answered. */
final readonly class HeldContent
{
    /**
     * @param  list<FieldValue>  $values
     * @param  array<string, list<string>|null>  $said  ids of statements to the channels agreed to: none is a no, null is all of them
     * @param  list<string>  $notShown
     * @param  bool  $delivered  whether what was wanted besides reached the team already
     */
    private function __construct(
        public string $email, public array $values, private array $said = [], public string $placement = 'page', public ?string $network = null,
        public array $notShown = [], public bool $delivered = false, public FormVersion $version = FormVersion::First,
    ) {}

    /**
     * All that a decision about its consents needs.
     *
     * @param  list<FieldValue>  $values
     * @param  list<Said>  $said
     * @param  list<string>  $notShown
     */
    public static function submission(
        string $email, array $values, array $said, string $placement, ?string $network, array $notShown, bool $delivered,
        FormVersion $version = FormVersion::First
    ): self {
        $kept = [];
        foreach ($said as $each) {
            $kept[$each->id()->text] = array_map(static fn (Channel $c): string => $c->value, $each->channels);
        }

        return new self($email, $values, $kept, $placement, $network, $notShown, $delivered, $version);
    }

    /**
     * What was wanted besides any consent.
     *
     * @param  list<FieldValue>  $values
     */
    public static function enquiry(string $email, array $values): self
    {
        return new self($email, $values);
    }

    /** The same with another address. */
    public function to(string $email): self
    {
        return new self($email, $this->values, $this->said, $this->placement, $this->network, $this->notShown, $this->delivered, $this->version);
    }

    /** As toDocument() gives it, or as it was before answers had channels: a list of ids. */
    public static function from(Document $kept): self
    {
        $values = $kept->part('values');
        $statements = $kept->part('statements');
        $said = array_fill_keys($kept->names('statements'), null);
        foreach ($said === [] ? $statements->members() : [] as $id) {
            $said[$id] = $statements->names(Place::of($id));
        }

        return new self(
            $kept->text('email'), array_map(static fn (string $name): FieldValue => new FieldValue($name, $values->text(Place::of($name))), $values->members()),
            $said, $kept->text('placement') ?: 'page', $kept->text('network') ?: null, $kept->names('not-shown'), $kept->flag('delivered') === true,
            FormVersion::tryFrom($kept->text('version')) ?? FormVersion::First,
        );
    }

    public function toDocument(): Document
    {
        return Document::from([
            'email' => $this->email, 'values' => array_column(array_map(static fn (FieldValue $v): array => [$v->name, $v->value], $this->values), 1, 0),
            'statements' => $this->said, 'placement' => $this->placement, 'network' => $this->network, 'not-shown' => $this->notShown,
            'delivered' => $this->delivered, 'version' => $this->version->value,
        ]);
    }

    /** Whether some words stand in the address or in anything that was given, in whatever case. */
    public function says(string $words): bool
    {
        $texts = [$this->email, ...array_map(static fn (FieldValue $v): string => $v->value, $this->values)];

        return array_filter($texts, static fn (string $text): bool => mb_stripos($text, $words) !== false) !== [];
    }

    /** @return list<Said> as far as the edition still has the statements */
    public function said(PointEdition $edition): array
    {
        $said = [];
        foreach ($edition->sheet->statements as $statement) {
            if (array_key_exists($statement->id->text, $this->said)) {
                $channels = $this->said[$statement->id->text];
                $said[] = $channels === null ? Said::yes($statement) : Said::kept(
                    $statement, array_values(array_filter($statement->channels, static fn (Channel $c): bool => in_array($c->value, $channels, true)))
                );
            }
        }

        return $said;
    }
}
