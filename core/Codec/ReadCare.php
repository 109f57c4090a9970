<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\Fact;
use Core\Record\CareKind;
use Core\Record\CareStep;

/** Reads the steps of care of a visit, and writes them back. */
final class ReadCare
{
    private const MOST = 20;

    /**
     * @return list<CareStep> in their order
     *
     * @throws UnreadableDocument with every problem found
     */
    public static function from(mixed $json, string $pointer = ''): array
    {
        $problems = new ProblemList;
        $steps = [];
        foreach ((new JsonNode($json, $pointer, $problems))->records(self::MOST) as $node) {
            $words = $node->at('words')->text(120);
            if ($words === '') {
                $node->at('words')->problem(Fact::of('documents.care-without-words'));
            }
            $kind = ReadStrokes::choice(
                $node->at('kind'),
                CareKind::class,
                Fact::of('documents.no-care'),
            ) ?? CareKind::Other;
            $steps[] = new CareStep(
                id: $node->at('id')->text(40),
                kind: $kind,
                words: $words,
                minutes: $node->at('minutes')->wholeNumber(1, 240, Fact::of('nouns.minutes-of-care')),
                cents: self::cents($node->at('price')),
                done: $node->at('done')->flag(),
                round: $node->at('round')->wholeNumber(0, 40, Fact::of('nouns.round-of-care')),
            );
        }
        $problems->throwIfAny();

        return $steps;
    }

    /**
     * @param  list<CareStep>  $steps
     * @return list<array<string, mixed>>
     */
    public static function write(array $steps): array
    {
        return array_map(static fn (CareStep $step): array => [
            'id' => $step->id, 'kind' => $step->kind->value, 'words' => $step->words,
            'minutes' => $step->minutes, 'price' => $step->price(), 'done' => $step->done, 'round' => $step->round,
        ], $steps);
    }

    private static function cents(JsonNode $node): ?int
    {
        $text = $node->text(12);
        if ($text === '') {
            return null;
        }
        if (preg_match('/^(\d{1,5})(?:[.,](\d{1,2}))?$/', $text, $m) !== 1) {
            $node->problem(Fact::of('documents.no-price'));

            return null;
        }

        return (int) $m[1] * 100 + (int) str_pad($m[2] ?? '', 2, '0');
    }
}
