<?php

declare(strict_types=1);

namespace App\Actions\Points;

use App\Actions\ActRefusal;
use App\Actions\Registers\ChangeRecord;
use App\Models\Record;
use App\Models\User;
use finfo;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Document;
use Juramen\Canon\Place;
use Juramen\Canon\Refused;
use Juramen\Points\Gift;
use Juramen\Register\FrozenFile;

/** Puts a file on a sheet that people get for agreeing, or for asking. It stands under no address of its own. */
final class PutGift
{
    private const LARGEST = 8_000_000;

    public function __construct(private readonly ChangeRecord $change) {}

    /**
     * @param  string  $name  as it came; visitors see it, without its ending
     *
     * @throws Refused where it is too large, or nothing that is handed out
     */
    public function __invoke(Record $record, string $name, string $bytes, User $author): void
    {
        if ($bytes === '' || strlen($bytes) > self::LARGEST) {
            throw Refused::because(ActRefusal::FileSize, most: intdiv(self::LARGEST, 1_000_000));
        }
        // What it is, its bytes say; its name may say anything.
        $type = (string) (new finfo(FILEINFO_MIME_TYPE))->buffer($bytes);
        if (! isset(FrozenFile::TYPES[$type])) {
            throw Refused::because(ActRefusal::GiftKind);
        }
        $frozen = new Freezer;
        $file = FrozenFile::of($frozen->freeze($type, $bytes), strlen($bytes), $type, mb_scrub($name, 'UTF-8'));
        DB::transaction(function () use ($record, $file, $frozen, $author): void {
            $frozen->keep();
            $put = static fn (Document $document): Document => $document->with(Place::of('gift', 'file'), $file->text())
                ->with(Place::of('gift', 'days'), $document->number(Place::of('gift', 'days')) ?? Gift::DAYS);
            $this->change->change($record, $author, $record->newestRevision()->number, 'chose the file that is given', $put);
        }, 3);
    }
}
