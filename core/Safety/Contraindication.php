<?php

declare(strict_types=1);

namespace Core\Safety;

use Core\Fact;

/** What speaks against colouring. Usual cautions; the maker's instructions and local rules come first. */
enum Contraindication: string
{
    case EarlierReaction = 'earlier-reaction';
    case HennaTattoo = 'henna-tattoo';
    case SensitiveScalp = 'sensitive-scalp';
    case FaceRash = 'face-rash';

    public function fact(): Fact
    {
        return Fact::of("safety.{$this->value}");
    }

    /** Only a doctor's word lifts it; the others heal. */
    public function needsDoctor(): bool
    {
        return $this === self::EarlierReaction || $this === self::HennaTattoo;
    }

    /** What is to be done, as something to be said. */
    public function mend(): Fact
    {
        return Fact::of($this->needsDoctor() ? 'cautions.needs-doctor' : 'cautions.heals', what: $this->fact())->mend();
    }
}
