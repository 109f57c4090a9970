<?php

declare(strict_types=1);

namespace App\Practice;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** What a practice head is for: an invented canvas and a wish, another one for every seed. */
enum Lesson: string
{
    case Grey = 'grey';
    case Tone = 'tone';
    case Lift = 'lift';
    case Deepen = 'deepen';
    case Refresh = 'refresh';

    public function words(): string
    {
        return match ($this) {
            self::Grey => 'Cover grey',
            self::Tone => 'Tone lightened hair',
            self::Lift => 'Lighten and tone',
            self::Deepen => 'Take lightened hair darker',
            self::Refresh => 'Colour a root and refresh the lengths',
        };
    }

    /** @return array<string, mixed> as a canvas is typed */
    public function canvas(int $seed): array
    {
        $chance = new Randomizer(new Mt19937($seed));
        $one = static fn (array $of): mixed => $of[$chance->getInt(0, count($of) - 1)];
        $natural = $chance->getInt(4, 7);
        $root = [
            'id' => 'root',
            'name' => 'Root',
            'spans' => ['root', 'regrowth'],
            'natural' => (string) $natural,
            'level' => (string) $natural,
            'regrowth' => '2',
        ];
        $lengths = [
            'id' => 'lengths',
            'name' => 'Lengths',
            'spans' => ['mids', 'ends'],
            'natural' => (string) $natural,
        ];
        $zones = match ($this) {
            self::Grey => [$root + [
                'grey' => $one([30, 50, 70, 90]), 'resistant' => $chance->getInt(0, 1) === 1,
                'wish' => ['level' => (string) $natural, 'tone' => [$one(['natural', 'gold', 'ash'])]],
            ]],
            self::Tone => [$lengths + [
                'level' => (string) (
                    $bare = $chance->getInt(8, 10)
                ), 'tone' => ['gold'], 'history' => 'lightened', 'porosity' => $one(['normal', 'high']),
                // Toning lifts nothing.
                'wish' => [
                    'level' => (string) min($bare, $chance->getInt(8, 9)),
                    'tone' => [$one(['pearl', 'beige', 'natural'])],
                ],
            ]],
            self::Lift => [$lengths + [
                'level' => (string) $natural, 'history' => $one(['natural', 'coloured']),
                'wish' => [
                    'level' => (string) min(9, $natural + $chance->getInt(2, 4)),
                    'tone' => [$one(['beige', 'gold', 'natural'])],
                ],
            ]],
            self::Deepen => [$lengths + [
                'level' => (string) $chance->getInt(8, 10), 'tone' => ['gold'], 'history' => 'lightened',
                'porosity' => 'high',
                'wish' => ['level' => (string) $chance->getInt(5, 6), 'tone' => [$one(['natural', 'brown', 'copper'])]],
            ]],
            self::Refresh => [
                $root + [
                    'grey' => $one([0, 20, 40]),
                    'wish' => ['level' => (string) $natural, 'tone' => [$one(['copper', 'gold', 'ash'])]],
                ],
                $lengths + [
                    'level' => (string) ($natural + 1), 'tone' => [$one(['gold', 'copper'])], 'history' => 'coloured',
                    'wish' => ['level' => (string) $natural, 'tone' => [$one(['copper', 'gold', 'ash'])]],
                ],
            ],
        };

        return ['zones' => $zones, 'worn' => '', 'target' => ''];
    }
}
