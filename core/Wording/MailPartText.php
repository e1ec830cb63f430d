<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Canon\DraftRefusal;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;
use Juramen\Register\Schema\Text;
use Juramen\Register\Schema\ValueType;
use Juramen\Register\Schema\Written;

/** The words of a part of a mail: one line of some length, with placeholders that we know, and without links of its own. */
final readonly class MailPartText implements ValueType
{
    private Text $line;

    public function __construct(private MailPart $part)
    {
        $this->line = new Text($part->longest());
    }

    public function read(mixed $sent, Place $place, Written $written): string
    {
        // Pasted with line breaks it is one line all the same.
        return (string) preg_replace('/\s*[\r\n]+\s*/u', ' ', $this->line->read($sent, $place, $written));
    }

    public function check(mixed $value, Place $place, string $what): void
    {
        $this->line->check($value, $place, $what);
        $text = is_string($value) ? $value : '';
        $known = array_map(static fn (MailPlaceholder $p): string => $p->written(), $this->part->placeholders());
        $left = str_replace($known, '', $text);
        if (preg_match('/\{[^{}]*\}|[{}]/u', $left, $unknown) === 1) {
            throw Refused::because(
                $known === [] ? DraftRefusal::NoPlaceholderHere : DraftRefusal::NoSuchPlaceholder, what: $what, given: $unknown[0], names: implode(', ', $known)
            );
        }
        if (preg_match('~://|\bwww\.|\b[a-z0-9-]+\.(?:example|com|net|org|de|dk|se|fr|uk|ca|info)/~iu', $text) === 1) {
            throw Refused::because(DraftRefusal::NoLinkHere, what: $what);
        }
    }
}
