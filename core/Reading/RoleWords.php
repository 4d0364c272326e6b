<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

/** Words by which a stretch of a note shows what it is. Folded: small letters, no accents. English and French. */
final class RoleWords
{
    /** Who begins with one of these tells what to do. */
    public const DOING = [
        'add', 'bake', 'beat', 'blend', 'blitz', 'boil', 'bring', 'brew', 'chill', 'chop', 'combine', 'cook', 'cool',
        'cover', 'crack', 'crush', 'cut', 'decant', 'dip', 'dissolve', 'drain', 'drip', 'drop', 'dry', 'ferment',
        'fill', 'filter', 'fold', 'freeze', 'grate', 'grind', 'heat', 'hold', 'infuse', 'keep', 'leave', 'let',
        'line', 'macerate', 'make', 'mash', 'measure', 'melt', 'mill', 'mince', 'mix', 'pack', 'peel', 'poke', 'pop',
        'pound', 'pour', 'press', 'process', 'pulse', 'put', 'puree', 'rain', 'reheat', 'remove', 'rest', 'return',
        'rinse', 'rub', 'scoop', 'scrape', 'seal', 'set', 'shake', 'sieve', 'simmer', 'sit', 'slice', 'soak', 'spoon',
        'sprinkle', 'squash', 'squeeze', 'stand', 'start', 'steam', 'steep', 'stick', 'stir', 'strain', 'swirl',
        'take', 'tie', 'tip', 'top', 'turn', 'use', 'warm', 'wash', 'weigh', 'whip', 'whisk', 'whizz', 'wring', 'wet',
        'work', 'throw', 'test', 'check', 'bottle', 'mould', 'mold', 'store', 'wait', 'sift', 'disperse', 'hydrate',
        'ajouter', 'ajoutez', 'ajoute', 'battre', 'battez', 'broyer', 'broyez', 'chauffer', 'chauffez', 'chauffe',
        'concasser', 'congeler', 'couler', 'coulez', 'couper', 'coupez', 'coupe', 'couvrir', 'couvrez', 'couvre',
        'cuire', 'decanter', 'delayer', 'delayez', 'disperser', 'dispersez', 'dissoudre', 'ecraser', 'ecrasez',
        'ecrase', 'egoutter', 'emietter', 'emulsionner', 'eplucher', 'essorer', 'exprimer', 'faire', 'faites', 'fais',
        'filtrer', 'filtrez', 'filtre', 'fondre', 'fondez', 'fouetter', 'fouettez', 'fouette', 'garder', 'gardez',
        'hacher', 'hachez', 'homogeneiser', 'incorporer', 'incorporez', 'infuser', 'infusez', 'laisser', 'laissez',
        'laisse', 'maintenir', 'macerer', 'melanger', 'melangez', 'melange', 'mesurer', 'mettre', 'mettez', 'mets',
        'mixer', 'mixez', 'mixe', 'moudre', 'mouiller', 'passer', 'passez', 'passe', 'peler', 'peser', 'pesez', 'piler',
        'porter', 'portez', 'prendre', 'prenez', 'presser', 'pressez', 'presse', 'puis', 'raper', 'rapez', 'rape',
        'rajouter', 'refroidir', 'remplir', 'remplissez', 'remuer', 'remuez', 'remue', 'retirer', 'saupoudrer',
        'secouer', 'secouez', 'secoue', 'sortir', 'tamiser', 'tamisez', 'tenir', 'tiedir', 'touiller', 'tremper',
        'utiliser', 'utilisez', 'verser', 'versez', 'verse', 'disposer', 'recouvrir', 'recouvrez', 'bouillir',
        'mijoter', 'malaxer', 'petrir', 'fermer', 'fermez', 'tester', 'ajuster', 'agiter', 'agitez', 'homogenise',
        'homogenize', 'verifier', 'verifiez', 'adjust', 'aim',
    ];

