<?php

declare(strict_types=1);

namespace Juramen\Wording;

use Juramen\Register\Channel;
use Juramen\Register\Language;

/** Sentences of ours that stand in many statements: how to withdraw, the notice's name, how names are listed. */
final class Phrases
{
    private const WITHDRAWAL = [
        'en' => [
            'email' => 'I can withdraw this at any time with the link in every email.', 'sms' => 'I can withdraw this at any time by answering STOP.',
            'other' => 'I can withdraw this at any time; a message to {contact} is enough.',
        ],
        'de' => [
            'email' => 'Ich kann das jederzeit über den Link in jeder E-Mail widerrufen.',
            'sms' => 'Ich kann das jederzeit mit der Antwort STOPP widerrufen.', 'other' => 'Ich kann das jederzeit widerrufen; eine Nachricht an {contact} genügt.',
        ],
        'fr' => [
            'email' => 'Je peux retirer mon accord à tout moment par le lien de chaque e-mail.',
            'sms' => 'Je peux retirer mon accord à tout moment en répondant STOP.',
            'other' => 'Je peux retirer mon accord à tout moment ; un message à {contact} suffit.',
        ],
        'sv' => [
            'email' => 'Jag kan när som helst återkalla mitt samtycke via länken i varje mejl.', 'sms' => 'Jag kan när som helst återkalla mitt samtycke genom att svara STOPP.',
            'other' => 'Jag kan när som helst återkalla mitt samtycke; det räcker med ett meddelande till {contact}.',
        ],
        'da' => [
            'email' => 'Jeg kan til enhver tid trække mit samtykke tilbage via linket i hver mail.',
            'sms' => 'Jeg kan til enhver tid trække mit samtykke tilbage ved at svare STOP.',
            'other' => 'Jeg kan til enhver tid trække mit samtykke tilbage; en besked til {contact} er nok.',
        ],
    ];

    private const NOTICE = [
        'en' => 'privacy notice', 'de' => 'Datenschutzhinweise', 'fr' => 'politique de confidentialité', 'sv' => 'integritetsinformation',
        'da' => 'privatlivspolitik',
    ];

    private const AND = ['en' => 'and', 'de' => 'und', 'fr' => 'et', 'sv' => 'och', 'da' => 'og'];

    private const CHANNELS = [
        'en' => ['email' => 'by email', 'sms' => 'by SMS', 'phone' => 'by phone', 'post' => 'by post', 'messaging' => 'by messaging'],
        'de' => ['email' => 'per E-Mail', 'sms' => 'per SMS', 'phone' => 'per Telefon', 'post' => 'per Post', 'messaging' => 'per Messenger'],
        'fr' => ['email' => 'par e-mail', 'sms' => 'par SMS', 'phone' => 'par téléphone', 'post' => 'par la poste', 'messaging' => 'par messagerie'],
        'sv' => ['email' => 'via e-post', 'sms' => 'med sms', 'phone' => 'per telefon', 'post' => 'med posten', 'messaging' => 'i meddelandeappar'],
        'da' => ['email' => 'på e-mail', 'sms' => 'på sms', 'phone' => 'på telefon', 'post' => 'med posten', 'messaging' => 'i beskedapps'],
    ];

    /** @param  string  $contact where a word is enough, for channels without a link or an answer */
    public static function withdrawal(Language $language, Channel $channel, string $contact): string
    {
        return strtr(
            self::WITHDRAWAL[$language->value][in_array($channel, [Channel::Email, Channel::Sms], true) ? $channel->value : 'other'],
            ['{contact}' => $contact]
        );
    }

    public static function notice(Language $language): string
    {
        return self::NOTICE[$language->value];
    }

    public static function channel(Language $language, Channel $channel): string
    {
        return self::CHANNELS[$language->value][$channel->value];
    }

    /** @param  list<string>  $items */
    public static function listed(Language $language, array $items): string
    {
        $last = array_pop($items) ?? '';

        return $items === [] ? $last : implode(', ', $items).' '.self::AND[$language->value].' '.$last;
    }
}
