<?php

declare(strict_types=1);

namespace Ops\Map;

/**
 * How the core is laid out, from the top down: a folder may import what stands in a row below its own, and nothing else.
 * Units and Tone are the floor. Shelf, Hair and Formula are the nouns. Judgement, Advice, Substitution, Stock, Weighing, Timing and
 * Safety work on them. Record and Service tell them over time; Codec stands outside and translates.
 */
final class Rows
{
    public const CORE = [
        ['Codec'],
        ['Service'],
        ['Record'],
        ['Advice', 'Substitution', 'Stock', 'Safety', 'Weighing', 'Timing'],
        ['Judgement'],
        ['Formula', 'Pigment', 'Scale'],
        ['Hair'],
        ['Shelf'],
        ['Practice'],
        ['Tone', 'Colour'],
        ['Units'],
    ];

    /** @return array<string, int> row by folder, the top one 0 */
    public static function byFolder(): array
    {
        $rows = [];
        foreach (self::CORE as $row => $folders) {
            foreach ($folders as $folder) {
                $rows[$folder] = $row;
            }
        }

        return $rows;
    }
}
