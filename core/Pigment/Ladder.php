<?php

declare(strict_types=1);

namespace Core\Pigment;

use Core\Colour\Lab;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;

/**
 * The ladder of levels: how light hair of a level is, what natural hair of it holds, and what a shade of a tone at that
 * level is meant to look like. A level is a lightness, whatever made it.
 */
final class Ladder
{
    public const LOWEST = 1.0;

    public const HIGHEST = 12.0;

    /** CIE lightness of level 1, and of each level more (our own model: even steps, black to nearly white). */
    private const LIGHTNESS_OF_ONE = 15.0;

    private const LIGHTNESS_STEP = 6.2;

    /**
     * By so much of its warmth hair reads deeper than it is light; what a toner of its level takes away (our own
     * model).
     */
    private const WARM_READS_DEEPER = 0.28;

    /** More warmth than this, in CIELAB units, is a colour of its own and reads no deeper. */
    private const WARM_MOST = 10.0;

    /** Warm is the way from blue to orange: a hue of 70° in CIELAB (our own model). */
    private const WARM = 70.0;

    /** How much an untouched granule swallows at 550 nm, and how much pheomelanin comes with one (our own model). */
    private const THICKNESS = 1.4;

    private const PHEOMELANIN = 0.12;

    /**
     * How much of a level's natural pigment a wish for a tone leaves standing; the rest is dye. Cool tones soften
     * hair's warmth and do not erase it, so more of it stands (our own model on common practice, no source).
     */
    private const STANDS = [
        'natural' => 1.0, 'ash' => 0.75, 'matte' => 0.75, 'violet' => 0.75, 'pearl' => 0.75, 'beige' => 0.88,
        'gold' => 0.42,
        'copper' => 0.42, 'mahogany' => 0.42, 'red' => 0.42, 'brown' => 0.5,
    ];

    /** How much dye a booster is drawn with: absorbance. */
    private const BOOSTER = 1.5;

    /** More of anything than hair ever holds: absorbance. */
    private const MOST = 12.0;

    /** The trade's words for the levels (common practice, no source). */
    private const WORDS = [
        1 => 'black',
        'darkest brown',
        'dark brown',
        'medium brown',
        'light brown',
        'dark blonde',
        'medium blonde',
        'light blonde',
        'very light blonde',
        'lightest blonde',
    ];

    /** @var array<string, Fibre> what was worked once: it cannot change */
    private static array $natural = [];

    /** @var array<string, Fibre> */
    private static array $toned = [];

    /** @var array<string, float> */
    private static array $doses = [];

    /** @var array<int, Lab> */
    private static array $rungs = [];

    /** @return list<array{level: int, words: string, colour: Lab}> natural hair, rung by rung */
    public static function rungs(): array
    {
        return array_map(
            static fn (int $level, string $words): array => [
                'level' => $level,
                'words' => $words,
                'colour' => self::natural($level)->seen(),
            ],
            array_keys(self::WORDS),
            self::WORDS,
        );
    }

    /** What hair of a level and tone is meant to look like: every swatch of a shade, and of a wish. */
    public static function of(Fraction $level, ToneMix $tone): Lab
    {
        return self::toned(Real::of($level), $tone)->seen();
    }

    /** What has a tone and no level: its dye on white hair; without a tone, white hair. */
    public static function withoutLevel(ToneMix $tone): Lab
    {
        return (new Fibre(0.0, 0.0, 0.0, array_map(
            static fn (float $share): float => $share * self::BOOSTER,
            Shade::shares($tone),
        )))->seen();
    }

    /**
     * The level an eye reads. Of natural hair it is its lightness; warm hair is lighter than natural hair of its level,
     * as bare yellow is than a blonde that was born so.
     *
     * @return float 1 to 12
     */
    public static function level(Lab $lab): float
    {
        return self::within(self::read($lab));
    }

    /** How much warmer than natural hair of that lightness, in CIELAB units; cooler below zero. */
    public static function warmth(Lab $lab): float
    {
        [$a, $b] = self::fromNatural($lab);

        return $a * cos(deg2rad(self::WARM)) + $b * sin(deg2rad(self::WARM));
    }

    /** The same colour so much warmer and redder, in CIELAB units, and so many levels deeper. */
    public static function drifted(Lab $lab, float $warmer, float $deeper, float $redder): Lab
    {
        [$cos, $sin] = [cos(deg2rad(self::WARM)), sin(deg2rad(self::WARM))];

        return $warmer === 0.0 && $deeper === 0.0 && $redder === 0.0 ? $lab : new Lab(
            max(0.0, min(100.0, $lab->lightness - self::LIGHTNESS_STEP * $deeper)),
            $lab->a + $warmer * $cos + $redder * $sin,
            $lab->b + $warmer * $sin - $redder * $cos,
        );
    }

