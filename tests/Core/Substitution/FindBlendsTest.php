<?php

declare(strict_types=1);

use Core\Practice\HouseRules;
use Core\Shelf\Pigment;
use Core\Substitution\Candidate;
use Core\Substitution\FindBlends;
use Core\Substitution\SubstitutionRefused;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\ScaleStep;
use Tests\Core\Sample;

function pigment(int $level, ToneFamily ...$tones): Pigment
{
    return new Pigment(Fraction::of($level), ToneMix::mean(array_map(static fn (ToneFamily $tone) => [ToneMix::only($tone), Fraction::one()], $tones)), Fraction::one());
}

/** @return list<Candidate> a line of shades: each family at each level, as a salon would have it */
function line(array $levels, array $families): array
{
    $shelf = [];
    foreach ($levels as $level) {
        foreach ($families as $name => $tones) {
            $shelf[] = new Candidate(sprintf('%02d%s', $level, $name), "{$level}{$name}", pigment($level, ...$tones));
        }
    }

    return $shelf;
}

const FAMILIES = [
    'N' => [ToneFamily::Natural], 'A' => [ToneFamily::Ash], 'G' => [ToneFamily::Gold], 'C' => [ToneFamily::Copper], 'R' => [ToneFamily::Red],
    'V' => [ToneFamily::Violet], 'GC' => [ToneFamily::Gold, ToneFamily::Copper], 'NA' => [ToneFamily::Natural, ToneFamily::Ash], 'NG' => [ToneFamily::Natural, ToneFamily::Gold],
    'RV' => [ToneFamily::Red, ToneFamily::Violet], 'M' => [ToneFamily::Mahogany], 'B' => [ToneFamily::Brown],
];

/** What the objective says, worked out the slow way. */
function distanceOf(Pigment $wanted, array $members, array $amounts, int $steps): float
{
    $level = 0;
    $sums = [];
    foreach ($members as $at => $candidate) {
        $level += $amounts[$at] * ($candidate->pigment->level === null ? 0 : $candidate->pigment->level->numerator / $candidate->pigment->level->denominator - $wanted->level->numerator / $wanted->level->denominator);
        foreach (ToneFamily::cases() as $family) {
            $share = $candidate->pigment->tone->share($family)->times($candidate->pigment->intensity);
            $target = $wanted->tone->share($family)->times($wanted->intensity);
            $sums[$family->value] = ($sums[$family->value] ?? 0) + $amounts[$at] * ($share->numerator / $share->denominator - $target->numerator / $target->denominator);
        }
    }

    return (abs($level) + array_sum(array_map(abs(...), $sums))) / $steps;
}

it('makes a missing 7 of a 6 and an 8 in equal parts', function () {
    // Common practice, no source: the classic.
    $shelf = array_values(array_filter(line([5, 6, 8, 9], FAMILIES), static fn (Candidate $each) => true));
    $best = FindBlends::for(pigment(7, ToneFamily::Natural), Sample::g('60'), $shelf, Fraction::zero(), HouseRules::standard())[0];
    expect($best->words())->toBe('30 g of 6N and 30 g of 8N')->and($best->distance->isZero())->toBeTrue()->and($best->differs[0])->toContain('nothing');
});

it('prefers fewer shades when they come as near', function () {
    $found = FindBlends::for(pigment(6, ToneFamily::Gold), Sample::g('40'), line([5, 6, 7], FAMILIES), Fraction::zero(), HouseRules::standard());
    expect($found)->toHaveCount(1)->and($found[0]->words())->toBe('40 g of 6G');
});

it('stays within stock and at the step, and always makes the total', function () {
    mt_srand(13);
    for ($i = 0; $i < 40; $i++) {
        $shelf = array_map(static fn (Candidate $each) => new Candidate($each->key, $each->label, $each->pigment, Grams::ofCentigrams(mt_rand(0, 4000))), line([5, 6, 8, 9], array_slice(FAMILIES, 0, 6)));
        $step = ScaleStep::cases()[mt_rand(0, 2)];
        foreach (FindBlends::for(pigment(mt_rand(5, 9), ToneFamily::Natural, ToneFamily::Gold), Sample::g('60'), $shelf, Fraction::zero(), HouseRules::standard()->withStep($step)) as $blend) {
            $sum = 0;
            foreach ($blend->parts as $part) {
                $sum += $part['grams']->centigrams;
                expect($part['grams']->centigrams % $step->centigrams())->toBe(0)->and($part['grams']->isMoreThan($part['candidate']->stock))->toBeFalse();
            }
            expect($sum)->toBe(6000)->and(count($blend->parts))->toBeLessThanOrEqual(3);
        }
    }
});

