<?php

declare(strict_types=1);

use Core\Hair\Canvas;
use Core\Hair\Tones;
use Core\Hair\ZoneResult;
use Core\Judgement\Learnt;
use Core\Pigment\Gap;
use Core\Pigment\Ladder;
use Core\Service\Foretold;
use Core\Service\Outlook;
use Core\Service\PlacedBowl;
use Core\Tone\ToneFamily;
use Core\Units\Fraction;

// How far off the sketch was, once somebody looked.

function cameTo(string $zone, ?string $level, array $tone = [], string $strand = ''): ZoneResult
{
    return new ZoneResult(
        $zone,
        $level === null ? null : Fraction::parse($level),
        new Tones($tone),
        strand: $strand,
    );
}

/** @return array<string, array{string, bool}> levels off, and whether a colour was compared, by zone */
function missed(Canvas $canvas, array $results, PlacedBowl ...$bowls): array
{
    $found = [];
    foreach (Foretold::of($canvas, $results, array_values($bowls), new Learnt) as $each) {
        $found[$each->zone] = [$each->levels->decimal(2), $each->seen !== null];
    }

    return $found;
}

it('says by how many levels a zone came out other than foretold, above or below', function (string $off, array $miss) {
    $canvas = canvasOf(['level' => '5', 'wish' => ['level' => '9', 'tone' => ['gold']]]);
    $bowl = powder(0, 'L', ['method' => 'global']);
    $level = Outlook::of($canvas->zones[0], [$bowl])->main()?->level() ?? Fraction::zero();
    $seen = $level->plus(Fraction::parse($off));
    expect(missed($canvas, [new ZoneResult('z0', $seen, new Tones([]))], $bowl))->toBe(['z0' => $miss]);
})->with([
    'as foretold' => ['0', ['0', false]],
    'lighter' => ['0.75', ['0.75', false]],
    'deeper' => ['-1.5', ['1.5', false]],
]);

it('compares the colour where somebody named the tone', function () {
    $canvas = canvasOf(['level' => '8', 'wish' => ['tone' => ['ash']]]);
    $gloss = gloss(0, ['d8A' => 'all']);
    $expected = Outlook::of($canvas->zones[0], [$gloss])->main()?->colour->withoutGrey()->seen();
    $seen = static fn (ToneFamily $tone): string => Foretold::of(
        $canvas, [cameTo('z0', '8', [$tone])], [$gloss], new Learnt,
    )[0]->seen?->decimal(2) ?? '';
    // By the published formula of the difference, and gold is further from an ash gloss than ash is.
    expect($seen(ToneFamily::Ash))->toBe(Gap::between(
        $expected, Ladder::of(Fraction::of(8), (new Tones([ToneFamily::Ash]))->mix()),
    )->seen->decimal(2))
        ->and((float) $seen(ToneFamily::Gold))->toBeGreaterThan((float) $seen(ToneFamily::Ash) + 3);
});

it('tells only zones that a bowl lay on and that somebody looked at, by what was seen of the whole zone', function () {
    $zone = ['level' => '5', 'wish' => ['level' => '9', 'tone' => ['gold']]];
    $canvas = canvasOf(
        ['regions' => ['nape']] + $zone,
        ['regions' => ['top']] + $zone,
        ['regions' => ['crown']] + $zone,
        ['regions' => ['fringe'], 'level' => null] + $zone,
        ['regions' => ['back']] + $zone,
    );
    $bowl = colourBowl('A', ['regions' => ['top', 'crown', 'fringe', 'back'], 'method' => 'global']);
    $results = [
        cameTo('z0', '8'),
        cameTo('z1', null),
        cameTo('z3', '8'),
        cameTo('z4', '7', [ToneFamily::Gold], 'whole A'),
        cameTo('z4', '8'),
        cameTo('z4', '4', [], 'left'),
    ];
    $found = missed($canvas, $results, $bowl);
    $level = Outlook::of($canvas->zones[4], [$bowl])->main()?->level() ?? Fraction::zero();
    expect(array_keys($found))->toBe(['z4'])
        ->and($found['z4'])->toBe([Fraction::of(8)->minus($level)->decimal(2), false])
        // Of single strands alone nothing is said.
        ->and(missed($canvas, [$results[3]], $bowl))->toBe([])
        ->and(missed($canvas, [cameTo('z4', '8'), cameTo('z2', '6', [ToneFamily::Gold])], $bowl))->toHaveCount(2);
});
