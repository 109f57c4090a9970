<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\Shade;
use Core\Codec\JsonNode;
use Core\Codec\ProblemList;
use Core\Codec\ReadProduct;
use Core\Shelf\Line;
use Core\Shelf\Pigment;
use Core\Shelf\ProductKind;
use Core\Tone\ToneFamily;

/** What a product of a line brings of level and tone: what was said of it by hand, else what its code says. */
final class ShadePigment
{
    public static function of(Shade $shade, Line $line): ?Pigment
    {
        return self::read($line, $shade->kind, $shade->code, $shade->tone, $shade->own);
    }

    /** @param  ?array<string, mixed>  $own  level and tone that were given by hand */
    public static function read(Line $line, ProductKind $kind, string $code, ?ToneFamily $tone, ?array $own): ?Pigment
    {
        $said = $own ?? [];
        if ($tone !== null) {
            $said['tone'] ??= [$tone->value => '1'];
        }

        return ReadProduct::pigment(new JsonNode($said, '', new ProblemList), $kind, $line, $code);
    }
}
