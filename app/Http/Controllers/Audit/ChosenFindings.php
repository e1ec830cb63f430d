<?php

declare(strict_types=1);

namespace App\Http\Controllers\Audit;

use App\Actions\ActRefusal;
use App\Actions\Audit\NamedFinding;
use App\Queries\Audit\AuditNow;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Juramen\Audit\AuditedForm;
use Juramen\Canon\Digest;
use Juramen\Canon\Refused;

/** The findings of which a request says something: one of a form, or those of one requirement that were ticked. */
final readonly class ChosenFindings
{
    /**
     * @param  list<string>  $chosen  each a form's key and what was found there
     * @param  string  $back  the page on which it was said
     * @param  string|null  $one  the finding, where it is of one form
     */
    private function __construct(private array $chosen, private string $back, private ?string $one) {}

    public static function of(Request $request): self
    {
        $text = static fn (string $name): string => $request->string($name)->trim()->toString();
        if ($request->has('requirement')) {
            return new self(
                array_values(array_filter((array) $request->input('findings'), is_string(...))), route('audit', ['requirement' => $text('requirement')]), null
            );
        }
        [$kind, $id] = [...explode(' ', $text('form'), 2), ''];
        $form = $text('from') === 'form' && $kind === 'form' && preg_match('/^[a-z0-9]{1,60}$/D', $id) === 1
            ? route('audit.form', $id) : route('audit', ['form' => "$kind $id"]);

        return new self(["{$text('form')}|{$text('finding')}"], $form, $text('finding'));
    }

    /**
     * @return list<NamedFinding>
     *
     * @throws Refused where one is not found any more, or none is chosen
     */
    public function named(AuditNow $now): array
    {
        $forms = $now()->forms;
        $named = [];
        foreach ($this->chosen as $each) {
            [$key, $hex] = [...explode('|', $each, 2), ''];
            $form = array_values(array_filter($forms, static fn (AuditedForm $f): bool => $f->key() === $key))[0] ?? null;
            $finding = preg_match('/^[0-9a-f]{64}$/D', $hex) === 1 ? $form?->finding(Digest::fromHex($hex)) : null;
            $named[] = $form === null || $finding === null ? throw Refused::because(ActRefusal::FindingGone) : new NamedFinding($form, $finding);
        }

        return $named === [] ? throw Refused::because(ActRefusal::NoFindingChosen) : $named;
    }

    /** The page on which it was said, at the finding where it is one. */
    public function back(): RedirectResponse
    {
        return redirect()->to($this->back.(preg_match('/^[0-9a-f]{64}$/D', (string) $this->one) === 1 ? "#finding-$this->one" : ''));
    }

    /** Under which a refusal stands on that page. */
    public function field(string $what): string
    {
        return $this->one === null ? "$what-together" : "$what-$this->one";
    }
}