    /** May stand before the word that tells what to do. */
    public const BEFORE_DOING = [
        'then', 'now', 'next', 'finally', 'gently', 'slowly', 'quickly', 'first', 'and', 'also', 'afterwards', 'just',
        'to', 'i', 'we', 'you', 'she', 'he', 'dont', 'never', 'carefully', 'lastly', 'last', 'meanwhile', 'later',
        'puis', 'ensuite', 'enfin', 'et', 'bien', 'on', 'apres', 'pour', 'd', 'abord', 'finir', 'par', 'ne', 'pas',
        'doucement', 'tout',
    ];

    /** Puts what is named into the batch, even where no amount is given. */
    public const ADDING = [
        'add', 'mix', 'stir', 'with', 'combine', 'melt', 'use', 'take', 'put', 'pour', 'whisk', 'blend', 'drop',
        'top', 'cover', 'soak', 'infuse', 'steep', 'simmer', 'boil', 'fill', 'mash', 'crush', 'grate', 'brew', 'splash',
        'ajoutez', 'ajouter', 'ajoute', 'melangez', 'melanger', 'melange', 'avec', 'mettez', 'mettre', 'mets', 'versez',
        'verser', 'verse', 'couvrir', 'couvrez', 'couvre', 'remplir', 'remplissez', 'recouvrir', 'infuser', 'mixer',
        'mixez', 'ecraser', 'ecrasez', 'faites', 'faire', 'fondre', 'incorporez', 'incorporer', 'need', 'ingredients',
        'include', 'tremper', 'bouillir',
    ];

    /** Words of gear, places and hours: who speaks of them without an amount tells how it is done. */
    public const MAKING = [
        'oven', 'crock', 'cooker', 'blender', 'sieve', 'muslin', 'cloth', 'cheesecloth', 'stocking', 'sill',
        'windowsill', 'lid', 'tray', 'mould', 'molds', 'moulds', 'whisk', 'fork', 'grinder', 'mortar', 'filter',
        'freezer',
        'fridge', 'heat', 'bath', 'hob', 'stove', 'microwave', 'thermometer', 'funnel', 'overnight', 'stick',
        'mijoteuse', 'blender', 'tamis', 'etamine', 'bas', 'collant', 'fenetre', 'couvercle', 'bac', 'moule',
        'fouet', 'fourchette', 'frigo', 'congelateur', 'refrigerateur', 'feu', 'bain', 'marie', 'plaque', 'entonnoir',
        'soleil', 'sun', 'vitre', 'chinois', 'passoire', 'mixeur', 'robot',
    ];

    /** On the head it goes, or off. */
    public const USING =
        '/\b(?:rinse[ds]?|rinsing|wash(?:es|ed|ing)?(?: \w+)? (?:out|off|with|it|my|hair|day)|shampoo(?:s|ing)?'
        .'|scalps?|lengths?|ends of|dry ends|the ends|on(?:to)? (?:dry|wet|damp) \w+|palms|paumes|hairline'
        .'|massaged?|lather|towel|shower cap|under a (?:cap|bag)|plastic cap'
        .'|leave (?:it )?(?:in|on)|no rins|not rinse|no need to|on (?:wet|dry|damp) hair|onto (?:wet|dry|damp) hair'
        .'|after washing|before washing|wash day|patch test|spray on|spritz|comb (?:it )?through|on for \d'
        .'|rincer|rincez|rinc(?:age|ee)|laver|lavez|shampo+ing|cuir chevelu|longueurs|pointes|racines|masser|massez'
        .'|serviette|poser|laisser agir|laissez agir|sans rincer|vaporiser|vaporisez|bonnet|charlotte'
        .'|sur (?:cheveux|les cheveux)|avant (?:le )?lavage|apres (?:le )?lavage|appliquer|appliquez|apply|applied'
        .'|temps de pose|thaw one|on the (?:head|hair))\b/';

