<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use Illuminate\Http\Request;
use Juramen\Points\FieldMessage;
use Juramen\Points\FormRenderer;
use Juramen\Points\LaidPage;

/** Another page of a form than the one that was sent, or the first with something wrong on it. */
final readonly class PageTurn
{
    /** @param  list<FieldMessage>  $errors  on the page */
    private function __construct(public LaidPage $page, public array $errors = []) {}

    /** Null where the form is sent whole and nothing is wrong. */
    public static function of(Request $request, SubmittedForm $form): ?self
    {
        $go = $request->request->all()[FormRenderer::GO] ?? null;
        $before = $go === 'back' ? $form->layout->before($form->page, $form->typed) : null;
        if ($before !== null) {
            return new self($before);
        }
        $after = $go === 'send' ? null : $form->layout->after($form->page, $form->typed);
        $errors = $after === null ? $form->errors() : $form->errorsOn($form->page);
        if ($errors !== []) {
            $page = $form->layout->pageOf($errors[0]->name);

            return new self($page, $form->errorsOn($page));
        }

        return $after === null ? null : new self($after);
    }

    public function isWrong(): bool
    {
        return $this->errors !== [];
    }
}
