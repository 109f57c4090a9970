<?php

declare(strict_types=1);

namespace Core\Scale;

/**
 * How one kind of scale writes a line: its pieces in order, which of them is the weight, in which unit, and what says
 * that it is still. Learnt from a few lines that it sent (`LearnFormat`).
 *
 * @phpstan-type Shape array{kinds: string, words: array<int, string>, weight: int, unit: ?int, in: string, mark: ?int,
 *     still: string, absent: bool}
 */
final readonly class LineFormat
{
    /** What scales write instead of a number when they are overloaded. */
    private const OVERLOAD = '/^\W*(OL|OF|OVER|OVERLOAD|HI|HIGH|ERR|[-_^]{3,})\W*\w{0,2}\W*$/i';

    /**
     * @param  string  $kinds  the kinds of its pieces, one after the other, where everything is there
     * @param  array<int, string>  $words  those that never change, by their place
     * @param  int  $weight  the place of the weight
     * @param  ?int  $unit  the place of its unit; null where it writes none
     * @param  WeightUnit  $in  what it shows where it writes no unit
     * @param  ?int  $mark  the place of what says whether it is still; null where nothing does
     * @param  string  $still  what stands there once it is still; empty where nothing stands there then
     * @param  bool  $absent  whether the mark is left out in one of the two
     */
    public function __construct(
        public string $kinds,
        public array $words,
        public int $weight,
        public ?int $unit,
        public WeightUnit $in,
        public ?int $mark,
        public string $still,
        public bool $absent,
    ) {
    }

    /** Whether the line says that it is still, or only time can tell. */
    public function tellsStill(): bool
    {
        return $this->mark !== null;
    }

    /**
     * @param  int  $sequence  how many lines were heard before
     *
     * @throws GarbledLine
     */
    public function read(string $line, int $sequence = 0): ScaleLine
    {
        $text = trim($line);
        if (preg_match(self::OVERLOAD, $text) === 1) {
            return ScaleLine::overload($sequence);
        }
        $tokens = Token::all($text);
        $kinds = implode('', array_map(static fn (Token $token): string => $token->kind(), $tokens));
        $still = true;
        if ($this->mark !== null && $this->absent && $kinds !== $this->kinds) {
            // The mark is not there: every piece after it stands one place earlier.
            array_splice($tokens, $this->mark, 0, [null]);
            $kinds = substr_replace($kinds, $this->kinds[$this->mark] ?? '', $this->mark, 0);
            $still = $this->still === '';
        } elseif ($this->mark !== null) {
            $still = ($tokens[$this->mark] ?? null)?->text === $this->still;
        }
        $weight = $tokens[$this->weight] ?? null;
        if ($kinds !== $this->kinds || $weight === null) {
            throw GarbledLine::unreadable();
        }
        foreach ($this->words as $at => $word) {
            if (($tokens[$at] ?? null)?->text !== $word) {
                throw GarbledLine::unreadable();
            }
        }
        $unit = $this->unit === null ? $this->in : WeightUnit::read($tokens[$this->unit]->text ?? '');
        if ($unit === null) {
            throw GarbledLine::unknownUnit();
        }

        return ScaleLine::weight($sequence, $unit->centigrams($weight->number()), $still);
    }

    /** @return Shape */
    public function toArray(): array
    {
        return [
            'kinds' => $this->kinds, 'words' => $this->words, 'weight' => $this->weight, 'unit' => $this->unit,
            'in' => $this->in->value, 'mark' => $this->mark, 'still' => $this->still, 'absent' => $this->absent,
        ];
    }

    /**
     * @param  array<mixed>  $json  as toArray() writes it
     *
     * @throws GarbledLine where it is no format
     */
    public static function fromArray(array $json): self
    {
        $place = static fn (mixed $value): ?int => is_int($value) && $value >= 0 && $value < 60 ? $value : null;
        $weight = $place($json['weight'] ?? null);
        $in = is_string($json['in'] ?? null) ? WeightUnit::tryFrom($json['in']) : null;
        if (
            $weight === null
            || $in === null
            || ! is_string($json['kinds'] ?? null)
            || ! is_string($json['still'] ?? null)
        ) {
            throw GarbledLine::unreadable();
        }
        $words = [];
        foreach (is_array($json['words'] ?? null) ? $json['words'] : [] as $at => $word) {
            if (is_string($word)) {
                $words[(int) $at] = $word;
            }
        }

        return new self(
            kinds: $json['kinds'],
            words: $words,
            weight: $weight,
            unit: $place($json['unit'] ?? null),
            in: $in,
            mark: $place($json['mark'] ?? null),
            still: $json['still'],
            absent: ($json['absent'] ?? false) === true,
        );
    }
}