    /** What is said of how long it lasts, in so many words. */
    public const LASTING = '/\b(?:keeps?|kept|lasts?|lasted|use within|used? (?:it )?(?:up )?(?:within|in|by)|good for'
        .'|shelf life|best before|stays? (?:good|fresh)|throw (?:it )?(?:out|away) after|expires?|goes off|frozen'
        .'|refrigerated|max|tops|make (?:it )?fresh|doesn.?t keep|does not keep|won.?t keep'
        .'|make it fresh|make and use|use (?:it )?(?:at once|straight away|right away|immediately)'
        .'|same day|le jour meme|le soir meme|not longer|pas plus|tout de suite|congeler'
        .'|se garde|se gardent|garder|a garder|conserv(?:e|er|ation)|se conserve'
        .'|a (?:utiliser|jeter|consommer|finir)|tient|dure|dlu|dans l.?annee|congele)\b/';

    /** Where it stands while it lasts: or while it steeps. */
    public const STANDING = '/\b(?:(?:in|au|dans) (?:the |le |un |a )?(?:cold|cool|dark|cupboard|froid|frais|noir'
        .'|placard|fridge|freezer|frigo|congelateur|refrigerateur)|dark|amber|ambre|abri|fridge|freezer'
        .'|refrigerate|duree|en glacons)\b/';

    /** Stands to be drawn, strained or set: a time said of it is none it lasts for. */
    public const STEEPING = '/\b(?:macer\w*|infus\w*|steep\w*|soak\w*|trempe\w*|repos\w*'
        .'|(?:shak(?:e|ing)|secou\w+) (?:it )?(?:daily|every|chaque|tous)'
        .'|laiss(?:er|ez|e) (?!agir)|leave (?!in|on)|let (?:it )?(?:sit|stand|steep|rest)|strain\w*|filtr\w+)\b/';

    /** Time long enough to be a life and no step: "3 days", "a week", "two months", "48 h", "till spring". */
    public const LONG =
        '/\b(?:(?:\d+(?:[.,]\d+)?|an?|one|two|three|four|five|six|eight|nine|ten|twelve|several|few|couple of'
        .'|un|une|deux|trois|quatre|cinq|six|huit|neuf|dix|douze|quelques)(?:\s*(?:-|\b(?:to|or|a'
        .'|ou)\b)\s*(?:\w+))?\s*(?:more )?'
        .'(?:days?|weeks?|wks?|months?|mths?|years?|yrs?|jours?|j|semaines?|sem|mois|ans?|annees?)'
        .'|(?:24|36|48|72)\s*(?:h|hrs?|hours?|heures?)|doesn.?t keep|does not keep|won.?t keep|ne se (?:garde'
        .'|conserve) pas'
        .'|not keep|make it fresh|make and use|at once|straight away|right away|immediately|aussitot'
        .'|immediatement|tout de suite|same day|le jour meme|le soir meme|this week|the week'
        .'|la semaine|spring|summer|winter|printemps|ete'
        .'|hiver)\b/';

    /** Water that stands under or around the vessel: "two cups of water in the pan". */
    public const OUTSIDE = '/\b(?:water|eau) (?:in|dans) (?:the|le|la|l) (?:\w+ )?(?:pan|pot|sink|bath|saucepan'
        .'|casserole|evier|bain)\b/';

