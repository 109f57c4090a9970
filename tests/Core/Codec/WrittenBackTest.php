<?php

declare(strict_types=1);

use Core\Codec\JsonNode;
use Core\Codec\ProblemList;
use Core\Codec\ReadCanvas;
use Core\Codec\ReadCare;
use Core\Codec\ReadDetails;
use Core\Codec\ReadStrokes;

/** What is read, and whether anything was said against it. */
function readNode(mixed $json, callable $read): mixed
{
    $problems = new ProblemList;
    $found = $read(new JsonNode($json, '', $problems));
    expect($problems->all())->toBe([]);

    return $found;
}

/** @return array<string, mixed> a zone of which everything is said */
function wholeZone(): array
{
    return [
        'id' => 'root', 'name' => 'Root, at the back', 'regions' => ['back', 'nape'], 'spans' => ['root'],
        'natural' => '6.5', 'level' => '5.5', 'tone' => ['copper', 'gold'],
        'grey' => 60, 'resistant' => true, 'porosity' => 'high', 'history' => 'lightened',
        'historyWords' => 'twice, at home', 'confidence' => 'told',
        'banded' => true, 'bandWords' => 'orange at 4 cm', 'regrowth' => '2.5',
        'density' => 'thick', 'texture' => 'fine', 'length' => 'shoulder', 'elasticity' => 'weak', 'breakage' => 'some',
        'offLimits' => true,
        'wish' => ['level' => '7.5', 'tone' => ['ash'], 'words' => 'cool'],
        'also' => ['of' => '1/4', 'level' => '8.5', 'tone' => ['violet', 'red'], 'words' => 'here and there'],
        'note' => 'leave the fringe',
    ];
}

it('writes a canvas back as it was read', function () {
    $also = array_column(Core\Hair\PartOfZone::cases(), 'value');
    foreach ($also as $of) {
        $zone = ['also' => ['of' => $of] + wholeZone()['also']] + wholeZone();
        $canvas = ['zones' => [$zone], 'worn' => 'parted left', 'target' => 'a picture'];
        expect(ReadCanvas::write(ReadCanvas::from($canvas)))->toEqual($canvas);
    }
});

it('says what is usual of a zone of which nothing is said', function () {
    $zone = ReadCanvas::write(ReadCanvas::from(['zones' => [['id' => 'ends', 'spans' => ['ends']]]]))['zones'][0];
    expect($zone)->toBe([
        'id' => 'ends', 'name' => 'ends', 'regions' => [], 'spans' => ['ends'],
        'natural' => null, 'level' => null, 'tone' => [],
        'grey' => null, 'resistant' => false, 'porosity' => 'normal', 'history' => 'natural',
        'historyWords' => '', 'confidence' => 'read',
        'banded' => false, 'bandWords' => '', 'regrowth' => null,
        'density' => null, 'texture' => null, 'length' => null, 'elasticity' => null, 'breakage' => null,
        'offLimits' => false,
        'wish' => ['level' => null, 'tone' => [], 'words' => ''],
        'also' => null, 'note' => '',
    ]);
});

it('takes levels with a comma, and finer ones to the tenth', function () {
    $zone = static fn (mixed $level): ?string => ReadCanvas::write(
        ReadCanvas::from(['zones' => [['id' => 'q', 'level' => $level]]]),
    )['zones'][0]['level'];
    expect($zone('6,5'))->toBe('6.5')->and($zone(1))->toBe('1')->and($zone(12))->toBe('12')
        ->and($zone('6.25'))->toBe('6.3')->and($zone(''))->toBeNull();
});

it('writes back what a zone came to', function () {
    $results = [
        [
            'zone' => 'root', 'level' => '6.5', 'tone' => ['gold'], 'even' => true, 'covered' => false,
            'elasticity' => 'good', 'words' => 'bright', 'strand' => 'foils B',
        ],
        [
            'zone' => 'root', 'level' => null, 'tone' => [], 'even' => null, 'covered' => null, 'elasticity' => null,
            'words' => 'not seen yet',
        ],
    ];
    expect(ReadCanvas::writeResults(ReadCanvas::results($results, ['root', 'ends'])))->toBe($results);
});

