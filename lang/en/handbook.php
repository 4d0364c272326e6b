<?php

// The handbook: what each rule says with its figures (App\Workroom\Handbook\Figures fills them from the same constants
// and tables the checks use), where a finding's own reason speaks of one formula, a reason that holds for all.
return [
    'nav' => 'Handbook',
    'title' => 'Handbook',
    'lead' => 'Every rule Ilvane checks by: what it says, why, where the number comes from and how sure it is. Most of it is common practice, recalled and not looked up. The sheet of the bottle in your hand, the local law and your doctor know better.',
    'search' => 'Look for',
    'search_hint' => 'a word, an ingredient, a code',
    'find' => 'Find',
    'found' => '{0} Nothing in the handbook holds all of these words.|{1} One place.|[2,*] :count places.',
    'all' => 'All topics',
    'read_more' => 'In the handbook',
    'region' => 'Where you sell or give away',
    'regions' => ['EU' => 'EU', 'US' => 'US'],
    'sure' => [
        'label' => 'How sure',
        'law' => 'Law, recalled: read it before you sell',
        'textbook' => 'Textbook',
        'supplier' => 'Suppliers’ usual figures, recalled',
        'practice' => 'Common practice',
        'memory' => 'From memory',
        'rule_of_thumb' => 'A rule of thumb',
        'arithmetic' => 'Arithmetic',
        'disputed' => 'Disputed among makers',
    ],
    'catalogue_source' => 'the catalogue, ingredient by ingredient',
    'schools' => 'Where makers disagree',
    'gains' => 'Gains',
    'risks' => 'Risks',
    'default' => 'Here',
    'table_basis' => 'From the catalogue the checks use. Nothing of it was measured here; the sheet of your own bottle wins.',

    'topics' => [
        'preserving' => [
            'title' => 'Preserving',
            'lead' => 'Anything with water in it is food for microbes. Either it is preserved, or it is fresh: made small, kept cold, used in days.',
            'caution' => 'You can’t see, smell or test at home what has begun to grow. When in doubt, throw it out. Near eyes and on broken skin a spoiled product can do lasting harm.',
            'EU' => 'Limits are those of Regulation (EC) No 1223/2009, Annex V, as recalled. To sell in the EU a safety report and a notification are due as well; see your authority.',
            'US' => 'The US keeps no list of preservative limits. The EU’s are shown as guidance. The maker answers for a safe product; see the local rules.',
        ],
        'acidity' => [
            'title' => 'Acidity',
            'lead' => 'The pH decides whether an acid preservative works at all, how a conditioner sits, and what a scalp feels.',
            'caution' => 'Acids and alkalis burn skin and eyes. Goggles and gloves; add them to the water, never water to them; keep them from children.',
        ],
        'emulsions' => [
            'title' => 'Emulsions',
            'lead' => 'Oil stays in water only while something sits between them. That takes an emulsifier, enough of it, and nothing that fights it.',
            'caution' => 'The whisk head stays under the surface, and the hand off the switch until it is.',
        ],
        'heat' => [
            'title' => 'Heat',
            'lead' => 'Hot enough that all is melted, no hotter than what is in it bears, and hand-warm before what is delicate goes in.',
            'caution' => 'Hot fat burns worse than hot water and can catch fire. A water bath, a lid within reach, never out of sight, never water onto burning fat.',
        ],
        'butters' => [
            'title' => 'Butters',
            'lead' => 'A butter is a net of crystals in oil. How much is solid in the room tells whether it pours, spreads, whips or breaks.',
        ],
        'plants' => [
            'title' => 'Plants and infusions',
            'lead' => 'Dry plants give to oil; wet ones bring water and with it mould, and worse.',
            'caution' => 'Fresh herbs or garlic in oil without air can grow botulism, which has no smell. A wet plant in hot oil spatters. Hot pepper and mustard burn skin and eyes; gloves, and never near children.',
        ],
        'scent' => [
            'title' => 'Scent oils',
            'lead' => 'Small doses, counted together, with lower ceilings for children, and some oils that never meet the sun.',
            'caution' => 'Never undiluted, never near eyes, never by mouth. In pregnancy, with asthma or epilepsy, and for small children ask a doctor or pharmacist first.',
            'EU' => 'Fragrance allergens on the label: Annex III, with Regulation (EU) 2023/1545 (recalled).',
            'US' => 'The US is to publish its own list of fragrance allergens under the 2022 cosmetics act; until then the EU’s is shown as guidance.',
        ],
        'keeping' => [
            'title' => 'How long it keeps',
            'lead' => 'The shortest of all that can end it: microbes, rancid oil, the oldest lot in it. Ilvane’s days are the short end of what makers say.',
            'caution' => 'A date is no promise. Off smell, new colour, spots, a layer: discard.',
        ],
        'measures' => [
            'title' => 'Measures and doses',
            'lead' => 'Percent of the whole finished batch, by weight. A spoon is a guess with a width; the width goes through every sum.',
        ],
        'label' => [
            'title' => 'Label and words',
            'lead' => 'Say what it is, what is in it, and what it does for the hair that is there.',
            'caution' => 'A scalp that hurts, sheds or flakes for weeks belongs before a doctor, not under a cream.',
            'EU' => 'EU: Regulation (EU) No 655/2013 on claims; label content under Article 19 of Regulation (EC) No 1223/2009 (recalled).',
            'US' => 'US: a product meant to treat, or to change how the body works, is a drug (FD&C Act sec. 201(g)); hair-growth claims: 21 CFR 310.527 (recalled).',
        ],
    ],

    'rules' => [
        'preservation' => [
            'missing' => 'With more than :water of free water and no preservative at its dose it has to be used fresh: days in the fridge, a month frozen.',
            'low' => 'No less than the preservative’s least working dose, counted on the whole finished batch.',
            'wrong_base' => 'The dose is of everything in the jar: not of the oil phase, not of the water phase, not of the amount hoped for.',
            'high' => 'No more of a preservative than its usual highest dose.',
            'over_limit' => 'Blends are opened into their components; each is held against its limit, as the acid where the law says so, and all lines that bring it are added up.',
            'ph_unsuited' => 'Each works in its own range of pH. Acid ones need the undissociated form, and the curve below shows how little of it is left higher up.',
            'heated' => 'A preservative goes in at the gate, below its own ceiling.',
            'narrow' => 'All preservatives of a formula together have to hold bacteria, yeast and mould.',
            'weak_alone' => 'Ferment filtrates, some plant acids and other mild helpers don’t stand alone.',
            'scent_is_not' => 'Essential oils are counted as scent, never as a preservative.',
            'vitamin_e_is_not' => 'Antioxidants keep oil from rancidity; against microbes they count for nothing.',
            'audience' => 'Some preservatives are barred from what stays on children under 3.',
            'form_unsuited' => 'Some may not be sprayed, because sprays are breathed in.',
            'not_needed' => 'Fat alone needs no preservative.',
        ],
        'acidity' => [
            'low' => 'What stays on hair: no lower than pH :ph_low (rinsed off: :ph_rinse_low).',
            'high' => 'What stays on hair: no higher than pH :ph_high (rinsed off: :ph_rinse_high). Aim for about :ph_aim.',
            'untested' => 'Stir 2 g into 8 g distilled water and test with a strip or meter; a cream itself can’t be read.',
        ],
        'emulsion' => [
            'no_emulsifier' => 'Oil and water together, more than :second each, want an emulsifier; or say “shake before use”.',
            'not_an_emulsifier' => 'Gum, gel, honey and hard whisking hold nothing together.',
            'load_low' => 'By weight of the fats at least :btms25 of BTMS-25, :btms50 of BTMS-50, :others of other kinds. Below :parts of that it parts.',
            'load_high' => 'No more of an emulsifier than its usual highest share.',
            'hlb_off' => 'Mix of two emulsifiers: within :hlb_good of what the oils ask for is good, beyond :hlb_mind it is worth mending.',
            'charge_clash' => 'What conditions is charged plus. Soap, most gums and some thickeners are charged minus.',
            'inner_phase_high' => 'No more than :packing of the volume as droplets.',
            'water_in_butter' => 'No juice, gel or tea in a butter without an emulsifier, and then it is no butter but a cream.',
        ],
        'gum' => ['wet_first' => 'Xanthan and guar are wetted in glycerin or oil before they meet water.', 'high' => 'Each gum has its usual highest share.'],
        'humectant' => ['high' => 'Glycerin and its kind: :humectants together at most, less in dry air.'],
        'heat' => [
            'below_melting' => 'At least :above above the highest melting point in the phase; :usual is the usual aim.',
            'unreachable' => 'A bath gets no hotter than water boils: 100 °C at the sea, about one degree less every :metres of height.',
            'over_ceiling' => 'Each delicate thing has a temperature it is best kept below; a few degrees are let pass.',
            'gate' => 'The cool-down opens at :gate, hand-warm.',
        ],
        'packaging' => ['too_hot' => 'Each container has a temperature it may be filled at.', 'unsuited' => 'Droppers for oil, sprays for thin water, jars for butter, pumps for creams.'],
        'texture' => [
            'too_hard' => 'From :firm solid in the room it is hard as a candle.',
            'too_soft' => 'Below :soft solid in the room nothing holds air.',
            'slumps' => 'At :slump_share solid it loses its shape; that should lie above :summer.',
            'grain_risk' => 'Shea, mango and cupuaçu grow grains when they cool slowly through 30 to 20 °C.',
        ],
        'plant' => [
            'fresh_in_oil' => 'Fresh and wet into oil: dry it, wilt it, or cook the water out.',
            'uncovered' => 'The plant lies under the oil, always.',
            'strained_late' => 'Strained after :longest at the latest; while warm, if there is butter in it.',
            'left_in' => 'Dried plants are strained out of what stays on.',
            'latex' => 'Aloe leaf is soaked until its yellow sap is out.',
            'unstrained' => 'Banana, avocado and aloe flesh go through a cloth.',
        ],
        'powder' => ['high' => 'No more than :powder of plant powder in what stays on.'],
        'irritant' => ['strong' => 'Hot pepper, mustard, ginger and their kind have ceilings of their own; some have no place on a scalp.'],
        'scent' => [
            'total_high' => 'All scent oils together, left on: :adult is plenty, :adult_most the ceiling; pregnant :pregnant; six to eleven years :six, three to five :three, under three none. Rinsed off: up to :adult_most.',
            'single_high' => 'Each oil has its own ceiling besides; see the table.',
            'phototoxic' => 'Pressed bergamot :bergamot, lemon :lemon, grapefruit :grapefruit of what stays on skin in the sun; shares of several add up.',
            'audience' => 'Menthol, cineole, camphor and phenol-rich oils not for small children; some not in pregnancy.',
            'declare' => 'Above :declare of what stays on (:declare_rinse rinsed off) a listed fragrance allergen is named on the label. Oils vary: must, or may need to.',
        ],
        'keeping' => [
            'claim_too_long' => 'The label says no more than the days worked out.',
            'overdue' => 'Nothing past its date goes in.',
            'ingredient_first' => 'No product keeps longer than the oldest thing in it.',
        ],
        'yield' => ['exceeds_containers' => 'What is made fits into what is there, with room for air.'],
        'measure' => [
            'sum_not_100' => 'The lines make 100, or one line fills up to it.',
            'open' => 'Every line can be weighed.',
            'ambiguous' => '“1,000 g” may be a kilo or a gram: asked, never guessed.',
            'unweighable' => 'The scale’s half step is at most :scale_error of the amount.',
            'wide' => 'Where a dose matters, a spoon or drop that is uncertain by more than :wide is pointed out.',
        ],
        'dose' => ['high' => 'No more than the ingredient’s usual highest share. What may be more than :base of a batch may be all of it.', 'low' => 'Emulsifiers, antioxidants, gums, proteins, actives and acids at least at their usual lowest.', 'over_limit' => 'No more than the law allows, where it names a figure.'],
        'label' => ['claim' => 'No growth, cure, disease, germs, proof you don’t have, or “never goes off”.', 'allergen' => 'Wheat, soya, milk, egg, sesame and the like are named.', 'undated' => 'No jar without a date.'],
        'safety' => [
            'caustic' => 'Lye and strong alkalis only with goggles, gloves and someone who has done it before.',
            'hot_fat' => 'From :hot upwards fat is handled as what it is: hot fat.',
            'wet_in_hot_oil' => 'A wet plant in oil near 100 °C spatters; above :spatter never.',
            'patch_test' => 'Inside of the elbow, 24 hours, before the first use of anything new.',
            'nut' => 'Nut oils are named to whoever uses it.',
            'dust' => 'Fine powders are weighed with a mask and mixed wet.',
        ],
    ],

    // where the finding's own reason speaks of one formula
    'because' => [
        'preservation' => ['missing' => 'Microbes grow in anything with water, long before you can see or smell them. Cold slows them; it does not stop them.', 'over_limit' => 'Above its limit the law sees a risk to skin and health.'],
        'irritant' => ['strong' => 'It burns before it does anything else.'],
        'emulsion' => ['load_low' => 'Short of it droplets run together and a layer forms.'],
        'scent' => ['single_high' => 'Each has its own reason: some sensitise, some sting, some are hard on the young.', 'declare' => 'Someone who is allergic has to be able to read it. The batch’s own certificate decides.'],
        'packaging' => ['unsuited' => 'The wrong closure clogs, drips, lets air in or fingers.'],
        'dose' => ['high' => 'More irritates, weighs down or is simply wasted.', 'over_limit' => 'Above this the law sees a risk.'],
        'keeping' => ['ingredient_first' => 'An old oil brings its age along.'],
        'measure' => ['open' => 'Without weights nothing else can be worked out.', 'sum_not_100' => 'Shares are of the whole finished batch. What is over or missing shifts every dose.', 'unweighable' => 'Below that the scale itself decides the dose. Make a larger batch, or weigh a tenfold dilution.'],
    ],

    // where the finding's own source names one ingredient's
    'source' => [
        'preservation' => ['low' => 'Usual ranges: the catalogue, ingredient by ingredient. The sheet of the bottle in your hand wins.', 'over_limit' => 'Regulation (EC) No 1223/2009, Annex V (from memory). How much of it is in a blend is a range.', 'audience' => 'Regulation (EC) No 1223/2009, Annex V (from memory).'],
        'dose' => ['over_limit' => 'Regulation (EC) No 1223/2009, Annex III (from memory).'],
    ],

    'disagree' => [
        'preserve' => [
            'title' => 'To preserve or not',
            'schools' => [
                ['name' => 'Preserve whatever holds water', 'gains' => 'Months on the shelf; gifts, travel and bathrooms are safe.', 'risks' => 'A dose to be met to the tenth of a gram, a pH to be measured, a scalp that may not like it.'],
                ['name' => 'Make little, keep it cold', 'gains' => 'Nothing in it but what you want; simple.', 'risks' => 'Days, not weeks. The fridge slows microbes and hides the smell.'],
                ['name' => 'Trust scent oils, vitamin E or honey', 'gains' => 'It feels natural, and works in someone’s memory.', 'risks' => 'It does not preserve. Moulds and bacteria grow unseen.'],
            ],
            'default' => 'The first two are both good work: Preserved and Fresh. The third is a stop, because none of those preserve at a dose that is safe.',
        ],
        'infuse' => [
            'title' => 'How to infuse',
            'schools' => [
                ['name' => 'Cold and dark', 'gains' => 'Keeps what heat destroys; no fuel, no watching.', 'risks' => 'Two to three weeks; a plant that floats or was damp moulds.'],
                ['name' => 'Warm', 'gains' => 'Ready today; drives out a trace of damp.', 'risks' => 'Loses delicate parts; ages the oil; burns when forgotten.'],
                ['name' => 'Cook the water out', 'gains' => 'Lets wet plants be used at all.', 'risks' => 'Spatters; loses most of what is delicate; water left in grows mould.'],
                ['name' => 'Fresh into cold oil', 'gains' => 'Nothing but ease.', 'risks' => 'Mould, and botulism, which nobody smells.'],
            ],
            'default' => 'Cold and dark for dry plants, because nothing is lost but time. The planner shows the others side by side. Fresh into cold oil is a stop.',
        ],
        'pour' => [
            'title' => 'Which into which',
            'schools' => [
                ['name' => 'Oil into water', 'gains' => 'Steady, easy to see, no thick stage.', 'risks' => 'Coarser drops if the blending is short.'],
                ['name' => 'Water into oil', 'gains' => 'Turns over half way, and makes finer drops.', 'risks' => 'Goes thick and may stick half way; wants a steady pour.'],
            ],
            'default' => 'Oil into water, with the larger phase in the mixing vessel already. Both work with enough emulsifier; the bench lets you choose.',
        ],
        'melt' => [
            'title' => 'How to melt and cool butter',
            'schools' => [
                ['name' => 'Slowly over a bath', 'gains' => 'Even, hard to scorch, keeps the smell of unrefined butter.', 'risks' => 'Half an hour of standing by.'],
                ['name' => 'Quickly, by microwave or on the flame', 'gains' => 'Minutes.', 'risks' => 'Hot spots, scorched butter, and fat that can catch fire.'],
            ],
            'default' => 'Over a bath, melted fully, then cooled fast through 30 to 20 °C: slow cooling is what grows grains.',
        ],
    ],

    'tables' => [
        'preservatives' => ['title' => 'Preservatives', 'columns' => ['Preservative', 'Of the batch', 'pH', 'Add below', 'Bacteria · yeast · mould', 'Limits of its parts']],
        'undissociated' => ['title' => 'How much of an acid preservative is awake', 'columns' => ['pH', 'Benzoic acid', 'Sorbic acid', 'Dehydroacetic acid', 'Salicylic acid']],
        'emulsifiers' => ['title' => 'Emulsifiers', 'columns' => ['Emulsifier', 'Of the batch', 'Of the fats at least', 'HLB', 'Charge']],
        'fats' => ['title' => 'Butters and oils', 'columns' => ['Fat', 'Melts', 'Solid at 20 °C', 'Asks for HLB', 'Keeps, opened']],
        'scents' => ['title' => 'Scent oils', 'columns' => ['Oil', 'Left on', 'Rinsed off', 'Take care']],
        'days' => ['title' => 'Days to start from', 'columns' => ['What', 'Keeps']],
    ],
    'days' => [
        'preserved' => 'Preserved, with water', 'plant_rich' => 'Preserved, more than :share plant water, juice or milk', 'emulsion' => 'Fresh emulsion, in the fridge', 'mask' => 'Fresh mask, in the fridge', 'room' => 'Fresh, out on the counter', 'frozen' => 'Frozen', 'longest' => 'Nothing is dated beyond',
        'antioxidant' => 'An antioxidant within its dose', 'clear' => 'Clear glass in the light', 'colder' => 'Every 10 °C colder', 'times' => ':times times as long for fats',
    ],
    'cautions' => ['phototoxic' => 'burns in the sun', 'sensitiser' => 'makes allergies', 'avoid_pregnancy' => 'not in pregnancy', 'avoid_under_3' => 'not under 3', 'avoid_under_6' => 'not under 6'],
    'legal_as' => ':limit (:as)',
    'strength' => ['–', '·', '··', '···'],
    'charges' => ['none' => 'none', 'cationic' => 'plus', 'anionic' => 'minus', 'nonionic' => 'none', 'amphoteric' => 'both'],
];
