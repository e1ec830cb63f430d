<?php

declare(strict_types=1);

namespace App\Actions\Wording;

use App\Actions\Registers\InForce;
use Juramen\Audit\Requirements\NoticeMatches;
use Juramen\Points\Registers;
use Juramen\Register\Channel;
use Juramen\Register\Controller;
use Juramen\Register\Language;
use Juramen\Register\Processor;
use Juramen\Register\Purpose;
use Juramen\Wording\NoticeParagraph;
use Juramen\Wording\Statement;

/** The paragraph for each controller's notice and what the notice, where we hold it, lacks. */
final class NoticePage
{
    public function __construct(private readonly InForce $inForce) {}

    /** @return list<array{controller: Controller, language: Language, paragraph: NoticeParagraph, link: bool, held: bool, lacks: list<string>}> */
    public function __invoke(): array
    {
        $registers = $this->inForce->registers();
        $all = [];
        foreach ($registers->controllers as $controller) {
            foreach (self::languages($registers, $controller) as $language) {
                $asked = self::asked($registers, $controller, $language);
                $held = $controller->noticeText->has($language);
                $all[] = [
                    'controller' => $controller, 'language' => $language, 'paragraph' => NoticeParagraph::of($language, $asked, $registers->house),
                    'link' => $controller->notice->has($language), 'held' => $held,
                    'lacks' => $held ? self::lacks($asked, $controller->noticeText->in($language), $language) : [],
                ];
            }
        }

        return $all;
    }

    /** @return list<array{Purpose, list<Channel>, list<Processor>}> purposes for which people are asked in that language */
    private static function asked(Registers $registers, Controller $controller, Language $language): array
    {
        $channels = [];
        foreach ($registers->statements as $statement) {
            if ($statement->isApproved() && $statement->texts->has($language) && $registers->purpose($statement->purpose)->controller === $controller->id) {
                foreach ($statement->channels as $channel) {
                    $channels[$statement->purpose][$channel->value] = $channel;
                }
            }
        }

        return array_map(static fn (string $id): array => [$registers->purpose($id), array_values($channels[$id]), $registers->recipients($registers->purpose($id))], array_keys($channels));
    }

    /** @return list<Language> in which any statement of the controller is in force, or its notice is linked */
    private static function languages(Registers $registers, Controller $controller): array
    {
        return array_values(array_filter(Language::cases(), static fn (Language $l): bool => $controller->notice->has($l)
            || array_filter($registers->statements, static fn (Statement $s): bool => $s->isApproved() && $s->texts->has($l) && $registers->purpose($s->purpose)->controller === $controller->id) !== []));
    }

    /**
     * @param  list<array{Purpose, list<Channel>, list<Processor>}>  $asked
     * @return list<string>
     */
    private static function lacks(array $asked, string $notice, Language $language): array
    {
        $lacks = [];
        foreach ($asked as [$purpose, $channels, $recipients]) {
            $name = $purpose->names->has($language) ? $purpose->names->in($language) : '';
            foreach (NoticeMatches::lacks($name, $channels, $notice, $language) as $lack) {
                $lacks[] = "It does not speak of $lack".(str_starts_with($lack, '“') ? '.' : " for {$purpose->id}.");
            }
            foreach ($recipients as $recipient) {
                if (mb_stripos($notice, $recipient->name) === false) {
                    $lacks[] = "It does not name {$recipient->name}, who gets details for its own use.";
                }
            }
        }

        return $lacks;
    }
}
