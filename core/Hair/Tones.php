<?php

declare(strict_types=1);

namespace Core\Hair;

use Core\Practice\Number;
use Core\Tone\ToneFamily;
use Core\Tone\ToneMix;
use Core\Units\Fraction;

/** A tone as an eye names it: one family, or two with the first showing twice as much (our own model). */
final readonly class Tones
{
    /** @param  list<ToneFamily>  $families  strongest first */
    public function __construct(public array $families)
    {
    }

    public function mix(): ToneMix
    {
        return ToneMix::inOrder($this->families);
    }

    public function words(): string
    {
        return implode('-', array_map(static fn (ToneFamily $family): string => $family->value, $this->families));
    }

    /** The families that make up most of a mix: what an eye would name. */
    public static function seenIn(ToneMix $mix): self
    {
        $shares = $mix->shares();
        uasort($shares, static fn (Fraction $a, Fraction $b): int => $b->compare($a));
        $families = [];
        foreach ($shares as $family => $share) {
            if (count($families) < 2 && $share->compare(Number::TelltaleTone->value()) >= 0) {
                $families[] = ToneFamily::from($family);
            }
        }

        return new self($families);
    }
}
