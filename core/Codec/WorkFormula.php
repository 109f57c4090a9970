<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\CoreException;
use Core\Formula\BowlSheet;
use Core\Formula\BowlUse;
use Core\Formula\ExplainBowl;
use Core\Formula\Extra;
use Core\Formula\KnownBowl;
use Core\Formula\KnownLine;
use Core\Formula\KnownPart;
use Core\Formula\Leftover;
use Core\Hair\Stroke;
use Core\Judgement\Caution;
use Core\Judgement\Cautions;
use Core\Judgement\JudgeBowl;
use Core\Judgement\MixJudgement;
use Core\Practice\HouseRules;
use Core\Practice\Number;
use Core\Practice\Schools;
use Core\Shelf\Product;
use Core\Shelf\Shelf;
use Core\Units\Bounds;
use Core\Units\Fraction;
use stdClass;

/**
 * Works a whole formula document (docs/format): what each bowl comes to, in the order of the bowls. The document
 * itself is never rewritten, so that nothing in it can be lost; into() adds the results to it.
 */
final class WorkFormula
{
    public const VERSION = 1;

    /** @var array<string, true> letters so far */
    private array $letters = [];

    /** @var array<string, Product> what is left of the bowls so far, by product id */
    private array $leftovers = [];

    private function __construct(private readonly Shelf $shelf, private readonly HouseRules $rules)
    {
    }

    /**
     * @param  mixed  $json  decoded, objects as arrays
     * @return non-empty-list<array<string, mixed>> one result a bowl
     *
     * @throws UnreadableDocument with every problem and where it is
     */
    public static function work(mixed $json): array
    {
        $problems = new ProblemList;
        $root = new JsonNode($json, '', $problems);
        if (! is_array($json)) {
            $root->problem('This is not a formula document.', 'It is a JSON object with “tinta”, “lines” and “bowls”.');
            $problems->throwIfAny();
        }
        if ($root->at('tinta')->value() !== self::VERSION) {
            $root->at('tinta')->problem('This version of the format is not known.', 'Write "tinta": '.self::VERSION.'.');
            $problems->throwIfAny();
        }
        $rules = self::rules($root->at('rules'));
        $working = new self(ReadShelf::from($root, $rules), $rules);
        $worked = [];
        foreach ($root->at('bowls')->records(PHP_INT_MAX) as $bowl) {
            $worked[] = $working->bowl($bowl);
        }
        $problems->throwIfAny();

        return $worked === [] ? throw UnreadableDocument::because([new Problem('/bowls', 'There is no bowl to work.', 'Write at least one bowl.')]) : $worked;
    }

    /**
     * The document with every result under its bowl's "worked", all else as it was.
     *
     * @param  list<array<string, mixed>>  $worked
     */
    public static function into(stdClass $document, array $worked): stdClass
    {
        $bowls = (array) ($document->bowls ?? []);
        $filled = [];
        foreach (array_values($bowls) as $index => $bowl) {
            $copy = $bowl instanceof stdClass ? clone $bowl : new stdClass;
            $copy->worked = $worked[$index] ?? null;
            $filled[] = $copy;
        }
        $whole = clone $document;
        $whole->bowls = $filled;

        return $whole;
    }

    private static function rules(JsonNode $node): HouseRules
    {
        $rules = HouseRules::standard();
        foreach ($node->members() as $key => $member) {
            try {
                $rules = Schools::set($rules, (string) $key, $member->text());
            } catch (CoreException $refusal) {
                $member->problem($refusal->getMessage(), $refusal->mend());
            }
        }

        return $rules;
    }

    /** @return array<string, mixed> */
    private function bowl(JsonNode $node): array
    {
        try {
            $json = $node->at('bottle')->isGiven() ? $this->bottle($node) : $node->value();
            $shelf = $this->shelf->withMixtures(...$this->leftoversIn($json, $node));
            $sheet = ReadBowl::from($json, $shelf, $node->pointer(), letters: 4);
            $known = $sheet->known($this->rules->step);
        } catch (UnreadableDocument $refusal) {
            foreach ($refusal->problems() as $problem) {
                $node->report($problem);
            }

            return [];
        } catch (CoreException $refusal) {
            $node->problem($refusal->getMessage(), $refusal->mend());

            return [];
        }
        if (isset($this->letters[$sheet->letter])) {
            $node->at('letter')->problem("There is a bowl {$sheet->letter} already.", 'Give this one another letter.');
        }
        $this->letters[$sheet->letter] = true;
        $judged = JudgeBowl::of($known, $this->rules);
        $this->take($known);
        $left = Leftover::of($sheet->letter, $sheet, $known, $judged?->asPigment());
        $this->leftovers[$left->id] = $left;
        $line = $this->shelf->line($sheet->line);

        return [
            'kind' => $known->worked === null ? 'open' : 'exact',
            'total' => $known->total->show(),
            ...($known->worked === null ? [] : ['mixture' => $known->worked->mixture->show($known->worked->step)]),
            'ratio' => $known->ratio,
            'parts' => array_map(fn (KnownPart $part): array => [
                'name' => $part->name,
                'grams' => $part->mass->show(),
                'ingredients' => array_map($this->line(...), array_values(array_filter($part->lines, static fn (KnownLine $each): bool => ! $each->isExtra()))),
            ], $known->parts),
            'additives' => array_map($this->line(...), array_values(array_filter($known->beside, static fn (KnownLine $each): bool => ! $each->isExtra()))),
            ...$this->extras($sheet, $known),
            'strength' => self::strength($known->developer),
            'strengthOnHead' => self::strength($known->onHead),
            ...self::judged($judged),
            'place' => implode('; ', array_map(static fn (Stroke $stroke): string => $stroke->placement->words(), $sheet->strokes)),
            'substitutions' => $this->substitutions($sheet),
            'uses' => $this->uses($sheet, $known),
            'warnings' => array_map(
                static fn (Caution $caution): array => ['key' => $caution->key, 'reason' => $caution->reason, 'mend' => $caution->mend],
                $line === null ? [] : Cautions::ofBowl($sheet, $known, $line),
            ),
            'why' => ($sheet->bowl === null || $known->worked === null ? [] : ExplainBowl::why($sheet->bowl, $known->worked)) + ($judged === null ? [] : ['level' => $judged->why]),
        ];
    }

