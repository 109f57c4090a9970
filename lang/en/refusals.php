<?php

declare(strict_types=1);

// What cannot be done: what is wrong, and what mends it. By the refusal's class and case.

return [
    'advice-refused' => [
        'percent-outside' => [
            'said' => ':percent % grey cannot be.',
            'mend' => 'Write a number from 0 to 100.',
        ],
        'empty-pattern' => [
            'said' => 'The pattern has no foils.',
            'mend' => 'Write it as 2:1 or 1:1.',
        ],
        'foils-missing' => [
            'said' => 'The number of foils is not given.',
            'mend' => 'Count them roughly; ten take about 30 g of mixture.',
        ],
        'foils-unreadable' => [
            'said' => '“:said” does not say how many foils are in.',
            'mend' => 'Write a number, or a part of them: 20, two thirds, 60 %.',
        ],
        'foils-cannot-be' => [
            'said' => ':done of :planned foils cannot be.',
            'mend' => 'Count the foils that are in; the planned ones are said where the bowl is placed.',
        ],
        'more-left-than-mixed' => [
            'said' => ':left left of :mixed mixed cannot be.',
            'mend' => 'Weigh the bowl again, less its own weight.',
        ],
    ],
    'change-refused' => [
        'not-one-pass' => [
            'said' => 'This bowl does not run from the scalp to the ends in one pass.',
            'mend' => 'Say where it goes by hand, at Place.',
        ],
        'nothing-stronger' => [
            'said' => ':line has nothing stronger than :now.',
            'mend' => 'Choose a strength by hand, or another line.',
        ],
        'nothing-weaker' => [
            'said' => ':line has nothing weaker than :now.',
            'mend' => 'Choose a strength by hand, or another line.',
        ],
        'only-words' => [
            'said' => 'This change is only words.',
            'mend' => 'Change the bowl by hand, then mark the note as done.',
        ],
        'unreadable' => [
            'said' => '“:value” does not say how much.',
            'mend' => 'Write such as 30 vol, +1, +5 min, -5 g, +10 %, 1:2 or -1.',
        ],
        'not-understood' => [
            'said' => '“:words” is not understood.',
            'mend' => 'Say one change a line, such as: 5 g less of the colour; a strength up; 7A instead of 7G; half a level deeper.',
        ],
        'of-another-bowl' => [
            'said' => 'This adds a bowl or takes one out; it does not change this one.',
            'mend' => 'Copy the bowl, or take it out, under “Copy, split, merge, move”.',
        ],
        'colour-or-mixture' => [
            'said' => 'It is not said whether :value is of the colour or of the mixture.',
            'mend' => 'Say which; the house remembers it.',
        ],
        'not-in-bowl' => [
            'said' => 'The product to be replaced is not in this bowl.',
            'mend' => 'Choose one of its products.',
        ],
        'no-such-shade' => [
            'said' => 'The line has no :what.',
            'mend' => 'Choose a shade by hand, or find a blend on the Workbench.',
        ],
        'no-developer' => [
            'said' => 'This bowl has no developer.',
            'mend' => 'Its strength cannot change.',
        ],
        'nothing-left' => [
            'said' => 'Nothing would be left of this bowl.',
            'mend' => 'Take off less, or take the bowl out.',
        ],
        'no-such-minutes' => [
            'said' => ':minutes minutes cannot be.',
            'mend' => 'Write 1 to 600 minutes.',
        ],
        'no-such-strength' => [
            'said' => ':line has no :wanted.',
            'mend' => 'Name one of its developers, or a strength to be mixed from them.',
        ],
        'strength-not-known' => [
            'said' => 'The strength that is in this bowl is not known.',
            'mend' => 'Name the strength it is to have.',
        ],
        'amount-not-known' => [
            'said' => 'How much this bowl is is not known.',
            'mend' => 'Say it in percent or in times, or weigh it first.',
        ],
        'tone-not-known' => [
            'said' => 'How this bowl is made up is not known, so “:what” cannot be worked.',
            'mend' => 'Weigh it, or write its shares and its shades.',
        ],
        'nothing-to-shift' => [
            'said' => 'Nothing in this bowl carries a level.',
            'mend' => 'Put a shade in, or change it by hand.',
        ],
        'nothing-else-in-it' => [
            'said' => 'The bowl holds nothing else.',
            'mend' => 'Put another shade in first.',
        ],
        'enough-natural' => [
            'said' => 'The bowl has :has % natural already, which :percent % grey does not exceed by the house’s rule.',
            'mend' => 'Name a higher share of grey, or a double natural by hand.',
        ],
    ],
    'format-refused' => [
        'three-lines' => [
            'said' => 'That is not three lines.',
            'mend' => 'Paste one with nothing on the scale, one with something on it, and one while something is poured.',
        ],
        'not-alike' => [
            'said' => 'These lines are not written alike.',
            'mend' => 'Take three whole lines from one scale: empty, with something on it, and while something is poured.',
        ],
        'nothing-changes' => [
            'said' => 'The first two lines show the same weight.',
            'mend' => 'Take the first with nothing on the scale and the second with something on it.',
        ],
        'several-numbers' => [
            'said' => 'More than one number changes in these lines, and it is not clear which is the weight.',
            'mend' => 'Set the scale to send the weight with its unit, or without a running number.',
        ],
    ],
    'garbled-line' => [
        'unreadable' => [
            'said' => 'The scale sent something that is not a reading.',
            'mend' => 'Check its cable. The last clean reading stands; grams can be typed by hand.',
        ],
        'unknown-unit' => [
            'said' => 'The scale shows a unit that is not known here.',
            'mend' => 'Set it to grams. Grams can be typed by hand meanwhile.',
        ],
        'checksum' => [
            'said' => 'A reading from the scale was damaged on its way.',
            'mend' => 'Check its cable. The last clean reading stands; grams can be typed by hand.',
        ],
    ],
    'invalid-amount' => [
        'empty' => [
            'said' => 'There is no amount.',
            'mend' => 'Write grams, such as 60 g.',
        ],
        'unreadable' => [
            'said' => '“:text” is not an amount.',
            'mend' => 'Write a number and a unit, such as 60 g, 90 ml, 2 wt oz or 1/2 tube.',
        ],
        'negative' => [
            'said' => '“:text” is below zero.',
            'mend' => 'An amount is zero or more.',
        ],
        'absurd' => [
            'said' => '“:text” is more than any bowl holds (:largestGrams g).',
            'mend' => 'Check the number and the unit.',
        ],
        'too-fine' => [
            'said' => '“:text” is finer than a hundredth of a gram.',
            'mend' => 'Write at most two decimals.',
        ],
        'unknown-unit' => [
            'said' => '“:unit” in “:text” is not a unit known here.',
            'mend' => 'Use g, kg, ml, wt oz, US fl oz, imp fl oz, tube, or a measure the salon has weighed once.',
        ],
        'ambiguous-comma' => [
            'said' => '“:text” could be thousands or thousandths.',
            'mend' => 'Write 1000 g or 1.0 g.',
        ],
        'ambiguous-ounce' => [
            'said' => '“:text” could be a weight ounce (28.35 g) or a fluid ounce (29.57 ml US, 28.41 ml imperial).',
            'mend' => 'Write wt oz, US fl oz or imp fl oz, or set the ounce in the house rules.',
        ],
        'no-pack-size' => [
            'said' => '“:text” cannot be worked: this product has no pack size.',
            'mend' => 'Write grams, or give the product its pack size.',
        ],
        'not-on-step' => [
            'said' => '“:text” is not on the scale\'s step of :step.',
            'mend' => 'Write a multiple of :step.',
        ],
    ],
    'invalid-colour' => [
        'unreadable' => [
            'said' => '“:text” is not a colour.',
            'mend' => 'Write it as #rrggbb.',
        ],
        'spot-small' => [
            'said' => 'This spot is too small to be read.',
            'mend' => 'Mark a larger one, or take the picture from nearer.',
        ],
        'spot-bright' => [
            'said' => 'This spot is so bright that the camera cut its colour off.',
            'mend' => 'Mark hair beside the shine, or take the picture without a flash.',
        ],
        'white-bright' => [
            'said' => 'The white is so bright that the camera cut it off.',
            'mend' => 'Mark paper in the shade of the hair, or take the picture a little darker.',
        ],
        'white-dark' => [
            'said' => 'What was marked as white is dark.',
            'mend' => 'Mark a sheet of white paper that lies in the same light as the hair.',
        ],
    ],
    'invalid-number' => [
        'not-a-number' => [
            'said' => '“:text” is not a number.',
            'mend' => 'Write it as 1.5, 1,5, 1½ or 3/2.',
        ],
        'missing' => [
            'said' => 'There is no number.',
            'mend' => 'Write it as 1.5, 1,5, 1½ or 3/2.',
        ],
        'divided-by-zero' => [
            'said' => '“:text” divides by zero.',
            'mend' => 'Write a number of 1 or more below the line.',
        ],
    ],
    'invalid-pattern' => [
        'unreadable' => [
            'said' => '“:text” is no pattern.',
            'mend' => 'Write alternate, 2:1, 18 foils at 2:1, 10 to 12 foils, pie 8, layers, between, high, low, high, or groups: 5, gap, 4 or 5/4/3.',
        ],
        'words-missing' => [
            'said' => 'The pattern names :named kinds of strands for :bowls bowls.',
            'mend' => 'Name one kind a bowl, such as high, low, high for two.',
        ],
        'counts-missing' => [
            'said' => 'The pattern does not say how many foils each of the :bowls bowls takes.',
            'mend' => 'Write one number a bowl, such as 2:1.',
        ],
    ],
    'invalid-ratio' => [
        'unreadable' => [
            'said' => '“:text” is not a ratio.',
            'mend' => 'Write colour : developer by weight, such as 1:1.5, 1:2 or 1:2.5:3.5.',
        ],
        'missing' => [
            'said' => 'There is no ratio.',
            'mend' => 'Write colour : developer by weight, such as 1:1.5, 1:2 or 1:2.5:3.5.',
        ],
        'empty-part' => [
            'said' => '“:text” has a part of zero.',
            'mend' => 'Every part needs a number above 0. For a bowl without developer, write “no developer”.',
        ],
        'absurd' => [
            'said' => '“:text” has a part more than :limit times another.',
            'mend' => 'Check the ratio: colour first, developer second.',
        ],
        'too-many-parts' => [
            'said' => '“:text” has more than :limit parts.',
            'mend' => 'Put extra products in as shares of a part, or as additives.',
        ],
    ],
    'invalid-reach' => [
        'unreadable' => [
            'said' => '“:text” does not say how far along the strand.',
            'mend' => 'Write such as 0 to 3 cm, first 2 cm, from 5 cm, or 1 inch.',
        ],
        'backwards' => [
            'said' => '“:text” ends before it begins.',
            'mend' => 'Write the end that is nearer to the scalp first.',
        ],
        'too-far' => [
            'said' => '“:text” is longer than hair grows.',
            'mend' => 'Check the number and the unit.',
        ],
    ],
    'invalid-rule' => [
        'grey-parts' => [
            'said' => 'These are no four percentages of natural.',
            'mend' => 'Write four that do not fall, such as 25, 33, 50, 75: at least and at most for a little grey, for half, for much.',
        ],
        'filler-parts' => [
            'said' => 'These are no parts of gold and copper.',
            'mend' => 'Write two whole numbers of 1 to 9, such as 3:1.',
        ],
        'not-one-of' => [
            'said' => '“:given” is no setting of “:rule”.',
            'mend' => 'Choose :known{ or }.',
        ],
        'out-of-range' => [
            'said' => '“:rule” cannot be :given.',
            'mend' => 'Write a number from :least to :most :unit.',
        ],
        'not-whole' => [
            'said' => '“:given” is not a whole number.',
            'mend' => 'Write one such as 7.',
        ],
        'grey-must-rise' => [
            'said' => 'The breakpoints for grey must rise from 0 to 100.',
            'mend' => 'Write them smallest first, such as 25, 50, 75.',
        ],
        'unknown' => [
            'said' => 'There is no house rule “:key”.',
            'mend' => 'The rules are :known.',
        ],
    ],
    'invalid-share' => [
        'unreadable' => [
            'said' => '“:text” is not a share.',
            'mend' => 'Write parts (2), a percentage (25 %), a fraction (1/4), grams (15 g), or “rest”.',
        ],
        'empty' => [
            'said' => 'There is no share.',
            'mend' => 'Write parts (2), a percentage (25 %), a fraction (1/4), grams (15 g), or “rest”.',
        ],
        'not-positive' => [
            'said' => '“:text” gives this product nothing.',
            'mend' => 'Write a share above zero, or take the product out.',
        ],
        'over-whole' => [
            'said' => '“:text” is more than the whole.',
            'mend' => 'A single share is at most 100 %.',
        ],
        'add-up-to' => [
            'said' => 'The shares add up to :percent %, not 100 %.',
            'mend' => 'Change a share, or let one product take the “rest”.',
        ],
        'nothing-left' => [
            'said' => 'Nothing is left for :what: the other shares already take the whole.',
            'mend' => 'Make the other shares smaller.',
        ],
        'fixed-exceeds' => [
            'said' => 'The fixed grams come to :fixed, more than the :whole of this part.',
            'mend' => 'Make the bowl larger, or the fixed grams smaller.',
        ],
        'fixed-fall-short' => [
            'said' => 'The fixed grams come to :fixed, less than the :whole of this part.',
            'mend' => 'Let one product take the “rest”, or give the bowl by its shares.',
        ],
        'parts-and-rest' => [
            'said' => 'Parts and “rest” are both given: it is not clear what each takes.',
            'mend' => 'Use parts for all of the remainder, or “rest”, not both.',
        ],
    ],
    'invalid-strength' => [
        'unreadable' => [
            'said' => '“:text” is not a developer strength.',
            'mend' => 'Write it as 20 vol or 6 %.',
        ],
        'missing' => [
            'said' => 'There is no strength.',
            'mend' => 'Write it as 20 vol or 6 %.',
        ],
        'ambiguous' => [
            'said' => '“:text” could be :asVolume or :asPercent.',
            'mend' => 'Add “vol” or “%”.',
        ],
        'disagree' => [
            'said' => '“:text” disagrees with itself: :volume is not :percent.',
            'mend' => 'Which one is on the bottle? Keep :volume, or write :percent.',
        ],
        'above-limit' => [
            'said' => '“:text” is above 40 vol (12 %), the most that belongs on hair.',
            'mend' => 'Choose 40 vol or less, and follow the maker’s instructions and local rules.',
        ],
        'not-positive' => [
            'said' => '“:text” is no strength.',
            'mend' => 'Write a strength above 0, or make a bowl without developer.',
        ],
        'out-of-reach' => [
            'said' => ':wanted cannot be blended from :weakest to :strongest.',
            'mend' => 'Choose a strength between :weakest and :strongest, or add a developer to the line.',
        ],
        'nothing-to-blend' => [
            'said' => ':wanted cannot be blended: this line has no developers.',
            'mend' => 'Add a developer to the line.',
        ],
    ],
    'number-too-large' => [
        'in-arithmetic' => [
            'said' => 'A number in this bowl is too large or too finely divided to work exactly.',
            'mend' => 'Use shorter numbers: at most three decimals, and amounts that fit a bowl.',
        ],
    ],
    'password-refused' => [
        'wait-a-second' => [
            'said' => 'Too many tries.',
            'mend' => 'Wait a second, then try again.',
        ],
        'wait' => [
            'said' => 'Too many tries.',
            'mend' => 'Wait :seconds seconds, then try again.',
        ],
        'second' => [
            'said' => 'A code is asked for as well.',
            'mend' => 'Type the one your application shows now, or one from paper.',
        ],
        'wrong-second' => [
            'said' => 'This code is not right.',
            'mend' => 'Wait for the next one and type that; one from paper works once. If the telephone is lost: the owner gives you a link for a new password, which takes the second factor away.',
        ],
        'not-tried' => [
            'said' => 'There is no second factor to try.',
            'mend' => 'Begin its set-up anew.',
        ],
        'wrong-pair' => [
            'said' => 'Name or password is not right.',
            'mend' => 'Check both and try again; the owner can set a new password.',
        ],
        'wrong' => [
            'said' => 'This is not your password.',
            'mend' => 'Type it again.',
        ],
    ],
    'costs-refused' => [
        'too-much' => [
            'said' => 'More was poured in these days than is summed up at once.',
            'mend' => 'Ask for fewer days: since :since, say.',
        ],
    ],
    'photo-refused' => [
        'no-picture' => [
            'said' => 'This file is no picture that can be read.',
            'mend' => 'Choose a JPEG, PNG or WebP photograph.',
        ],
        'too-large' => [
            'said' => 'This picture has more than 50 million pixels.',
            'mend' => 'Take it smaller.',
        ],
    ],
    'pour-refused' => [
        'bowl-holds-some' => [
            'said' => ':in is in this bowl.',
            'mend' => 'Say that this bowl stands on the scale with what is in it, or throw the bowl away.',
        ],
        'weighed-back-already' => [
            'said' => 'What was left of this bowl is on the record.',
            'mend' => 'Take the weighing back first, if it was not used.',
        ],
        'bowl-not-weighed' => [
            'said' => 'The weight of the empty bowl is not known, or there are two bowls.',
            'mend' => 'Type what is left in it.',
        ],
        'scale-elsewhere' => [
            'said' => 'The scale stood under something else by then.',
            'mend' => 'Put this bowl on it again and say so; what is in it is seen by its weight.',
        ],
        'cannot-steer' => [
            'said' => 'Nothing that is still to come brings this bowl back.',
            'mend' => 'Keep the proportion, accept it, or throw the bowl away.',
        ],
        'another-open' => [
            'said' => 'Another batch of this bowl has been begun since.',
            'mend' => 'Leave or finish that one first.',
        ],
        'more-than-pack' => [
            'said' => ':poured of :label is more than its pack of :pack holds.',
            'mend' => 'If it is in the bowl, say so once more; if not, look at what stands on the scale.',
        ],
        'far-over' => [
            'said' => ':in of :label would be in, for :target that were wanted.',
            'mend' => 'If it is in the bowl, say so once more; if not, look at what stands on the scale.',
        ],
        'nothing-planned' => [
            'said' => 'There is nothing to weigh in this bowl.',
            'mend' => 'Choose its products first.',
        ],
        'unknown-line' => [
            'said' => 'That product is not planned in this batch.',
            'mend' => 'Weigh one of the products shown.',
        ],
        'planned-already' => [
            'said' => ':label is in this batch’s plan.',
            'mend' => 'Weigh it in its turn; what goes over its target is asked about.',
        ],
        'nothing-poured' => [
            'said' => 'Nothing was poured.',
            'mend' => 'Pour first, or type the grams.',
        ],
        'choose-first' => [
            'said' => ':label is over its target and waits for a choice.',
            'mend' => 'Keep the proportion, accept it, or discard the bowl.',
        ],
        'nothing-over' => [
            'said' => 'Nothing is over its target.',
            'mend' => 'Carry on weighing.',
        ],
        'ended' => [
            'said' => 'This batch has ended.',
            'mend' => 'Start another batch of the bowl.',
        ],
        'not-finished' => [
            'said' => 'This batch is still being weighed.',
            'mend' => 'Finish it first, then weigh back what is left.',
        ],
        'lines-left' => [
            'said' => ':label is not weighed yet.',
            'mend' => 'Weigh it, or take it as it is.',
        ],
        'discard-needs-reason' => [
            'said' => 'A discarded bowl needs a reason.',
            'mend' => 'Say in a word or two why it is thrown away.',
        ],
        'nothing-to-undo' => [
            'said' => 'There is nothing to take back.',
            'mend' => 'Carry on weighing.',
        ],
        'more-left-than-mixed' => [
            'said' => ':left left over is more than the :mixed that were mixed.',
            'mend' => 'Check the reading: is the empty bowl’s weight taken off?',
        ],
        'below-step' => [
            'said' => ':label would come to less than the scale’s step of :step.',
            'mend' => 'Mix a larger batch.',
        ],
    ],
    'stamp-refused' => [
        'no-heat' => [
            'said' => 'No heat is on it.',
            'mend' => 'Mark “heat on” first.',
        ],
        'heat-is-on' => [
            'said' => 'Heat is on it already.',
            'mend' => 'Mark “heat off” first, or take the mark back.',
        ],
        'no-minutes' => [
            'said' => 'It is not said how many minutes more.',
            'mend' => 'Give it 1 to 60 minutes more.',
        ],
        'done-already' => [
            'said' => 'This was marked already.',
            'mend' => 'Take the mark back if it was a slip.',
        ],
        'timed-apart' => [
            'said' => 'The sides of this bowl are timed apart.',
            'mend' => 'Mark the side it is about.',
        ],
        'timed-whole' => [
            'said' => 'This bowl is timed as one.',
            'mend' => 'Take its marks back first, then time the sides apart.',
        ],
        'not-begun' => [
            'said' => 'This bowl has not been begun.',
            'mend' => 'Mark its first touch first.',
        ],
        'already-begun' => [
            'said' => 'This bowl is on the hair already.',
            'mend' => 'Take the mark back if it was a slip.',
        ],
        'already-complete' => [
            'said' => 'Its application is complete already.',
            'mend' => 'Take the mark back if it was a slip.',
        ],
        'already-rinsed' => [
            'said' => 'This bowl is rinsed already.',
            'mend' => 'Take the mark back if it was a slip.',
        ],
        'set-aside' => [
            'said' => 'This bowl was marked as not used.',
            'mend' => 'Take that mark back if it does go on.',
        ],
        'nothing-to-undo' => [
            'said' => 'There is no mark to take back.',
            'mend' => 'Nothing has been marked yet.',
        ],
        'backwards' => [
            'said' => 'This moment lies before the last mark.',
            'mend' => 'Check the clock, or take the last mark back.',
        ],
    ],
    'substitution-refused' => [
        'empty-shelf' => [
            'said' => 'There is nothing on the shelf to blend from.',
            'mend' => 'Take in stock, or choose another line.',
        ],
        'no-level' => [
            'said' => 'The wanted shade carries no level.',
            'mend' => 'Look for a shade; clear and boosters have no substitute.',
        ],
        'nothing-wanted' => [
            'said' => 'The wanted amount comes to nothing on the scale.',
            'mend' => 'Ask for at least one step of :step.',
        ],
        'too-many-shades' => [
            'said' => 'There are more than :limit shades on this shelf.',
            'mend' => 'Search within one line.',
        ],
        'not-enough-stock' => [
            'said' => 'No three of these shades are enough for the wanted amount.',
            'mend' => 'Make the bowl smaller, or take in stock.',
        ],
    ],
    'test-refused' => [
        'too-early-an-hour' => [
            'said' => 'This skin test has not had its 48 hours.',
            'mend' => 'Read it in an hour. A reaction may be recorded now.',
        ],
        'too-early' => [
            'said' => 'This skin test has not had its 48 hours.',
            'mend' => 'Read it in :hours hours. A reaction may be recorded now.',
        ],
        'not-a-reader' => [
            'said' => 'This house lets :readers read a skin test as clear.',
            'mend' => 'Ask one to look at the skin. A reaction may be recorded by anybody.',
        ],
        'not-placed-by' => [
            'said' => 'A test that was placed earlier needs the name of who placed it.',
            'mend' => 'Write who placed it, and where on the body.',
        ],
        'already-read' => [
            'said' => 'This skin test was read already.',
            'mend' => 'What was read stays; a reaction that showed later may be added.',
        ],
    ],
    'unfit-product' => [
        'letter' => [
            'said' => 'A bowl has one or two letters.',
            'mend' => 'Give it a letter, such as A.',
        ],
        'no-line' => [
            'said' => 'This colour line is not on the shelf.',
            'mend' => 'Choose one of the salon’s lines.',
        ],
        'empty' => [
            'said' => 'The bowl is empty.',
            'mend' => 'Choose at least one shade.',
        ],
        'not-chosen' => [
            'said' => 'No product is chosen.',
            'mend' => 'Choose one from the shelf.',
        ],
        'not-on-shelf' => [
            'said' => 'This shade or product is not on the shelf.',
            'mend' => 'Choose one from the shelf.',
        ],
        'twice' => [
            'said' => ':label is in this bowl twice.',
            'mend' => 'Add its shares together and keep one.',
        ],
        'developer-as-colour' => [
            'said' => ':label is a developer, not colour.',
            'mend' => 'Put it in the developer part.',
        ],
        'outside-ratio' => [
            'said' => ':name does not count in the ratio.',
            'mend' => 'Add it on top, as an additive.',
        ],
        'no-such-developer' => [
            'said' => ':line has no :name.',
            'mend' => 'Choose one of its developers: :developers.',
        ],
        'no-such-blend' => [
            'said' => 'The house has no “:name” of version :version.',
            'mend' => 'Name a blend and a version that the house keeps.',
        ],
    ],
    'client' => [
        'no-consent' => [
            'said' => 'They have not agreed to photographs.',
            'mend' => 'Ask, and note it under “What they agreed to”; then send the photograph again.',
        ],
        'erased' => [
            'said' => 'This person was taken out of the record.',
            'mend' => 'If they are back, add them as a new client.',
        ],
        'merged' => [
            'said' => 'This file became part of the file of :into.',
            'mend' => 'Open that one.',
        ],
        'visit-open' => [
            'said' => 'A visit of theirs is still open.',
            'mend' => 'Close it, or say that it did not take place; then erase.',
        ],
        'themselves' => [
            'said' => 'These are one and the same file.',
            'mend' => 'Choose another client.',
        ],
        'practice' => [
            'said' => 'A practice head is nobody’s file.',
            'mend' => 'Choose two clients.',
        ],
        'wrong-name' => [
            'said' => 'That is not the name on this file.',
            'mend' => 'Type it as it stands: :name.',
        ],
        'not-due' => [
            'said' => ':count of these are not due by the rule.',
            'mend' => 'Look at the list again: somebody came, or the rule was changed.',
        ],
        'said-earlier' => [
            'said' => 'Something newer is on record.',
            'mend' => 'Say what holds now, with the day on which it was said.',
        ],
    ],
    'machine' => [
        'no-room' => [
            'said' => 'There is no room left on the machine that keeps the record.',
            'mend' => 'Nothing is lost: what you send waits on this device. Make room there; ./tinta doctor says where it went.',
        ],
        'coming-back' => [
            'said' => 'The record does not answer; it is being started again.',
            'mend' => 'Wait a moment. What you send waits on this device and goes out by itself.',
        ],
    ],
    'message' => [
        'not-due' => [
            'said' => 'This message is not due any more.',
            'mend' => 'The visit was moved, or the test was read. Look at the list as it stands now.',
        ],
        'no-mail' => [
            'said' => 'No mail server is set, so nothing can be sent from here.',
            'mend' => 'Tell them by telephone or message, and say so; or have TINTA_MAIL_URL set.',
        ],
        'no-address' => [
            'said' => 'There is no mail address of :name.',
            'mend' => 'Write it into their file, or tell them another way.',
        ],
        'unwanted' => [
            'said' => ':name does not want to be written to.',
            'mend' => 'Leave it, or ask them and note that they agree.',
        ],
        'on-its-way' => [
            'said' => 'This message is being handed to the mail server.',
            'mend' => 'Look again in a minute: by then it is sent, or says why not.',
        ],
        'gone' => [
            'said' => 'This message has been sent.',
            'mend' => 'What was said cannot be taken back; write a new one from their file.',
        ],
    ],
    'team' => [
        'last-owner' => [
            'said' => 'A salon always has an owner, and this is the only one.',
            'mend' => 'Make somebody else an owner first.',
        ],
        'link-used' => [
            'said' => 'This link leads nowhere any more.',
            'mend' => 'It works once and for a week: ask the owner for a new one, or sign in.',
        ],
        'no-pin' => [
            'said' => 'This person cannot take this device by a PIN yet.',
            'mend' => 'Sign in here once with the password, and set a PIN under House.',
        ],
        'wrong-pin' => [
            'said' => 'That is not the PIN.',
            'mend' => 'Try again, or sign in with the password.',
        ],
        'begun' => [
            'said' => 'There is a salon here already.',
            'mend' => 'Ask its owner for a link, or sign in.',
        ],
        'email-taken' => [
            'said' => ':email belongs to somebody already.',
            'mend' => 'Take another address; a person who left is taken back under Team.',
        ],
    ],
    'line' => [
        'mark-is-code' => [
            'said' => '“:mark” is itself written like a code.',
            'mend' => 'A mark is a sign that no level, letter or digit begins with, such as + or *.',
        ],
        'minutes-missing' => [
            'said' => 'The least, the usual and the most minutes are not all there.',
            'mend' => 'Write all three, as they stand on the pack.',
        ],
        'minutes-order' => [
            'said' => ':min, :target and :max minutes do not rise.',
            'mend' => 'Write the least first, then the usual, then the most.',
        ],
        'name-taken' => [
            'said' => 'There is another line called “:name”.',
            'mend' => 'Give this one a name of its own.',
        ],
        'no-name' => [
            'said' => 'The line has no name.',
            'mend' => 'Write the name on its packs.',
        ],
        'tone-no-digit' => [
            'said' => '“:tone” is no digit from 1 to 9.',
            'mend' => 'Where codes are written in digits, each tone is one digit; 0 is natural by itself.',
        ],
        'two-ways' => [
            'said' => '“:letters” could be read as :ways.',
            'mend' => 'Give the legend a word of its own for :letters, or take one of its parts away.',
        ],
    ],
    'table' => [
        'code-twice' => [
            'said' => '“:code” stands in row :row already.',
            'mend' => 'Take one of the two rows away.',
        ],
        'no-code-column' => [
            'said' => 'No column is said to hold the codes.',
            'mend' => 'Say above the table which column they stand in.',
        ],
        'no-rows' => [
            'said' => 'There is no row with a product in it.',
            'mend' => 'Paste the table with its rows, one product in each.',
        ],
        'too-many-rows' => [
            'said' => 'The table has more than :most rows.',
            'mend' => 'A line has some hundred products: cut the table, and bring it in in parts.',
        ],
    ],
    'measure' => [
        'no-name' => [
            'said' => 'The measure has no name.',
            'mend' => 'Write what the house calls it, such as scoop.',
        ],
        'name-unit' => [
            'said' => '“:name” is a unit already.',
            'mend' => 'Call the measure by what it is, such as scoop, cap, pump or strip.',
        ],
        'nothing' => [
            'said' => 'It weighs nothing.',
            'mend' => 'Fill it as you would at the bench, and weigh what it holds.',
        ],
    ],
    'product' => [
        'code-taken' => [
            'said' => '“:code” is there already in :line.',
            'mend' => 'Change the one that is there, or give this one another code.',
        ],
        'developer-twice' => [
            'said' => '“:name” of :strength is there already.',
            'mend' => 'Change the one that is there, or give this one another name.',
        ],
        'no-code' => [
            'said' => 'There is no code.',
            'mend' => 'Write what is printed on it.',
        ],
        'pack-code-taken' => [
            'said' => 'The pack code :code belongs to :product.',
            'mend' => 'Check the code on this pack.',
        ],
        'price' => [
            'said' => '“:text” is no price.',
            'mend' => 'Write it as on the bill, such as 8.50 or 8,50.',
        ],
    ],
    'unreadable-code' => [
        'empty' => [
            'said' => 'There is no code.',
            'mend' => 'Type a shade’s code, such as 6N or 7.3.',
        ],
        'no-level' => [
            'said' => '“:text” does not begin with a level.',
            'mend' => 'Begin with the level: 6N, 7.3, 10-1.',
        ],
        'level-outside' => [
            'said' => '“:text” has level :level; this line has :value to :value2.',
            'mend' => 'Check the level.',
        ],
        'unknown-tone' => [
            'said' => '“:tone” in “:text” means nothing in this line.',
            'mend' => 'This line knows :known.',
        ],
        'ambiguous' => [
            'said' => '“:text” can be read as :readings{ or }.',
            'mend' => 'Write level and tone apart.',
        ],
        'wants-letters' => [
            'said' => '“:text” is not this line’s notation.',
            'mend' => 'This line writes its tones in letters, such as 6N.',
        ],
        'wants-digits' => [
            'said' => '“:text” is not this line’s notation.',
            'mend' => 'This line writes its tones in digits, such as 7.3.',
        ],
        'wrong-separator' => [
            'said' => '“:separator” in “:text” is not how this line parts level and tone.',
            'mend' => 'Use the line’s own sign.',
        ],
        'two-levels' => [
            'said' => '“:text” names two levels that are not a doubled one.',
            'mend' => 'Two shades go in as two products.',
        ],
    ],
    'unworkable-bowl' => [
        'shares-give-no-amount' => [
            'said' => 'The shares do not say how much: none of them is in grams, or one takes the rest.',
            'mend' => 'Give the total, the colour, the developer or one product in grams.',
        ],
        'fixed-ingredient-given' => [
            'said' => 'The bowl is given by a product whose share is already in grams.',
            'mend' => 'Give the bowl by another product, or let this one have a proportional share.',
        ],
        'no-such-ingredient' => [
            'said' => 'The bowl is given by a product that is not in it.',
            'mend' => 'Choose one of its products, or give the total.',
        ],
        'no-developer-to-give' => [
            'said' => 'The bowl is given by its developer, but it has none.',
            'mend' => 'Give the total or the colour instead.',
        ],
        'empty-part' => [
            'said' => 'Nothing is chosen for the :part.',
            'mend' => 'Choose at least one product for the :part.',
        ],
        'parts-differ' => [
            'said' => 'The ratio has :ratioParts parts, but :filledParts are filled.',
            'mend' => 'Fill every part of the ratio, or change the ratio.',
        ],
        'nothing' => [
            'said' => 'The bowl comes to nothing.',
            'mend' => 'Give it an amount above zero.',
        ],
        'below-step' => [
            'said' => ':label comes to less than the scale\'s step of :step.',
            'mend' => 'Make the bowl larger, or the share.',
        ],
        'too-large' => [
            'said' => 'The bowl comes to :total, more than any bowl holds (:limit).',
            'mend' => 'Check the amount and its unit.',
        ],
        'shares-not-known' => [
            'said' => 'How this part of the bowl is made up is not known.',
            'mend' => 'Weigh it, or write its shares; then it can be changed.',
        ],
        'more-than-is-left' => [
            'said' => ':wanted of “:name” is more than there is of it (:there).',
            'mend' => 'Take less of it, or mix fresh.',
        ],
        'two-lines' => [
            'said' => 'One of the bowls is :one, the other :other: two lines do not mix in one bowl.',
            'mend' => 'Keep them as two bowls.',
        ],
        'grams-for-merging' => [
            'said' => 'How many grams are in bowl :letter is not known.',
            'mend' => 'Give its total, or weigh it; then the two can be one.',
        ],
        'extra-twice' => [
            'said' => 'Both bowls have :product as something extra, and it does not count alike or is not known.',
            'mend' => 'Say how it counts in both, and its grams.',
        ],
        'contradiction' => [
            'said' => 'The amounts of this bowl contradict each other.',
            'mend' => 'Check its grams against its ratio and its total; leave out what is not sure.',
        ],
        'amount-not-known' => [
            'said' => 'An amount in this bowl is not known.',
            'mend' => 'Pour it freely and let the scale say it, or write its grams.',
        ],
    ],
    'visit-refused' => [
        'bowl-was-begun' => [
            'said' => 'A batch of bowl :letter was begun and left; the record keeps it, so the bowl stays.',
            'mend' => 'Change it into the bowl you want, or leave it unmixed.',
        ],
        'already-under-way' => [
            'said' => 'This visit is under way, or something of it is on record.',
            'mend' => 'Close it, with what came of it.',
        ],
        'stands' => [
            'said' => ':reasons',
            'mend' => ':mend',
        ],
        'may-not-weigh' => [
            'said' => 'Bowl :letter may not be weighed yet: :reasons',
            'mend' => 'Put right what is said, or, where local rules permit, let a licensed person record a reason.',
        ],
        'may-not-go-on' => [
            'said' => 'Oxidative colour may not go on: :reasons',
            'mend' => 'Put right what is said, or, where local rules permit, let a licensed person record a reason.',
        ],
        'closed' => [
            'said' => 'This visit is closed.',
            'mend' => 'Repeat it to make a new one; a closed record stays as it is.',
        ],
        'bowl-being-weighed' => [
            'said' => 'Bowl :letter is being weighed or has been.',
            'mend' => 'Start another bowl; what was poured stays on record.',
        ],
        'still-weighing' => [
            'said' => 'Bowl :letter is still being weighed.',
            'mend' => 'Finish or discard it on the bench, then close the visit.',
        ],
        'nothing-to-weigh' => [
            'said' => 'No line on the shelf has two shades and a developer yet.',
            'mend' => 'Add them under Shelf; then there is a bowl to weigh.',
        ],
        'nothing-weighed' => [
            'said' => 'Nothing has been weighed in this visit.',
            'mend' => 'Weigh its bowls first.',
        ],
        'nothing-planned' => [
            'said' => 'No bowl is planned in this visit.',
            'mend' => 'Plan its bowls, then keep it as a service of the house.',
        ],
        'not-closed-yet' => [
            'said' => 'Only a closed visit can be repeated.',
            'mend' => 'Close it first, so that its outcome is known.',
        ],
        'letter-taken' => [
            'said' => 'There is already a bowl :letter in this visit.',
            'mend' => 'Give this one another letter.',
        ],
        'left-elsewhere' => [
            'said' => 'What is left of bowl :letter goes into bowl :others.',
            'mend' => 'Take it out of bowl :others first.',
        ],
        'reason-too-short' => [
            'said' => 'This is no reason yet.',
            'mend' => 'Write in a few words who decided it, and on what grounds.',
        ],
        'not-vouched' => [
            'said' => 'A birthday or a practice head is changed by the owner or a licensed person.',
            'mend' => 'Ask one of them: these two decide whether the skin-test gate asks at all.',
        ],
        'not-waivable' => [
            'said' => 'What stands against this service cannot be waived.',
            'mend' => 'A reaction needs medical clearance on record; the rest has to be put right.',
        ],
        'not-licensed' => [
            'said' => 'Only a licensed member of the team may record such a reason.',
            'mend' => 'Ask somebody whose licence is on record.',
        ],
        'not-mixed' => [
            'said' => 'Bowl :letter has not been mixed.',
            'mend' => 'Weigh it first; what goes on the hair is on record.',
        ],
        'round-not-empty' => [
            'said' => 'The round “:name” still has bowls.',
            'mend' => 'Move them or take them out first.',
        ],
        'not-a-trial' => [
            'said' => 'Bowl :letter is no test strand.',
            'mend' => 'Set its purpose to trial first.',
        ],
        'trial-open' => [
            'said' => 'The test strand :letter has no result yet.',
            'mend' => 'Record what it came to, then carry it on.',
        ],
        'decided' => [
            'said' => 'This was decided already.',
            'mend' => 'Look at the bowl as it stands.',
        ],
        'changed-since' => [
            'said' => 'Bowl :letter was changed since.',
            'mend' => 'Take the later change back first, or change the bowl by hand.',
        ],
        'not-on-shelf' => [
            'said' => 'This product is not on the shelf.',
            'mend' => 'Choose one from the shelf.',
        ],
        'other-line' => [
            'said' => ':label belongs to another colour line.',
            'mend' => 'Into this bowl goes what belongs to :line.',
        ],
        'bad-times' => [
            'said' => '“:text” does not say how large the batch is.',
            'mend' => 'Write such as 1/2, 0.5, 2 or 1.',
        ],
        'id-taken' => [
            'said' => 'This id already belongs to another record.',
            'mend' => 'Reload the page and try again.',
        ],
    ],
];
