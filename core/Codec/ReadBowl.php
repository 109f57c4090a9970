<?php

declare(strict_types=1);

namespace Core\Codec;

use Core\CoreException;
use Core\Fact;
use Core\Formula\AmountKind;
use Core\Formula\BowlAmount;
use Core\Formula\BowlDraft;
use Core\Formula\BowlSheet;
use Core\Formula\BowlUse;
use Core\Formula\ComposeBowl;
use Core\Formula\Dose;
use Core\Formula\Entry;
use Core\Formula\Extra;
use Core\Formula\ExtraCounts;
use Core\Formula\Portion;
use Core\Formula\UnfitProduct;
use Core\Shelf\Line;
use Core\Shelf\Shelf;
use Core\Units\Amount;
use Core\Units\Grams;
use Core\Units\MassReading;
use Core\Units\MixRatio;
use Core\Units\Share;

/**
 * Reads one bowl from its JSON shape. HTTP requests, stored rows and documents all come through here; whether what is
 * written makes a bowl is the formula's to say.
 */
final class ReadBowl
{
    public const MOST_INGREDIENTS = 12;

    private const NOT_KNOWN = ['?', 'not known', 'unknown', 'not said'];

    private function __construct(private readonly Shelf $shelf)
    {
    }

    /**
     * @param  mixed  $json  decoded, objects as arrays
     * @param  int  $letters  how many a bowl may have: two in a visit, more in a document of thousands
     *
     * @throws UnreadableDocument with every problem found
     */
    public static function from(mixed $json, Shelf $shelf, string $pointer = '', int $letters = 2): BowlSheet
    {
        $problems = new ProblemList;
        $node = new JsonNode($json, $pointer, $problems);
        if (mb_strlen($node->at('letter')->text(10)) > $letters) {
            $refusal = UnfitProduct::letter();
            $node->at('letter')->problem($refusal->fact());
        }
        $sheet = ComposeBowl::telling((new self($shelf))->draft($node), $shelf, static function (
            array $place,
            CoreException $refusal,
        ) use ($node): void {
            $at = $node;
            foreach ($place as $member) {
                $at = $at->at($member);
            }
            $at->problem($refusal->fact());
        });
        $problems->throwIfAny();

        return $sheet ?? throw UnreadableDocument::because([new Problem(
            $pointer,
            Fact::of('documents.bowl-cannot-read'),
        )]);
    }

    private function draft(JsonNode $node): BowlDraft
    {
        $line = $this->shelf->line($node->at('line')->text());
        $entries = array_map($this->part(...), $node->at('parts')->records(MixRatio::MOST_PARTS));
        [$minutes, $most] = ReadDetails::minutes($node->at('minutes'));

        return new BowlDraft(
            letter: mb_strtoupper($node->at('letter')->text(10)),
            job: $node->at('job')->text(80),
            line: $node->at('line')->text(),
            ratio: $this->ratio($node->at('ratio'), $line, $entries),
            entries: $entries,
            amount: $this->amount($node->at('amount')->record()),
            additives: $this->additives($node->at('additives')),
            extras: $this->extras($node->at('extras')),
            uses: $this->uses($node->at('uses')),
            strokes: ReadStrokes::from($node->at('place')),
            minutes: $minutes,
            note: $node->at('note')->text(2000),
            details: ReadDetails::from($node)->upTo($most),
        );
    }

    /**
     * The line's own where nothing is said; null where it is said not to be known, or a half-known bowl does not fill
     * it.
     *
     * @param  list<list<Entry>>  $entries
     */
    private function ratio(JsonNode $node, ?Line $line, array $entries): ?MixRatio
    {
        if (! $node->isGiven()) {
            $open = array_filter(
                array_merge(...$entries),
                static fn (Entry $entry): bool => ! $entry->isKnown(),
            ) !== [];

            return $open && $line !== null && count($line->ratio->parts) !== count($entries) ? null : $line?->ratio;
        }

        return in_array(
            mb_strtolower($node->text()),
            self::NOT_KNOWN,
            true,
        ) ? null : $node->through(MixRatio::parse(...));
    }

    /** @return list<Entry> */
    private function part(JsonNode $part): array
    {
        return array_map($this->entry(...), $part->at('ingredients')->records(self::MOST_INGREDIENTS));
    }

