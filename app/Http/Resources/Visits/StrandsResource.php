<?php

declare(strict_types=1);

namespace App\Http\Resources\Visits;

use App\Words\Say;
use Core\Judgement\ExpectedTone;
use Core\Service\Outlook;
use Core\Service\StrandStory;
use Core\Units\Fraction;

/** The kinds of strands of a zone, ready to be drawn side by side; each with its story and its reasons. */
final class StrandsResource
{
    /** @return list<array<string, mixed>> largest first */
    public static function of(Outlook $outlook): array
    {
        return array_map(static fn (StrandStory $story): array => [
            'key' => $story->strand->key(),
            'name' => Say::words($story->strand->name()),
            'kind' => $story->strand->kind->value,
            'letters' => $story->strand->letters(),
            'share' => $story->strand->share->times(Fraction::of(100))->decimal(0),
            'was' => $story->was->seen()->hex(),
            'words' => Say::name($story->last()?->words() ?? ''),
            'swatch' => $story->colour->seen()->hex(),
            'verdict' => implode(
                ', ',
                array_map(static fn (ExpectedTone $each): string => $each->value, $story->against()),
            ),
            'main' => $story === $outlook->main(),
            'steps' => array_map(static fn (array $step): array => [
                'letter' => $step['letter'],
                'round' => $step['round'],
                'words' => Say::name($step['expected']->words()),
                'swatch' => $step['expected']->swatch(),
                'why' => Say::all($step['expected']->why),
            ], $story->steps),
        ], $outlook->strands);
    }

    /** @return ?array{words: string, swatch: string} how they read together, where they are not all of one kind */
    public static function whole(Outlook $outlook): ?array
    {
        $whole = count($outlook->strands) < 2 ? null : $outlook->whole();

        return $whole === null ? null : ['words' => Say::words($whole->says()), 'swatch' => $whole->seen->hex()];
    }
}
