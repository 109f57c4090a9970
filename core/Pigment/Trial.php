<?php

declare(strict_types=1);

namespace Core\Pigment;

use Core\Colour\Lab;
use Core\Tone\ToneFamily;

/** Many bowls tried on the same hair: what does not change from one to the next is worked once. */
final readonly class Trial
{
    /** @var list<float> absorbance before the bowl, by wavelength */
    private array $before;

    /** Of the hair before the bowl. */
    private float $level;

    public function __construct(private HairColour $hair, private float $hold)
    {
        $this->before = $hair->pigmented->absorbance();
        $this->level = Ladder::level($hair->pigmented->seen());
    }

    /** As `HairColour::dyed` and `seen` come to, of the pigmented fibres. */
    public function of(Shade $shade): Lab
    {
        $absorbance = $this->before;
        foreach (HairColour::dyes($this->level, $shade, $this->hold) as $family => $amount) {
            if ($amount > 0) {
                foreach (Dye::curve(ToneFamily::from($family)) as $at => $height) {
                    $absorbance[$at] += $amount * $height;
                }
            }
        }

        return $this->hair->tried(Light::seen(Fibre::thrownBack($absorbance)));
    }
}