    /** How much redder than natural hair, across the warmth; more golden or greener below zero. */
    public static function redness(Lab $lab): float
    {
        [$a, $b] = self::fromNatural($lab);

        return $a * sin(deg2rad(self::WARM)) - $b * cos(deg2rad(self::WARM));
    }

    /** @return array{float, float} a and b, seen from natural hair of that lightness */
    public static function fromNatural(Lab $lab): array
    {
        $at = self::within(self::ofLightness($lab->lightness));
        $below = min(self::HIGHEST - 1, floor($at));
        [$low, $high] = [self::rung((int) $below), self::rung((int) $below + 1)];
        $part = $at - $below;

        return [$lab->a - $low->a - $part * ($high->a - $low->a), $lab->b - $low->b - $part * ($high->b - $low->b)];
    }

    private static function rung(int $level): Lab
    {
        return self::$rungs[$level] ??= self::natural($level)->seen();
    }

    /** As `level`, and on beyond the ladder's ends. */
    private static function read(Lab $lab): float
    {
        return self::ofLightness(
            $lab->lightness - self::WARM_READS_DEEPER * max(0.0, min(self::WARM_MOST, self::warmth($lab))),
        );
    }

    private static function ofLightness(float $lightness): float
    {
        return 1 + ($lightness - self::LIGHTNESS_OF_ONE) / self::LIGHTNESS_STEP;
    }

    public static function natural(float $level): Fibre
    {
        $with = static fn (float $granules): Fibre => new Fibre(
            $granules,
            self::THICKNESS,
            self::PHEOMELANIN * $granules,
        );

        return self::$natural[self::key($level)] ??= $with(Until::falls(
            self::within($level),
            static fn (float $granules): float => self::ofLightness($with($granules)->seen()->lightness),
            self::MOST,
        ));
    }

    /** Hair whose level is reached by a shade's own dye over some natural pigment. */
    public static function toned(float $level, ToneMix $tone): Fibre
    {
        $own = Shade::shares($tone);
        if ($own === [] || $own === [ToneFamily::Natural->value => 1.0]) {
            return self::natural($level);
        }
        $key = self::key($level).json_encode(
            array_map(static fn (float $share): int => (int) round(1000 * $share), $own),
        );

        $stands = 0.0;
        foreach ($own as $family => $share) {
            $stands += $share * self::STANDS[$family];
        }

        return self::$toned[$key] ??= self::until($level, static function (
            float $dye,
        ) use ($level, $own, $stands): Fibre {
            $natural = self::natural($level);
            $base = new Fibre($natural->granules * $stands, $natural->thickness, $natural->pheomelanin * $stands);

            return $base->dyed(array_map(static fn (float $share): float => $share * $dye, Shade::bodyOf($own)));
        });
    }

    /**
     * How much of a family's shade brings white hair to that level: how its maker doses it (our own model). Worked at
     * whole and half levels, straight between.
     */
    public static function dose(float $level, ToneFamily $family = ToneFamily::Natural): float
    {
        $at = 2 * self::within($level);
        $below = min(2 * self::HIGHEST - 1, floor($at));
        $part = $at - $below;

        return (1 - $part) * self::dosed($below / 2, $family) + $part * self::dosed(($below + 1) / 2, $family);
    }

    private static function dosed(float $level, ToneFamily $family): float
    {
        return self::$doses["{$family->value} {$level}"] ??= Until::falls(
            $level,
            static fn (float $dye): float => self::read((new Fibre(0.0, 0.0, 0.0, array_map(
                static fn (float $share): float => $share * $dye,
                Shade::bodyOf([$family->value => 1.0]),
            )))->seen()),
            self::MOST,
        );
    }

    /**
     * The fibre that reads as that level; more of the amount makes it deeper.
     *
     * @param  callable(float): Fibre  $with  so much of something
     */
    public static function until(float $level, callable $with): Fibre
    {
        return $with(Until::falls(
            self::within($level),
            static fn (float $amount): float => self::read($with($amount)->seen()),
            self::MOST,
        ));
    }

    private static function within(float $level): float
    {
        return max(self::LOWEST, min(self::HIGHEST, $level));
    }

    /** Levels are told apart to a hundredth. */
    private static function key(float $level): string
    {
        return (string) (int) round(100 * self::within($level));
    }
}
