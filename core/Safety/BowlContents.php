<?php

declare(strict_types=1);

namespace Core\Safety;

use Core\Fact;

/**
 * What is in a bowl is what went into it, through every left-over. What cannot be followed is said, and never taken for
 * nothing.
 */
final readonly class BowlContents
{
    /**
     * @param  list<PlannedLine>  $lines  oxidative lines in it, each once
     * @param  list<Fact>  $unknown  what cannot be read about it
     */
    private function __construct(public string $letter, public array $lines, public array $unknown)
    {
    }

    /** @param  list<BowlOrigin>  $bowls  all bowls of the visit */
    public static function of(BowlOrigin $bowl, array $bowls): self
    {
        $known = [];
        foreach ($bowls as $each) {
            $known[$each->id] = $each;
        }
        $lines = $unknown = $seen = [];
        $open = [$bowl];
        while ($open !== []) {
            $next = array_pop($open);
            if (isset($seen[$next->id])) {
                continue;
            }
            $seen[$next->id] = true;
            foreach ($next->lines as $line) {
                $lines[$line->id] = $line;
            }
            array_push($unknown, ...$next->unknown);
            foreach ($next->leftovers as $source) {
                if (isset($known[$source])) {
                    $open[] = $known[$source];
                } else {
                    $unknown[] = Fact::of('safety.holds-elsewhere', letter: $next->letter);
                }
            }
        }

        return new self($bowl->letter, array_values($lines), Fact::distinct($unknown));
    }

    /** The same, with the oxidative lines that a product brings which is about to go in. */
    public function with(self $more): self
    {
        $lines = [];
        foreach ([...$this->lines, ...$more->lines] as $line) {
            $lines[$line->id] = $line;
        }

        return new self($this->letter, array_values($lines), Fact::distinct([...$this->unknown, ...$more->unknown]));
    }

    /** Nothing oxidative is in it, and that is known. */
    public function isHarmless(): bool
    {
        return $this->lines === [] && $this->unknown === [];
    }
}
