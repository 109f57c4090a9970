<?php

declare(strict_types=1);

namespace Core\Service;

use Core\Colour\Lab;
use Core\Fact;
use Core\Hair\Sections;
use Core\Pigment\HairColour;
use Core\Pigment\Ladder;
use Core\Pigment\Real;
use Core\Practice\Number;
use Core\Units\Fraction;

/**
 * How kinds of strands side by side read as a whole: what an eye mixes of them, and how far apart light and dark are.
 */
final readonly class WholeHead
{
    /**
     * @param  Lab  $seen  what they mix to from some steps away
     * @param  Fraction  $level  of that mixture
     * @param  Fraction  $contrast  levels between the darkest and the lightest kind that is enough to be seen
     * @param  ?Fraction  $light  the share of those nearer to the lightest; null where there is no contrast
     * @param  Sections  $sections  the widest that they lie in
     */
    private function __construct(
        public Lab $seen,
        public Fraction $level,
        public Fraction $contrast,
        public ?Fraction $light,
        public Sections $sections,
    ) {
    }

    public function says(): Fact
    {
        if ($this->light === null) {
            return Fact::of('why.whole-head.even', level: $this->level->decimal(1));
        }
        $percent = $this->light->times(Fraction::of(100));
        [$light, $level, $contrast] = [$percent->decimal(0), $this->level->decimal(1), $this->contrast->decimal(1)];

        return match (true) {
            $this->contrast->compare($this->sections->seenFrom()) >= 0 => Fact::of(
                'why.whole-head.seen',
                light: $light,
                level: $level,
                contrast: $contrast,
            ),
            $this->sections === Sections::Wide => Fact::of(
                'why.whole-head.soft-wide',
                light: $light,
                level: $level,
                contrast: $contrast,
            ),
            default => Fact::of('why.whole-head.soft', light: $light, level: $level, contrast: $contrast),
        };
    }

    /**
     * Whole places side by side are as wide as sections get.
     *
     * @param  non-empty-list<StrandStory>  $strands
     */
    private static function sections(array $strands): Sections
    {
        $widths = [];
        foreach ($strands as $story) {
            foreach ($story->strand->laid as ['stroke' => $stroke]) {
                if ($stroke->method?->isPartial() === true || $stroke->pattern !== null) {
                    $widths[] = Sections::of($stroke);
                }
            }
        }

        return match (true) {
            $widths === [], in_array(Sections::Wide, $widths, true) => Sections::Wide,
            in_array(Sections::Usual, $widths, true) => Sections::Usual,
            default => Sections::Narrow,
        };
    }

    /** @param  non-empty-list<StrandStory>  $strands */
    public static function of(array $strands): self
    {
        $seen = HairColour::sideBySide(array_map(
            static fn (StrandStory $story): array => [$story->colour, Real::of($story->strand->share)],
            $strands,
        ));
        $counted = array_values(array_filter(
            $strands,
            static fn (StrandStory $story): bool => $story->strand->share->compare(Number::StrandCounts->value()) >= 0,
        )) ?: $strands;
        $levels = array_map(static fn (StrandStory $story): Fraction => $story->level(), $counted);
        usort($levels, static fn (Fraction $one, Fraction $other): int => $one->compare($other));
        [$darkest, $lightest] = [$levels[0], $levels[count($levels) - 1]];
        $contrast = $lightest->minus($darkest);
        $middle = $darkest->plus($contrast->dividedBy(Fraction::of(2)));
        $light = Fraction::zero();
        foreach ($strands as $story) {
            $light = $story->level()->compare($middle) > 0 ? $light->plus($story->strand->share) : $light;
        }

        return new self(
            $seen,
            Real::hundredths(Ladder::level($seen)),
            $contrast,
            $contrast->compare(Number::SameLevel->value()) <= 0 ? null : $light,
            self::sections($strands),
        );
    }
}
