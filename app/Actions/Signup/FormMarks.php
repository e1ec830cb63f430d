<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Support\SystemClock;
use Illuminate\Http\Request;
use Juramen\Canon\Id;
use Juramen\Canon\MacRing;
use Juramen\Points\EarlierAnswers;
use Juramen\Points\FieldValue;
use Juramen\Points\FormVersion;
use Juramen\Points\PointEdition;
use Juramen\Points\Stamp;
use Juramen\Points\VisitMark;
use Juramen\Register\Language;

/** Stamps and visit marks as hidden inputs of a form. */
final class FormMarks
{
    public const STAMP = 'stamp';

    public const VISIT = 'visit';

    public const EARLIER = 'earlier';

    public const PAGE = 'page';

    public const COPY = 'copy';

    public const COPY_KEPT = 'copy-kept';

    public function __construct(private readonly MacRing $keys, private readonly SystemClock $clock) {}

    /**
     * Fresh marks for a form that is about to be served.
     *
     * @param  string  $placement  where the person came upon the form: "page"; "copy" where somebody else had served it, or it was sent
     *                             from somebody else's page; "copy-kept" where besides what they wanted is kept already
     * @param  FormVersion|null  $version  that was shown before, of this very edition; null where chance decides
     */
    public function issue(PointEdition $edition, Language $language, string $placement = self::PAGE, ?FormVersion $version = null): FreshMarks
    {
        $frozen = $edition->in($language);
        do {
            $visit = VisitMark::issue($this->clock->instant(), $edition->digest(), $language, $placement);
        } while ($version !== null && $frozen->allots() && $frozen->version($visit->nonce) !== $version);
        $stamp = new Stamp($edition->sheet->draft->point->text, $edition->digest(), $language, $placement);

        return new FreshMarks($visit, [new FieldValue(self::STAMP, $stamp->seal($this->keys)), new FieldValue(self::VISIT, $visit->seal($this->keys))]);
    }

    /** Which version of the form somebody is shown, or was, with a mark of an edition. */
    public static function version(PointEdition $edition, VisitMark $visit): FormVersion
    {
        return $edition->isIn($visit->language) ? $edition->in($visit->language)->version($visit->nonce) : FormVersion::First;
    }

    /** @return list<FieldValue> what was answered so far, to travel with a page of a form that has several */
    public function others(SubmittedForm $form, Id $visit): array
    {
        return count($form->layout->pages) < 2 ? []
            : [new FieldValue(self::EARLIER, (new EarlierAnswers($visit, $form->typed->values))->seal($this->keys))];
    }

    /** @return list<FieldValue> what travelled with the page that was sent; none where it is not of this visit */
    public function earlier(Request $request, VisitMark $visit): array
    {
        $sent = $request->request->all()[self::EARLIER] ?? null;

        return is_string($sent) ? EarlierAnswers::open($sent, $visit->nonce, $this->keys)->values : [];
    }

    /** For what came without a mark of ours: the same content sent twice within a day is kept once. */
    public function nonceFor(SubmittedForm $form): Id
    {
        $content = json_encode([$form->edition->sheet->draft->point->text, $form->fieldValues(), $this->clock->instant()->utc->format('Y-m-d')]);

        return Id::fromBytes(substr(hash_hmac('sha256', (string) $content, config()->string('app.key'), true), 0, 16));
    }

    /**
     * The marks that came back with a form, to be shown again with it.
     *
     * @return list<FieldValue>
     */
    public static function sentBack(Request $request): array
    {
        $given = $request->request->all();
        $marks = [];
        foreach ([self::STAMP, self::VISIT] as $name) {
            if (is_string($given[$name] ?? null) && $given[$name] !== '') {
                $marks[] = new FieldValue($name, $given[$name]);
            }
        }

        return $marks;
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
