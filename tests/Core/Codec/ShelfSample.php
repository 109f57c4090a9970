<?php

declare(strict_types=1);

namespace Tests\Core\Codec;

use Core\Shelf\Legend;
use Core\Shelf\LiftTable;
use Core\Shelf\Line;
use Core\Shelf\LineKind;
use Core\Shelf\Product;
use Core\Shelf\ProductKind;
use Core\Shelf\Shelf;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\MassReading;
use Core\Units\MixRatio;
use Core\Units\Strength;

/** Two small lines for tests. */
final class ShelfSample
{
    public static function shelf(): Shelf
    {
        $products = [];
        foreach ([
            ['s1', 'L', '6N', ProductKind::Shade, null],
            ['s2', 'L', '7G', ProductKind::Shade, null],
            ['clear', 'L', 'clear', ProductKind::Clear, null],
            ['bond', 'L', 'bond', ProductKind::Additive, null],
            ['other', 'M', '5.0', ProductKind::Shade, null],
            ['d10', '', '10 vol', ProductKind::Developer, Strength::vol(10)],
            ['d20', '', '20 vol', ProductKind::Developer, Strength::vol(20)],
            ['d40', '', '40 vol', ProductKind::Developer, Strength::vol(40)],
        ] as [$id, $line, $code, $kind, $strength]) {
            $products[$id] = new Product(
                $id,
                $line,
                $code,
                $code,
                $kind,
                $strength,
                Grams::ofCentigrams(6000),
                Fraction::one(),
            );
        }

        return new Shelf([
            'L' => new Line(
                'L',
                'Line L',
                MixRatio::of(2, 3),
                ['d10', 'd20'],
                ['min' => 30, 'target' => 35, 'max' => 45],
                LineKind::Permanent,
                Legend::letters([]),
                LiftTable::standard(LineKind::Permanent),
            ),
            'M' => new Line(
                'M',
                'Line M',
                MixRatio::of(1, 2),
                ['d40'],
                ['min' => 20, 'target' => 20, 'max' => 20],
                LineKind::Demi,
                Legend::digits([]),
                LiftTable::standard(LineKind::Demi),
            ),
        ], $products, MassReading::plain());
    }

    /** @return array<string, mixed> a sound bowl */
    public static function json(): array
    {
        return [
            'letter' => 'a', 'job' => 'Root', 'line' => 'L', 'ratio' => '1:1½',
            'amount' => ['of' => 'total', 'grams' => '150 g'],
            'parts' => [
                ['ingredients' => [['product' => 's1', 'share' => '2'], ['product' => 's2', 'share' => '1']]],
                ['ingredients' => [['product' => 'd20', 'share' => 'all']]],
            ],
            'additives' => [['product' => 'bond', 'dose' => '2 g']],
            'place' => ['regions' => ['crown', 'back'], 'spans' => ['root', 'regrowth']],
            'minutes' => 35, 'note' => 'start at the back',
        ];
    }
}
