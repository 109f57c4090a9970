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
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Sample;

function vol(int $volume): Strength
{
    return Strength::ofVolume(Fraction::of($volume));
}

/** @return array<string, Pigment> */
function pigmentsOf(string ...$shades): array
{
    $families = [
        'N' => ToneFamily::Natural,
        'A' => ToneFamily::Ash,
        'C' => ToneFamily::Copper,
        'G' => ToneFamily::Gold,
    ];

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
        static fn (int $volume): PlannedLine => new PlannedLine(
            "{$volume} vol",
            "{$volume} vol",
            1,
            Grams::zero(),
            vol($volume),
        ),
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
    // 30 of the 10 wanted to be mixed with 30 of the 20; 40 are in. With 20 alone it falls to 13.3, with 30 it stays at
    // 15.
    $batch = overPoured(['6N' => '40'], [10 => '30', 20 => '30'], ['6N' => '40', '10 vol' => '40']);
    $alone = steered($batch);
    $with = steered($batch, [30, 40]);
    expect($alone?->extra->isZero())->toBeFalse()
        ->and($with?->extra->text())->toBe('0 g')
        ->and($with?->lines)->not->toBe([])
        ->and(
            abs((float) (string) $with?->outcome->developerStrength()?->volume->decimal(2) - 15.0),
        )->toBeLessThanOrEqual(1.001);
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
    $again = $on->after(
        BatchEvent::poured('40 vol', Sample::g('21'), PourSource::Scale),
    )->after(BatchEvent::keptProportion());
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
        $poured = [
            '6N' => (string) ($at === 0 ? $first + mt_rand(2, 8) : $first),
        ] + ($at === 1 ? ['7C' => (string) ($second + mt_rand(2, 8))] : []);
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

// Outside check: GNU glpsol finds the fewest extra grams for the same promise, written down from its own sentence:
// ratio within 5 %, strength within 1 vol, level within a tenth, every tone's share of the dye within 5 points, nothing
// taken out, nothing more of what is over. The limits are our own model.

/**
 * @param  array<string, int>  $colour  grams wanted by shade (a level, and a letter for its tone)
 * @param  array<int, int>  $developers  grams wanted by volume
 * @param  array<string, float>  $poured
 * @return float grams in all, as glpsol has it; INF where there is no way
 */
function leastTotal(array $colour, array $developers, array $poured, string $over): float
{
    $names = [];
    foreach (
        [
            ...array_keys($colour),
            ...array_map(static fn (int $volume): string => "{$volume} vol", array_keys($developers)),
        ] as $at => $key
    ) {
        $names[$key] = "x{$at}";
    }
    $sum = static fn (array $terms): string => implode(' ', array_map(
        static fn (string $name, float $times): string => ($times < 0 ? '- ' : '+ ')
            .number_format(abs($times), 9, '.', '')
            ." {$name}",
        array_keys($terms),
        $terms,
    ));
    $shades = array_keys($colour);
    $volumes = array_keys($developers);
    // A mean of values over weights, kept within a limit: two lines of the programme.
    $rows = [];
    $within = static function (
        array $values,
        array $weights,
        float $mean,
        float $limit,
    ) use (&$rows, $names, $sum): void {
        foreach ([1, -1] as $sign) {
            $terms = [];
            foreach ($weights as $key => $weight) {
                $terms[$names[$key]] = $sign * (($values[$key] ?? 0.0) - $mean * $weight) - $limit * $weight;
            }
            $rows[] = $sum($terms).' <= 0';
        }
    };
    $ones = array_fill_keys($shades, 1.0);
    $grams = array_sum($colour);
    // The ratio: developer over colour.
    $ratio = array_sum($developers) / $grams;
    foreach ([1.05, 0.95] as $times) {
        $terms = [];
        foreach ($shades as $shade) {
            $terms[$names[$shade]] = -$ratio * $times;
        }
        foreach ($volumes as $volume) {
            $terms[$names["{$volume} vol"]] = 1.0;
        }
        $rows[] = $sum($terms).($times > 1 ? ' <= 0' : ' >= 0');
    }
    if (count($volumes) > 1) {
        $strength = array_sum(
            array_map(static fn (int $volume, int $each): int => $volume * $each, $volumes, $developers),
        ) / array_sum($developers);
        $keys = array_map(static fn (int $volume): string => "{$volume} vol", $volumes);
        $within(array_combine($keys, array_map(floatval(...), $volumes)), array_fill_keys($keys, 1.0), $strength, 1.0);
    }
    $levels = array_combine($shades, array_map(static fn (string $shade): float => (float) $shade[0], $shades));
    $within(
        $levels,
        $ones,
        array_sum(array_map(static fn (string $shade): float => $levels[$shade] * $colour[$shade], $shades)) / $grams,
        0.1,
    );
    foreach (array_unique(array_map(static fn (string $shade): string => $shade[1], $shades)) as $tone) {
        $has = array_combine(
            $shades,
            array_map(static fn (string $shade): float => $shade[1] === $tone ? 1.0 : 0.0, $shades),
        );
        $within(
            $has,
            $ones,
            array_sum(array_map(static fn (string $shade): float => $has[$shade] * $colour[$shade], $shades)) / $grams,
            0.05,
        );
    }
    $rows[] = $sum(array_fill_keys(array_values($names), 1.0)).' >= '.($grams + array_sum($developers));
    $bounds = array_map(
        static fn (string $key, string $name): string => $key === $over
            ? "{$name} = {$poured[$key]}"
            : "{$name} >= ".($poured[$key] ?? 0),
        array_keys($names),
        $names,
    );
    $file = (string) tempnam(sys_get_temp_dir(), 'steer');
    file_put_contents(
        $file,
        "Minimize\n obj: ".$sum(array_fill_keys(array_values($names), 1.0))."\nSubject To\n ".implode(
            "\n ",
            array_map(static fn (int $at, string $row): string => "c{$at}: {$row}", array_keys($rows), $rows),
        )."\nBounds\n ".implode("\n ", $bounds)."\nEnd\n",
    );
    exec('glpsol --lp '.escapeshellarg($file).' -o '.escapeshellarg("{$file}.out").' 2>&1', $said, $status);
    $answer = (string) file_get_contents("{$file}.out");
    unlink($file);
    unlink("{$file}.out");
    expect($status)->toBe(0, implode("\n", $said));

    return preg_match('/^Objective:\s+obj = ([\d.e+]+)/m', $answer, $m) === 1 && str_contains($answer, 'OPTIMAL')
        ? (float) $m[1]
        : INF;
}

it('steers back with as few grams as glpsol finds', function (int $seed) {
    $chance = new Randomizer(new Mt19937($seed));
    $compared = 0;
    for ($try = 0; $try < 12; $try++) {
        $colour = $developers = $poured = [];
        foreach (
            $chance->pickArrayKeys(
                array_flip(['6N', '7N', '8N', '6C', '7C', '7G', '8G', '7A']),
                $chance->getInt(2, 4),
            ) as $shade
        ) {
            $colour[$shade] = $chance->getInt(6, 30);
        }
        foreach ($chance->pickArrayKeys(array_flip(['10', '20', '30']), $chance->getInt(1, 2)) as $volume) {
            $developers[(int) $volume] = $chance->getInt(20, 60);
        }
        // One of the shades is over; those before it are in as they were wanted.
        $over = array_keys($colour)[$chance->getInt(0, count($colour) - 1)];
        foreach ($colour as $shade => $grams) {
            $poured[$shade] = $shade === $over ? $grams + $chance->getInt(2, 6) : (float) $grams;
            if ($shade === $over) {
                break;
            }
        }
        $batch = overPoured(
            array_map(static fn (int $grams): string => "{$grams} g", $colour),
            array_map(static fn (int $grams): string => "{$grams} g", $developers),
            array_map(static fn (float|int $grams): string => "{$grams} g", $poured),
        );
        $kept = OverPour::of($batch);
        $least = leastTotal($colour, $developers, $poured, $over);
        $steer = steered($batch);
        if ($kept === null) {
            continue;
        }
        $compared++;
        $planned = array_sum($colour) + array_sum($developers);
        if ($steer === null) {
            // No way, or none that costs less than keeping the proportion.
            expect($least - $planned)->toBeGreaterThanOrEqual($kept->extra->centigrams / 100 - 0.5);
        } else {
            // Rounded to the scale's step, line by line.
            expect(
                abs($steer->total->centigrams / 100 - $least),
            )->toBeLessThan(0.06 * (count($colour) + count($developers)));
        }
    }
    expect($compared)->toBeGreaterThan(6);
})->with([1, 2, 3]);
