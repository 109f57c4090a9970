<?php

declare(strict_types=1);

// ./tinta bench: the core's timings as ratios against something measured in the same run,
// so that they mean the same on every machine.

use Core\Formula\Bowl;
use Core\Formula\BowlAmount;
use Core\Formula\Part;
use Core\Practice\HouseRules;
use Core\Shelf\Ingredient;
use Core\Shelf\Pigment;
use Core\Substitution\Candidate;
use Core\Substitution\FindBlends;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\MixRatio;
use Core\Units\ScaleStep;
use Core\Units\Share;
use Core\Units\Strength;
use Tests\Core\Substitution\Glpsol;

require dirname(__DIR__).'/vendor/autoload.php';

/** @return array{float, mixed} the median of several runs in milliseconds, and the last result */
function timed(int $runs, callable $do): array
{
    $times = [];
    $result = null;
    for ($run = 0; $run < $runs; $run++) {
        $begin = hrtime(true);
        $result = $do();
        $times[] = (hrtime(true) - $begin) / 1e6;
    }
    sort($times);

    return [$times[intdiv($runs, 2)], $result];
}

function row(string $what, float $ours, string $beside, float $theirs): void
{
    printf("%-58s %9.1f ms   %-34s %9.1f ms   ratio %7.3f\n", $what, $ours, $beside, $theirs, $ours / $theirs);
}

// A shelf of so many shades without the wanted level, as when it is out of stock.
$shelfOf = static function (int $count): array {
    $families = [];
    foreach (ToneFamily::cases() as $family) {
        $families[] = [$family];
        foreach (ToneFamily::cases() as $second) {
            if ($family !== $second) {
                $families[] = [$family, $second];
            }
        }
    }
    $shelf = [];
    for ($at = 0; count($shelf) < $count; $at++) {
        $level = [4, 5, 6, 8, 9, 10][$at % 6];
        $tones = $families[intdiv($at, 6)];
        $tone = ToneMix::mean(array_map(static fn (ToneFamily $each, int $place): array => [ToneMix::only($each), Fraction::of(2 - $place)], $tones, array_keys($tones)));
        $key = sprintf('%03d', $at);
        $shelf[] = new Candidate($key, "{$level} {$tone->words()}", new Pigment(Fraction::of($level), $tone, Fraction::one()));
    }

    return $shelf;
};

foreach ([[120, [ToneFamily::Natural]], [120, [ToneFamily::Gold, ToneFamily::Copper]], [120, [ToneFamily::Beige, ToneFamily::Ash, ToneFamily::Red]], [300, [ToneFamily::Natural, ToneFamily::Gold]]] as [$count, $tones]) {
    $shelf = $shelfOf($count);
    $wanted = new Pigment(Fraction::of(7), ToneMix::mean(array_map(static fn (ToneFamily $tone): array => [ToneMix::only($tone), Fraction::one()], $tones)), Fraction::one());
    $name = implode('-', array_map(static fn (ToneFamily $tone): string => $tone->value, $tones));
    [$ours, $found] = timed(5, static fn (): array => FindBlends::for($wanted, Grams::ofCentigrams(6000), $shelf, Fraction::zero(), HouseRules::standard()));
    [$theirs, $distance] = timed(1, static fn (): float => Glpsol::distance($wanted, $shelf, 600));
    row("substitute for 7 {$name}, {$count} shades, 60 g at 0.1 g", $ours, 'glpsol, the same problem', $theirs);
    printf("    %s, distance %s (glpsol %.6f)\n", $found[0]->words(), $found[0]->distance->decimal(6), $distance);
}

$bowl = static fn (int $n): Bowl => new Bowl(MixRatio::parse('1:1.5'), [
    new Part('colour', [
        new Ingredient('a', 'a', Share::parse('2')), new Ingredient('b', 'b', Share::parse('1')), new Ingredient('c', 'c', Share::parse('25 %')),
    ]),
    new Part('developer', [new Ingredient('d', 'd', Share::parse('rest'), Strength::vol(20)), new Ingredient('e', 'e', Share::parse('1/3'), Strength::vol(40))]),
], BowlAmount::total(Grams::ofCentigrams(10_000 + $n)));
$json = json_encode(array_map(static fn (int $n): array => ['letter' => 'A', 'ratio' => '1:1.5', 'amount' => ['of' => 'total', 'grams' => "{$n} g"], 'parts' => [['ingredients' => [['product' => 'a', 'share' => '2'], ['product' => 'b', 'share' => '1']]]]], range(1, 1000)), JSON_THROW_ON_ERROR);
[$work] = timed(5, static function () use ($bowl): void {
    for ($n = 0; $n < 1000; $n++) {
        $bowl($n)->work(ScaleStep::TenthGram);
    }
});
[$decode] = timed(5, static function () use ($json): void {
    for ($n = 0; $n < 20; $n++) {
        json_encode(json_decode($json, true));
    }
});
row('work 1000 bowls of five products', $work, 'JSON of 1000 bowls read and written 20×', $decode);
