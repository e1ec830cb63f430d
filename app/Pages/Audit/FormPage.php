<?php

declare(strict_types=1);

namespace App\Pages\Audit;

use App\Models\ForeignForm;
use App\Models\ForeignReading;
use App\Models\Point;
use App\Models\RegisteredController;
use App\Models\User;
use App\Pages\Controls\Option;
use App\Queries\Audit\Answers;
use App\Queries\Audit\AuditNow;
use App\Queries\Audit\ExposedPeople;
use App\Queries\Audit\ForeignChanges;
use App\Queries\Audit\ReadForms;
use App\Queries\Registers\RegistersInForce;
use App\Support\Moments;
use Juramen\Audit\AskedField;
use Juramen\Audit\Control;
use Juramen\Audit\ControlRole;
use Juramen\Audit\FormChange;
use Juramen\Audit\FoundWords;
use Juramen\Audit\OtherInput;
use Juramen\Audit\PageButton;
use Juramen\Audit\Reading;
use Juramen\Audit\Response;
use Juramen\Audit\Result;
use Locale;

/** A form from elsewhere: as it was read, with its places by number, what was found, and in what it differs. */
final readonly class FormPage
{
    /**
     * @param  list<ReadPlace>  $places
     * @param  list<ChangeLine>|null  $fromEdition  null where it is no copy of a published point
     * @param  list<ChangeLine>  $since  the reading before, where that was another
     * @param  list<ReadingRow>  $readings
     * @param  list<Option>  $controllers
     * @param  list<Option>  $points
     */
    private function __construct(
        public ForeignForm $form, public string $state, public string $taken, public string $language, public string $words, public array $places,
        public FoundView $found, public ?array $fromEdition, public string $edition, public array $since, public string $before, public array $readings,
        public array $controllers, public array $points, public string $fault, public int $read, public bool $unseen
    ) {}

    public static function of(
        ForeignForm $form, ReadForms $forms, AuditNow $now, Answers $answers, ExposedPeople $people, ForeignChanges $changes, RegistersInForce $inForce,
        User $reader
    ): self {
        $read = $forms->newest($form);
        $reading = $read->reading;
        $unseen = $changes->isUnseen($form);
        $before = ($unseen ? $changes->lastSeen($read->read) : null) ?? $forms->before($read->read);
        $fromEdition = $reading === null ? null : $changes->fromEdition($form, $reading);
        $lines = static fn (array $all): array => array_map(static fn (FormChange $c): ChangeLine => ChangeLine::of($c), $all);
        $controllers = RegisteredController::query()->orderBy('slug')->pluck('slug', 'id')->map(
            static fn (string $slug): string => $inForce->registers()->controllers->get($slug)->name ?? $slug
        )->all();

        return new self(
            $form, ($form->address === '' ? 'no address' : $form->address).', read on '.Moments::minute($read->read->read_at),
            $reading === null ? 'The page has no such form any more.'
                : 'Taken for '.$reading->kind->says().', because '.$reading->kindReason.'.',
            self::tongue($reading),
            mb_strimwidth($reading->text ?? '', 0, 3000, '…'), $reading === null ? [] : self::places($reading, $read->results),
            FoundView::of($now->foreign($form), '', $answers, $people, null, $reader), $fromEdition === null ? null : $lines($fromEdition),
            $form->point === null ? '' : $inForce->nameOf($form->point->slug), $before === null ? [] : $lines($changes->since($form, $read->read, $before)),
            $before === null ? '' : Moments::minute($before->read_at), self::readings($form),
            Option::all(['' => 'nobody has said'] + $controllers, [(string) $form->controller_id]),
            Option::all(['' => 'no point of ours'] + Point::query()->orderBy('slug')->pluck('slug', 'id')->map(
                static fn (string $slug): string => $inForce->nameOf($slug)
            )->all(), [(string) $form->point_id]),
            $read->read->fault === '' ? '' : (string) __("office.outgoing.{$read->read->fault}"), $read->read->id,
            $unseen
        );
    }

    private static function tongue(?Reading $reading): string
    {
        $unread = $reading->around->unread ?? '';

        return match (true) {
            $unread !== '' => $reading?->around->tongue().', which is not read here',
            default => $reading?->language === null ? 'a language that could not be told' : Locale::getDisplayLanguage($reading->language->value, 'en'),
        };
    }

    /** @return list<int> numbers of the places that a finding speaks of */
    public function numbers(FindingView $finding): array
    {
        // Words are the same wherever a finding says that they stand: on the form, or in a part of it that is pale.
        $speaksOf = static fn (ReadPlace $p): bool => $p->kind === 'words' ? FindingView::shown($p->words) === $finding->words : $p->where === $finding->where;

        return array_values(array_map(static fn (ReadPlace $p): int => $p->number, array_filter($this->places, $speaksOf)));
    }

    /**
     * @param  list<Result>  $results
     * @return list<ReadPlace> in the order of the page
     */
    private static function places(Reading $reading, array $results): array
    {
        $places = [];
        foreach ($reading->partsWith($results) as $part) {
            $where = $part->where->text();
            [$kind, $words, $about] = match (true) {
                $part instanceof Control => ['box', $part->label, self::ofControl($part)],
                $part instanceof PageButton => ['button', $part->label, $part->isLink ? 'a link' : 'a button'],
                $part instanceof OtherInput => [
                    $part->response === null ? 'field' : 'box', $part->label === '' ? 'without words' : $part->label, self::ofOther($part),
                ],
                $part instanceof FoundWords => ['words', $part->label, 'words on the form'],
                default => ['field', $part->label === '' ? 'a field without words' : $part->label, self::ofField($part)],
            };
            $found = array_filter($results, static fn (Result $r): bool => $r->verdict->isFinding()
                && ($kind === 'words' ? $r->words?->words === $words : $r->where?->text() === $where));
            usort($found, static fn (Result $a, Result $b): int => $a->verdict->urgency() <=> $b->verdict->urgency());
            $places["$where ".($kind === 'words' ? $words : '')] ??= new ReadPlace(
                count($places) + 1, $kind, $where, $words, $about, $found === [] ? '' : $found[0]->verdict->value
            );
        }

        return array_values($places);
    }

    private static function ofField(AskedField $field): string
    {
        return ($field->required ? 'must be filled in' : 'may stay empty').', asks for: '.$field->meaning->value
            .($field->reason === '' ? '' : ', and says why');
    }

    private static function ofOther(OtherInput $other): string
    {
        $stands = $other->response === null ? [] : [$other->response === Response::Yes ? 'stands on yes beforehand' : 'starts empty'];

        return implode(', ', [$other->what, ...$stands, ...$other->required ? [$other->response === null ? 'must be filled in' : 'must be ticked'] : []]);
    }

    private static function ofControl(Control $control): string
    {
        $stands = match ($control->response) {
            Response::Yes => 'stands on yes beforehand', Response::No => 'stands on no beforehand', Response::Unset => 'starts empty'
        };
        $role = match ($control->role) {
            ControlRole::Consent => $control->refuses ? 'a tick means no' : 'asks for consent', ControlRole::Terms => 'accepts terms',
            ControlRole::Notice => 'is about the notice', ControlRole::Technical => 'is no consent'
        };

        return implode(', ', [$role, $stands, ...$control->required ? ['must be ticked'] : []]);
    }

    /** @return list<ReadingRow> */
    private static function readings(ForeignForm $form): array
    {
        $rows = [];
        $all = ForeignReading::query()->with('user')->where('foreign_form_id', $form->id)->orderByDesc('id')->limit(50)->get();
        foreach ($all as $i => $read) {
            $before = $all[$i + 1] ?? null;
            $rows[] = new ReadingRow(
                $read->id, Moments::minute($read->read_at), $read->user->name ?? 'the clock', (string) __("office.read-how.{$read->how->value}"),
                $before !== null && ! $before->page->equals($read->page), $read->fault === '' ? '' : (string) __("office.outgoing.$read->fault")
            );
        }

        return $rows;
    }
}
