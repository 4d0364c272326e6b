<?php

// Each rule: message (what), because (why, one plain sentence), source (where the limit comes from), ask (a question
// where no change of the formula alone can mend it). A key with _variant is that variant's own wording.
return [
    'fixes' => [
        'add_preservative' => 'Add :percent :ingredient to the cool-down',
        'add_emulsifier' => 'Add :percent :ingredient to the oil phase',
        'read_as' => 'It means :as',
        'dose_to' => 'Set it to :percent',
        'move_to_cooldown' => 'Move it to the cool-down',
        'remove_line' => 'Take it out',
        'aim_ph' => 'Aim for pH :ph',
        'scent_down_to' => 'Bring the scent down to :percent in all',
        'humectants_down_to' => 'Bring them down to :percent together',
        'rest_on' => 'Let :ingredient fill up to 100',
        'scale_to_100' => 'Scale every line to make 100',
        'prepare_dried' => 'It is dried',
        'prepare_wilted' => 'It is wilted',
        'prepare_cooked_out' => 'The water is cooked out',
    ],
    'any' => ['ask' => 'How do you want to mend it? Something else has to take up the difference.'],
    'preservation' => [
        'missing' => [
            'message' => 'There is water in it and nothing that keeps it.',
            'message_fresh' => 'No preservative: keep it cold and use it within :days.',
            'because' => 'Microbes grow in anything with water, long before you can see or smell them. Without a preservative this keeps :days in the fridge.',
            'because_fresh' => 'Meant fresh, kept cold and used up soon, it may go without. Cold slows microbes; it does not stop them.',
            'source' => 'Common practice. Days: the short end of what makers say.',
        ],
        'scent_is_not' => [
            'message' => ':ingredients won’t preserve it.',
            'because' => 'At any dose that is safe on a scalp, essential oils hold back a few microbes and let the rest grow.',
            'source' => 'Common practice; no essential oil is listed among the preservatives of Regulation (EC) No 1223/2009, Annex V (from memory).',
            'ask' => 'Will you add a preservative, or make it fresh and use it within days?',
        ],
        'vitamin_e_is_not' => [
            'message' => ':ingredients won’t preserve it.',
            'because' => 'It slows oils turning rancid. It does nothing against bacteria, yeast or mould.',
            'source' => 'Common practice; antioxidants are not listed among the preservatives of Regulation (EC) No 1223/2009, Annex V (from memory).',
            'ask' => 'Will you add a preservative, or make it fresh and use it within days?',
        ],
        'low' => [
            'message_certain' => ':ingredient is certainly too little: :percent of the batch, :min is the least that works.',
            'message_possible' => ':ingredient is possibly too little: :percent of the batch, :min is the least that works.',
            'because' => 'Below its working dose a preservative lets some microbes through, and those grow. It is counted on the whole finished batch.',
            'source' => 'Usual range :min to :max: :source. The sheet of the bottle in your hand wins.',
        ],
        'high' => [
            'message' => ':ingredient is above its usual range: :percent, :max is the most.',
            'because' => 'More does not keep it longer; it irritates skin and eyes.',
            'source' => 'Usual range: :source. The sheet of the bottle in your hand wins.',
        ],
        'over_limit' => [
            'message_certain' => ':component is certainly over the limit: :percent, allowed is :limit (:as).',
            'message_possible' => ':component is possibly over the limit: :percent, allowed is :limit (:as).',
            'because' => 'Above this the law sees a risk to skin and health. This is :region.',
            'source' => ':source. How much of it is in the blend is a range; the sheet of the bottle in your hand wins.',
        ],
        'ph_unsuited' => [
            'message' => ':ingredient doesn’t work at pH :ph; it needs :low to :high.',
            'because' => 'Acid preservatives work only in their undissociated form, and that vanishes as the pH rises; others break down outside their range.',
            'source' => 'Range: :source. Undissociated share from the pKa: textbook chemistry.',
        ],
        'heated' => [
            'message' => ':ingredient would be heated to :heat; it bears :ceiling.',
            'because' => 'Heat drives it off or breaks it, and what is left may be too little. It goes in at the gate, hand-warm.',
            'source' => 'Common practice; ceiling: :source.',
        ],
        'narrow' => [
            'message' => ':ingredients leaves :open open.',
            'because' => 'A system has to hold bacteria, yeast and mould. What one part leaves open grows alone and undisturbed.',
            'source' => 'Spectrum from memory (see data/SOURCES.md); the supplier’s sheet wins.',
        ],
        'audience' => [
            'message' => ':component is not for children under 3.',
            'because' => 'The law bars it from leave-on products for them, whatever the dose.',
            'source' => 'Regulation (EC) No 1223/2009, Annex V, entry :entry (from memory).',
        ],
        'not_needed' => [
            'message' => ':ingredient has nothing to do here.',
            'because' => 'There is no water inside, so nothing grows; most preservatives don’t even dissolve in fat.',
            'source' => 'Common practice.',
        ],
    ],
    'emulsion' => [
        'no_emulsifier' => [
            'message' => 'Nothing holds the oil in the water.',
            'message_shake' => ':fat oil in it and no emulsifier: it parts, so shake it before use.',
            'because' => 'Without an emulsifier the two part within hours, whatever the whisking; gel, gum and honey are no emulsifiers.',
            'ask' => 'That is more fat than one emulsifier in its usual range holds. Less of it, or shake before use?',
            'because_shake' => 'In a spray or gel that may be fine if the label says so and the preservative reaches the water.',
            'source' => 'Common practice.',
        ],
        'load_low' => [
            'message' => 'Too little emulsifier: :percent of the batch for :fat fats.',
            'ask' => 'That is more fat than this emulsifier holds in its usual range. Less fat, or a second emulsifier?',
            'because' => ':ingredient wants at least :least of the fats’ weight; short of that droplets run together and a layer forms. Below half of it, it will part.',
            'source' => 'Common practice, no single published source.',
        ],
        'load_high' => [
            'message' => ':ingredient is above its usual range: :percent, :max is the most.',
            'because' => 'More makes it stiff and waxy and builds up on the hair.',
            'source' => 'Usual range: :source.',
        ],
        'water_in_butter' => [
            'message' => ':ingredients: water in a product of fat.',
            'because' => 'Nothing holds it there: it weeps out in beads, and the beads mould.',
            'source' => 'Common practice.',
        ],
    ],
    'plant' => [
        'fresh_in_oil' => [
            'message' => ':ingredient is fresh and wet, and goes into oil.',
            'because' => 'Water trapped in oil, without air, is where mould and botulism grow. Dry it, wilt it, or cook the water out.',
            'source' => 'Public food-safety advice on herbs and garlic in oil (from memory); common practice.',
        ],
    ],
    'heat' => [
        'over_ceiling' => [
            'message' => ':ingredient would be heated to :heat; it is best kept below :ceiling.',
            'message_herb_water' => ':ingredient goes into a phase heated to :heat; some of it is lost above :ceiling.',
            'because' => 'Heat drives off or breaks down what it was put in for.',
            'source' => 'Ceiling: :source.',
        ],
    ],
    'scent' => [
        'total_high' => [
            'message' => ':percent scent oil in all; :limit is the most that is sensible for :people.',
            'because' => 'It stays on skin near the eyes. More stings, and makes allergies likelier, without smelling better.',
            'source' => 'Published essential-oil safety texts, recalled; common practice for hair and scalp.',
            'ask' => 'Scent oils are not for them. Will you leave them out?',
        ],
        'single_high' => [
            'message_certain' => ':ingredient is certainly too much: :percent, :limit is its ceiling.',
            'message_possible' => ':ingredient is possibly too much: :percent, :limit is its ceiling.',
            'because' => ':caution',
            'source' => ':source.',
        ],
    ],
    'dose' => [
        'high' => [
            'message' => ':ingredient is above its usual range: :percent, :limit is the most.',
            'message_not_leave_on' => ':ingredient is not for products that stay on the hair.',
            'because' => ':caution',
            'source' => ':source.',
        ],
        'over_limit' => [
            'message' => ':ingredient is over its legal limit: :percent, allowed is :limit.',
            'because' => ':caution',
            'source' => ':source',
        ],
    ],
    'humectant' => [
        'high' => [
            'message' => ':ingredients is a lot: :percent, :limit is the most.',
            'message_together' => ':ingredients together are a lot: :percent, :limit is the most.',
            'because' => 'Past this it feels sticky, and in dry air it draws water out of the hair instead of in.',
            'source' => 'Common practice: 1 to 5 %, some go to 10 %.',
        ],
    ],
    'measure' => [
        'open' => [
            'message' => ':ingredient, “:entered”: no weight, so what depends on it can’t be said.',
            'message_must_be_weighed' => ':ingredient can’t be told from “:entered”: it has to be weighed.',
            'message_needs_batch' => ':ingredient: say how large the batch is, then this can be filled up.',
            'because' => 'The shares and every check on them leave this line out until it has a weight.',
            'because_must_be_weighed' => 'Nobody sells it at one density, and a spoon’s error crosses its limits.',
            'source' => 'Arithmetic.',
            'ask' => 'How much is it, in grams or percent?',
        ],
        'ambiguous' => [
            'message' => '“:entered” can be read in two ways.',
            'because' => 'A comma parts thousands in one country and decimals in another; here that is a factor of a thousand.',
            'source' => 'Common practice.',
        ],
        'unweighable' => [
            'message' => ':grams of :ingredient is too little for a scale that shows :scale.',
            'because' => 'The scale alone may be off by :error of it.',
            'source' => 'Arithmetic: half a step of the scale over the amount; 5 % is the most that is sensible.',
            'ask' => 'Make at least :batch of the product, or weigh :stock of a 10 % dilution, or count drops you have weighed once?',
        ],
        'wide' => [
            'message' => ':ingredient by spoon or drop is anywhere from :low to :high.',
            'because' => 'Here a spoon’s error crosses limits. Weigh it if you can.',
            'source' => 'Common practice; the ingredient’s own spoon error from the catalogue.',
        ],
        'sum_not_100' => [
            'message_over' => 'The lines add up to :sum of the batch.',
            'message_under' => 'The lines make only :sum of the batch.',
            'because' => 'The shares are of the whole finished batch, so they have to make 100. :rest is over or missing.',
            'source' => 'Arithmetic.',
            'ask' => 'Which of these is meant to be smaller?',
        ],
        'batch_ignored' => [
            'message' => 'Every line is weighed: together :total, not :given.',
            'because' => 'Weighed lines make the batch, so the batch size above them is not used.',
            'source' => 'Arithmetic.',
        ],
    ],
    'safety' => [
        'patch_test' => [
            'message' => 'Patch-test every new batch a day before use.',
            'because' => 'Inside the elbow or behind the ear, a little, one day. Not on broken skin.',
            'source' => 'Common practice.',
        ],
        'nut' => [
            'message' => 'Made from tree nuts or peanuts: :ingredients.',
            'because' => 'Say so to whoever uses it. Refined oils carry little protein, but not none.',
            'source' => 'Origin of the ingredient, from the catalogue.',
        ],
    ],
    'unread' => [
        'amount_empty' => 'How much?',
        'amount_no_number' => 'There is no number in it. Try “3 %”, “12 g”, “1/2 tsp” or “to 100”.',
        'amount_no_unit' => 'Grams, percent, spoons? Say which.',
        'amount_unknown_unit' => 'That measure is not known here. Try g, %, tsp, tbsp, cup, ml or drops.',
        'amount_negative' => 'It can’t be less than nothing.',
        'amount_zero' => 'Nothing of it: take the line out, or say how much.',
        'amount_too_large' => 'That is more than any kitchen holds.',
        'amount_range_backwards' => 'The smaller number comes first: “10-12 drops”.',
        'amount_above_100' => 'More than the whole batch.',
        'amount_too_long' => 'That is too long for an amount.',
        'amount_comma' => 'One thousand, or one? Write 1000 or 1.',
        'unknown_name' => 'Not in the catalogue. Pick the nearest from the list.',
        'unknown_key' => 'No ingredient has this key.',
        'second_rest' => 'Only one line can fill up to 100.',
        'recipe_line' => 'It is not sure what this line means: give the ingredient and its amount apart.',
        'ring' => 'This formula would then be inside itself.',
        'formula_empty' => 'There is nothing in this formula that could go in.',
    ],
    'verdict' => [
        'empty' => 'Nothing in it yet. Begin with the water, or with the oil you want to use.',
        'stops' => '{1} Don’t make it yet: :first|[2,*] Don’t make it yet, :count things stand against it. First: :first',
        'preserved' => 'Keeps :days, because :system does its work at :percent; :fresh in the fridge without it.',
        'preserved_untested' => 'Keeps :days once the pH is measured inside :low to :high; until then count on :fresh in the fridge.',
        'fresh' => 'Fresh: :days in the fridge, because nothing in it preserves the water.',
        'fresh_room' => 'Fresh: at room temperature use it up within :days, because nothing in it preserves the water.',
        'dry' => 'Dry: no water inside, so nothing grows in it. Its date is that of its oldest oil.',
        'minds' => '{1} One thing to mind.|[2,*] :count things to mind.',
        'sound' => 'Sound.',
    ],
];