    /**
     * The shorter way to say that what is left of a bowl is used again with something added.
     *
     * @return array<string, mixed> the same as an ordinary bowl
     */
    private function bottle(JsonNode $node): array
    {
        $bottle = $node->at('bottle');
        $of = Leftover::PREFIX.mb_strtoupper($bottle->at('of')->text());
        $from = $this->leftovers[$of] ?? null;
        if ($from === null) {
            $bottle->at('of')->problem("There is no worked bowl {$bottle->at('of')->text()} before this one.", 'Name the bowl that was left over; it must stand earlier.');
        }
        $ingredients = [['product' => $of, 'share' => $bottle->at('left')->text()]];
        foreach ($bottle->at('add')->items(ReadBowl::MOST_INGREDIENTS) as $entry) {
            $ingredients[] = ['product' => $entry->at('product')->text(), 'share' => $entry->at('grams')->text()];
        }
        $json = ['line' => $from->line ?? '', 'ratio' => 'no developer', 'amount' => ['of' => 'shares'], 'parts' => [['ingredients' => $ingredients]]];
        foreach ($node->members() as $member => $each) {
            $json[(string) $member] ??= $each->value();
        }

        return $json;
    }

    /** What a bowl takes of an earlier one is there no more for a later one. */
    private function take(KnownBowl $known): void
    {
        foreach ($known->lines() as $line) {
            $left = $this->leftovers[$line->product()] ?? null;
            $taken = $line->mass->grams();
            if ($left !== null && $taken !== null) {
                $this->leftovers[$left->id] = $left->holding($left->holds?->lessAtMost($taken));
            }
        }
    }

    /**
     * @param  mixed  $json  of one bowl
     * @return list<Product> what is left of earlier bowls, where this one names it
     */
    private function leftoversIn(mixed $json, JsonNode $node): array
    {
        $found = [];
        $bowl = new JsonNode($json, $node->pointer(), new ProblemList);
        foreach ($bowl->at('parts')->items(4) as $part) {
            foreach ($part->at('ingredients')->items(ReadBowl::MOST_INGREDIENTS) as $entry) {
                $id = $entry->at('product')->value();
                if (is_string($id) && isset($this->leftovers[$id])) {
                    $found[] = $this->leftovers[$id];
                }
            }
        }

        return $found;
    }

    /** @return array<string, mixed> */
    private function extras(BowlSheet $sheet, KnownBowl $known): array
    {
        return $sheet->extras === [] ? [] : ['extras' => array_map(static fn (Extra $each): array => [
            'product' => $each->product->id, 'label' => $each->product->label(), 'grams' => $each->amount->isKnown() ? $each->amount->least->show($known->total->step) : $each->amount->show(),
            'counts' => $each->counts->value === '' ? 'not said' : $each->counts->value,
        ], $sheet->extras)];
    }

    /** @return list<array<string, string>> */
    private function uses(BowlSheet $sheet, KnownBowl $known): array
    {
        $total = $known->total->grams();

        return array_map(static fn (BowlUse $use): array => [
            'job' => $use->job, 'grams' => $use->grams->show($known->total->step),
            'percent' => $total === null || $total->isZero() ? '' : Fraction::of($use->grams->centigrams * 100, $total->centigrams)->decimal(1).' %',
        ], $sheet->uses);
    }

    /** @return list<array<string, string>> what was meant, what was used instead, and why */
    private function substitutions(BowlSheet $sheet): array
    {
        $found = [];
        foreach (array_merge(...$sheet->entries) as $entry) {
            if ($entry->wanted !== '') {
                $found[] = ['wanted' => $entry->wanted, 'used' => $entry->product === '' ? $entry->blend : $entry->product, 'why' => $entry->why];
            }
        }

        return $found;
    }

    /** @return array<string, ?string> */
    private function line(KnownLine $each): array
    {
        return [
            'product' => $each->key,
            'label' => $each->label,
            'grams' => $each->mass->grams() === null && $each->isOpen ? $each->said : $each->mass->show(),
            'percent' => $each->share === null || ($each->share->least->isZero() && $each->share->most?->equals(Fraction::one()) === true)
                ? null : $each->share->times(Fraction::of(100))->show(2).' %',
        ];
    }

    /** @return ?array{vol: string, percent: string} */
    private static function strength(?Bounds $volume): ?array
    {
        return $volume === null ? null : ['vol' => $volume->show(2), 'percent' => $volume->times(Number::PercentOfVolume->value())->show(2)];
    }

    /** @return array<string, mixed> */
    private static function judged(?MixJudgement $judged): array
    {
        if ($judged === null) {
            return ['level' => null, 'tone' => null, 'pigmentShare' => null];
        }

        return [
            'level' => $judged->level?->show(2),
            'tone' => array_map(static fn (Bounds $share): string => $share->times(Fraction::of(100))->show(1).' %', $judged->families),
            'pigmentShare' => $judged->pigmentShare->show(2),
        ];
    }
}
