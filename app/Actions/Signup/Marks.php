<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Support\SystemClock;
use Juramen\Canon\MacRing;
use Juramen\Points\PointEdition;
use Juramen\Points\Stamp;
use Juramen\Points\VisitMark;
use Juramen\Register\Language;

/** Stamps and visit marks as hidden inputs of a form. */
final class Marks
{
    public const STAMP = 'stamp';

    public const VISIT = 'visit';

    public function __construct(private readonly MacRing $keys, private readonly SystemClock $clock) {}

    /**
     * @param  string  $placement  where the person came upon the form: "page", or "copy" where somebody else had served it
     * @return array<string, string> fresh marks for a form that is about to be served
     */
    public function issue(PointEdition $edition, Language $language, string $placement = 'page'): array
    {
        return [
            self::STAMP => (new Stamp($edition->sheet->point, $edition->digest(), $language, $placement))->seal($this->keys),
            self::VISIT => VisitMark::issue($this->clock->instant(), $edition->digest())->seal($this->keys),
        ];
    }

    public function visit(string $text): ?VisitMark
    {
        return VisitMark::open($text, $this->keys);
    }

    public function stamp(string $text): ?Stamp
    {
        return Stamp::open($text, $this->keys);
    }
}
