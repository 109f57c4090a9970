<?php

declare(strict_types=1);

namespace Tests\Core;

use Core\Formula\Bowl;
use Core\Formula\BowlAmount;
use Core\Formula\Part;
use Core\Shelf\Ingredient;
use Core\Shelf\Pigment;
use Core\Shelf\Product;
use Core\Shelf\ProductKind;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\MixRatio;
use Core\Units\Share;
use Core\Units\Strength;

/** Short ways to say bowls in tests, and a seeded source of random ones for the properties. */
final class Sample
{
    public static function g(string $grams): Grams
    {
        return \Core\Units\MassReading::plain()->read($grams);
    }

    /** A shade of line L, named by its code. */
    public static function shade(
        string $code,
        Fraction $level,
        ToneMix $tone,
        bool $withdrawn = false,
        bool $double = false,
    ): Product {
        return new Product(
            id: $code,
            line: 'L',
            code: $code,
            name: $code,
            kind: ProductKind::Shade,
            strength: null,
            pack: null,
            density: Fraction::one(),
            withdrawn: $withdrawn,
            pigment: new Pigment($level, $tone, Fraction::of($double ? 2 : 1), $double),
        );
    }

    /**
     * @param  list<string>  $colourShares
     * @param  array<string, string>  $developers  strength text => share text
     */
    public static function bowl(
        array $colourShares,
        string $ratio,
        BowlAmount $amount,
        array $developers = ['20 vol' => 'all'],
    ): Bowl {
        $mix = MixRatio::parse($ratio);
        $colour = [];
        foreach ($colourShares as $index => $share) {
            $colour[] = new Ingredient("c{$index}", "shade {$index}", Share::parse($share));
        }
        $parts = [new Part('colour', $colour)];
        if ($mix->hasDeveloper()) {
            $second = [];
            foreach ($developers as $strength => $share) {
                $second[] = new Ingredient(
                    "d {$strength}",
                    $strength,
                    Share::parse($share),
                    Strength::parse($strength),
                );
            }
            $parts[] = new Part('developer', $second);
        }
        for ($index = 2; $index < count($mix->parts); $index++) {
            $parts[] = new Part('third part', [new Ingredient("t{$index}", 'base', Share::parse('all'))]);
        }

        return new Bowl($mix, $parts, $amount);
    }

    /**
     * Bowls nobody thought of: any parts, ratio, step and way of giving the amount.
     *
     * @return iterable<string, array{Bowl, \Core\Units\ScaleStep}>
     */
    public static function anyBowls(int $count, int $seed): iterable
    {
        mt_srand($seed);
        $ratios = ['1:1', '1:1.5', '1:2', '2:1', '1:2.5:3.5', '1:1¼', '3:7', 'no developer'];
        for ($i = 0; $i < $count; $i++) {
            $shares = array_map(static fn (): string => (string) mt_rand(1, 9), range(1, mt_rand(1, 5)));
            $ratio = $ratios[mt_rand(0, count($ratios) - 1)];
            $grams = Grams::ofCentigrams(mt_rand(60, 500) * 50);
            $amount = match (mt_rand(0, $ratio === 'no developer' ? 2 : 3)) {
                0 => BowlAmount::total($grams),
                1 => BowlAmount::colour($grams),
                2 => BowlAmount::ingredient('c0', Grams::ofCentigrams(mt_rand(20, 60) * 50)),
                default => BowlAmount::developer($grams),
            };
            $developers = mt_rand(0, 1) === 0
                ? ['20 vol' => 'all']
                : ['10 vol' => (string) mt_rand(1, 4), '40 vol' => (string) mt_rand(1, 4)];
            $step = \Core\Units\ScaleStep::cases()[mt_rand(0, 2)];
            yield "#{$i} ".implode('+', $shares)
                ." {$ratio} {$amount->kind->value} {$grams->text()} {$step->show()}" => [
                    self::bowl($shares, $ratio, $amount, $developers),
                    $step,
                ];
        }
    }
}
