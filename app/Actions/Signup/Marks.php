<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Support\SystemClock;
use Juramen\Canon\Id;
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

    public const PAGE = 'page';

    public const COPY = 'copy';

    public const COPY_KEPT = 'copy-kept';

    public function __construct(private readonly MacRing $keys, private readonly SystemClock $clock) {}

    /**
     * @param  string  $placement  where the person came upon the form: "page"; "copy" where somebody else had served it, or it was sent
     *                             from somebody else's page; "copy-kept" where besides what they wanted is kept already
     * @return array<string, string> fresh marks for a form that is about to be served
     */
    public function issue(PointEdition $edition, Language $language, string $placement = self::PAGE): array
    {
        return [
            self::STAMP => (new Stamp($edition->sheet->point, $edition->digest(), $language, $placement))->seal($this->keys),
            self::VISIT => VisitMark::issue($this->clock->instant(), $edition->digest(), $language, $placement)->seal($this->keys),
        ];
    }

    /** For what came without a mark of ours: the same content sent twice within a day is kept once. */
    public function nonceFor(Posted $posted): Id
    {
        $content = json_encode([$posted->edition->sheet->point, $posted->values, $this->clock->instant()->utc->format('Y-m-d')]);

        return Id::fromBytes(substr(hash_hmac('sha256', (string) $content, (string) config('app.key'), true), 0, 16));
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
