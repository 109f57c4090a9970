<?php

declare(strict_types=1);

// What is wrong in what was written, and how to write it.

return [
    'already' => [
        'said' => 'There is a “:id” already.',
        'mend' => 'Give this one another id.',
    ],
    'blend-empty' => [
        'said' => 'The blend is empty.',
        'mend' => 'List what it is made of.',
    ],
    'bowl-already' => [
        'said' => 'There is a bowl :letter already.',
        'mend' => 'Give this one another letter.',
    ],
    'bowl-cannot-read' => [
        'said' => 'The bowl cannot be read.',
        'mend' => 'Check its ratio, parts and amount.',
    ],
    'cannot' => [
        'said' => ':what of :node cannot be.',
        'mend' => 'Write :write.',
    ],
    'colour-comes-first' => [
        'said' => 'The colour comes first.',
        'mend' => 'Write the parts in the maker’s order, colour first.',
    ],
    'density-cannot' => [
        'said' => 'A density of :density cannot be.',
        'mend' => 'Write grams per millilitre, such as 1 or 1.05.',
    ],
    'developer-not-document' => [
        'said' => 'This developer is not in the document.',
        'mend' => 'List it under “developers”.',
    ],
    'left-more-than-was-mixed' => [
        'said' => ':left left is more than was mixed.',
        'mend' => 'Check the two weights.',
    ],
    'list' => [
        'said' => 'This should be a list.',
        'mend' => 'Write it in square brackets.',
    ],
    'longer-than-characters' => [
        'said' => 'This is longer than :longest characters.',
        'mend' => 'Shorten it.',
    ],
    'more-than-entries-here' => [
        'said' => 'There are more than :most entries here.',
        'mend' => 'Split them over several bowls.',
    ],
    'no-bowl-before-one' => [
        'said' => 'There is no bowl :letter before this one.',
        'mend' => 'Name an earlier bowl of the document, or write this bowl’s own parts.',
    ],
    'no-bowl-work' => [
        'said' => 'There is no bowl to work.',
        'mend' => 'Write at least one bowl.',
    ],
    'no-day' => [
        'said' => 'This is no day.',
        'mend' => 'Write year, month and day: 2026-03-14.',
    ],
    'no-id' => [
        'said' => 'There is no id.',
        'mend' => 'Give it a short name of its own.',
    ],
    'no-kind-line' => [
        'said' => 'This is no kind of line.',
        'mend' => 'Write permanent, demi, lightener or direct.',
    ],
    'no-kind-product' => [
        'said' => 'This is no kind of product.',
        'mend' => 'Write shade, clear, booster, lightener, base, additive or care.',
    ],
    'no-letter-bowl' => [
        'said' => 'This is no letter of a bowl.',
        'mend' => 'Write the letter of one of the bowls, such as A.',
    ],
    'no-mark' => [
        'said' => 'This is not what a mark behind a code can say.',
        'mend' => 'Write intense, muted or nothing.',
    ],
    'no-separator' => [
        'said' => 'This does not stand between a level and its tone.',
        'mend' => 'Write a point, a slash or a hyphen.',
    ],
    'no-zero' => [
        'said' => 'This is not what a zero before a tone can do.',
        'mend' => 'Write mutes (.03 is a muted 3) or natural (.03 is natural with a touch of 3).',
    ],
    'no-notation' => [
        'said' => 'This is no notation.',
        'mend' => 'Write letters or digits.',
    ],
    'no-part-ratio' => [
        'said' => 'This is no part of a ratio.',
        'mend' => 'Write colour, developer or base.',
    ],
    'no-such-zone-on-canvas' => [
        'said' => 'There is no such zone on the canvas.',
        'mend' => 'Name one of its zones.',
    ],
    'no-time-day' => [
        'said' => 'This is no time of day.',
        'mend' => 'Write hours and minutes, such as 10:31.',
    ],
    'no-tone-family' => [
        'said' => '“:name” is no tone family.',
        'mend' => 'Use :value.',
    ],
    'no-verdict' => [
        'said' => 'This is no verdict.',
        'mend' => 'Write good, mixed or poor.',
    ],
    'no-worked-bowl-before-one' => [
        'said' => 'There is no worked bowl :bottle before this one.',
        'mend' => 'Name the bowl that was left over; it must stand earlier.',
    ],
    'not-clear-how-counts' => [
        'said' => 'It is not clear how this counts.',
        'mend' => 'Write inside or on-top.',
    ],
    'not-formula-document' => [
        'said' => 'This is not a formula document.',
        'mend' => 'It is a JSON object with “tinta”, “lines” and “bowls”.',
    ],
    'not-said-how-long' => [
        'said' => 'It is not said how long.',
        'mend' => 'Write the minutes of this phase.',
    ],
    'not-said-what-amount' => [
        'said' => 'It is not said what the amount is of.',
        'mend' => 'Give the total, the colour, the developer, one product, or let the shares say it.',
    ],
    'not-said-what-was-changed' => [
        'said' => 'It is not said what was changed.',
        'mend' => 'Say it in words, such as: 5 g of the colour less.',
    ],
    'nothing-was-poured-batch' => [
        'said' => 'Nothing was poured in this batch.',
        'mend' => 'Write what the scale recorded, or leave the batch out.',
    ],
    'object' => [
        'said' => 'This should be an object.',
        'mend' => 'Write it in curly braces.',
    ],
    'range-of-minutes' => [
        'said' => 'A range of minutes goes from a shorter to a longer one, 0 to 240.',
        'mend' => 'Write such as 25 to 30.',
    ],
    'processing-time-from-shorter-longer' => [
        'said' => 'The processing time should be from a shorter to a longer one, 1 to 600 minutes.',
        'mend' => 'Write such as 25 to 35.',
    ],
    'product-not-document' => [
        'said' => 'This product is not in the document.',
        'mend' => 'List it under its line.',
    ],
    'takes-two-bowls-touch' => [
        'said' => 'It takes two bowls to touch.',
        'mend' => 'Name the bowls that must not touch by their letters.',
    ],
    'text' => [
        'said' => 'This should be text.',
        'mend' => 'Write it in quotes.',
    ],
    'tone-weighs-zero-or-more' => [
        'said' => 'A tone weighs zero or more.',
        'mend' => 'Write such as 1, or leave the tone out.',
    ],
    'true-or-false' => [
        'said' => 'This should be true or false.',
        'mend' => 'Write true or false, without quotes.',
    ],
    'two-zones-have-same-id' => [
        'said' => 'Two zones have the same id.',
        'mend' => 'Give this one another.',
    ],
    'version-already' => [
        'said' => 'There is a “:blend” of version :version already.',
        'mend' => 'Give this one another name or version.',
    ],
    'version-format-not-known' => [
        'said' => 'This version of the format is not known.',
        'mend' => 'Write "tinta": 2, or 1 for the older one.',
    ],
    'whole-number-from' => [
        'said' => ':what should be a whole number from :least to :most.',
        'mend' => 'Correct the number.',
    ],
    'zone-has-no-id' => [
        'said' => 'The zone has no id.',
        'mend' => 'Give it a short one, such as root.',
    ],
    'no-purpose-bowl' => [
        'said' => 'This is no purpose of a bowl.',
        'mend' => 'Write service, trial or protect.',
    ],
    'no-state-hair' => [
        'said' => 'This is no state of hair.',
        'mend' => 'Write dry, damp or wet.',
    ],
    'no-covering' => [
        'said' => 'This is no covering.',
        'mend' => 'Write open, foil, film or cap.',
    ],
    'no-moment-of-bowl' => [
        'said' => 'This is no moment of the other bowl.',
        'mend' => 'Write clock, first-touch, last-touch, end or rinsed.',
    ],
    'no-start-clock' => [
        'said' => 'This is no start of a clock.',
        'mend' => 'Write complete or first-touch.',
    ],
    'no-elasticity' => [
        'said' => 'This is no elasticity.',
        'mend' => 'Write good, weak or gum.',
    ],
    'no-porosity' => [
        'said' => 'This is no porosity.',
        'mend' => 'Write low, normal or high.',
    ],
    'no-history' => [
        'said' => 'This is no history.',
        'mend' => 'Write natural, coloured, lightened, direct-dye or unknown.',
    ],
    'not-clear-how-surely-known' => [
        'said' => 'It is not clear how surely this is known.',
        'mend' => 'Write read, told or guessed.',
    ],
    'no-density' => [
        'said' => 'This is no density.',
        'mend' => 'Write fine, medium or thick.',
    ],
    'no-texture' => [
        'said' => 'This is no texture.',
        'mend' => 'Write fine, medium or coarse.',
    ],
    'no-length' => [
        'said' => 'This is no length.',
        'mend' => 'Write chin, shoulder or mid-back.',
    ],
    'no-care' => [
        'said' => 'This is no kind of care.',
        'mend' => 'Choose wash, treatment, mask or other.',
    ],
    'no-price' => [
        'said' => 'This is no price.',
        'mend' => 'Write an amount such as 12 or 12.50.',
    ],
    'care-without-words' => [
        'said' => 'This step does not say what is done.',
        'mend' => 'Write it in a few words: conditioner first, then shampoo.',
    ],
    'no-part-of-zone' => [
        'said' => 'This does not say of how many of the zone’s strands it is wished.',
        'mend' => 'Write one of 1/4, 1/3, 1/2, 2/3, 3/4.',
    ],
    'no-breakage' => [
        'said' => 'This is no breakage.',
        'mend' => 'Write none, some or much.',
    ],
    'no-tone' => [
        'said' => 'This is no tone.',
        'mend' => 'Choose from the tone families.',
    ],
    'no-technique' => [
        'said' => 'This is no technique.',
        'mend' => 'Choose one from the list.',
    ],
    'no-region-head' => [
        'said' => 'This is no region of the head.',
        'mend' => 'Choose one from the map.',
    ],
    'no-span-strand' => [
        'said' => 'This is no span of the strand.',
        'mend' => 'Choose root, regrowth, mids or ends.',
    ],
    'not-json' => [
        'said' => 'This is not JSON.',
        'mend' => 'Check commas, brackets and names.',
    ],
    'not-json-in-line' => [
        'said' => 'This is not JSON: the fault is in line :line.',
        'mend' => 'Check commas, brackets and names there.',
    ],
    'change-not-understood' => [
        'said' => 'This change is not understood.',
        'mend' => 'Say it in other words, or write the bowl’s own parts.',
    ],
    'rest-not-understood' => [
        'said' => '“:rest” is not understood.',
        'mend' => 'Say it in other words, or write the bowl’s own parts.',
    ],
];
