<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

/**
 * The invented services of the demo. A bowl is: round, letter, job, line, ratio, amount, colour (code => share),
 * developer (volume => share), additives (code => dose), regions, spans, minutes, note.
 */
final class Services
{
    public const ALL = [
        'swimmer' => ['Root and gloss after the season', [
            ['Colour', 'A', 'Root', 'Tidewater', '1:1.5', ['colour', '36 g'], ['7N' => '3', '7G' => '1'], ['20' => 'all'], [], [], ['root', 'regrowth'], 35, ''],
            ['Gloss', 'B', 'Ends', 'Slack Water', '1:2', ['total', '66 g'], ['8G' => '40 %', '8B' => '30 %', 'Clear' => 'rest'], ['6' => 'all'], [], [], ['mids', 'ends'], 15, 'Damp, after clarifying.'],
        ]],
        'grey-soft' => ['Grey blend', [
            ['Colour', 'A', 'Temples and top', 'Low Harbour', '1:1', ['colour', '28 g'], ['6.0' => '1/3', '6.1' => 'rest'], ['10' => '1', '20' => '1'], [], ['hairline', 'left', 'right'], ['root', 'regrowth'], 25, 'Leave some grey: no more than 25 minutes.'],
        ]],
        'two-reds' => ['Deep red', [
            ['Colour', 'A', 'Root, half a level deeper', 'Tidewater', '1:1.5', ['colour', '48 g'], ['4R' => '2', '5R' => '1', '4NN' => '1'], ['20' => 'all'], [], [], ['root', 'regrowth'], 35, ''],
            ['Colour', 'B', 'Mids and ends', 'Tidewater', '1:2', ['colour', '34 g'], ['5R' => '70 %', '5V' => '20 %', 'Red +' => '10 %'], ['10' => 'all'], [], [], ['mids', 'ends'], 20, 'Last 20 minutes only.'],
        ]],
        'grey-strong' => ['Grey cover', [
            ['Colour', 'A', 'Hairline, resistant', 'Tidewater', '1:1', ['colour', '22 g'], ['5NN' => '3/4', '5N' => 'rest'], ['20' => 'all'], [], ['hairline', 'fringe'], ['root', 'regrowth'], 45, 'First on, ten minutes longer.'],
            ['Colour', 'B', 'Regrowth', 'Tidewater', '1:1.5', ['total', '112 g'], ['5NN' => '1/2', '5N' => 'rest', '5A' => 'rest'], ['20' => 'all'], [], ['top', 'crown', 'left', 'right', 'back', 'nape', 'underlayer'], ['root', 'regrowth'], 35, ''],
        ]],
        'bronde' => ['Bronde: foils and gloss', [
            ['Lighten', 'A', 'Fine foils', 'Brightwork', '1:2', ['colour', '24 g'], ['Powder' => 'all'], ['20' => 'all'], ['Bond' => '0.08 g per gram'], ['top', 'crown', 'left', 'right'], ['mids', 'ends'], 35, 'Watch from 20 minutes.'],
            ['Gloss', 'B', 'All-over gloss', 'Slack Water', '1:2', ['total', '75 g'], ['8B' => '2', '8N' => '1'], ['10' => 'all'], [], [], ['mids', 'ends'], 20, ''],
        ]],
        'correction' => ['Colour correction', [
            ['Colour', 'A', 'Regrowth to match', 'Low Harbour', '1:1', ['colour', '45 g'], ['6.0' => '1', '6.7' => '1'], ['20' => 'all'], [], [], ['root', 'regrowth'], 40, ''],
            ['Colour', 'B', 'Banded mids', 'Low Harbour', '1:1', ['colour', '25 g'], ['6.7' => '2', '7.3' => '1'], ['10' => 'all'], [], ['back', 'nape'], ['mids'], 20, 'Only where the band shows.'],
            ['Gloss', 'C', 'Ends', 'Slack Water', '1:2', ['total', '60 g'], ['7G' => '1/2', '7N' => '1/4', 'Clear' => 'rest'], ['6' => 'all'], [], [], ['ends'], 10, ''],
        ]],
        'foils' => ['Light foils and toner', [
            ['Lighten', 'A', 'Foils', 'Brightwork', '1:2', ['colour', '32 g'], ['Powder' => 'all'], ['10' => '1', '20' => '1'], ['Bond' => '2.5 g'], ['hairline', 'top', 'left', 'right', 'crown'], ['regrowth'], 40, 'Back first; new hair only.'],
            ['Tone', 'B', 'Toner', 'Slack Water', '1:2', ['total', '84 g'], ['9P' => '2', '9B' => '1', 'Clear' => '1'], ['6' => 'all'], [], [], ['root', 'regrowth', 'mids', 'ends'], 12, 'Towel-dry first.'],
        ]],
        'cool-brown' => ['Cool brown', [
            ['Colour', 'A', 'Root', 'Low Harbour', '1:1', ['total', '96 g'], ['5.1' => '1', '5.0' => '1'], ['20' => 'all'], [], [], ['root', 'regrowth'], 40, ''],
            ['Gloss', 'B', 'Ends', 'Low Harbour', '1:1', ['colour', '30 g'], ['6.1' => '60 %', '6.7' => '40 %'], ['10' => 'all'], [], [], ['mids', 'ends'], 15, ''],
        ]],
        'copper' => ['Copper', [
            ['Colour', 'A', 'Root', 'Tidewater', '1:1.5', ['colour', '44 g'], ['6C' => '2', '7C' => '1', '6N' => '1'], ['20' => 'all'], [], [], ['root', 'regrowth'], 35, ''],
            ['Colour', 'B', 'Lengths', 'Tidewater', '1:2', ['colour', '40 g'], ['7C' => '65 %', '8G' => '25 %', 'Clear' => 'rest'], ['10' => 'all'], [], [], ['mids', 'ends'], 20, ''],
        ]],
        'gloss' => ['Shadow root and gloss', [
            ['Gloss', 'A', 'Shadow root', 'Slack Water', '1:2', ['total', '42 g'], ['7N' => '2', '7B' => '1'], ['10' => 'all'], [], ['top', 'crown', 'hairline'], ['root'], 20, ''],
            ['Gloss', 'B', 'Gloss', 'Slack Water', '1:2', ['total', '75 g'], ['9B' => '1', '9G' => '1', 'Clear' => '1'], ['6' => 'all'], [], [], ['mids', 'ends'], 10, ''],
        ]],
        'crop' => ['Bleached crop', [
            ['Lighten', 'A', 'Regrowth, off the scalp', 'Brightwork', '1:2', ['colour', '30 g'], ['Powder' => 'all'], ['20' => 'all'], ['Bond' => '3 g'], ['top', 'crown', 'fringe'], ['regrowth'], 40, 'Never overlap.'],
            ['Tone', 'B', 'Toner', 'Slack Water', '1:2', ['total', '54 g'], ['10P' => '3', 'Clear' => '1'], ['6' => 'all'], [], [], ['root', 'regrowth'], 8, ''],
        ]],
    ];

    /** What came of it, what to keep, what to change: by verdict. */
    public const WORDS = [
        'good' => [
            ['Even from root to ends.', 'Timing; nothing rushed.', ''],
            ['Grey covered, soft at the front.', 'Start at the hairline.', ''],
            ['Exactly the tone we wanted.', 'The mix as it is.', ''],
            ['Shine held until today, she says.', 'The gloss on damp hair.', ''],
        ],
        'mixed' => [
            ['A touch warm at the crown.', 'The depth.', 'Crown first next time.'],
            ['Ends took darker than the mids.', 'Root mix.', 'More clear in the ends bowl.'],
            ['Ran short at the nape.', 'The tone.', 'Mix 10 g more.'],
            ['Too much left in the bowl again.', 'Result.', 'Five grams of colour less.'],
        ],
        'poor' => [
            ['Grey showing after two weeks.', '', 'Full amount again, and 45 minutes at the hairline.'],
            ['Brassy at the regrowth.', '', 'Ash in the root bowl.'],
        ],
    ];
}
