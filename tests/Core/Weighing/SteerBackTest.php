<?php

declare(strict_types=1);

use Core\Practice\HouseRules;
use Core\Shelf\Pigment;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\ScaleStep;
use Core\Units\Strength;
use Core\Weighing\Batch;
use Core\Weighing\BatchEvent;
use Core\Weighing\BatchPlan;
use Core\Weighing\BatchStatus;
use Core\Weighing\OverPour;
use Core\Weighing\PlannedLine;
use Core\Weighing\PourSource;
use Core\Weighing\SteerBack;
use Core\Weighing\Tolerance;
use Tests\Core\Sample;

function vol(int $volume): Strength
{
    return Strength::ofVolume(Fraction::of($volume));
}

/** @return array<string, Pigment> */
function pigmentsOf(string ...$shades): array
{
    $families = ['N' => ToneFamily::Natural, 'A' => ToneFamily::Ash, 'C' => ToneFamily::Copper, 'G' => ToneFamily::Gold];

    return array_combine($shades, array_map(
        static fn (string $shade): Pigment => new Pigment(
            Fraction::of((int) $shade[0]),
            ToneMix::only($families[$shade[1]]),
            Fraction::one(),
        ),
        $shades,
    ));
}

/**
 * @param  array<string, string>  $colour
 * @param  array<int, string>  $developers  by volume
 * @param  array<string, string>  $poured
 */
function overPoured(array $colour, array $developers, array $poured): Batch
{
    $lines = [];
    foreach ($colour as $shade => $grams) {
        $lines[] = new PlannedLine($shade, $shade, 0, Sample::g($grams));
    }
    foreach ($developers as $volume => $grams) {
        $lines[] = new PlannedLine("{$volume} vol", "{$volume} vol", 1, Sample::g($grams), vol($volume));
    }
    $batch = Batch::start(new BatchPlan($lines, ScaleStep::TenthGram, Tolerance::house()));
    foreach ($poured as $line => $grams) {
        $batch = $batch->after(BatchEvent::poured((string) $line, Sample::g($grams), PourSource::Scale));
    }

    return $batch;
}

function steered(Batch $batch, array $others = []): ?SteerBack
{
    $shades = array_values(array_filter(
        array_map(static fn (PlannedLine $line): string => $line->key, $batch->plan->lines),
        static fn (string $key): bool => ! str_contains($key, 'vol'),
    ));

    return SteerBack::of($batch, pigmentsOf(...$shades), array_map(
        static fn (int $volume): PlannedLine => new PlannedLine("{$volume} vol", "{$volume} vol", 1, Grams::zero(), vol($volume)),
        $others,
    ), HouseRules::standard());
}

/** @return array<string, string> */
function toPour(?SteerBack $steer): array
{
    $found = [];
    foreach ($steer->toPour ?? [] as $each) {
        $found[$each['line']->key] = $each['grams']->text();
    }

    return $found;
}

it('pours less of the other strength, so that total and strength stay', function () {
    // 40 g of 20 and 20 g of 40 are 26.7 vol. 42.5 g of the 20 are in: the rest makes it up, and not a gram is extra.
    $batch = overPoured(['6N' => '40'], [20 => '40', 40 => '20'], ['6N' => '40', '20 vol' => '42.5']);
    $steer = steered($batch);
    expect(toPour($steer))->toBe(['40 vol' => '17.5 g'])
        ->and($steer?->extra->text())->toBe('0 g')
        ->and($steer?->outcome->ratio())->toBe('1:1.5')
        // 42.5 × 20 + 17.5 × 40 over 60 g: 25.8 vol, within a volume of 26.7.
        ->and($steer?->outcome->developerStrength()?->show())->toContain('25.8');
});

it('takes another strength of the shelf where the ones at hand cannot hold it', function () {
    // 30 of the 10 wanted to be mixed with 30 of the 20; 40 are in. With 20 alone it falls to 13.3, with 30 it stays at 15.
    $batch = overPoured(['6N' => '40'], [10 => '30', 20 => '30'], ['6N' => '40', '10 vol' => '40']);
    $alone = steered($batch);
    $with = steered($batch, [30, 40]);
    expect($alone?->extra->isZero())->toBeFalse()
        ->and($with?->extra->text())->toBe('0 g')
        ->and($with?->lines)->not->toBe([])
        ->and(abs((float) (string) $with?->outcome->developerStrength()?->volume->decimal(2) - 15.0))->toBeLessThanOrEqual(1.001);
});

