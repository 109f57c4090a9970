<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\ColourLine;
use Core\CoreException;
use Core\Pigment\Ladder;
use Core\Shelf\ReadCode;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;

/** What a product of a colour line is drawn as: by the one model of pigments, where its code or its tone can be read. */
final class ShadeSwatch
{
    /** @return ?string as #rrggbb; null where its colour is not read from a code: powder, bond builder, conditioner */
    public static function of(ColourLine $line, string $kind, string $code, ?string $tone): ?string
    {
        try {
            if ($kind === 'shade') {
                $read = ReadCode::by(LegendJson::legend($line->legend), $code);

                return Ladder::of(Fraction::of($read->level), $read->tone)->hex();
            }
        } catch (CoreException) {
            return null;
        }

        return match ($kind) {
            'booster' => $tone === null ? null : Ladder::withoutLevel(ToneMix::only(ToneFamily::from($tone)))->hex(),
            'clear' => Ladder::withoutLevel(ToneMix::none())->hex(),
            default => null,
        };
    }
}
