<?php

declare(strict_types=1);

use Core\Codec\ReadCanvas;
use Core\Formula\BowlSheet;
use Core\Hair\AgeCanvas;
use Core\Hair\Tones;
use Core\Hair\ZoneResult;
use Core\Practice\HouseRules;
use Core\Service\Calibration;
use Core\Service\Outlook;
use Core\Service\PaceOfLift;
use Core\Service\PlacedBowl;
use Core\Service\SplitWishes;
use Core\Service\Strand;
use Core\Service\VisitPicture;
use Core\Tone\ToneFamily;
use Core\Units\Fraction;
use Tests\Core\Record\Ladder;

/** A bowl in a round. */
function inRound(int $round, BowlSheet $sheet): PlacedBowl
{
    $rules = HouseRules::standard();

    return PlacedBowl::of($round, $sheet, Ladder::shelf()->line($sheet->line), $sheet->known($rules->step), $rules);
}

function powder(int $round, string $letter = 'L', array $stroke = ['method' => 'fine-foils']): PlacedBowl
{
    return inRound($round, Ladder::bowl(
        ['powder' => 'all'],
        ['d20' => 'all'],
        [
            'letter' => $letter,
            'line' => 'L',
            'ratio' => '1:2',
            'place' => [['regions' => [], 'spans' => ['mids', 'ends']] + $stroke],
            'minutes' => 35,
        ],
    ));
}

function gloss(
    int $round,
    array $colour = ['d8G' => 'all'],
    array $stroke = ['method' => 'gloss'],
    string $letter = 'G',
    string $line = 'D',
): PlacedBowl {
    return inRound($round, Ladder::bowl(
        $colour,
        ['d10' => 'all'],
        ['letter' => $letter, 'line' => $line, 'place' => [['regions' => [], 'spans' => ['mids', 'ends']] + $stroke]],
    ));
}

function canvasOf(array ...$zones): Core\Hair\Canvas
{
    return ReadCanvas::from(['zones' => array_map(
        static fn (int $at, array $zone): array => $zone + [
            'id' => "z{$at}",
            'name' => "Zone {$at}",
            'spans' => ['mids', 'ends'],
        ],
        array_keys($zones),
        $zones,
    )]);
}

$seen = static fn (string $level, ToneFamily ...$tone): ZoneResult => new ZoneResult(
    'z0',
    Fraction::parse($level),
    new Tones($tone),
);

it('goes on from what was reached, not from what was hoped for', function (string $level) use ($seen) {
    $zone = canvasOf(['level' => '5', 'wish' => ['level' => '9', 'tone' => ['gold']]])->zones[0];
    $hoped = Outlook::of($zone, [powder(0), gloss(1)]);
    $known = Outlook::of($zone, [powder(0), gloss(1)], reached: [0 => $seen($level)]);
    expect($known->steps()[1]['expected']->lifted->decimal(1))->toBe(Fraction::parse($level)->decimal(1))
        ->and($known->steps()[0]['expected']->lifted->equals($hoped->steps()[0]['expected']->lifted))->toBeTrue()
        // Something is planned after it: the rest is still a sketch.
        ->and($known->reached())->toBeNull()
        ->and($known->seen?->level?->decimal(1))->toBe(Fraction::parse($level)->decimal(1));
})->with(['6.5', '7', '8.5']);

it('is no sketch any more where nothing is planned after what was seen', function () use ($seen) {
    $zone = canvasOf(['level' => '5', 'wish' => ['level' => '9', 'tone' => ['ash']]])->zones[0];
    $short = Outlook::of($zone, [powder(0)], reached: [0 => $seen('7', ToneFamily::Gold)]);
    $there = Outlook::of($zone, [powder(0)], reached: [0 => $seen('9', ToneFamily::Ash)]);
    expect($short->verdict())->toBe('too deep, too warm')->and($short->lifted()?->decimal(1))->toBe('7')
        ->and($there->verdict())->toBe('on target')
        // A tone that nobody named is not wrong.
        ->and(Outlook::of($zone, [powder(0)], reached: [0 => $seen('9')])->verdict())->toBe('on target');
});

it('chooses the toner by the level that was seen', function () use ($seen) {
    $canvas = canvasOf(['level' => '4', 'wish' => ['level' => '9', 'tone' => ['ash']]]);
    $why = static fn (array $reached): string => said(
        VisitPicture::of(
            $canvas,
            [powder(0)],
            new Core\Judgement\Learnt,
            Ladder::shelf(),
            HouseRules::standard(),
            $reached,
        )->suggestions[0]->why[0],
    );
    expect($why([0 => [$seen('7.5')]]))->toContain('reached 7.5')
        ->and($why([]))->not->toContain('reached 7.5');
});

