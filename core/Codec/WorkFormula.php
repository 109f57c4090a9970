<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\CoreException;
use Core\Formula\ExplainBowl;
use Core\Formula\WorkedBowl;
use Core\Formula\WorkedIngredient;
use Core\Formula\WorkedPart;
use Core\Judgement\BowlWarnings;
use Core\Judgement\Caution;
use Core\Judgement\JudgeBowl;
use Core\Judgement\MixJudgement;
use Core\Practice\HouseRules;
use Core\Practice\Schools;
use Core\Shelf\Product;
use Core\Shelf\Shelf;
use Core\Units\Fraction;
use Core\Units\ScaleStep;
use Core\Units\Strength;
use stdClass;

/**
 * Works a whole formula document (docs/format): what each bowl comes to, in the order of the bowls. The document
 * itself is never rewritten, so that nothing in it can be lost; into() adds the results to it.
 */
final class WorkFormula
{
    public const VERSION = 1;

    public const MOST_BOWLS = 5000;

    /** @var array<string, WorkedBowl> by letter, for bottles that come later */
    private array $byLetter = [];

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
        foreach ($root->at('bowls')->items(self::MOST_BOWLS) as $bowl) {
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
        $bowls = is_array($document->bowls ?? null) ? $document->bowls : [];
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
        if ($node->at('bottle')->isGiven()) {
            return LiveBottle::read($node, $this->shelf)?->worked($node, $this->byLetter, $this->shelf, $this->rules) ?? [];
        }
        try {
            $shelf = $this->shelf->withMixtures(...$this->leftoversIn($node));
            $sheet = ReadBowl::from($node->value(), $shelf, $node->pointer());
            if ($sheet->open !== null) {
                return $sheet->open->worked($this->rules);
            }
            $worked = $sheet->work($this->rules->step);
        } catch (UnreadableDocument $refusal) {
            foreach ($refusal->problems() as $problem) {
                $node->report($problem);
            }

            return [];
        } catch (CoreException $refusal) {
            $node->problem($refusal->getMessage(), $refusal->mend());

            return [];
        }
        $this->byLetter[$sheet->letter] = $worked;
        $extras = $sheet->extras;
        $judged = JudgeBowl::of($worked, $shelf->pigments(), $this->rules, $extras->weighed());
        $left = Leftover::of($sheet->letter, $sheet, $worked, $judged);
        $this->leftovers[$left->id] = $left;
        $line = $this->shelf->line($sheet->line);
        $warnings = [...($line === null ? [] : BowlWarnings::of($sheet, $worked, $line)), ...$extras->warnings($worked)];

        return [
            'kind' => 'exact',
            'total' => $worked->total()->show($worked->step),
            'mixture' => $worked->mixture->show($worked->step),
            'ratio' => $worked->ratio->show(),
            'parts' => array_map(fn (WorkedPart $part): array => [
                'name' => $part->name,
                'grams' => $part->total->show($worked->step),
                'ingredients' => array_map(fn (WorkedIngredient $each): array => $this->ingredient($each, $worked->step), $part->ingredients),
            ], $worked->parts),
            'additives' => array_map(fn (WorkedIngredient $each): array => $this->ingredient($each, $worked->step), $worked->additives),
            'strength' => self::strength($worked->developerStrength()),
            'strengthOnHead' => self::strength($worked->strengthOnHead()),
            ...self::judged($judged),
            'place' => $sheet->placement()->words(),
            'substitutions' => $this->substitutions($node),
            'uses' => $this->uses($node, $worked),
            ...$extras->worked($worked),
            'warnings' => array_map(static fn (Caution $caution): array => ['key' => $caution->key, 'reason' => $caution->reason, 'mend' => $caution->mend], $warnings),
            'why' => ($sheet->bowl === null ? [] : ExplainBowl::why($sheet->bowl, $worked)) + ($judged === null ? [] : ['level' => $judged->why]),
        ];
    }

    /** @return list<Product> what is left of earlier bowls, where this one names it */
    private function leftoversIn(JsonNode $node): array
    {
        $found = [];
        foreach ($node->at('parts')->items(4) as $part) {
            foreach ($part->at('ingredients')->items(ReadBowl::MOST_INGREDIENTS) as $entry) {
                $id = $entry->at('product')->value();
                if (is_string($id) && isset($this->leftovers[$id])) {
                    $found[] = $this->leftovers[$id];
                }
            }
        }

        return $found;
    }

    /** @return list<array<string, string>> */
    private function uses(JsonNode $node, WorkedBowl $worked): array
    {
        $uses = [];
        foreach ($node->at('uses')->items(20) as $use) {
            $grams = $this->shelf->readingFor(null)->read($use->at('grams')->text());
            $uses[] = ['job' => $use->at('job')->text(), 'grams' => $grams->show($worked->step), 'percent' => Fraction::of($grams->centigrams * 100, $worked->total()->centigrams)->decimal(1).' %'];
        }

        return $uses;
    }

    /** @return list<array<string, string>> what was meant, what was used instead, and why */
    private function substitutions(JsonNode $node): array
    {
        $found = [];
        foreach ($node->at('parts')->items(4) as $part) {
            foreach ($part->at('ingredients')->items(ReadBowl::MOST_INGREDIENTS) as $entry) {
                if ($entry->at('wanted')->isGiven()) {
                    $used = $entry->at('product')->text() ?: $entry->at('blend')->text();
                    $found[] = ['wanted' => $entry->at('wanted')->text(), 'used' => $used, 'why' => $entry->at('why')->text()];
                }
            }
        }

        return $found;
    }

    /** @return array<string, ?string> */
    private function ingredient(WorkedIngredient $each, ScaleStep $step): array
    {
        return [
            'product' => $each->key,
            'label' => $each->label,
            'grams' => $each->grams->show($step),
            'percent' => $each->share->isZero() ? null : $each->share->times(Fraction::of(100))->decimal(2).' %',
        ];
    }

    /** @return ?array{vol: string, percent: string} */
    private static function strength(?Strength $strength): ?array
    {
        return $strength === null ? null : ['vol' => $strength->volume->decimal(2), 'percent' => $strength->percent()->decimal(2)];
    }

    /** @return array<string, mixed> */
    private static function judged(?MixJudgement $judged): array
    {
        if ($judged === null) {
            return ['level' => null, 'tone' => null, 'pigmentShare' => null];
        }

        return [
            'level' => $judged->level?->show(2),
            'tone' => array_map(static fn (Fraction $share): string => $share->times(Fraction::of(100))->decimal(1).' %', $judged->tone->shares()),
            'pigmentShare' => $judged->pigmentShare->show(2),
        ];
    }
}
