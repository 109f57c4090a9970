<?php

declare(strict_types=1);

// The usual cautions: what is so, and what mends it. By the caution’s key.

return [
    'bands' => [
        'said' => 'A band of another level will come out as a band.',
        'mend' => 'Give the band its own bowl, or a blending pass.',
    ],
    'dark-strength-on-light' => [
        'said' => 'Bowl :letter: the same :strength :what on dark (:value) and on lightened hair (:value2).',
        'mend' => 'Give the lightened hair its own bowl, weaker, or leave it out.',
    ],
    'doubled' => [
        'said' => 'Two bowls of one round, or a bowl on hair that is left out: :words.',
        'mend' => 'Take one away, or say that it runs over on purpose.',
    ],
    'guessed' => [
        'said' => 'Only guessed: :historyWords.',
        'mend' => 'Ask again, or test a strand.',
    ],
    'gum' => [
        'said' => 'This hair stretches like gum.',
        'mend' => 'Stop: nothing that swells or lifts it. Treat it, and cut what is gone.',
    ],
    'heated' => [
        'said' => 'Heat is planned, and :line is not to be heated.',
        'mend' => 'Leave the heat out, or take a line whose maker allows it.',
    ],
    'hot-roots' => [
        'said' => 'It lifts, and runs from scalp to ends in one pass: the first centimetre lifts more and warmer.',
        'mend' => 'Give the root its own bowl, half a level to a level deeper or a strength lower.',
    ],
    'hot-roots-2' => [
        'said' => 'A bowl that lifts, from scalp to ends in one pass: the first centimetre lifts up to a level more and warmer.',
        'mend' => 'Give the root its own bowl, half a level to a level deeper or a strength lower; or mids first, roots later.',
    ],
    'root-as-strong' => [
        'said' => 'Bowl :root at the root lifts as much as :lengths on the lengths, and the scalp is warm.',
        'mend' => 'The house lays roots first: half a level to a level deeper there, or a strength lower.',
    ],
    'root-order' => [
        'said' => 'Bowl :root goes on the roots before :lengths goes on the lengths, and both lift.',
        'mend' => 'The house lays mids and ends first: the roots go last, or say that it is meant so.',
    ],
    'combed-through' => [
        'said' => 'Bowl :letter goes over lengths that were coloured before and are to stay as they are.',
        'mend' => 'The house never combs colour through: leave it at the roots, with a gloss where the lengths have faded.',
    ],
    'in-doubt' => [
        'said' => ':product: it is not sure that it was this.',
        'mend' => 'It is kept and warned about as said; correct it when you know.',
    ],
    'lift-again' => [
        'said' => 'Lightened hair would be lifted again.',
        'mend' => 'Check its elasticity; do not overlap; stop when it stretches like gum.',
    ],
    'never-begun' => [
        'said' => 'Bowl :letter was weighed, and nobody marked that it went on.',
        'mend' => 'Mark its first touch, or that it was not used.',
    ],
    'no-pigment' => [
        'said' => ':product: its level and tone are not known.',
        'mend' => 'It is weighed as it is; give its level and tone on the shelf.',
    ],
    'not-known' => [
        'said' => ':line: :said.',
        'mend' => 'Weigh the bowl before and after, and write the grams.',
    ],
    'not-known-by-the-rest' => [
        'said' => ':line: :said, by the rest :grams.',
        'mend' => 'Weigh the bowl before and after, and write the grams.',
    ],
    'not-mixed' => [
        'said' => 'Bowl :letter has not been mixed.',
        'mend' => 'Weigh it first; what goes on the hair is on record.',
    ],
    'other-line' => [
        'said' => ':product is not :line.',
        'mend' => 'Two lines in one bowl: neither maker’s instructions hold for it. Test a strand, and test the skin for both.',
    ],
    'over-time' => [
        'said' => ':minutes minutes is beyond :line’s :max.',
        'mend' => 'Rinse by then; do not exceed the maker’s time.',
    ],
    'over-time-stops' => [
        'said' => ':minutes minutes is beyond :line’s :max, and it has stopped by itself by then.',
        'mend' => 'Rinse by then: longer brings no more colour, and the maker’s time is not exceeded.',
    ],
    'over-time-2' => [
        'said' => ':minutes minutes is beyond the line’s :max.',
        'mend' => 'Rinse by then; do not exceed the maker’s time.',
    ],
    'overlap' => [
        'said' => 'Lightener would overlap hair that is already lightened.',
        'mend' => 'Leave that hair out, or check its elasticity and go no further than it allows.',
    ],
    'porous' => [
        'said' => 'Porous hair grabs colour.',
        'mend' => 'Shorter, or with more clear.',
    ],
    'ratio-not-known' => [
        'said' => 'The ratio is not known.',
        'mend' => 'Weigh the parts, or write the ratio.',
    ],
    'reaction' => [
        'said' => 'A reaction is on record.',
        'mend' => 'No colour until a doctor has been consulted; record the medical clearance.',
    ],
    'set-aside' => [
        'said' => 'Bowl :letter was marked as not used.',
        'mend' => 'Take that mark back first, or mix another bowl.',
    ],
    'skin-test' => [
        'said' => 'Oxidative colour.',
        'mend' => 'Skin allergy test 48 hours before; follow the maker’s instructions and local rules.',
    ],
    'skin-test-due' => [
        'said' => 'The skin test of :line has not been read at 48 hours.',
        'mend' => 'Look at the skin, and record what it shows.',
    ],
    'skin-test-expired' => [
        'said' => 'The skin test of :line was for an earlier service, or is older than :days days.',
        'mend' => 'Place a new one 48 hours before the service.',
    ],
    'skin-test-missing' => [
        'said' => 'No skin test of :line.',
        'mend' => 'Place one 48 hours before the service, and record it.',
    ],
    'runs-into' => [
        'said' => ':dark is rinsed beside the lightened strands of :light: it will run into them.',
        'mend' => 'Rinse the foils by themselves first, or shield them with conditioner.',
    ],
    'mixed-early' => [
        'said' => 'Its turn comes in about :minutes minutes: mixed now, it stands too long.',
        'mend' => 'Weigh it when what is on the hair is nearly done.',
    ],
    'skin-test-waiting' => [
        'said' => 'The skin test of :line has not had its 48 hours.',
        'mend' => 'Read it then.',
    ],
    'strong-on-light' => [
        'said' => ':volume vol on hair already lightened.',
        'mend' => 'Take 10 vol or less: it needs depositing, not lifting.',
    ],
    'strong-on-scalp' => [
        'said' => ':volume vol is placed at the root.',
        'mend' => 'Never 40 vol on the scalp: keep it off, or take 20 vol or less.',
    ],
    'tint-on-tint' => [
        'said' => 'Tint does not lift tint: this hair is :value.',
        'mend' => 'Going lighter here needs a lightener or a remover.',
    ],
    'uncovered' => [
        'said' => 'Wished for, but no bowl goes there: :words.',
        'mend' => 'Paint a bowl on it, or leave it out on purpose.',
    ],
    'under-age' => [
        'said' => 'The client is :age: oxidative colour is not intended under :leastAge.',
        'mend' => 'Choose something without oxidative colour.',
    ],
    'unknown-dye' => [
        'said' => 'Unknown home or plant dye can react with peroxide: heat and breakage.',
        'mend' => 'Test one strand first.',
    ],
    'weak' => [
        'said' => 'This hair is weak.',
        'mend' => 'Test a strand; low strength, short, and check its elasticity while it works.',
    ],
    'touching' => [
        'said' => 'Bowls :one and :other must not touch, and both go on :cells.',
        'mend' => 'Move one of them, or leave a space between.',
    ],
    'touching-line' => [
        'said' => ':line must not meet a :kind line on one strand, and bowls :one and :other do.',
        'mend' => 'By what the line says of itself: give them strands of their own, or another day. The maker’s instructions come first.',
    ],
    'touching-why' => [
        'said' => 'Bowls :one and :other must not touch, and both go on :cells.',
        'mend' => ':why. Move one of them, or leave a space between.',
    ],
    'low-contrast-a-level' => [
        'said' => ':one and :other lie :gap level apart in one pattern.',
        'mend' => 'So little shows only in wide sections: say “wide”, or set the two further apart.',
    ],
    'low-contrast' => [
        'said' => ':one and :other lie :gap levels apart in one pattern.',
        'mend' => 'So little shows only in wide sections: say “wide”, or set the two further apart.',
    ],
    'contents-unknown' => [
        'said' => ':what',
        'mend' => 'Put the bowl right first: nobody can say what is in it, so nobody can say that it was tested.',
    ],
    'needs-doctor' => [
        'said' => ':what.',
        'mend' => 'No colour until a doctor has been consulted and the clearance is on record.',
    ],
    'heals' => [
        'said' => ':what.',
        'mend' => 'Wait until it has healed, and record that it has.',
    ],
    'implausible-ratio' => [
        'said' => ':colour of colour with :developer of developer is far from :line’s :usual.',
        'mend' => 'At the line’s ratio it would be :would of developer. Is it meant so?',
    ],
    'implausible-ratio-half' => [
        'said' => ':ratio is far from :line’s :usual.',
        'mend' => 'At the line’s ratio it would be :would of developer. Is it meant so?',
    ],
    'implausible-ratio-only' => [
        'said' => ':ratio is far from :line’s :usual.',
        'mend' => 'Is it meant so?',
    ],
    'inside-or-on-top' => [
        'said' => ':amount of :product is not said to be inside the ratio or on top.',
        'mend' => 'Say which: inside or on top.',
    ],
    'inside-or-on-top-both' => [
        'said' => ':amount of :product: inside the ratio it makes :inside; on top it leaves :top. In all :total.',
        'mend' => 'Say which: inside or on top.',
    ],
    'rounded-up' => [
        'said' => ':grams of :product is weighed as :weighed: the scale’s step makes it :gap more.',
        'mend' => 'Nothing to do; the record says what is poured.',
    ],
    'rounded-down' => [
        'said' => ':grams of :product is weighed as :weighed: the scale’s step makes it :gap less.',
        'mend' => 'Nothing to do; the record says what is poured.',
    ],
    'strength-not-known' => [
        'said' => ':product: its strength is not sure, :volume.',
        'mend' => 'Whatever it may be is reckoned with; correct it when you know.',
    ],
];