    /** Water and the like that does the work and goes into nothing. */
    public const UTILITY = '/\b(?:(?:pan|pot|bowl|bath|basin|saucepan|sink|tray|casserole|bol|bassine|evier|cuve|fond)'
        .' (?:of|de|d)\W{0,3}(?:\w+ ){0,2}(?:water|eau|ice|glacons|glace|snow|neige)'
        .'|(?:simmering|fremissante?|bouillante? du bain) water|(?:water|eau) (?:fremissante|du bain'
        .'|for the bath|in the (?:pan|pot|sink))'
        .'|\d+ (?:\w+ )?(?:of |de |d )?(?:water|eau) (?:in|dans) (?:the|le|la|l) (?:\w+ )?(?:pan|pot|sink|bath'
        .'|saucepan|casserole|evier|bain)'
        .'|(?:for|to|in) the (?:water )?bath|bath water|ice (?:bath|water|cubes? (?:in|and))|eau glacee|bain de glace'
        .'|(?:for|to) (?:the )?(?:ph )?(?:test|strip|cleaning|clean|wiping|wipe|sterilis\w+|steriliz\w+'
        .'|sanitis\w+|rinse the|wash the)'
        .'|(?:sterilis|steriliz|sanitis|sanitiz|disinfect|desinfect|wipe|clean|nettoy|essuy)\w*'
        .'|(?:test|measure|mesurer|tester) (?:the |le )?ph (?:in|on|with|of|dans|sur|avec)|dilut\w+ .{0,20}(?:test|ph)'
        .'|pour (?:le )?(?:test|nettoyer|desinfecter|tester|rincer le)|(?:for|in) the (?:big |outer |lower '
        .'|double )?(?:boiler|pot|pan|saucepan)'
        .'|(?:hot|warm|cold|iced|boiling) water (?:around|under|outside)'
        .'|stand\w* .{0,24} in (?:a )?(?:\w+ )?(?:hot|warm|cold|iced?) water'
        .'|stand .{0,16} in hot water|in hot water$|a l eau (?:tiede|froide|chaude|claire)|with (?:cool|cold'
        .'|lukewarm|warm|lots of|plenty of) water)\b/';

    /** Cleaning and testing, from its first word on. */
    public const WORK =
        '/^(?:\d+ )?(?:first |then |d abord |before you start )?(?:(?:sterilis|steriliz|sanitis|sanitiz'
        .'|disinfect|desinfect|wipe|nettoy|essuy|clean )\w*'
        .'|(?:wash|rinse|boil|scald|laver|lavez|ebouillant\w*|rincer) (?:the |your |all |every|les |le |tous '
        .'|tout |out )?(?:the |your )?'
        .'(?:jars?|bottles?|hands|tools|pots|things|bocal|bocaux|flacons?|mains|ustensiles|materiel)'
        .'|(?:to |pour )(?:test|tester|mesurer|measure|check|sterilise|clean)\b|(?:test|tester|check|mesurer'
        .'|measure) (?:the |le |its )?ph\b(?! should))/';

    /** Said of the whole and no line of it. */
    public const REMARK =
        '/^(?:note|nb|n b|ps|p s|remarque|attention|careful|warning|caution|tip|astuce|source|from|seen|copied'
        .'|heard|got|found|first|last|next|she|he|they|i|we|my|it|this|that|these|smells?|nice|good|love|stinks?|looks?'
        .'|recette|trouve|vu|copie|elle|il|je|j|nous|ca|cela|c|ma|mon|tres|no|pas|sans|never|jamais|real|really'
        .'|not)\b/';

    /** Nouns for what is made of a plant before it goes in, by what parts.csv calls it. */
    public const FORMS = [
        'juice' => 'juice', 'jus' => 'juice', 'gel' => 'gel', 'mucilage' => 'gel', 'slime' => 'gel', 'goo' => 'gel',
        'jelly' => 'gel', 'gelee' => 'gel', 'tea' => 'tea', 'tisane' => 'tea', 'infusion' => 'tea', 'brew' => 'tea',
        'decoction' => 'decoction', 'simmer' => 'decoction', 'soak' => 'cold_soak',
        'trempage' => 'cold_soak', 'maceration' => 'cold_soak', 'milk' => 'milk', 'lait' => 'milk', 'puree' => 'puree',
        'mash' => 'puree', 'pulp' => 'puree', 'pulpe' => 'puree', 'macerat' => 'infused_oil', 'oil' => 'infused_oil',
        'huile' => 'infused_oil', 'base' => 'melted_base', 'water' => 'tea', 'eau' => 'tea', 'broth' => 'decoction',
        'bouillon' => 'decoction', 'liquid' => 'tea', 'liquide' => 'tea', 'paste' => 'puree', 'pate' => 'puree',
        'mix' => 'mix', 'melange' => 'mix', 'blend' => 'mix', 'vinegar' => 'tea', 'vinaigre' => 'tea',
    ];

