<?php

declare(strict_types=1);

namespace App\Http\Controllers\Audit;

use App\Actions\ActRefusal;
use App\Actions\Audit\GivenPage;
use App\Actions\Audit\KeepForm;
use App\Actions\Audit\OpenZip;
use App\Actions\Audit\TakeForms;
use App\Actions\Audit\TakeMail;
use App\Http\RefusedAnswer;
use App\Models\ForeignForm;
use App\Models\ForeignReading;
use App\Models\ReadHow;
use App\Pages\Audit\FormPage;
use App\Pages\Audit\FormsPage;
use App\Queries\Audit\Answers;
use App\Queries\Audit\AuditNow;
use App\Queries\Audit\ExposedPeople;
use App\Queries\Audit\ForeignChanges;
use App\Queries\Audit\ReadForms;
use App\Queries\Registers\RegistersInForce;
use App\Support\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\View\View;
use Juramen\Canon\Refused;
use Juramen\Register\Language;

/** Forms that stand elsewhere: brought here by paste, file or address, read and judged like ours, and watched. */
final class FormController
{
    public function __construct(private readonly ReadForms $forms, private readonly ForeignChanges $changes, private readonly RegistersInForce $inForce) {}

    public function index(Request $request, AuditNow $now): View
    {
        return view('audit.forms', ['page' => FormsPage::of(
            $request->string('q')->trim()->toString(), $request->query('away') === '1', $now, $this->changes, $this->inForce
        ), 'languages' => Language::cases(), 'away' => $request->query('away') === '1']);
    }

    public function take(Request $request, TakeForms $take, OpenZip $zip): RedirectResponse
    {
        try {
            $taken = $take(
                $this->given($request, $take, $zip), SignedIn::user($request), $request->string('name')->trim()->toString(),
                Language::tryFrom($request->string('language')->toString())
            );
        } catch (Refused $e) {
            return RefusedAnswer::onForm(redirect()->to(route('audit.forms').'#read'), 'page', $e);
        }
        $said = count($taken->forms) === 1 ? 'One form was read.' : count($taken->forms).' forms were read.';
        $to = count($taken->forms) === 1 && $taken->faults === [] ? redirect()->route('audit.form', $taken->forms[0]->slug) : redirect()->route('audit.forms');

        return $to->with('said', trim($said.' '.implode(' ', $taken->faults)));
    }

    public function show(Request $request, ForeignForm $form, AuditNow $now, Answers $answers, ExposedPeople $people): View
    {
        return view('audit.form', [
            'page' => FormPage::of(
                $form->load('newest', 'mail', 'controller', 'point'), $this->forms, $now, $answers, $people, $this->changes, $this->inForce,
                SignedIn::user($request)
            ),
        ]);
    }

    /** The page as it is kept, in a frame in which nothing runs and from which nothing is loaded. */
    public function page(ForeignForm $form, ForeignReading $read): Response
    {
        abort_unless($read->foreign_form_id === $form->id, 404);

        return response($this->forms->page($read->page), 200, [
            'Content-Type' => 'text/html; charset=utf-8',
            'Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'; img-src data:; frame-ancestors 'self'; sandbox",
        ]);
    }

    public function keep(Request $request, ForeignForm $form, KeepForm $keep): RedirectResponse
    {
        try {
            $keep(
                $form, $request->string('name')->toString(), $request->integer('controller'), $request->integer('point'), $request->boolean('watched'),
                SignedIn::user($request)
            );
        } catch (Refused $e) {
            return RefusedAnswer::onForm(redirect()->route('audit.form', $form->slug), 'name', $e);
        }

        return redirect()->route('audit.form', $form->slug)->with('said', 'Kept.');
    }

    /** Read again: from its address, or from what is given now. */
    public function again(Request $request, ForeignForm $form, TakeForms $take, OpenZip $zip): RedirectResponse
    {
        $form->load('newest');
        $last = $form->newest;
        try {
            $given = $request->filled('html') || $request->hasFile('files') ? $this->given($request, $take, $zip)[0] ?? null : null;
            $read = $take->again($form, $given, SignedIn::user($request));
        } catch (Refused $e) {
            return RefusedAnswer::onForm(redirect()->route('audit.form', $form->slug), 'again', $e);
        }

        return redirect()->route('audit.form', $form->slug)->with(
            'said', $last !== null && $last->page->equals($read->page) ? 'Read again: the page is as it was.' : 'Read again: the page is another now.'
        );
    }

    /** The mail that it sends, judged beside it. */
    public function mail(Request $request, ForeignForm $form, TakeMail $take): RedirectResponse
    {
        $file = $request->file('mail');
        try {
            $take($form, $file instanceof UploadedFile && $file->isValid() ? (string) $file->getContent() : '', SignedIn::user($request));
        } catch (Refused $e) {
            return RefusedAnswer::onForm(redirect()->route('audit.form', $form->slug), 'mail', $e);
        }

        return redirect()->route('audit.form', $form->slug)->with('said', 'The mail was read. Nothing of whoever it was sent to is kept.');
    }

    public function away(Request $request, ForeignForm $form, KeepForm $keep): RedirectResponse
    {
        $away = $request->boolean('away', true);
        $keep->putAway($form, $away, SignedIn::user($request));

        return ($away ? redirect()->route('audit.forms') : redirect()->route('audit.form', $form->slug))
            ->with('said', $away ? "“{$form->name}” is put away. Its readings stay." : 'Taken up again.');
    }

    public function looked(Request $request, ForeignForm $form, KeepForm $keep): RedirectResponse
    {
        $keep->looked($form, SignedIn::user($request));

        return redirect()->route('audit.form', $form->slug)->with('said', 'It leaves the desk.');
    }

    /**
     * @return list<GivenPage>
     *
     * @throws Refused where nothing was given, or it cannot be fetched or opened
     */
    private function given(Request $request, TakeForms $take, OpenZip $zip): array
    {
        [$html, $address] = [$request->string('html')->toString(), $request->string('address')->trim()->toString()];
        $pages = trim($html) === '' ? [] : [new GivenPage('', $html, $address, ReadHow::Pasted)];
        foreach ((array) $request->file('files', []) as $file) {
            if (! $file instanceof UploadedFile || ! $file->isValid()) {
                throw Refused::because(ActRefusal::PageFileSize, most: 9);
            }
            $bytes = (string) $file->getContent();
            $name = mb_scrub($file->getClientOriginalName(), 'UTF-8');
            array_push($pages, ...OpenZip::isZip($bytes) ? $zip($name, $file->getRealPath() ?: '') : [new GivenPage($name, $bytes, $address, ReadHow::File)]);
        }

        return $pages === [] && $address !== '' ? [$take->fetch($address)] : $pages;
    }
}
