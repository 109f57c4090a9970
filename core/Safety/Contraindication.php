<?php

declare(strict_types=1);

namespace Core\Safety;

/** What speaks against colouring. Usual cautions; the maker's instructions and local rules come first. */
enum Contraindication: string
{
    case EarlierReaction = 'earlier-reaction';
    case HennaTattoo = 'henna-tattoo';
    case SensitiveScalp = 'sensitive-scalp';
    case FaceRash = 'face-rash';

    public function words(): string
    {
        return match ($this) {
            self::EarlierReaction => 'An earlier reaction to hair colour',
            self::HennaTattoo => 'A reaction to a temporary “black henna” tattoo',
            self::SensitiveScalp => 'Sensitive, irritated or damaged scalp',
            self::FaceRash => 'A rash on the face',
        };
    }

    /** Only a doctor's word lifts it; the others heal. */
    public function needsDoctor(): bool
    {
        return $this === self::EarlierReaction || $this === self::HennaTattoo;
    }

    public function mend(): string
    {
        return $this->needsDoctor()
            ? 'No colour until a doctor has been consulted and the clearance is on record.'
            : 'Wait until it has healed, and record that it has.';
    }
}
