<?php

declare(strict_types=1);

namespace Core\Shelf;

use Core\Tone\ToneMix;
use Core\Units\Fraction;

/**
 * What a line's letters or digits mean. The same digit means different things in different lines,
 * so nothing is read without one.
 */
final readonly class Legend
{
    /**
     * @param  array<string, ToneMix>  $tones  by letter group (upper case) or digit
     * @param  list<string>  $separators  what may stand between level and tone, of . / -
     * @param  Fraction  $primary  how many times the secondary the primary weighs; 2 unless the line says otherwise
     *     (our model)
     * @param  bool  $lettersRankEqually  CG is half copper, half gold (common practice, no source)
     * @param  array{int, int}  $levels  lowest and highest
     * @param  bool  $doubledLevelIsIntense  44/65 is an intense 4/65
     * @param  bool  $zeroMutes  .03 is a muted 3; false: .03 is a natural base with a touch of 3
     * @param  array<string, CodeMark>  $marks  what the house's or the maker's marks after a code say: 5NX+
     */
    public function __construct(
        public NotationKind $kind,
        public array $tones,
        public array $separators,
        public Fraction $primary,
        public bool $lettersRankEqually,
        public array $levels,
        public bool $doubledLevelIsIntense,
        public bool $zeroMutes,
        public array $marks = [],
    ) {
    }

    /** @param  array<string, ToneMix>  $tones */
    public static function letters(array $tones): self
    {
        return new self(
            kind: NotationKind::Letters,
            tones: $tones,
            separators: [],
            primary: Fraction::of(2),
            lettersRankEqually: true,
            levels: [1, 12],
            doubledLevelIsIntense: false,
            zeroMutes: false,
        );
    }

    /**
     * @param  array<string, ToneMix>  $tones
     * @param  list<string>  $separators
     */
    public static function digits(array $tones, array $separators = ['.', '/', '-']): self
    {
        return new self(
            kind: NotationKind::Digits,
            tones: $tones,
            separators: $separators,
            primary: Fraction::of(2),
            lettersRankEqually: false,
            levels: [1, 12],
            doubledLevelIsIntense: true,
            zeroMutes: true,
        );
    }

    public function withPrimary(Fraction $primary): self
    {
        return new self(
            kind: $this->kind,
            tones: $this->tones,
            separators: $this->separators,
            primary: $primary,
            lettersRankEqually: $this->lettersRankEqually,
            levels: $this->levels,
            doubledLevelIsIntense: $this->doubledLevelIsIntense,
            zeroMutes: $this->zeroMutes,
            marks: $this->marks,
        );
    }
}
