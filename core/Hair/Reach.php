<?php

declare(strict_types=1);

namespace Core\Hair;

use Core\Practice\Number;
use Core\Units\Fraction;
use Core\Units\InvalidNumber;

/**
 * How far along the strand, measured from the scalp, where somebody measures: the first two centimetres, from 3 to 8
 * cm, from 5 cm on.
 */
final readonly class Reach
{
    /** Longer than any hair is worked. */
    private const LONGEST_CM = 200;

    /**
     * @param  Fraction  $from  centimetres from the scalp
     * @param  ?Fraction  $to  centimetres from the scalp; null for to the ends
     * @param  string  $said  as it was typed
     */
    private function __construct(public Fraction $from, public ?Fraction $to, private string $said)
    {
    }

    /**
     * Reads 0 to 3 cm, 3–8 cm, first 2 cm, up to 2 cm, from 5 cm, 5 cm to the ends, 1 inch, 1½ in.
     *
     * @throws InvalidReach
     */
    public static function parse(string $text): self
    {
        $plain = mb_strtolower(trim($text));
        if (preg_match('/^(.+?)\s*(cm|in|inch|inches|"|”)\s*(?:(to (?:the )?ends|on|and on))?$/u', $plain, $m) !== 1) {
            throw InvalidReach::unreadable($text);
        }
        $unit = $m[2] === 'cm' ? Fraction::one() : Number::InchCentimetres->value();
        $rest = trim($m[1]);
        $open = isset($m[3]);
        if (preg_match('/^from\s+(.+)$/u', $rest, $from) === 1 && preg_match('/\bto\b|[–-]/u', $from[1]) !== 1) {
            [$rest, $open] = [$from[1], true];
        }
        $rest = (string) preg_replace('/^(?:the )?(?:first|up to|from)\s+/u', '', $rest);
        try {
            $ends = array_map(
                static fn (string $each): Fraction => Fraction::parse($each)->times($unit),
                preg_split('/\s*(?:\bto\b|–|-)\s*/u', $rest) ?: [],
            );
        } catch (InvalidNumber) {
            throw InvalidReach::unreadable($text);
        }

        return self::between(match (true) {
            count($ends) === 2 && ! $open => $ends,
            count($ends) === 1 => $open ? [$ends[0], null] : [Fraction::zero(), $ends[0]],
            default => throw InvalidReach::unreadable($text),
        }, $text);
    }

    /** @param  array{Fraction, ?Fraction}  $ends */
    private static function between(array $ends, string $text): self
    {
        [$from, $to] = $ends;
        if ($to !== null && $to->compare($from) <= 0) {
            throw InvalidReach::backwards($text);
        }
        if (($to ?? $from)->compare(Fraction::of(self::LONGEST_CM)) > 0) {
            throw InvalidReach::tooFar($text);
        }

        return new self($from, $to, trim($text));
    }

    /** As it was typed; parse() reads it back. */
    public function text(): string
    {
        return $this->said;
    }

    /** In centimetres from the scalp, whatever it was typed in. */
    public function words(): string
    {
        return $this->to === null
            ? "from {$this->from->decimal(1)} cm to the ends"
            : "{$this->from->decimal(1)} to {$this->to->decimal(1)} cm from the scalp";
    }

    public function touchesScalp(): bool
    {
        return $this->from->isZero();
    }

    /**
     * The spans it surely lies in. Where the mids end depends on how long the hair is: only what goes to the ends
     * reaches them.
     *
     * @return non-empty-list<Span>
     */
    public function spans(): array
    {
        $root = Number::RootCentimetres->value();
        $spans = [];
        if ($this->from->compare($root) < 0) {
            $spans[] = Span::Root;
        }
        if ($this->to === null || $this->to->compare($root) > 0) {
            $spans[] = $this->from->compare($root) < 0 ? Span::Regrowth : Span::Mids;
        }
        if ($this->to === null) {
            array_push($spans, ...($spans === [Span::Mids] ? [Span::Ends] : [Span::Mids, Span::Ends]));
        }

        return $spans === [] ? [Span::Root] : $spans;
    }
}
