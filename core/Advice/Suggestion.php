<?php

declare(strict_types=1);

namespace Core\Advice;

use Core\Fact;
use Core\Units\Grams;
use Core\Units\InvalidShare;
use Core\Units\LargestRemainder;
use Core\Units\Rounding;
use Core\Units\ScaleStep;
use Core\Units\Share;
use Core\Units\ShareList;

/**
 * A piece of a formula that can be applied as it stands: products with shares in words the mixing reads,
 * and what else it asks for; with its reason and the house rule it rests on.
 */
final readonly class Suggestion
{
    /**
     * @param  list<array{product: string, label: string, share: string}>  $ingredients
     * @param  ?string  $strength  as people write it: 20 vol
     * @param  ?int  $minutes
     * @param  list<Fact>  $why
     * @param  string  $rule  key of the house rule; empty where none decides
     */
    public function __construct(
        public array $ingredients,
        public ?string $strength,
        public ?int $minutes,
        public array $why,
        public string $rule,
    ) {
    }

    /**
     * The same products with their shares as grams, together exactly the total rounded to the scale's step.
     *
     * @throws InvalidShare when the shares make no whole
     */
    public function weighed(Grams $total, ScaleStep $step): self
    {
        if ($this->ingredients === []) {
            return $this;
        }
        $whole = Grams::rounded($total->exactly(), $step, Rounding::HalfUp);
        $shares = ShareList::of(array_map(
            static fn (array $each): Share => Share::parse($each['share']),
            $this->ingredients,
        ));
        $grams = LargestRemainder::round($shares->split($whole->exactly()), $whole, $step);

        return new self(
            array_map(
                static fn (array $each, Grams $of): array => [...$each, 'share' => $of->text()],
                $this->ingredients,
                $grams,
            ),
            $this->strength, $this->minutes, $this->why, $this->rule,
        );
    }
}
