<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Models\Act;
use App\Models\ActKind;
use App\Models\ActSubject;
use App\Models\ForeignForm;
use App\Models\User;
use App\Queries\Account\ListColleagues;
use App\Queries\Registers\RegistersInForce;
use Juramen\Register\RecordKind;

/** What acts are about, by the names that people call it, and where it is looked at. */
final class ActNames
{
    /** @var array<int, string>|null */
    private ?array $colleagues = null;

    /** @var array<string, string> */
    private array $forms = [];

    public function __construct(private readonly ListColleagues $list, private readonly RegistersInForce $inForce) {}

    public function of(Act $act): string
    {
        [$kind, $slug] = [...explode(' ', $act->about, 2), ''];

        return match ($act->kind->subject()) {
            ActSubject::Nothing => '',
            ActSubject::Colleague => $this->colleagues()[(int) $act->about] ?? 'somebody',
            ActSubject::Record => $this->record($act->about),
            ActSubject::Point => '“'.$this->inForce->nameOf($act->about).'”',
            ActSubject::Person => 'a person',
            ActSubject::Mail => $act->about,
            ActSubject::File => 'texts',
            ActSubject::ForeignForm => '“'.$this->form($act->about).'”',
            ActSubject::Audit => "audit $act->about",
            ActSubject::AuditedForm => '“'.($kind === 'point' ? $this->inForce->nameOf($slug) : $this->form($slug)).'”',
        };
    }

    private function form(string $slug): string
    {
        return $this->forms[$slug] ??= ForeignForm::query()->where('slug', $slug)->first()->name ?? $slug;
    }

    /** Address of its page; null where there is none. */
    public function link(Act $act): ?string
    {
        [$kind, $slug] = [...explode(' ', $act->about, 2), ''];

        return match ($act->kind->subject()) {
            ActSubject::Record => $kind === RecordKind::Sheet->value ? route('points.sheet', $slug) : route('records.show', [$kind, $slug]),
            ActSubject::Point => route('points.sheet', $act->about),
            ActSubject::Person => route('evidence.person', $act->about),
            ActSubject::ForeignForm => route('audit.form', $act->about),
            ActSubject::Audit => route('audit.taken', $act->about),
            ActSubject::AuditedForm => $kind === 'point' ? route('points.sheet', $slug) : route('audit.form', $slug),
            default => null,
        };
    }

    /** @return list<ActKind> in whose words a part is found */
    public function kindsWith(string $part): array
    {
        return array_values(array_filter(ActKind::cases(), static fn (ActKind $kind): bool => mb_stripos(self::says($kind), $part) !== false));
    }

    /** @return list<string> what is called by a name with that part, as acts name it */
    public function aboutWith(string $part): array
    {
        $found = [];
        foreach ($this->inForce->sheets() as $sheet) {
            if (mb_stripos($sheet->draft->name, $part) !== false) {
                $found = [...$found, $sheet->slug, "sheet $sheet->slug"];
            }
        }
        foreach ($this->names() as $record => $name) {
            $found = [...$found, ...mb_stripos($name, $part) === false ? [] : [$record]];
        }
        foreach ($this->colleagues() as $id => $name) {
            $found = [...$found, ...mb_stripos($name, $part) === false ? [] : [(string) $id]];
        }

        return $found;
    }

    /** What was done, with ":about" where what it was done to stands. */
    public static function says(ActKind $kind): string
    {
        return (string) __("office.did.$kind->value");
    }

    private function record(string $about): string
    {
        [$kind, $slug] = [...explode(' ', $about, 2), ''];
        $kind = RecordKind::tryFrom($kind);

        return match ($kind) {
            null => $about,
            RecordKind::Sheet => '“'.$this->inForce->nameOf($slug).'”',
            RecordKind::Rules => 'the rules of the house',
            default => "the {$kind->noun()} “".($this->names()[$about] ?? ucfirst(strtr($slug, '-', ' '))).'”',
        };
    }

    /** @return array<string, string> by kind and slug */
    private function names(): array
    {
        $registers = $this->inForce->registers();
        $names = [];
        foreach ($registers->purposes->all() as $purpose) {
            $names["purpose {$purpose->id->text}"] = $purpose->title();
        }
        foreach ($registers->controllers->all() as $controller) {
            $names["controller {$controller->id->text}"] = $controller->name;
        }

        foreach ($registers->statements->all() as $statement) {
            $names["statement {$statement->id->text}"] = $this->inForce->nameOfStatement($statement->id);
        }
        foreach ($registers->processors->all() as $processor) {
            $names["processor {$processor->id->text}"] = $processor->name;
        }

        return $names;
    }

    /** @return array<int, string> */
    private function colleagues(): array
    {
        return $this->colleagues ??= array_column(array_map(static fn (User $u): array => [$u->id, $u->name], ($this->list)()), 1, 0);
    }
}
