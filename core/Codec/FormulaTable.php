<?php

declare(strict_types=1);

namespace Core\Codec;

/** A worked document as lines of text for people. */
final class FormulaTable
{
    /**
     * @param  mixed  $document  decoded, objects as arrays
     */
    public static function of(mixed $document, WorkFormula $results): string
    {
        $lines = [];
        $root = new JsonNode($document, '', new ProblemList);
        foreach ($root->at('bowls')->items(PHP_INT_MAX) as $index => $bowl) {
            $worked = new JsonNode($results->bowls[$index] ?? [], '', new ProblemList);
            $job = $bowl->at('job')->text();
            $lines[] = 'Bowl '.$bowl
                ->at('letter')
                ->text().($job === '' ? '' : "  {$job}").'  '.$worked
                ->at('total')
                ->text().self::ratio($worked->at('ratio')->text());
            foreach (self::ingredients($worked) as [$label, $grams, $percent]) {
                $lines[] = rtrim(
                    '  '.self::pad($label, 22).self::pad($grams, 20, left: true).self::pad($percent, 16, left: true),
                );
            }
            foreach (['strength' => 'Developer', 'strengthOnHead' => 'On the head'] as $key => $words) {
                if ($worked->at($key)->isGiven()) {
                    $lines[] = '  '.self::pad(
                        $words,
                        22,
                    ).$worked->at($key)->at('vol')->text().' vol ('.$worked->at($key)->at('percent')->text().' %)';
                }
            }
            if ($worked->at('level')->isGiven()) {
                $lines[] = '  '.self::pad('Level', 22).$worked->at('level')->text();
            }
            foreach ($worked->at('warnings')->items(50) as $warning) {
                $lines[] = '  ! '.$warning->at('reason')->text(500).' '.$warning->at('mend')->text(500);
            }
            foreach (
                $worked->at('poured')->isGiven() ? ['total' => 'Poured', 'used' => 'Used'] : [] as $key => $words
            ) {
                $lines[] = '  '.self::pad($words, 22).$worked->at('poured')->at($key)->text();
            }
            $lines[] = '';
        }

        return implode("\n", [...$lines, ...self::together(new JsonNode($results->whole ?? [], '', new ProblemList))]);
    }

    /** @return list<string> what all bowls come to; nothing where the document does not ask */
    private static function together(JsonNode $whole): array
    {
        if (! $whole->at('total')->isGiven()) {
            return [];
        }
        $lines = ['Together  '.$whole->at('total')->text()];
        foreach ($whole->at('products')->items(PHP_INT_MAX) as $product) {
            $lines[] = '  '.self::pad($product->at('label')->text(), 22).self::pad(
                $product->at('grams')->text(),
                20,
                left: true,
            );
        }
        foreach ($whole->at('zones')->items(ReadCanvas::MOST_ZONES) as $zone) {
            // Where nothing is laid on it, nothing is to be expected of it.
            if ($zone->at('level')->isGiven()) {
                $expected = [$zone->at('tone')->text(500), $zone->at('verdict')->text()];
                $lines[] = '  '.self::pad(
                    $zone->at('zone')->text(),
                    22,
                )."level {$zone->at('level')->text()}  ".implode('  ', $expected);
            }
        }
        foreach ($whole->at('cautions')->items(200) as $caution) {
            $lines[] = '  ! '.$caution->at('reason')->text(2000).' '.$caution->at('mend')->text(2000);
        }

        return [...$lines, ...self::times($whole->at('times')), ''];
    }

    /** @return list<array{string, string, string}> label, grams, percent */
    private static function ingredients(JsonNode $worked): array
    {
        $entries = [...$worked->at('ingredients')->items(50), ...$worked->at('additives')->items(50)];
        foreach ($worked->at('parts')->items(4) as $part) {
            $entries = [...$entries, ...$part->at('ingredients')->items(50)];
        }

        return array_map(
            static fn (JsonNode $each): array => [
                $each->at('label')->text(),
                $each->at('grams')->text(),
                $each->at('percent')->text(),
            ],
            $entries,
        );
    }

    private static function ratio(string $said): string
    {
        return match (true) {
            $said === '' => '',
            str_contains($said, ':') => "  at {$said}",
            default => "  {$said}",
        };
    }

    private static function pad(string $text, int $width, bool $left = false): string
    {
        $blanks = str_repeat(' ', max(0, $width - mb_strlen($text)));

        return $left ? $blanks.$text : $text.$blanks;
    }

    /** @return list<string> when what is done, in minutes from the first touch */
    private static function times(JsonNode $times): array
    {
        $lines = ["Times  {$times->at('minutes')->text()} min from the first touch"];
        foreach ($times->at('bowls')->items(100) as $bowl) {
            $lines[] = '  '.self::pad($bowl->at('bowl')->text(), 22).implode('  ', array_map(
                static fn (string $moment): string => "{$moment} {$bowl->at($moment)->text()}",
                array_values(array_filter(
                    ['mix', 'begin', 'complete', 'through', 'emulsify', 'rinse'],
                    static fn (string $moment): bool => $bowl->at($moment)->value() !== null,
                )),
            ));
        }
        foreach (['breaks', 'mends'] as $what) {
            foreach ($times->at($what)->items(200) as $each) {
                $lines[] = '  '.($what === 'breaks' ? '! ' : '  ').$each->text(500);
            }
        }
        foreach ($times->at('faults')->items(200) as $fault) {
            $lines[] = "  ! {$fault->at('said')->text(500)} {$fault->at('mend')->text(500)}";
        }

        return $lines;
    }
}