it('keeps grey cover before all else, and says so where it cannot', function () {
    $shelf = line([6, 8], ['N' => FAMILIES['N'], 'G' => FAMILIES['G'], 'NG' => FAMILIES['NG']]);
    $rules = HouseRules::standard();
    $free = FindBlends::for(pigment(7, ToneFamily::Gold), Sample::g('60'), $shelf, Fraction::zero(), $rules)[0];
    $covering = FindBlends::for(pigment(7, ToneFamily::Gold), Sample::g('60'), $shelf, Fraction::of(1, 2), $rules)[0];
    expect($free->behaves->naturalShare->least->isZero())->toBeTrue()
        ->and($covering->keepsGreyCover)->toBeTrue()
        ->and($covering->behaves->naturalShare->least->compare(Fraction::of(1, 2)))->toBeGreaterThanOrEqual(0);
    $without = FindBlends::for(pigment(7, ToneFamily::Gold), Sample::g('60'), line([6, 8], ['G' => FAMILIES['G']]), Fraction::of(1, 2), $rules)[0];
    expect($without->keepsGreyCover)->toBeFalse()->and($without->differs)->toContain('covers grey less');
});

it('does not depend on the order of the shelf', function () {
    mt_srand(14);
    $shelf = line([4, 6, 9], FAMILIES);
    $wanted = pigment(7, ToneFamily::Natural, ToneFamily::Copper);
    $plain = FindBlends::for($wanted, Sample::g('45'), $shelf, Fraction::zero(), HouseRules::standard());
    for ($i = 0; $i < 5; $i++) {
        shuffle($shelf);
        expect(array_map(static fn ($blend) => $blend->words(), FindBlends::for($wanted, Sample::g('45'), $shelf, Fraction::zero(), HouseRules::standard())))->toBe(array_map(static fn ($blend) => $blend->words(), $plain));
    }
});

it('finds no worse than trying everything, on small shelves', function () {
    mt_srand(15);
    $all = line([4, 5, 6, 7, 8, 9, 10], FAMILIES);
    for ($round = 0; $round < 20; $round++) {
        shuffle($all);
        $shelf = array_map(static fn (Candidate $each) => new Candidate($each->key, $each->label, $each->pigment, mt_rand(0, 2) === 0 ? Grams::ofCentigrams(mt_rand(0, 14) * 100) : null), array_slice($all, 0, mt_rand(1, 6)));
        if (mt_rand(0, 2) === 0) {
            $shelf[] = new Candidate('clear', 'clear', Pigment::clear());
        }
        $wanted = pigment(mt_rand(5, 9), ...array_slice([ToneFamily::Gold, ToneFamily::Natural, ToneFamily::Ash, ToneFamily::Copper], mt_rand(0, 2), mt_rand(1, 2)));
        $steps = mt_rand(3, 20);
        // By what is in it: something with a level, nothing with one, only such.
        $with = $bare = $solid = INF;
        $count = count($shelf);
        for ($i = 0; $i < $count; $i++) {
            for ($j = $i; $j < $count; $j++) {
                for ($k = $j; $k < $count; $k++) {
                    for ($x = 0; $x <= $steps; $x++) {
                        for ($y = 0; $y + $x <= $steps; $y++) {
                            $amounts = [$x, $y, $steps - $x - $y];
                            $each = [];
                            foreach ([$i, $j, $k] as $at => $member) {
                                $each[$member] = ($each[$member] ?? 0) + $amounts[$at];
                            }
                            foreach ($each as $member => $amount) {
                                if ($shelf[$member]->stock !== null && $amount * 100 > $shelf[$member]->stock->centigrams) {
                                    continue 2;
                                }
                            }
                            $cost = distanceOf($wanted, array_map(static fn (int $m) => $shelf[$m], array_keys($each)), array_values($each), $steps);
                            $levels = array_map(static fn (int $m): bool => $shelf[$m]->pigment->level !== null, array_keys(array_filter($each)));
                            if (in_array(true, $levels, true)) {
                                $with = min($with, $cost);
                                $solid = in_array(false, $levels, true) ? $solid : min($solid, $cost);
                            } else {
                                $bare = min($bare, $cost);
                            }
                        }
                    }
                }
            }
        }
        $least = $with < $bare ? $with : $solid;
        if ($least === INF) {
            expect(fn () => FindBlends::for($wanted, Grams::ofCentigrams($steps * 100), $shelf, Fraction::zero(), HouseRules::standard()->withStep(ScaleStep::WholeGram)))->toThrow(SubstitutionRefused::class);

            continue;
        }
        $best = FindBlends::for($wanted, Grams::ofCentigrams($steps * 100), $shelf, Fraction::zero(), HouseRules::standard()->withStep(ScaleStep::WholeGram))[0];
        expect($best->distance->numerator / $best->distance->denominator)->toEqualWithDelta($least, 1e-9);
    }
});