it('costs fewer grams than keeping the proportion, and stays near in all of it', function () {
    // A copper that went over by a fifth: kept, all of it grows by a fifth.
    $batch = overPoured(['6N' => '20', '7C' => '10'], [20 => '45'], ['6N' => '20', '7C' => '12']);
    $steer = steered($batch);
    $kept = OverPour::of($batch);
    expect($kept?->extra->text())->toBe('15 g')
        ->and($steer?->extra->isMoreThan(Sample::g('6')))->toBeFalse()
        ->and($steer?->total->isMoreThan(Sample::g('75')))->toBeTrue();
    $copper = Fraction::of(1200, $steer->targets['6N']->centigrams + 1200);
    expect(abs((float) $copper->decimal(4) - 1 / 3))->toBeLessThanOrEqual(0.051);
});

it('pours more of the counter-tone instead of more of everything', function () {
    $batch = overPoured(['6N' => '30', '6C' => '10', '6A' => '5'], [20 => '67.5'], ['6N' => '30', '6C' => '13']);
    $steer = steered($batch);
    expect($steer)->not->toBeNull()
        ->and($steer?->extra->isMoreThan(OverPour::of($batch)?->extra ?? Grams::zero()))->toBeFalse();
});

it('offers nothing where nothing is over, and where it would cost as much as the proportion', function () {
    expect(steered(overPoured(['6N' => '20'], [20 => '30'], ['6N' => '20'])))->toBeNull()
        // One shade, one developer, all the developer in: only more colour mends the ratio.
        ->and(toPour(steered(overPoured(['6N' => '20'], [20 => '30'], ['6N' => '20', '20 vol' => '40']))))
        ->toBe(['6N' => '5.4 g']);
});

it('goes on with what was solved, and holds that from then on', function () {
    $batch = overPoured(['6N' => '40'], [20 => '40', 40 => '20'], ['6N' => '40', '20 vol' => '42.5']);
    $steer = steered($batch);
    $on = $batch->after(BatchEvent::steered($steer->targets ?? [], $steer->lines ?? []));
    expect($on->status)->toBe(BatchStatus::Weighing)->and($on->current()?->key)->toBe('40 vol')
        ->and($on->left('40 vol')->text())->toBe('17.5 g')
        ->and($on->after(BatchEvent::undone())->status)->toBe(BatchStatus::Over);
    // Over once more: the proportion that is kept is the one that was solved.
    $again = $on->after(BatchEvent::poured('40 vol', Sample::g('21'), PourSource::Scale))->after(BatchEvent::keptProportion());
    expect($again->targets['20 vol']->text())->toBe('51 g')->and($again->targets['6N']->text())->toBe('48 g');
});

it('never asks for less than is in the bowl, nor for more of what is over, whatever was poured', function () {
    mt_srand(20);
    $offered = 0;
    for ($i = 0; $i < 60; $i++) {
        $first = mt_rand(10, 40);
        $second = mt_rand(5, 30);
        $developer = (int) round(1.5 * ($first + $second));
        $at = mt_rand(0, 1);
        $poured = ['6N' => (string) ($at === 0 ? $first + mt_rand(2, 8) : $first)] + ($at === 1 ? ['7C' => (string) ($second + mt_rand(2, 8))] : []);
        $batch = overPoured(['6N' => (string) $first, '7C' => (string) $second], [20 => (string) $developer], $poured);
        $steer = steered($batch, [10, 30]);
        if ($steer === null) {
            continue;
        }
        $offered++;
        foreach ($batch->poured as $key => $grams) {
            expect($grams->isMoreThan($steer->targets[$key]))->toBeFalse();
        }
        expect($steer->targets[$batch->over()->key ?? ''])->toEqual($batch->poured[$batch->over()->key ?? ''])
            ->and($steer->extra->isMoreThan(OverPour::of($batch)?->extra ?? Grams::zero()))->toBeFalse()
            ->and(Grams::sum($steer->targets))->toEqual($steer->total);
    }
    expect($offered)->toBeGreaterThan(20);
});
