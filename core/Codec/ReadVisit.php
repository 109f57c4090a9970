<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\Fact;
use Core\Hair\Canvas;
use Core\Hair\ZoneResult;
use Core\Record\CareStep;

/** Reads the visit that a document of version 2 tells of, its rounds, and which of its bowls must not touch. */
final class ReadVisit
{
    private const VERDICTS = ['good', 'mixed', 'poor'];

    private const MOST_ROUNDS = 40;

    public static function from(JsonNode $root): DocumentVisit
    {
        $node = $root->at('visit')->record();
        self::words($node);
        self::verdict($node->at('verdict'));
        $canvas = self::canvas($node);

        return new DocumentVisit(
            canvas: $canvas,
            change: $node->at('change')->text(2000),
            training: $node->at('training')->flag(),
            rounds: self::rounds($root->at('rounds')),
            apart: self::apart($root->at('apart')),
            reached: self::reached($root->at('rounds'), $canvas),
            care: self::care($node->at('care')),
            hands: max(1, count($node->at('hands')->items(20))),
        );
    }

    /** Kept as it is said; only its shape is asked. */
    private static function words(JsonNode $node): void
    {
        foreach (['on', 'next'] as $day) {
            $text = $node->at($day)->text(10);
            if (
                $text !== ''
                && (preg_match(
                    '/^(\d{4})-(\d{2})-(\d{2})$/',
                    $text,
                    $m,
                ) !== 1 || ! checkdate((int) $m[2], (int) $m[3], (int) $m[1]))
            ) {
                $node->at($day)->problem(Fact::of('documents.no-day'));
            }
        }
        foreach (
            [
                'client' => 120,
                'service' => 120,
                'by' => 120,
                'from' => 120,
                'outcome' => 2000,
                'keep' => 2000,
            ] as $member => $longest
        ) {
            $node->at($member)->text($longest);
        }
        foreach ($node->at('hands')->items(20) as $hand) {
            $hand->text(60);
        }
    }

    private static function verdict(JsonNode $node): void
    {
        $node->record();
        $all = $node->at('all')->text(10);
        if ($all !== '' && ! in_array($all, self::VERDICTS, true)) {
            $node->at('all')->problem(Fact::of('documents.no-verdict'));
        }
        foreach (['lasting', 'covering', 'bright'] as $member) {
            $node->at($member)->flag();
        }
    }

    /** @return list<CareStep> */
    private static function care(JsonNode $node): array
    {
        try {
            return $node->value() === null ? [] : ReadCare::from($node->value(), $node->pointer());
        } catch (UnreadableDocument $refusal) {
            foreach ($refusal->problems() as $problem) {
                $node->report($problem);
            }

            return [];
        }
    }

    private static function canvas(JsonNode $node): Canvas
    {
        try {
            $canvas = $node->at('canvas')->value() !== null ? ReadCanvas::from(
                $node->at('canvas')->value(),
                $node->at('canvas')->pointer(),
            ) : new Canvas;
            if ($node->at('results')->value() !== null) {
                ReadCanvas::results(
                    $node->at('results')->value(),
                    $canvas->ids(),
                    $node->at('results')->pointer(),
                );
            }
        } catch (UnreadableDocument $refusal) {
            foreach ($refusal->problems() as $problem) {
                $node->report($problem);
            }

            return new Canvas;
        }

        return $canvas;
    }

    /** @return array<string, int> */
    private static function rounds(JsonNode $node): array
    {
        $rounds = [];
        foreach ($node->records(self::MOST_ROUNDS) as $at => $round) {
            $round->at('name')->text(80);
            foreach ($round->at('bowls')->items(100) as $letter) {
                $rounds[self::letter($letter)] = $at;
            }
        }

        return $rounds;
    }

    /** @return array<int, list<ZoneResult>> */
    private static function reached(JsonNode $node, Canvas $canvas): array
    {
        $reached = [];
        foreach ($node->records(self::MOST_ROUNDS) as $at => $round) {
            $here = $round->at('reached');
            if ($here->value() === null) {
                continue;
            }
            try {
                $reached[$at] = ReadCanvas::results($here->value(), $canvas->ids(), $here->pointer());
            } catch (UnreadableDocument $refusal) {
                foreach ($refusal->problems() as $problem) {
                    $here->report($problem);
                }
            }
        }

        return $reached;
    }

    /** @return list<array{bowls: list<string>, why: string}> */
    private static function apart(JsonNode $node): array
    {
        $apart = [];
        foreach ($node->records(100) as $each) {
            $bowls = array_map(self::letter(...), $each->at('bowls')->items(20));
            if (count($bowls) < 2) {
                $each->at('bowls')->problem(Fact::of('documents.takes-two-bowls-touch'));
            }
            $apart[] = ['bowls' => $bowls, 'why' => $each->at('why')->text(300)];
        }

        return $apart;
    }

    private static function letter(JsonNode $node): string
    {
        if (! $node->isGiven()) {
            $node->problem(Fact::of('documents.no-letter-bowl'));
        }

        return $node->letter();
    }
}
