<?php

declare(strict_types=1);

namespace Juramen\Wording\Lexicons;

/** French. Patterns are our own, from wording seen in common practice. */
final class French
{
    public const COMMON = 'accord à ai aux avec au aussi avez bien ce ceci cela celle ces cet cette chaque comme dans de des du elle elles en encore entre est et être eu fait fois il ils je jamais la le les leur leurs lui ma mais me même merci mes moi mon ne nos notre nous on ont ou où oui par pas peut peux plus pour pourrai pouvez puis quand que quel quelle qui quoi sa sans se ses si son sont sous suis sur ta te tes toi ton tous tout toute toutes très tu un une veux voudrais vos votre vous recevoir souhaite souhaiterais accepte acceptez accepter consens consentement envoyer envoyez envoi mail mails email emails courriel courriels adresse téléphone sms courrier mois mensuel semaine jour année moment inscrire inscription inscrivez abonner abonnez cocher cochez case informé informée tenu tenue contacter contacté données utiliser utilisées jour régulièrement';

    public const PATTERNS = [
        'marketing' => ['news ?letters?', 'lettres? d[\'’]information', 'infolettres?', '(?:\w+ )?offres', 'promotion\w*', 'publicit\w*', 'prospection', 'marketing', 'actualités', 'nouveautés', 'bons plans', 'tenue? (?:informé\w*|au courant)', 'abonne\w*', '(?:souhait\w*|veux|voudrais|aimerais|accepte (?:de|d[\'’]être))[^.]{0,30}(?:recevoir|informé\w*|contacté\w*)', 'peut (?:m[\'’]|me )(?:envoyer|écrire|contacter|appeler|adresser)', 'm[\'’]envoyer', 'réductions', 'conseils', 'tarifs (?:spéciaux|exclusifs|réduits)', 'vous (?:envoyer|adresser|écrire|contacter|appeler|proposer)', '(?:recevr\w*|recevoir)[^.]{0,30}(?:e-?mail|sms|courriel|lettre)\w*'],
        'vague' => ['news ?letters?', 'lettres? d[\'’]information', 'infolettres?', 'informations?', 'infos?', 'actualités?', 'news', 'offres?', 'promotions?', 'promotionnel\w*', 'publicit\w*', 'marketing', 'prospection', 'commercial\w*', 'nouveautés?', 'exclusi\w*', 'spécia\w*', 'meilleures?', 'dernières?', 'services?', 'produits?', 'améliorer', 'expérience', 'partenaires?', 'tiers', 'communications?', 'bons plans', 'contenus?', 'intéressant\w*', 'fins?', 'entreprise', 'société', 'site', '(?:garder|rester|maintenir|prendre)[^.]{0,12} contact', 'contact\w*', 'garder', 'rester', 'tout', 'nouvelles?', 'intérêts?', 'relation\w*'],
        'accepts-terms' => ['(?:accepte\w*|lu et[^.]{0,20}|d[\'’]accord avec|consens à|approuve)[^.]{0,60}?(?:conditions(?: générales)?(?: (?:de vente|d[\'’]utilisation))?|cgv|cgu|règlement(?: du jeu)?)', '(?:lu|accepte\w*|d[\'’]accord avec|approuve\w*|connaissance d\w*)[^.]{0,60}?(?:conditions|règlement)(?: \w+){0,3}', 'accept\w*[^.]{0,40}?(?:conditions|règlement|cgv|cgu)(?: \w+){0,3}'],
        'accepts-notice' => ['(?:accepte\w*|d[\'’]accord avec|consens à)[^.]{0,50}?(?:politique de (?:confidentialité|protection)|(?:charte|mentions) de confidentialité)'],
        'terms' => ['conditions(?: générales)?', 'cgv', 'cgu', 'règlement du jeu'],
        'notice' => ['confidentialité', 'politique de (?:confidentialité|protection)\w*', 'protection des données', 'vie privée', 'données personnelles'],
        'withdrawal' => ['retirer', 'retrait', 'désabonn\w*', 'désinscri\w*', 'changer d[\'’]avis', 'révoquer', 'à tout moment[^.]{0,50}(?:arrêter|cesser|partir|annuler)', 'me désinscrire', '(?:arrêter|cesser)[^.]{0,40}à tout moment', 'ne (?:le |la |les )?(?:souhaite|veux|désire)[^.]{0,20} plus[^.]{0,60}', 'revenir sur', '(?:arrêt|annul|cess|stopp|fin)\w*[^.]{0,40}(?:quand je (?:veux|le souhaite)|à tout moment|tout de suite)', '(?:quand je veux|à tout moment)[^.]{0,40}(?:arrêt|annul|fin)\w*', 'cela s[\'’]arrête', 'un (?:simple )?mot[^.]{0,40}suffit', 'mettre fin', 'comment (?:la |le |l[\'’])?(?:quitter|arrêter|me désinscrire)', 'y met fin', 'y renoncer', 'répond\w* stop'],
        'refuses' => ['ne (?:souhait\w*|veux|voul\w*|voudr\w*|désir\w*) pas', 'non,? merci', 'ne plus recevoir', 'je refuse', 'pas d[\'’](?:offres|information)', '(?:laiss\w*|gard\w*) (?:cette|la) case[^.,]{0,12}(?:vide|décochée|vierge)', 'décoch\w*', 'désélectionn\w*', '(?:si|sauf si) vous ne[^.,]{0,30}(?:pas|plus)[^.,]{0,40}', '(?:enlev|retir|supprim)\w* la coche', 'coch\w*[^.]{0,40}(?:ne |pas |sans )', 'sauf (?:avis|opposition) contraire', 'je m[\'’]oppose', 'sauf si (?:je|vous|nous)', 'je renonce', 'je décline', '(?:à moins que|tant que) (?:je|vous) ne'],
        'yes' => ['oui', 'j[\'’]accepte', 'je (?:souhaite|veux|consens)', 'd[\'’]accord'],
        'technical' => ['se souvenir de moi', 'rester connecté\w*', 'adresse de (?:facturation|livraison)', 'afficher le mot de passe', 'pas un robot', 'paquet cadeau', 'à quelle fréquence', 'quotidien|hebdomadaire|mensuel', 'langue', 'recevoir une copie', 'copie de (?:mon|ce)'],
        'reason' => ['afin (?:de|que)', 'pour (?:que|vous|mieux|nous|la livraison|prévenir|confirmer)', 'parce que', 'nous (?:avons besoin|utilisons|demandons)', 'uniquement', 'seulement', 'en cas de', 'au cas où'],
        'by-email' => ['e-?mails?', 'courriels?', 'newsletter', 'infolettre'],
        'by-sms' => ['sms', 'textos?'],
        'by-phone' => ['téléphon\w*', 'appel\w*'],
        'by-post' => ['par (?:la )?poste', 'par courrier(?! électronique)', 'voie postale'],
        'by-messaging' => ['messagerie instantanée', 'messenger'],
        'partners' => ['(?:nos |ses )?partenaires', 'tiers(?!\w)', 'sponsors?', 'sociétés du groupe', 'filiales'],
        'exchange' => ['en échange', 'en contrepartie', 'en retour', 'pay\w* avec (?:mes|vos)', 'au lieu de payer'],
        'legalese' => ['nonobstant', 'par la présente', 'ci-après', 'susmentionné\w*', 'susvisé\w*', 'conformément aux dispositions', 'le soussigné', 'irrévocabl\w*', 'au titre de', 'à l[\'’]effet de', 'aux fins de', 'est réputé\w*', 'en vertu de', 'personne concernée'],
        'double-negative' => ['ne[^.,;]{0,30}pas[^.,;]{0,40}(?:ne |jamais)', 'pas in(?:désirable|utile)\w*'],
        'passes-on' => ['(?:transm|partag|cèd|céd|communiqu|vend|transf)\w*[^.]{0,60}?(?:à|aux|avec|au)[^.]{0,40}?(?:partenaires|tiers|sponsors|sociétés|filiales|annonceurs)', '(?:partenaires|tiers|sponsors|sociétés du groupe)[^.]{0,30}?(?:peuvent|pourront|à) (?:me |m[\'’])(?:contacter|écrire|envoyer|appeler|solliciter)', '(?:transm|partag|cèd|céd|communiqu|vend|transf|remet|donn|fourn|lou|échang|confi)\w*[^.]{0,60}?(?:à|aux|avec|au)[^.]{0,50}?(?:sociétés|entreprises|marques|organismes|fournisseurs|commerçants|agences|annonceurs)(?!\w)', '(?:sociétés|entreprises|marques|organismes)[^.]{0,30}?(?:peuvent|pourront|puissent) (?:me |m[\'’])?(?:contacter|écrire|envoyer|appeler)', '(?:partenaires|tiers|sponsors|sociétés|entreprises|marques|annonceurs)[^.]{0,20}?(?:recevront|reçoivent|obtiennent|auront|disposeront)[^.]{0,40}(?:adresse|e-?mail|numéro|coordonnées|données|nom)'],
        'rate' => ['(?:une|deux|trois|quatre|cinq|six|dix|douze|\d+) (?:fois|e-?mails?|lettres?|courriels?)[^.]{0,15}?par (?:jour|semaine|mois|trimestre|an)', 'chaque (?:jour|semaine|mois|trimestre|année|saison)', '(?:quotidien|mensuel|annuel|trimestriel)\w*', 'hebdomadaire\w*', 'tous les (?:jours|mois|ans)', 'toutes les semaines', 'occasionnel\w*', 'de temps en temps', 'au plus', 'uniquement (?:quand|lorsque)', '(?:quand|lorsqu\w*|dès) (?:mon|ma|un|une|le|la|l[\'’])', 'à chaque', 'après chaque', 'une (?:seule )?fois'],
        'tracking' => ['(?:mesur|suiv|enregistr|analys|compt)\w*[^.]{0,60}(?:ouvr|ouvert|cliqu|clic|lu|liens?)\w*', 'quels? (?:liens?|e-?mails?)[^.]{0,30}(?:ouvr|cliqu|li)\w*', 'ouvertures et (?:les )?clics'],
        'by-sending' => ['en (?:envoyant|cliquant|validant|vous inscrivant|participant|commandant|continuant|téléchargeant|réservant|soumettant)', 'l[\'’]envoi de ce formulaire (?:vaut|signifie)', '(?:votre|la) (?:participation|commande|inscription) vaut', 'en (?:achetant|payant|poursuivant|appuyant|rejoignant|confirmant|créant|utilisant|visitant|acceptant|passant commande|finalisant)', '(?:si|dès que|lorsque|quand) vous (?:cliquez|réservez|commandez|continuez|envoyez|validez|participez|achetez)', '(?:votre|la) (?:réservation|visite) vaut'],
        'similar' => ['(?:produits?|services?|articles?|biens?) (?:analogues?|similaires?)'],
        'objects' => ['vous opposer', 's[\'’]opposer', 'opposition', 'droit d[\'’]opposition'],
        'login' => ['connexion', 'se connecter', 'identifiez-vous', 'mot de passe oublié'],
        'search' => ['recherch\w*', 'trouver un'],
        'contact' => ['contact\w*', 'votre (?:message|question|demande)', 'message', 'écrivez-nous', 'devis', 'être rappelé'],
        'order' => ['command\w*', 'panier', 'paiement', 'payer', 'acheter', 'réserv\w*', 'livraison', 'facturation'],
        'account' => ['créer (?:un |mon |votre )?compte', 'nouveau compte', 'devenir membre', 'inscription au site'],
        'draw' => ['tirage au sort', 'jeu[- ]concours', 'concours', 'gagne[rz]', 'lot(?!\w)'],
        'download' => ['télécharg\w*', 'guide gratuit', 'livre blanc', 'e-?book'],
        'preferences' => ['se désabonner', 'se désinscrire', 'désinscription', 'préférences', 'gérer (?:mes|vos) abonnements'],
        'rights' => ['droit d[\'’]accès', 'effacement', 'supprimer mes données', 'exercer (?:mes|vos) droits'],
        'job' => ['candidat\w*', 'postuler', 'curriculum', 'lettre de motivation', 'offre d[\'’]emploi'],
        'field-email' => ['e-?mail', 'courriel', 'adresse (?:e-?mail|électronique)'],
        'field-name' => ['(?:pré)?nom(?!\w)', 'nom de famille'],
        'field-phone' => ['téléphone', 'portable', 'mobile', 'numéro de téléphone', 'tél'],
        'field-birthday' => ['(?:date|année) de naissance', 'né\(?e?\)? le', 'anniversaire', 'âge'],
        'field-gender' => ['civilité', 'sexe', 'genre'],
        'field-postal' => ['adresse(?: postale)?(?! e| é)', 'rue', 'code postal', 'ville'],
        'field-employer' => ['société', 'entreprise', 'employeur', 'profession', 'fonction'],
    ];
}
