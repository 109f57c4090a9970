<?php

declare(strict_types=1);

// ./tinta bench: the core's timings as ratios against something measured in the same run,
// so that they mean the same on every machine.

use Core\Codec\JsonText;
use Core\Codec\WorkFormula;
use Core\Formula\Bowl;
use Core\Formula\BowlAmount;
use Core\Formula\Part;
use Core\Practice\HouseRules;
use Core\Practice\LevelSchool;
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

// Shelves without the wanted level, as when it is out of stock: a line as makers print them, and one of tones at random.
$shelfOf = static function (int $count, string $kind): array {
    mt_srand(5);
    $all = ToneFamily::cases();
    $families = array_merge(...array_map(static fn (ToneFamily $one): array => [[$one], ...array_map(static fn (ToneFamily $two): array => [$one, $two], array_values(array_filter($all, static fn (ToneFamily $two): bool => $two !== $one)))], $all));
    $shelf = [new Candidate('clear', 'clear', Pigment::clear())];
    for ($at = 1; count($shelf) < $count; $at++) {
        $key = sprintf('%03d', $at);
        $tones = $kind === 'printed' ? $families[intdiv($at, 6)] : array_map(static fn (): ToneFamily => $all[mt_rand(0, count($all) - 1)], range(1, mt_rand(1, 3)));
        $weights = array_map(static fn (int $place): Fraction => $kind === 'printed' ? Fraction::of(2 - $place) : Fraction::of(mt_rand(1, 9)), array_keys($tones));
        $tone = ToneMix::mean(array_map(static fn (ToneFamily $each, Fraction $weight): array => [ToneMix::only($each), $weight], $tones, $weights));
        $level = $kind === 'printed' ? Fraction::of([4, 5, 6, 8, 9, 10][$at % 6]) : Fraction::of(mt_rand(2, 20), 2);
        $shelf[] = new Candidate($key, $key, new Pigment($level, $tone, $kind === 'printed' ? Fraction::one() : Fraction::of(mt_rand(1, 4), mt_rand(4, 5))));
    }

    return $shelf;
};
$wishes = [[ToneFamily::Natural], [ToneFamily::Gold], [ToneFamily::Gold, ToneFamily::Copper], [ToneFamily::Beige, ToneFamily::Ash, ToneFamily::Red]];
$wishOf = static fn (array $tones): Pigment => new Pigment(Fraction::of(7), ToneMix::mean(array_map(static fn (ToneFamily $tone): array => [ToneMix::only($tone), Fraction::one()], $tones)), Fraction::one());

// The worst of every wish, grey share and kind of shelf, by size; the alternative school of levels beside it.
foreach ([LevelSchool::Linear, LevelSchool::DyeWeighted] as $school) {
    $rules = HouseRules::standard()->withLevelSchool($school);
    foreach ([60, 120, 240, 400] as $count) {
        $worst = [0.0, '', true];
        foreach (['printed', 'random'] as $kind) {
            $shelf = $shelfOf($count, $kind);
            foreach ($wishes as $tones) {
                foreach ([0, 25, 50, 75] as $natural) {
                    [$took, $found] = timed(1, static fn (): array => FindBlends::for($wishOf($tones), Grams::ofCentigrams(6000), $shelf, Fraction::of($natural, 100), $rules));
                    if ($took > $worst[0]) {
                        $worst = [$took, "{$kind}, {$wishOf($tones)->tone->words()}, natural {$natural} %", $found[0]->complete];
                    }
                }
            }
        }
        printf("stand-in, %-12s %3d shades, worst of 32: %8.1f ms  (%s)%s\n", $school->value, $count, $worst[0], $worst[1], $worst[2] ? '' : '  stopped at its limit');
    }
}
foreach ([[ToneFamily::Natural], [ToneFamily::Gold, ToneFamily::Copper], [ToneFamily::Beige, ToneFamily::Ash, ToneFamily::Red]] as $tones) {
    // Without clear: with it, theirs is a programme for every sum of what carries a level.
    $shelf = array_slice($shelfOf(121, 'printed'), 1);
    [$ours, $found] = timed(5, static fn (): array => FindBlends::for($wishOf($tones), Grams::ofCentigrams(6000), $shelf, Fraction::zero(), HouseRules::standard()));
    [$theirs, $distance] = timed(1, static fn (): float => Glpsol::distance($wishOf($tones), $shelf, 600));
    row("stand-in for 7 {$wishOf($tones)->tone->words()}, 120 shades", $ours, 'glpsol, the same problem', $theirs);
    printf("    %s, distance %s (glpsol %.6f)\n", implode(' and ', array_map(static fn (array $part): string => "{$part['grams']->text()} of {$part['candidate']->label}", $found[0]->parts)), $found[0]->distance->decimal(6), $distance);
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

// A whole document of a thousand bowls of ten shades, against reading and writing the same JSON.
$letters = [];
for ($letter = 'A', $n = 0; $n < 1000; $n++, $letter++) {
    $letters[] = $letter;
}
$products = array_merge(...array_map(static fn (string $tone): array => array_map(static fn (int $level): array => ['id' => "{$level}{$tone}", 'code' => "{$level}{$tone}"], range(1, 10)), ['N', 'C', 'G']));
$document = [
    'tinta' => 2, 'developers' => [['id' => 'd20', 'strength' => '20 vol']],
    'lines' => [['id' => 'tide', 'kind' => 'permanent', 'ratio' => '1:1.5', 'notation' => 'letters', 'tones' => ['N' => ['natural' => 1], 'C' => ['copper' => 1], 'G' => ['gold' => 1]], 'developers' => ['d20'], 'window' => ['min' => 30, 'target' => 35, 'max' => 45], 'products' => $products]],
    'bowls' => array_map(static fn (string $letter, int $n): array => [
        'letter' => $letter, 'line' => 'tide', 'ratio' => '1:1.5', 'amount' => ['of' => 'total', 'grams' => (100 + $n % 90).' g'], 'place' => ['regions' => [], 'spans' => ['root']], 'minutes' => 35,
        'parts' => [['ingredients' => array_map(static fn (int $k): array => ['product' => (1 + $k).['N', 'C', 'G'][($n + $k) % 3], 'share' => (string) (1 + ($n + $k) % 4)], range(0, 9))], ['ingredients' => [['product' => 'd20', 'share' => 'all']]]],
    ], $letters, array_keys($letters)),
];
$text = json_encode($document, JSON_THROW_ON_ERROR);
[$work, $worked] = timed(3, static fn (): WorkFormula => WorkFormula::of(json_decode($text, true)));
[$carry] = timed(3, static fn (): string => JsonText::read($text)->with($worked));
row('work a document of 1000 bowls of ten shades', $work, 'the same document read and written', $carry);