    private function entry(JsonNode $node): Entry
    {
        $product = $node->at('product')->text();
        $reading = $this->shelf->readingFor($this->shelf->product($product));
        $text = $node->at('share')->text();
        $portion = $node->at('share')->through(static fn (string $text): Share|Amount => Portion::parse(
            $text,
            $reading,
        )) ?? Amount::unknown();

        return new Entry(
            product: $product,
            portion: $portion,
            blend: $node->at('blend')->text(),
            version: $node->at('version')->wholeNumber(1, 9999, Fact::of('nouns.version')),
            wanted: $node->at('wanted')->text(),
            why: $node->at('why')->text(300),
            said: $node->at('said')->text(60) ?: Portion::said($text, $portion),
            words: $node->at('words')->text(80),
            alternatives: array_map(static fn (JsonNode $each): string => $each->text(), $node->at('or')->items(5)),
            doubt: $node->at('doubt')->flag(),
        );
    }

    /** @return list<array{product: string, dose: Dose|Amount}> */
    private function additives(JsonNode $node): array
    {
        $additives = [];
        foreach ($node->records(self::MOST_INGREDIENTS) as $entry) {
            $reading = $this->shelf->readingFor($this->shelf->product($entry->at('product')->text()));
            $dose = $entry->at('dose')->through(static fn (string $text): Dose|Amount => self::dose($text, $reading));
            $additives[] = ['product' => $entry->at('product')->text(), 'dose' => $dose ?? Amount::unknown()];
        }

        return $additives;
    }

    private static function dose(string $text, MassReading $reading): Dose|Amount
    {
        $plain = mb_strtolower(trim($text));
        $isDose = $plain === '' || preg_match('/%\s*$|\bg\s*(?:\/|per)\s*g/u', $plain) === 1;
        if ($isDose) {
            return Dose::parse($text, $reading);
        }
        $amount = Amount::parse($text, $reading);

        return $amount->isKnown() ? Dose::perBowl($amount->least) : $amount;
    }

    /** @return list<Extra> */
    private function extras(JsonNode $node): array
    {
        $extras = [];
        foreach ($node->records(self::MOST_INGREDIENTS) as $entry) {
            $product = $this->shelf->product($entry->at('product')->text());
            $reading = $this->shelf->readingFor($product);
            $amount = $entry->at('grams')->through(static fn (string $text): Amount => Amount::parse($text, $reading));
            $counts = ExtraCounts::tryFrom($entry->at('counts')->text());
            if ($counts === null) {
                $entry->at('counts')->problem(Fact::of('documents.not-clear-how-counts'));
            }
            if ($product === null) {
                $entry->at('product')->problem(Fact::of('documents.product-not-document'));
            } elseif ($amount instanceof Amount) {
                $extras[] = new Extra($product, $amount, $counts ?? ExtraCounts::NotSaid);
            }
        }

        return $extras;
    }

    /** @return list<BowlUse> */
    private function uses(JsonNode $node): array
    {
        $uses = [];
        foreach ($node->records(20) as $use) {
            $grams = $use->at('grams')->through($this->shelf->readingFor(null)->read(...));
            if ($grams instanceof Grams) {
                $uses[] = new BowlUse($use->at('job')->text(80), $grams);
            }
        }

        return $uses;
    }

    /** Null where nobody said how much: a proportion. */
    private function amount(JsonNode $node): ?BowlAmount
    {
        if (! $node->isGiven() || (! $node->at('of')->isGiven() && ! $node->at('grams')->isGiven())) {
            return null;
        }
        $kind = AmountKind::tryFrom($node->at('of')->text());
        if ($kind === null) {
            $node->at('of')->problem(Fact::of('documents.not-said-what-amount'));

            return null;
        }
        if ($kind === AmountKind::Shares) {
            return BowlAmount::shares();
        }
        $said = mb_strtolower($node->at('grams')->text());
        if ($said === '' || in_array($said, self::NOT_KNOWN, true)) {
            return null;
        }
        $ingredient = $node->at('ingredient')->text();
        $reading = $this->shelf->readingFor(
            $kind === AmountKind::Ingredient ? $this->shelf->product($ingredient) : null,
        );
        $amount = $node->at('grams')->through(static fn (string $text): Amount => Amount::parse($text, $reading));

        return $amount instanceof Amount ? BowlAmount::of($kind, $amount, $ingredient) : null;
    }
}
