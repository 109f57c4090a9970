<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\ColourLine;
use App\Models\Shade;
use Core\Pigment\Ladder;
use Core\Practice\HouseRules;
use Core\Shelf\Line;
use Core\Shelf\Pigment;
use Core\Shelf\ProductKind;
use Core\Tone\ToneFamily;

/** What a product of a colour line is drawn as: by the one model of pigments, where its level or tone is known. */
final class ShadeSwatch
{
    /** What nobody knows the colour of. */
    private const UNKNOWN = '#d8d2c6';

    private const PLAIN = [
        'lightener' => '#e7ecf3', 'additive' => '#cfd8dc', 'care' => '#f3efe4', 'base' => '#efe6d8',
    ];

    /** @return ?string as #rrggbb; null where its colour is not read from a code: powder, bond builder, conditioner */
    public static function of(ColourLine $line, string $kind, string $code, ?string $tone): ?string
    {
        return self::drawn(ShadePigment::read(
            LineJson::line($line, HouseRules::standard()),
            ProductKind::from($kind),
            $code,
            $tone === null ? null : ToneFamily::from($tone),
            null,
        ));
    }

    /** @return string as #rrggbb, of whatever it is */
    public static function ofShade(Shade $shade, Line $line): string
    {
        return self::drawn(ShadePigment::of($shade, $line)) ?? self::plain($shade->kind);
    }

    public static function plain(ProductKind $kind): string
    {
        return self::PLAIN[$kind->value] ?? self::UNKNOWN;
    }

    public static function drawn(?Pigment $pigment): ?string
    {
        return match (true) {
            $pigment === null => null,
            $pigment->level !== null => Ladder::of($pigment->level, $pigment->tone)->hex(),
            default => Ladder::withoutLevel($pigment->tone)->hex(),
        };
    }
}