// Outside check: GNU glpsol (Debian package glpk-utils) solves the same problem as a mixed-integer programme.
it('finds what glpsol finds, on real shelves', function (int $level, array $tones, int $grams) {
    $wanted = pigment($level, ...$tones);
    // Without the wanted level's own shades, as when they are out of stock.
    $shelf = array_values(array_filter(line([4, 5, 6, 7, 8, 9], FAMILIES), static fn (Candidate $each) => ! str_starts_with($each->label, (string) $level)));
    $best = FindBlends::for($wanted, Grams::ofCentigrams($grams * 100), $shelf, Fraction::zero(), HouseRules::standard()->withStep(ScaleStep::WholeGram))[0];
    $theirs = Tests\Core\Substitution\Glpsol::distance($wanted, $shelf, $grams);
    expect($best->distance->numerator / $best->distance->denominator)->toEqualWithDelta($theirs, 1e-6);
})->with([
    'natural' => [7, [ToneFamily::Natural], 60],
    'copper-gold' => [7, [ToneFamily::Gold, ToneFamily::Copper], 45],
    'red-brown' => [5, [ToneFamily::Red, ToneFamily::Brown], 40],
    'three tones' => [6, [ToneFamily::Natural, ToneFamily::Gold, ToneFamily::Ash], 30],
]);

it('refuses what cannot be searched', function (callable $search, string $message) {
    expect($search)->toThrow(SubstitutionRefused::class, $message);
})->with([
    'empty shelf' => [fn () => FindBlends::for(pigment(7, ToneFamily::Gold), Sample::g('60'), [], Fraction::zero(), HouseRules::standard()), 'nothing on the shelf'],
    'clear wanted' => [fn () => FindBlends::for(Pigment::clear(), Sample::g('60'), line([7], FAMILIES), Fraction::zero(), HouseRules::standard()), 'no level'],
    'nothing wanted' => [fn () => FindBlends::for(pigment(7, ToneFamily::Gold), Grams::zero(), line([7], FAMILIES), Fraction::zero(), HouseRules::standard()), 'comes to nothing'],
    'no stock' => [fn () => FindBlends::for(pigment(7, ToneFamily::Gold), Sample::g('60'), [new Candidate('a', 'a', pigment(7, ToneFamily::Gold), Sample::g('5'))], Fraction::zero(), HouseRules::standard()), 'are enough'],
]);

it('lets nothing without a level stand in for a shade by itself', function () {
    $wanted = new Core\Shelf\Pigment(Core\Units\Fraction::of(9), Core\Tone\ToneMix::only(Core\Tone\ToneFamily::Copper), Core\Units\Fraction::one());
    $clear = new Core\Substitution\Candidate('clear', 'Clear', Core\Shelf\Pigment::clear());
    $natural = new Core\Substitution\Candidate('9N', '9N', new Core\Shelf\Pigment(Core\Units\Fraction::of(9), Core\Tone\ToneMix::only(Core\Tone\ToneFamily::Natural), Core\Units\Fraction::one()));
    $found = Core\Substitution\FindBlends::for($wanted, Core\Units\Grams::ofCentigrams(6000), [$clear, $natural], Core\Units\Fraction::zero(), Core\Practice\HouseRules::standard());
    foreach ($found as $blend) {
        expect(array_filter($blend->parts, static fn (array $part): bool => $part['candidate']->pigment->level !== null))->not->toBeEmpty();
    }
    expect(fn () => Core\Substitution\FindBlends::for($wanted, Core\Units\Grams::ofCentigrams(6000), [$clear], Core\Units\Fraction::zero(), Core\Practice\HouseRules::standard()))->toThrow(Core\Substitution\SubstitutionRefused::class, 'nothing on the shelf');
});

it('ends at its limit whatever is asked, with the nearest found until then, and says so', function (int $grams, int $natural) {
    mt_srand(4);
    $families = ToneFamily::cases();
    $shelf = [];
    for ($at = 0; $at < 400; $at++) {
        $tone = ToneMix::only($families[mt_rand(0, count($families) - 1)]);
        $shelf[] = new Candidate("s{$at}", "s{$at}", new Pigment(Fraction::of(mt_rand(2, 20), 2), $tone, Fraction::of(mt_rand(1, 4), mt_rand(4, 5))));
    }
    $found = FindBlends::for(new Pigment(Fraction::of(7), ToneMix::only($families[5]), Fraction::one()), Grams::ofCentigrams($grams * 100), $shelf, Fraction::of($natural, 100), HouseRules::standard());
    expect($found[0]->complete)->toBeFalse()->and($found[0]->differsInWords())->toEndWith('the search stopped at its limit')
        ->and(Grams::sum(array_map(fn (array $part): Grams => $part['grams'], $found[0]->parts))->text())->toBe(Grams::ofCentigrams($grams * 100)->text());
})->with([[60, 50], [2999, 50]]);