    /** Heads that say little by themselves: another word beside them makes them something else. */
    public const HEADS = [
        'water', 'eau', 'oil', 'huile', 'butter', 'beurre', 'milk', 'lait', 'tea', 'tisane', 'vinegar', 'vinaigre',
        'juice', 'jus', 'gel', 'wax', 'cire', 'clay', 'argile', 'gum', 'gomme', 'starch', 'amidon', 'protein',
        'proteine', 'powder', 'poudre', 'extract', 'extrait', 'flour', 'farine', 'sugar', 'sucre', 'salt', 'sel',
        'hydrosol', 'hydrolat', 'acid', 'acide', 'alcohol', 'alcool', 'cream', 'creme', 'infusion',
    ];

    /** What a thing is for, before its name: "preservative: phenoxyethanol". */
    public const USES = [
        'preservative', 'conservateur', 'emulsifier', 'emulsifiant', 'scent', 'perfume', 'parfum', 'fragrance',
        'thickener', 'oil', 'huile',
        'butter', 'beurre', 'wax', 'cire', 'humectant', 'antioxidant', 'protein', 'proteine', 'active', 'actif',
        'acid', 'acide',
    ];

    /** Say what state a thing is in, and make nothing else of it. */
    public const STATES = [
        'organic', 'bio', 'pure', 'pur', 'natural', 'naturel', 'naturelle', 'good', 'melted', 'softened', 'warm', 'hot',
        'cold', 'cool', 'lukewarm', 'tiede', 'chaud', 'chaude', 'froid', 'froide', 'boiling', 'boiled', 'bouillante',
        'bouillant', 'fremissante', 'distilled', 'filtered', 'tap', 'plain', 'clear', 'ripe', 'large', 'big', 'small',
        'medium', 'mur', 'mure', 'gros', 'grosse', 'petit', 'petite', 'very', 'tres', 'bien', 'peeled', 'sliced',
        'chopped', 'crushed', 'grated', 'ground', 'minced', 'finely', 'coarsely', 'whole', 'entier', 'entiere', 'raw',
        'extra', 'virgin', 'vierge', 'cosmetic', 'food', 'grade', 'quality', 'vegetable', 'vegetal', 'vegetale',
        'liquid', 'liquide', 'my', 'our', 'your', 'some', 'the', 'of', 'de', 'd', 'du', 'des', 'la', 'le', 'les', 'l',
        'a',
        'an', 'un', 'une', 'fresh', 'dried', 'frais', 'fraiche', 'seche', 'sechee', 'seches', 'sechees', 'sec', 'more',
        'homemade', 'maison', 'bought', 'store', 'strong', 'brewed', 'black', 'leftover', 'cooled', 'with', 'in', 'and',
        'plus', 'et', 'avec', 'to', 'each', 'same', 'other', 'enough', 'about', 'environ', 'spring', 'source',
        'mineral',
        'minerale', 'mild', 'doux', 'douce', 'thick', 'thin', 'nice', 'beau', 'belle', 'half', 'level', 'heaped',
        'heaping', 'rounded', 'scant', 'add', 'into', 'on', 'over', 'then', 'for', 'or', 'ou', 'white', 'blanc',
        'blanche', 'dry', 'sifted', 'washed', 'rinsed', 'strained', 'packed', 'loose', 'crumbled', 'bruised', 'torn',
        'shredded', 'toasted', 'soaked', 'drained', 'mashed', 'halved', 'pitted', 'lave', 'lavee', 'egoutte', 'tamise',
    ];
}
