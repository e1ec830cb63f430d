<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Support\Facades\DB;
use Juramen\Canon\Day;
use Juramen\Canon\Digest;
use Juramen\Canon\Instant;
use Juramen\Canon\MacRing;
use Juramen\Consent\GiftLink;
use Juramen\Points\PointEdition;
use Juramen\Register\Language;

/** Gifts of published forms: the link by which somebody gets one, and the bytes behind it. */
final class Gifts
{
    public function __construct(private readonly MacRing $keys) {}

    /** What an edition gives somebody for something that was done at a moment; null where it gives nothing by a link. */
    public function of(PointEdition $edition, Language $language, Instant $done): ?GivenGift
    {
        $gift = $edition->sheet->draft->gift;
        if ($gift === null || ! $gift->hasLink()) {
            return null;
        }
        $link = new GiftLink($edition->digest(), Day::at($done, Moments::zone())->plus($gift->days));

        return new GivenGift($gift->name->orNothing($language), url('/gift/'.$link->token($this->keys)), $link->until);
    }

    public function open(string $token): ?GiftLink
    {
        return GiftLink::open($token, $this->keys);
    }

    /** @throws UnknownBytes where they are not kept here */
    public function bytes(Digest $file): string
    {
        $bytes = DB::table('frozen_bytes')->where('digest', $file->bytes)->value('bytes');

        return is_string($bytes) ? $bytes : throw new UnknownBytes($file->hex(), false);
    }
}