it('learns each round’s lift where somebody looked between them', function () use ($seen) {
    $canvas = canvasOf(['level' => '5']);
    $result = [new ZoneResult('z0', Fraction::of(9), new Tones([]))];
    $lifts = static fn (array $observed): array => array_values(
        array_filter(array_map(static fn ($each): ?string => $each->lifted?->decimal(1), $observed)),
    );
    $over = static fn (int $round, string $letter): PlacedBowl => powder($round, $letter, ['method' => 'global']);
    // Twice lightened, and nobody looked between: nobody can tell which did it.
    expect($lifts(Calibration::of($canvas, $result, [$over(0, 'L'), $over(1, 'M')])))->toBe([])
        ->and(
            $lifts(Calibration::of($canvas, $result, [$over(0, 'L'), $over(1, 'M')], [0 => [$seen('7')]])),
        )->toBe(['2', '2'])
        // Toned down afterwards, the lift is what was seen before the toner.
        ->and(
            $lifts(Calibration::of($canvas, [$seen('7.5')], [powder(0), gloss(1)], [0 => [$seen('8')]]))[0],
        )->toBe('3')
        // Where nobody looked before the toner, what it takes away is reckoned with.
        ->and((float) $lifts(Calibration::of($canvas, [$seen('7.5')], [powder(0), gloss(1)]))[0])->toBeGreaterThan(2.5);
    // The toner says how much of it held, beside.
    $toned = Calibration::of($canvas, [$seen('7.5', ToneFamily::Gold)], [powder(0), gloss(1)], [0 => [$seen('8')]]);
    expect(count($toned))->toBe(2)->and($toned[1]->lifted)->toBeNull()->and($toned[1]->warmer)->not->toBeNull();
});

it('gives each of two wishes of a zone its own bowls, and what lies on all of it to both', function () {
    $canvas = canvasOf(
        [
            'level' => '5',
            'wish' => ['level' => '9', 'tone' => ['gold']],
            'also' => ['of' => '1/3', 'level' => '5', 'tone' => ['natural'], 'words' => 'brown'],
        ],
    );
    $low = gloss(0, ['6N' => 'all'], ['method' => 'slice-foils'], 'B', 'P');
    $all = gloss(1);
    $parts = SplitWishes::of($canvas->zones[0], [powder(0), $low, $all]);
    $letters = static function (array $part): string {
        $letters = array_unique(
            array_merge(...array_map(static fn (Strand $strand): array => $strand->letters(), $part['strands'])),
        );
        sort($letters);

        return implode('', $letters);
    };
    expect(array_map($letters, $parts))->toBe(['GL', 'BG'])
        ->and($canvas->ids())->toBe(['z0', 'z0-also']);
    $picture = VisitPicture::of(
        $canvas,
        [powder(0), $low, $all],
        new Core\Judgement\Learnt,
        Ladder::shelf(),
        HouseRules::standard(),
    );
    expect(array_map(static fn (Outlook $each): string => $each->zone->id, $picture->outlooks))->toBe(['z0', 'z0-also'])
        ->and($picture->outlooks[0]->last()?->level->compare($picture->outlooks[1]->last()->level))->toBe(1)
        // The brown strands never met the powder.
        ->and(array_column($picture->outlooks[1]->steps(), 'letter'))->toBe(['B', 'G']);
});

it('reads a second wish and writes it back, and refuses one that says no part', function () {
    $json = [
        'id' => 'z',
        'name' => 'Z',
        'also' => ['of' => '2/3', 'level' => '6.5', 'tone' => ['brown'], 'words' => 'underneath'],
    ];
    $written = ReadCanvas::write(ReadCanvas::from(['zones' => [$json]]))['zones'][0];
    expect($written['also'])->toBe($json['also'])
        ->and(ReadCanvas::write(ReadCanvas::from(['zones' => [$written]]))['zones'][0])->toBe($written);
    foreach ([['level' => '6'], ['of' => '3/5'], ['of' => '']] as $bad) {
        expect(
            fn () => ReadCanvas::from(['zones' => [['also' => $bad] + $json]]),
        )->toThrow(Core\Codec\UnreadableDocument::class);
    }
});

it('refuses a zone under the id of another one’s second wish', function (array $order) {
    $zones = ['root' => ['id' => 'root', 'also' => ['of' => '1/2', 'level' => '6']], 'also' => ['id' => 'root-also']];
    ReadCanvas::from(['zones' => array_map(static fn (string $each): array => $zones[$each], $order)]);
})->throws(Core\Codec\UnreadableDocument::class)->with([[['root', 'also']], [['also', 'root']]]);

