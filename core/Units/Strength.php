<?php

declare(strict_types=1);

namespace Core\Units;

/**
 * The strength of a developer, held exactly in volumes.
 *
 * One volume is one litre of oxygen at 0 °C and 1 atm from one litre of solution:
 * 2 H₂O₂ → 2 H₂O + O₂, so 2 × 34.0147 g/mol ÷ 22.414 L/mol = 3.035 g/L.
 * Labels round that to 0.3 % a volume (common practice, no source), and so does show().
 */
final readonly class Strength
{
    /** No hair product above 12 % (EU Regulation 1223/2009, Annex III, entry 12; from memory). */
    public const MOST_VOLUME = 40;

    private function __construct(public Fraction $volume)
    {
    }

    /** @throws InvalidStrength */
    public static function ofVolume(Fraction $volume): self
    {
        return match (true) {
            $volume
                ->isZero() || $volume
                ->isNegative() => throw InvalidStrength::notPositive($volume->decimal(2).' vol'),
            $volume->compare(
                Fraction::of(self::MOST_VOLUME),
            ) > 0 => throw InvalidStrength::aboveLimit($volume->decimal(2).' vol'),
            default => new self($volume),
        };
    }

    /** What a developer may have of which nobody knows how strong it is: anything up to what is allowed. */
    public static function unknown(): Bounds
    {
        return new Bounds(Fraction::zero(), Fraction::of(self::MOST_VOLUME));
    }

    /**
     * What is known of a strength: 20 vol, 10 to 20 vol, 10 or 20 vol, ?, and words without any number.
     *
     * @throws InvalidStrength
     */
    public static function known(string $text): Bounds
    {
        $plain = mb_strtolower(trim($text));
        if ($plain !== '' && preg_match('/\d/', $plain) !== 1) {
            return self::unknown();
        }
        $pieces = preg_split('/\s*(?:\bto\b|\bor\b|–|,)\s*/u', rtrim($plain, ' ?')) ?: [];
        if (count($pieces) < 2) {
            return Bounds::exactly(self::parse(rtrim($text, ' ?'))->volume);
        }
        $unit = str_contains($pieces[count($pieces) - 1], '%') ? '%' : 'vol';
        $each = array_map(
            static fn (string $piece): Fraction => self::parse(
                preg_match('/[a-z%]/', $piece) === 1 ? $piece : "{$piece} {$unit}",
            )->volume,
            $pieces,
        );
        usort($each, static fn (Fraction $one, Fraction $other): int => $one->compare($other));

        return new Bounds($each[0], $each[count($each) - 1]);
    }

    /** @throws InvalidStrength */
    public static function vol(int $volume): self
    {
        return self::ofVolume(Fraction::of($volume));
    }

    /** @throws InvalidStrength */
    public static function ofPercent(Fraction $percent): self
    {
        return self::ofVolume($percent->times(Fraction::of(10, 3)));
    }

    /**
     * Reads 20 vol, 20v, vol 20, 6 %, 20 vol 6 %, and a bare number that can only be one of them.
     *
     * @throws InvalidStrength
     */
    public static function parse(string $text): self
    {
        $plain = mb_strtolower(trim($text));
        $number = '(\d+(?:[.,]\d+)?)';
        try {
            if (
                preg_match(
                    "/^(?:{$number}\s*(?:vol|volumes?|v)\.?|vol(?:ume)?\.?\s*{$number})[\s\/,=(]*{$number}\s*%\)?$/u",
                    $plain,
                    $m,
                ) === 1
            ) {
                return self::agreed(Fraction::parse($m[1] !== '' ? $m[1] : $m[2]), Fraction::parse($m[3]), $text);
            }
            if (preg_match("/^{$number}\s*%[\s\/,=(]*{$number}\s*(?:vol|volumes?|v)\.?\)?$/u", $plain, $m) === 1) {
                return self::agreed(Fraction::parse($m[2]), Fraction::parse($m[1]), $text);
            }
            if (
                preg_match("/^{$number}\s*(?:vol|volumes?|v)\.?$/u", $plain, $m) === 1
                || preg_match("/^vol(?:ume)?\.?\s*{$number}$/u", $plain, $m) === 1
            ) {
                return self::ofVolume(Fraction::parse($m[1]));
            }
            if (preg_match("/^{$number}\s*%$/u", $plain, $m) === 1) {
                return self::ofPercent(Fraction::parse($m[1]));
            }
            if (preg_match("/^{$number}$/u", $plain, $m) === 1) {
                return self::bare(Fraction::parse($m[1]), $text);
            }
        } catch (InvalidNumber) {
            throw InvalidStrength::unreadable($text);
        }
        throw InvalidStrength::unreadable($text);
    }

    public function percent(): Fraction
    {
        return self::percentOf($this->volume);
    }

    /** What labels print for so many volumes: 0.3 % each (common practice, no source). */
    private static function percentOf(Fraction $volume): Fraction
    {
        return $volume->times(Fraction::of(3, 10));
    }

    /**
     * A strength that is known, or known to lie between two, as labels print it.
     *
     * @return array{vol: string, percent: string}
     */
    public static function labels(Bounds $volume, int $places): array
    {
        $percent = new Bounds(
            self::percentOf($volume->least),
            $volume->most === null ? null : self::percentOf($volume->most),
        );

        return ['vol' => $volume->show($places), 'percent' => $percent->show(2)];
    }

    /** The same in words: 20 vol (6 %), 10 to 20 vol (3 to 6 %). */
    public static function words(Bounds $volume): string
    {
        ['vol' => $volumes, 'percent' => $percent] = self::labels($volume, 1);

        return "{$volumes} vol ({$percent} %)";
    }

    /** What is left of the strength when it makes up $share of a mixture (0 to 1). */
    public function dilutedTo(Fraction $share): self
    {
        return new self($this->volume->times($share));
    }

    public function equals(self $that): bool
    {
        return $this->volume->equals($that->volume);
    }

    public function compare(self $that): int
    {
        return $this->volume->compare($that->volume);
    }

    /** Both ways people say it: 20 vol (6 %). */
    public function show(): string
    {
        return "{$this->volume->decimal(1)} vol ({$this->percent()->decimal(2)} %)";
    }

    public function showVolume(): string
    {
        return "{$this->volume->decimal(2)} vol";
    }

    private static function agreed(Fraction $volume, Fraction $percent, string $text): self
    {
        $said = self::ofVolume($volume);

        return $said->percent()->equals($percent)
            ? $said
            : throw InvalidStrength::disagree($text, $said->show(), $percent->decimal(2).' %');
    }

    /** Above 12 a bare number can only be volumes; at 12 and below it may be either. */
    private static function bare(Fraction $number, string $text): self
    {
        if ($number->compare(Fraction::of(12)) > 0) {
            return self::ofVolume($number);
        }
        if ($number->isZero()) {
            throw InvalidStrength::notPositive($text);
        }
        throw InvalidStrength::ambiguous($text, self::ofVolume($number)->show(), self::ofPercent($number)->show());
    }
}
