<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visitor;

use App\Http\LinkCookie;
use App\Support\Gifts;
use App\Support\PublishedForms;
use App\Support\SystemClock;
use App\Support\UnknownBytes;
use App\Support\VisitorPage;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Juramen\Points\PointEdition;
use Juramen\Register\FrozenFile;
use Juramen\Register\Language;
use Symfony\Component\HttpFoundation\HeaderUtils;

/** What a form gives, behind a signed link that ends. */
final class GiftController
{
    public function open(Request $request, string $token, Gifts $gifts, PublishedForms $published, SystemClock $clock): Response
    {
        $link = $gifts->open($token);
        if ($link === null) {
            return LinkCookie::unknown($request);
        }
        try {
            $edition = $published->edition($link->edition);
            $file = $edition->sheet->draft->gift?->file;

            return $file === null || ! $link->worksOn($clock->today()) ? self::over($request, $edition) : self::file($file, $gifts->bytes($file->digest));
        } catch (UnknownBytes) {
            return LinkCookie::unknown($request);
        }
    }

    private static function file(FrozenFile $file, string $bytes): Response
    {
        $plain = 'gift.'.pathinfo($file->name, PATHINFO_EXTENSION);

        return response($bytes, 200, [
            'Content-Type' => $file->type, 'Content-Disposition' => HeaderUtils::makeDisposition('attachment', $file->name, $plain),
            'Cache-Control' => 'no-store', 'X-Content-Type-Options' => 'nosniff', 'X-Robots-Tag' => 'noindex',
        ]);
    }

    private static function over(Request $request, PointEdition $edition): Response
    {
        $draft = $edition->sheet->draft;
        $language = $draft->languageFor(Language::preferred((string) $request->header('Accept-Language'), $draft->languages));

        return VisitorPage::respond(
            $language, 'ending', [
                'page' => 'gift-over', 'again' => route('form', [$draft->point->text, $language->value]), 'called' => $draft->title->in($language),
            ], $edition, 410
        );
    }
}
