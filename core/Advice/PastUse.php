<?php

declare(strict_types=1);

namespace Core\Advice;

use Core\Units\Fraction;
use Core\Units\Grams;

/** What a client's bowl for the same job came to in one closed visit. */
final readonly class PastUse
{
    /**
     * @param  Grams  $colour  colour part that was mixed: as planned, but for what a hand took on purpose
     * @param  Grams  $mixed  whole mixture
     * @param  Grams  $used  mixed less what was weighed back
     * @param  bool  $good  lasting, covering, bright
     * @param  bool  $fadedOrGrey  fading or grey showing was noted afterwards
     */
    public function __construct(
        public Grams $colour,
        public Grams $mixed,
        public Grams $used,
        public bool $good,
        public bool $fadedOrGrey,
    ) {
    }

    /**
     * What was said of a visit decides whether it counts as good, and whether grey showed or colour faded.
     *
     * @param  bool  $liked  its verdict is good
     * @param  ?bool  $lasting  null where nobody has said; as the next two
     * @param  ?bool  $greyShown  said at the next visit, as lasting is
     * @param  string  $words  of the outcome and of what is to change
     */
    public static function judged(
        Grams $colour,
        Grams $mixed,
        Grams $used,
        bool $liked,
        ?bool $lasting,
        ?bool $covering,
        ?bool $bright,
        string $words,
        ?bool $greyShown = null,
    ): self {
        return new self(
            $colour, $mixed, $used,
            $liked && ! in_array(false, [$lasting, $covering, $bright], true) && $greyShown !== true,
            $lasting === false || $covering === false || $greyShown === true || self::saysFaded($words),
        );
    }

    /** Whether so much less colour would have done as well: what came back is the step's mixture at least. */
    public function leftAtLeast(Grams $step): bool
    {
        if ($this->colour->isZero() || ! $this->colour->isMoreThan($step)) {
            return false;
        }
        $rest = $this->mixed->exactly()->times(
            Fraction::of($this->colour->centigrams - $step->centigrams, $this->colour->centigrams),
        );

        return $this->used->exactly()->compare($rest) <= 0;
    }

    /** “faded”, “grey shows”, “patchy”; but not “no fading at all”, and not “did not fade”. */
    public static function saysFaded(string $words): bool
    {
        foreach (preg_split('/[.,;:!?\n]|\bbut\b|\band\b/u', mb_strtolower($words)) ?: [] as $clause) {
            if (preg_match('/^(.*?)\b(?:fad(?:e|ed|es|ing)\b|grey (?:is )?show|patch)/u', $clause, $m) === 1
                && preg_match(
                    '/\b(?:no|not|never|without|nothing|hardly|didn[’\']t|doesn[’\']t|less|stopped)\b[\w\s’\']{0,24}$/u',
                    $m[1],
                ) !== 1) {
                return true;
            }
        }

        return false;
    }
}