it('says at what pace a strand lifts, from what was seen of it', function (
    string $level,
    int $minute,
    ?string $key,
    array $values,
) {
    $zone = canvasOf(['level' => '5', 'wish' => ['level' => '9', 'tone' => ['gold']]])->zones[0];
    $story = Outlook::of($zone, [powder(0), gloss(1)])->main();
    $fact = $story === null ? null : PaceOfLift::of($story, powder(0), Fraction::parse($level), $minute);
    expect($fact?->key)
        ->toBe($key === null ? null : "times.{$key}")
        ->and($fact === null ? [] : $fact->values)
        ->toEqual($values);
})->with([
    // Two of four levels in twenty minutes: the other two in twenty more.
    'half way' => ['7', 20, 'pace-reaches', ['level' => '9', 'minutes' => 20]],
    'a quarter in fifteen' => ['6', 15, 'pace-short', ['level' => '9', 'at' => '8', 'most' => 45]],
    'there' => ['9', 25, 'pace-there', ['level' => '9']],
    'beyond' => ['9.5', 25, 'pace-there', ['level' => '9']],
    'nothing moved' => ['5', 15, null, []],
    'too soon to say' => ['6', 3, null, []],
]);

it('says no pace of what does not lighten, nor where no level is wished', function () {
    $zone = canvasOf(['level' => '5', 'wish' => ['level' => '9', 'tone' => ['gold']]])->zones[0];
    $story = Outlook::of($zone, [powder(0), gloss(1)])->main();
    $open = Outlook::of(canvasOf(['level' => '5'])->zones[0], [powder(0)])->main();
    expect($story === null ? false : PaceOfLift::of($story, gloss(1), Fraction::of(8), 10))->toBeNull()
        ->and($open === null ? false : PaceOfLift::of($open, powder(0), Fraction::of(7), 10))->toBeNull();
});

it('is at its wish the later the less was seen, and never after it was seen there', function (int $minute) {
    $zone = canvasOf(['level' => '4', 'wish' => ['level' => '10', 'tone' => ['gold']]])->zones[0];
    $story = Outlook::of($zone, [powder(0)])->main();
    $left = [];
    for ($hundredths = 1000; $hundredths > 400; $hundredths -= 50) {
        $fact = $story === null ? null : PaceOfLift::of($story, powder(0), Fraction::of($hundredths, 100), $minute);
        $left[] = match ($fact?->key) {
            'times.pace-there' => 0,
            'times.pace-reaches' => $fact->values['minutes'],
            default => PHP_INT_MAX,
        };
    }
    $sorted = $left;
    sort($sorted);
    expect($left)->toBe($sorted)->and($left[0])->toBe(0);
})->with([10, 20, 35]);

it('learns from each kind of strand what was seen of it, and from the zone what carries its wish', function () {
    $canvas = canvasOf(['level' => '6', 'wish' => ['level' => '9', 'tone' => ['gold']]]);
    $bowls = [powder(0), gloss(0, ['8G' => 'all'], ['method' => 'between-foils'], 'B', 'P')];
    $stories = Outlook::of($canvas->zones[0], $bowls)->strands;
    $other = array_values(
        array_filter($stories, static fn ($story): bool => $story->strand->letters() === ['B']),
    )[0]->strand->key();
    $result = static fn (string $level, string $strand = ''): ZoneResult => new ZoneResult(
        'z0',
        Fraction::parse($level),
        new Tones([ToneFamily::Gold]),
        strand: $strand,
    );
    $lines = static fn (ZoneResult ...$results): array => array_map(
        static fn ($each): string => "{$each->line} ".($each->lifted?->decimal(1) ?? ''),
        Calibration::of($canvas, array_values($results), $bowls),
    );
    expect($lines($result('8.5')))->toBe(['L 2.5'])
        ->and($lines($result('8.5'), $result('6.5', $other)))->toBe(['L 2.5', 'P '])
        ->and($lines($result('6.5', $other)))->toBe(['P '])
        // Strands that nobody laid anything on, or that are gone since, teach nothing.
        ->and($lines($result('8.5'), $result('4', 'left'), $result('4', 'dealt XY')))->toBe(['L 2.5']);
    // What the zone came to is the same for the next visit, whatever was seen of the rest of it.
    $aged = static fn (ZoneResult ...$results): ?string => AgeCanvas::by(
        $canvas,
        35,
        array_values($results),
        [],
        HouseRules::standard(),
    )->canvas->zones[0]->level?->decimal(1);
    expect($aged($result('8.5'), $result('6.5', $other)))->toBe($aged($result('8.5')))->toBe('8.5');
});
