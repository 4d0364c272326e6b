<?php

return [
    'title' => 'Start from a ready-made formula', 'lead' => 'Ready to make as they are, and yours to change. Each one is stable, has a shelf life, and leaves room for your own ideas.', 'take' => 'Take this one', 'blank' => 'or an empty one', 'offer' => 'Start from a ready-made formula',
    'names' => [
        'light-milk' => ['Light leave-in milk', 'For fine hair: little oil, a cationic emulsifier for slip.'],
        'rich-cream' => ['Rich leave-in cream', 'For coarse or coiled hair: shea and avocado, aloe in the water.'],
        'nonionic-lotion' => ['Lotion without a cationic', 'Held by olive-derived emulsifiers, for those whom cationics weigh down.'],
        'shea-whip' => ['Whipped shea and mango', 'Soft in winter, holds in a mild room.'],
        'mango-whip' => ['Whipped mango', 'Drier to the touch than shea, and without its smell.'],
        'beeswax-pomade' => ['Pomade with beeswax', 'Holds edges, melts in the hand.'],
        'plant-wax-pomade' => ['Pomade without beeswax', 'Candelilla in its place: harder, so less of it.'],
        'sealing-oil' => ['Sealing oil', 'Castor for weight, jojoba for glide.'],
        'light-oil' => ['Light oil', 'Two sturdy oils that keep; a place to add scent later.'],
        'calendula-oil' => ['Calendula in sunflower oil', 'Dried flowers, strained out; the jar is planned under Jars.'],
        'nettle-oil' => ['Nettle in olive oil', 'Well-dried leaves only: damp plants go mouldy in oil.'],
        'refresher' => ['Refresher spray', 'Water, a little glycerin, panthenol, and a preservative that works.'],
        'hydrosol-mist' => ['Hydrosol mist, fresh', 'No preservative: the fridge, three days, a small bottle.'],
        'hold-gel' => ['Gel with xanthan', 'Wet the gum in glycerin first, or it lumps.'],
        'flaxseed-gel' => ['Flaxseed gel, fresh', 'Cooked, strained, used within days; freeze the rest in cubes.'],
        'banana-mask' => ['Banana mask, fresh', 'Blended and strained, or it stays in the hair.'],
        'avocado-mask' => ['Avocado and yoghurt mask, fresh', 'For one evening.'],
        'aloe-cubes' => ['Aloe and tea cubes', 'Frozen by the portion; one thaws in the hand.'],
        'tea-cubes' => ['Green tea cubes', 'The plainest there is.'],
    ],
];