it('writes back the care around the colour', function () {
    $steps = [
        [
            'id' => 'w', 'kind' => 'wash', 'words' => 'deep clean', 'minutes' => 240, 'price' => '12.50', 'done' => true,
            'round' => 2,
        ],
        ['id' => '', 'kind' => 'other', 'words' => 'sit', 'minutes' => null, 'price' => '', 'done' => false, 'round' => null],
        ['id' => 'c', 'kind' => 'cut', 'words' => 'ends', 'minutes' => 1, 'price' => '0.05', 'done' => false, 'round' => 0],
    ];
    expect(ReadCare::write(ReadCare::from($steps)))->toBe($steps)
        ->and(ReadCare::write(ReadCare::from([['words' => 'x', 'price' => '7,5']]))[0]['price'])->toBe('7.50')
        ->and(ReadCare::write(ReadCare::from([['words' => 'x', 'price' => 99999]]))[0]['price'])->toBe('99999.00');
});

it('writes strokes back as they were laid, and nothing that was not said', function () {
    $strokes = [
        [
            'regions' => ['top', 'crown'], 'spans' => ['mids', 'ends'], 'method' => 'fine-foils', 'pattern' => '2:1',
            'with' => ['B'], 'order' => 3, 'hands' => 'four', 'hair' => 'damp', 'covering' => 'foil', 'foils' => 12,
            'width' => 'a fingernail', 'overlaps' => true, 'note' => 'last', 'reach' => '8 cm to the ends',
        ],
        ['regions' => [], 'spans' => ['root']],
    ];
    expect(ReadStrokes::write(readNode($strokes, ReadStrokes::from(...))))->toBe($strokes)
        // One that says nothing of where it goes is none; one said by itself is a list of one.
        ->and(readNode(['note' => 'somewhere'], ReadStrokes::from(...)))->toBe([])
        ->and(ReadStrokes::write(readNode(['reach' => '8 cm'], ReadStrokes::from(...))))->toHaveCount(1)
        ->and(ReadStrokes::write(readNode(['method' => 'gloss'], ReadStrokes::from(...))))
        ->toBe([['regions' => [], 'spans' => [], 'method' => 'gloss']])
        ->and(ReadStrokes::write(readNode(['regions' => ['nape']], ReadStrokes::from(...))))
        ->toBe([['regions' => ['nape'], 'spans' => []]]);
});

it('writes back what is said around a bowl, and nothing that is usual', function () {
    $details = [
        'purpose' => 'protect', 'mark' => 'blue', 'hair' => 'wet', 'covering' => 'cap',
        'heat' => [['with' => true, 'minutes' => 10], ['with' => false, 'minutes' => 120]],
        'applying' => 15, 'clock' => 'complete', 'after' => 'B', 'afterFrom' => 'rinsed', 'plus' => '5 to 10',
        'rinse' => 'C', 'emulsify' => 3, 'through' => 0, 'lookFrom' => 20, 'starts' => 480,
        'until' => 'pale yellow', 'treatment' => 'bond', 'meant' => ['heat', 'pale'],
    ];
    $written = static fn (array $said): array => ReadDetails::write(readNode($said, ReadDetails::from(...)));
    expect($written($details))->toBe($details)
        ->and($written([]))->toBe([])
        ->and($written(['purpose' => 'service', 'rinse' => 'round', 'meant' => ['', ''], 'mark' => '']))->toBe([])
        ->and($written(['rinse' => 'own']))->toBe(['rinse' => 'own'])
        ->and($written(['rinse' => 'not']))->toBe(['rinse' => 'not'])
        ->and($written(['rinse' => 'ab']))->toBe(['rinse' => 'AB'])
        ->and($written(['plus' => 7]))->toBe(['plus' => 7])
        ->and($written(['meant' => ['heat', '', 'heat']]))->toBe(['meant' => ['heat']]);
});

it('takes a range of minutes that is one', function (mixed $said, array $read) {
    $problems = new ProblemList;
    expect(ReadDetails::minutes(new JsonNode($said, '', $problems)))->toBe($read)
        ->and($problems->all() === [])->toBe($read !== [null, null] || $said === '');
})->with([
    [35, [35, null]], ['25 to 35', [25, 35]], ['25-35', [25, 35]], ['', [null, null]], ['35 to 25', [null, null]],
    ['35 to 35', [null, null]], ['34 to 35', [34, 35]], ['0 to 35', [null, null]], ['1 to 35', [1, 35]],
    ['9 to 10', [9, 10]], ['soon', [null, null]],
]);
