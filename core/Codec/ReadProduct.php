<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\CoreException;
use Core\Fact;
use Core\Shelf\Line;
use Core\Shelf\Pigment;
use Core\Shelf\Product;
use Core\Shelf\ProductKind;
use Core\Shelf\ReadCode;
use Core\Tone\ToneMix;
use Core\Units\Fraction;
use Core\Units\Grams;
use Core\Units\MassReading;

/** Reads one product of a colour line, as a document brings it and as a salon writes it. */
final class ReadProduct
{
    public static function from(JsonNode $node, Line $line, MassReading $reading): ?Product
    {
        $code = $node->at('code')->text(40);
        $id = ReadLine::id($node);
        $kind = ProductKind::tryFrom($node->at('kind')->isGiven() ? $node->at('kind')->text() : 'shade');
        if ($kind === null || $kind === ProductKind::Developer) {
            $node->at('kind')->problem(Fact::of('documents.no-kind-product'));

            return null;
        }
        $pack = $node->at('pack')->isGiven() ? $node->at('pack')->through($reading->read(...)) : null;
        $density = self::density($node->at('density'));

        return $id === '' ? null : new Product(
            id: $id,
            line: $line->id,
            code: $code,
            name: $node->at('name')->text() ?: $code,
            kind: $kind,
            strength: null,
            pack: $pack instanceof Grams ? $pack : null,
            density: $density ?? $line->density ?? Fraction::one(),
            pigment: self::pigment($node, $kind, $line, $code),
        );
    }

    /** Grams per millilitre; null where nothing is said, or nothing that can be. */
    public static function density(JsonNode $node): ?Fraction
    {
        $density = $node->isGiven() ? $node->through(Fraction::parse(...)) : null;
        if (! $density instanceof Fraction) {
            return null;
        }
        if ($density->compare(Fraction::of(1, 10)) < 0 || $density->compare(Fraction::of(10)) > 0) {
            $node->problem(Fact::of('documents.density-cannot', density: $density->decimal(2)));
        }

        return $density;
    }

    /**
     * What it brings of level and tone: what is said of it (level, tone), else what its code says. A code that nobody
     * can read names its product all the same: it is weighed, and says nothing of level and tone.
     */
    public static function pigment(JsonNode $node, ProductKind $kind, Line $line, string $code): ?Pigment
    {
        $level = ReadCanvas::level($node->at('level'));
        $tone = ReadLine::tone($node->at('tone'));
        if ($level instanceof Fraction) {
            return new Pigment($level, $tone, Fraction::one());
        }

        return match ($kind) {
            ProductKind::Shade => self::byCode($line, $code, $tone),
            ProductKind::Clear => Pigment::clear(),
            ProductKind::Booster => $tone->isNone() ? null : Pigment::booster($tone),
            default => null,
        };
    }

    private static function byCode(Line $line, string $code, ToneMix $own): ?Pigment
    {
        try {
            $read = Pigment::read(ReadCode::by($line->legend, $code));
        } catch (CoreException) {
            return null;
        }

        return $own->isNone() ? $read : new Pigment($read->level, $own, $read->intensity, $read->doubleNatural);
    }
}
