<?php

declare(strict_types=1);

use Core\Hair\HairHistory;
use Core\Hair\Zone;
use Core\Judgement\Standing;
use Core\Pigment\Gap;
use Core\Pigment\Ladder;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;

it('looks as it was read: of that level, and of that tone', function (HairHistory $history, ToneFamily $family) {
    $tone = ToneMix::inOrder([$family]);
    for ($level = 4; $level <= 10; $level++) {
        foreach ([null, '4', '6'] as $grown) {
            $zone = new Zone(
                level: Fraction::of($level),
                history: $history,
                tone: $tone,
                grownAt: $grown === null ? null : Fraction::parse($grown),
            );
            $gap = Gap::between(Standing::of($zone)->seen(), Ladder::of(Fraction::of($level), $tone));
            $said = "{$history->value} {$level} {$family->value}, grown at ".($grown ?? 'nobody knows')
                .": {$gap->seen->decimal(1)}";
            // Fibre that was lifted and dyed is never quite the swatch, least in red (our own bound).
            expect($gap->seen->compare(Fraction::of(10)))->toBeLessThan(0, $said)
                ->and($gap->levels->compare(Fraction::of(3, 4)))->toBeLessThan(0, $said)
                ->and($gap->levels->compare(Fraction::of(-3, 4)))->toBeGreaterThan(0, $said);
        }
    }
})->with([HairHistory::Coloured, HairHistory::Lightened])->with([
    ToneFamily::Natural, ToneFamily::Ash, ToneFamily::Violet, ToneFamily::Pearl, ToneFamily::Beige, ToneFamily::Gold,
    ToneFamily::Copper, ToneFamily::Red, ToneFamily::Brown,
]);

it('shows what lies bare where lightened hair reads as gold, and where nobody named a tone', function () {
    $bare = static fn (?ToneMix $tone): string => Standing::of(
        new Zone(level: Fraction::of(8), history: HairHistory::Lightened, tone: $tone),
    )
        ->seen()
        ->hex();
    expect($bare(ToneMix::inOrder([ToneFamily::Gold])))->toBe($bare(null))
        ->and($bare(ToneMix::inOrder([ToneFamily::Copper])))->not->toBe($bare(null));
});

it('takes hair with a tone for coloured where nobody said what was done to it', function () {
    $tone = ToneMix::inOrder([ToneFamily::Red]);
    $seen = static fn (HairHistory $history): string => Standing::of(
        new Zone(level: Fraction::of(6), history: $history, tone: $tone),
    )
        ->seen()
        ->hex();
    expect($seen(HairHistory::Natural))->toBe($seen(HairHistory::Coloured));
});
