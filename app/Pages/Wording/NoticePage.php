<?php

declare(strict_types=1);

namespace App\Pages\Wording;

use App\Pages\Controls\Tab;
use App\Queries\Registers\RegistersInForce;
use Juramen\Audit\Requirements\NoticeMatches;
use Juramen\Points\Registers;
use Juramen\Register\Controller;
use Juramen\Register\Language;
use Juramen\Register\Purpose;
use Juramen\Wording\AskedPurpose;
use Juramen\Wording\NoticeParagraph;
use Juramen\Wording\Statement;

/** The paragraph for each controller's notice and what the notice, where we hold it, lacks. */
final class NoticePage
{
    public function __construct(private readonly RegistersInForce $inForce) {}

    /**
     * One for each controller: in the language that was chosen for it, else in its first.
     *
     * @param  string  $of  id of a controller, for which a language was chosen
     * @return list<NoticeView>
     */
    public function chosen(string $of, ?Language $in): array
    {
        $registers = $this->inForce->registers();
        $all = [];
        foreach ($registers->controllers->all() as $controller) {
            $languages = self::languages($registers, $controller);
            $shown = $controller->id->text === $of && in_array($in, $languages, true) ? $in : $languages[0] ?? null;
            if ($shown !== null) {
                $tabs = array_map(static fn (Language $l): Tab => new Tab(
                    $l->endonym(), route('wording.notice', ['of' => $controller->id->text, 'in' => $l->value]), $l === $shown
                ), $languages);
                $all[] = self::view($registers, $controller, $shown, $tabs);
            }
        }

        return $all;
    }

    /** @param  list<Tab>  $tabs */
    private static function view(Registers $registers, Controller $controller, Language $language, array $tabs): NoticeView
    {
        $asked = self::asked($registers, $controller, $language);
        $paragraph = NoticeParagraph::of(
            $language, $asked, $registers->house, $controller->country,
            $registers->processorsOf(array_map(static fn (AskedPurpose $a): Purpose => $a->purpose, $asked))
        );
        $held = $controller->noticeText->has($language);

        return new NoticeView(
            $controller->name, $tabs, route('records.show', ['controller', $controller->id->text]), $language->value, $language->endonym(),
            $paragraph->sentences,
            $paragraph->lacks,
            $controller->notice->has($language) ? null : "{$controller->name} has no privacy notice in {$language->endonym()}, in which people are asked.",
            $held, $held ? self::lacks($asked, $controller->noticeText->in($language), $language) : [],
        );
    }

    /** @return list<AskedPurpose> for which people are asked in that language */
    private static function asked(Registers $registers, Controller $controller, Language $language): array
    {
        $channels = [];
        foreach (self::approved($registers, $controller, $language) as $statement) {
            foreach ($statement->channels as $channel) {
                $channels[$statement->purpose->text][$channel->value] = $channel;
            }
        }

        return array_map(static function (string $id, array $by) use ($registers): AskedPurpose {
            $purpose = $registers->purpose($id);

            return new AskedPurpose($purpose, array_values($by), $registers->recipients($purpose));
        }, array_map(strval(...), array_keys($channels)), array_values($channels));
    }

    /** @return list<Statement> of the controller that are approved and written in that language */
    private static function approved(Registers $registers, Controller $controller, Language $language): array
    {
        return $registers->statements->filter(static fn (Statement $s): bool => $s->isApproved() && $s->texts->has($language)
            && $registers->purpose($s->purpose)->controller->equals($controller->id))->all();
    }

    /** @return list<Language> in which any statement of the controller is in force, or its notice is linked */
    private static function languages(Registers $registers, Controller $controller): array
    {
        return array_values(
            array_filter(Language::cases(), static fn (Language $l): bool => $controller->notice->has($l) || self::approved($registers, $controller, $l) !== [])
        );
    }

    /**
     * @param  list<AskedPurpose>  $asked
     * @return list<string>
     */
    private static function lacks(array $asked, string $notice, Language $language): array
    {
        $lacks = [];
        foreach ($asked as $each) {
            foreach (NoticeMatches::lacks($each->purpose->names->orNothing($language), $each->channels, $notice, $language) as $lack) {
                $lacks[] = "It does not speak of $lack".(str_starts_with($lack, '“') ? '.' : " for {$each->purpose->id}.");
            }
            foreach ($each->recipients as $recipient) {
                if (mb_stripos($notice, $recipient->name) === false) {
                    $lacks[] = "It does not name {$recipient->name}, who gets details for its own use.";
                }
            }
        }

        return $lacks;
    }
}
