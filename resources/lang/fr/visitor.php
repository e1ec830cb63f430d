<?php

declare(strict_types=1);

/* Words that visitors read: around the form, in mails, and on the pages of a journey. */
return [
    'form' => [
        'required' => 'obligatoire',
        'optional' => 'facultatif',
        'notice' => 'Politique de confidentialité',
        'asked-by' => 'Demandé par',
        'leave-empty' => 'Laissez ce champ vide',
        'languages' => 'Langues',
    ],
    'again' => [
        'errors' => 'Rien n’a encore été envoyé. Regardez encore une fois ici :',
        'fast' => 'C’était très rapide, et les programmes aussi envoient les formulaires rapidement. Vérifiez vos indications et envoyez encore une fois.',
        'check' => 'Vérifiez vos indications, cochez encore une fois ce que vous acceptez, et envoyez. Rien n’a encore été envoyé.',
        'old' => 'Cette page est restée ouverte longtemps. Vérifiez vos indications et envoyez encore une fois ; rien n’a encore été envoyé.',
        'spent' => 'Cette page a déjà été envoyée avec d’autres indications. Pour envoyer aussi celles-ci, appuyez encore une fois sur le bouton.',
        'down' => 'Nous n’avons pas pu enregistrer cela. Rien n’est perdu : vos indications sont ci-dessous. Envoyez encore une fois dans quelques minutes.',
    ],
    'email' => [
        'missing' => 'Indiquez votre adresse e-mail.',
        'too-long' => 'Cette adresse e-mail est trop longue ; les plus longues ont 254 caractères.',
        'no-at' => 'Une adresse e-mail contient un @, comme nom@post.example.',
        'space' => 'Une adresse e-mail ne contient pas d’espace.',
        'domain' => 'La partie après le @ n’est pas complète ; elle ressemble à post.example.',
        'malformed' => 'Ce n’est pas une adresse e-mail que le courrier peut atteindre ; elle ressemble à nom@post.example.',
    ],
    'field' => [
        'missing' => 'Remplissez ceci : :label.',
        'too-long' => 'Au plus :most caractères tiennent ici ; il y en a :count.',
        'line' => 'Une seule ligne tient ici.',
    ],
    'tick' => 'Sans votre coche, nous n’avons rien à envoyer. Cochez la case si vous êtes d’accord.',
    'sent' => [
        'title' => 'Regardez votre boîte de réception',
        'text' => 'Nous avons envoyé un e-mail à l’adresse indiquée. Appuyez sur son bouton, et vous êtes inscrit. D’ici là, rien ne se passe.',
        'days' => 'Le bouton fonctionne pendant :days jours ; ensuite nous supprimons vos indications.',
        'none' => 'Pas d’e-mail après quelques minutes ? Regardez dans les indésirables, ou inscrivez-vous encore une fois.',
        'done' => 'Vous êtes inscrit. Un e-mail de bienvenue est en route.',
        'done-title' => 'Merci',
    ],
    'confirm' => [
        'title' => 'Un appui, et vous êtes inscrit',
        'text' => 'Vous allez confirmer ceci :',
        'button' => 'Oui, inscrivez-moi',
        'not-you' => 'Si vous ne l’avez pas demandé, fermez cette page. Rien ne sera envoyé, et l’adresse sera supprimée.',
    ],
    'confirmed' => [
        'title' => 'Vous êtes inscrit',
        'text' => 'Merci. Un e-mail de bienvenue est en route ; chaque e-mail contient un lien avec lequel vous pouvez partir à tout moment.',
        'junk' => 'Pour que nos e-mails n’arrivent pas dans les indésirables, ajoutez :sender à votre carnet d’adresses.',
    ],
    'already' => ['title' => 'Vous aviez déjà confirmé', 'text' => 'Il n’y a plus rien à faire ; vous êtes inscrit.'],
    'lapsed' => ['title' => 'Ce lien a pris fin', 'text' => 'L’inscription n’a pas été confirmée à temps, nous l’avons donc supprimée. Rien n’a été envoyé. Vous pouvez vous inscrire encore une fois.'],
    'journey-withdrawn' => ['title' => 'Cette inscription a été retirée', 'text' => 'Elle a été retirée avant d’être confirmée. Rien ne sera envoyé.'],
    'withdraw' => [
        'title' => 'Arrêter nos e-mails ?',
        'text' => 'Vous retirez votre consentement à ceci :',
        'button' => 'Arrêter ces e-mails',
        'keep' => 'Si vous voulez les garder, fermez simplement cette page.',
    ],
    'withdrawn' => ['title' => 'C’est fait : nous ne vous écrirons plus', 'text' => 'Votre consentement est retiré dès maintenant. Sans raison, sans mot de passe, sans frais.'],
    'withdrawn-already' => ['title' => 'Il n’y a plus rien à arrêter', 'text' => 'Votre consentement avait déjà été retiré. Nous ne vous écrivons pas.'],
    'bad-link' => ['title' => 'Ce lien n’est pas complet', 'text' => 'Il a peut-être été coupé en le copiant. Ouvrez-le encore une fois depuis l’e-mail.'],
    'gone' => ['title' => 'Cette page n’existe pas', 'text' => 'Vérifiez l’adresse. Un formulaire peut aussi avoir déménagé ou pris fin.'],
    'paused' => ['title' => 'Ce formulaire est en pause', 'text' => 'Rien ne peut être envoyé ici pour le moment, et rien ne l’a été. Revenez plus tard, ou écrivez à l’adresse ci-dessous.'],
    'language' => ['title' => 'Ce formulaire n’existe pas dans cette langue', 'text' => 'Il existe dans celles-ci :'],
    'failure' => ['title' => 'Cela n’a pas fonctionné', 'text' => 'La faute est à nous, pas à vous. Essayez encore dans quelques minutes ; le lien de votre e-mail reste valable.'],
    'refused' => ['title' => 'C’était trop à la fois', 'text' => 'Ce qui a été envoyé est plus grand que ce formulaire ne peut prendre. Revenez en arrière, raccourcissez et envoyez encore une fois.'],
    'mail' => [
        'confirmation' => [
            'subject' => 'À confirmer : :title',
            'heading' => 'Un appui, et vous êtes inscrit',
            'because' => 'Cette adresse a été indiquée sur « :title » de :controller. Si c’était vous, confirmez ce que vous acceptez :',
            'button' => 'Oui, inscrivez-moi',
            'ignore' => 'Si ce n’était pas vous, vous n’avez rien à faire : sans le bouton rien n’est envoyé, et l’adresse est supprimée après :days jours.',
        ],
        'reminder' => [
            'subject' => 'Pas encore confirmé : :title',
            'heading' => 'Il manque encore une pression',
            'because' => 'Cette adresse a été saisie sur « :title » de :controller et n’est pas encore confirmée. Nous ne vous le rappelons que cette fois. Si c’était vous, confirmez ce que vous avez accepté :',
            'button' => 'Oui, inscrivez-moi',
            'ignore' => 'Si ce n’était pas vous, vous n’avez rien à faire : sans le bouton, rien n’est envoyé, et l’adresse est effacée :days jours après le premier e-mail.',
        ],
        'welcome' => [
            'subject' => 'Bienvenue : :title',
            'greeting' => 'Bonjour :name,',
            'greeting-without-name' => 'Bonjour,',
            'text' => 'merci de votre inscription. Vous avez accepté ceci :',
            'withdraw' => 'Arrêter ces e-mails',
            'withdraw-text' => 'Vous pouvez arrêter à tout moment, d’un seul appui et sans mot de passe :',
        ],
        'notice' => 'Politique de confidentialité',
    ],
];
