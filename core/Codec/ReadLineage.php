<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\CoreException;
use Core\Fact;
use Core\Formula\BowlSheet;
use Core\Practice\HouseRules;
use Core\Record\ApplyChange;
use Core\Record\Change;
use Core\Record\ChangeKind;
use Core\Record\ReadChange;
use Core\Shelf\Shelf;

/**
 * Where a bowl comes from: an earlier bowl of the document, and what was changed of it. Where nothing else is written,
 * that makes it.
 */
final class ReadLineage
{
    private const MOST_CHANGES = 20;

    /**
     * The bowl's own JSON, filled from the bowl it comes from where it says no parts of its own.
     *
     * @param  array<string, BowlSheet>  $earlier  by letter
     * @return mixed as ReadBowl reads it
     */
    public static function fill(JsonNode $bowl, array $earlier, Shelf $shelf, HouseRules $rules): mixed
    {
        $from = $bowl->at('from')->record();
        $from->at('visit')->text(120);
        $changes = self::changes($from->at('changes'));
        $letter = $from->at('bowl')->letter();
        if ($bowl->at('parts')->isGiven() || $letter === '') {
            return $bowl->value();
        }
        $source = $earlier[$letter] ?? null;
        if ($source === null) {
            $from->at('bowl')->problem(Fact::of('documents.no-bowl-before-one', letter: $letter));

            return $bowl->value();
        }
        $json = WriteBowl::toArray(self::changed($source, $changes, $shelf, $rules));
        foreach ($bowl->members() as $member => $each) {
            $json[(string) $member] = $each->value();
        }

        return $json;
    }

    /** @return list<array{node: JsonNode, words: string}> */
    private static function changes(JsonNode $node): array
    {
        $changes = [];
        foreach ($node->items(self::MOST_CHANGES) as $item) {
            if (is_array($item->value()) && ($item->value() === [] || ! array_is_list($item->value()))) {
                $item->at('why')->text(300);
                $item = $item->at('words');
            }
            if (! $item->isGiven()) {
                $item->problem(Fact::of('documents.not-said-what-was-changed'));
            }
            $changes[] = ['node' => $item, 'words' => $item->text(300)];
        }

        return $changes;
    }

    /** @param  list<array{node: JsonNode, words: string}>  $changes */
    private static function changed(BowlSheet $sheet, array $changes, Shelf $shelf, HouseRules $rules): BowlSheet
    {
        foreach ($changes as ['node' => $node, 'words' => $words]) {
            foreach (ReadChange::from($words, [$sheet], $shelf) as $change) {
                $sheet = self::applied($sheet, $change, $node, $shelf, $rules);
            }
        }

        return $sheet;
    }

    private static function applied(
        BowlSheet $sheet,
        Change $change,
        JsonNode $node,
        Shelf $shelf,
        HouseRules $rules,
    ): BowlSheet {
        if ($change->kind === ChangeKind::Words || $change->rest !== '') {
            $node->problem($change->rest === '' ? Fact::of('documents.change-not-understood') : Fact::of(
                'documents.rest-not-understood',
                rest: $change->rest,
            ));

            return $sheet;
        }
        try {
            return ApplyChange::to($sheet, $change, $shelf, $rules);
        } catch (CoreException $refusal) {
            $node->problem($refusal->fact());

            return $sheet;
        }
    }
}
