<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\Fact;
use Core\Hair\Elasticity;
use Core\Tone\ToneFamily;

/** The outcome of a test strand as it is told; only its shape is asked. */
final class ReadTrial
{
    public static function check(JsonNode $node): void
    {
        $node->record();
        ReadCanvas::level($node->at('level'));
        foreach ($node->at('tone')->items(3) as $family) {
            ReadStrokes::choice($family, ToneFamily::class, Fact::of('documents.no-tone'));
        }
        $node->at('minutes')->wholeNumber(1, 600, Fact::of('nouns.minutes-test'));
        ReadStrokes::choice($node->at('elasticity'), Elasticity::class, Fact::of('documents.no-elasticity'));
        $node->at('words')->text(300);
        $node->at('by')->text(60);
    }
}
