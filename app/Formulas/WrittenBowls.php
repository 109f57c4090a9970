<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\Bowl;
use App\Models\Visit;
use Core\CoreException;
use Core\Formula\Letters;
use Core\Record\BowlLine;
use Core\Record\ReadBowlLine;
use Core\Record\WriteBowlLine;

/** Bowls as they are written on a card, one a line, and the shape in which a visit keeps them. */
final readonly class WrittenBowls
{
    private const MOST = 12;

    public function __construct(private SalonShelf $shelves, private BowlRows $rows)
    {
    }

    /**
     * @return list<array{sheet: ?array<string, mixed>, rest: list<string>}> the sheet null where nothing of it names a
     *     bowl
     */
    public function read(string $text, Visit $visit): array
    {
        $shelf = $this->shelves->forVisit($visit);
        $bowls = $visit->rounds->flatMap(fn ($round) => $round->bowls);
        $last = $bowls->last();
        $usual = $last === null ? ($shelf->lines()[0]->id ?? '') : "line-{$last->colour_line_id}";
        $letters = array_values($bowls->map(fn (Bowl $bowl): string => trim($bowl->letter))->all());
        $found = [];
        foreach (array_slice(ReadBowlLine::all($text, $shelf, $usual), 0, self::MOST) as $line) {
            $base = $line->as === null
                ? null
                : $bowls->first(fn (Bowl $bowl): bool => trim($bowl->letter) === $line->as);
            if ($line->isEmpty() || ($line->as !== null && $base === null)) {
                $found[] = [
                    'sheet' => null,
                    'rest' => [...($line->as === null ? [] : ["as {$line->as}"]), ...$line->rest],
                ];

                continue;
            }
            $letter = $line->letter !== null && ! in_array($line->letter, $letters, true)
                ? $line->letter
                : Letters::free($letters);
            $letters[] = $letter;
            $sheet = $base === null ? $this->fresh($line, $visit) : self::like($base->sheet, $line);
            $found[] = ['sheet' => ['letter' => $letter] + $sheet, 'rest' => $line->rest];
        }

        return $found;
    }

    /** In one line; empty where the shelf does not know it any more. */
    public function written(Bowl $bowl, Visit $visit): string
    {
        try {
            $shelf = $this->shelves->forVisit($visit);

            return WriteBowlLine::of($this->rows->sheet($bowl, $shelf), $shelf);
        } catch (CoreException) {
            return '';
        }
    }

    /** @return array<string, mixed> */
    private function fresh(BowlLine $line, Visit $visit): array
    {
        $shelf = $this->shelves->forVisit($visit);

        return [
            'job' => $line->job,
            'line' => $line->line,
            'ratio' => $line->ratio ?? $shelf->line($line->line)?->ratio->show() ?? '',
            'amount' => $line->amount === null ? self::inShares($line) : $line->amount + ['ingredient' => null],
            'parts' => self::parts($line),
            'additives' => $line->additives,
            'place' => $line->place === null ? [] : [$line->place],
            'minutes' => $line->minutes,
            'note' => '',
        ];
    }

    /**
     * The other bowl, with what the line says of its own.
     *
     * @param  array<string, mixed>  $base
     * @return array<string, mixed>
     */
    private static function like(array $base, BowlLine $line): array
    {
        foreach (self::parts($line) as $at => $part) {
            $named = array_filter($part['ingredients'], static fn (array $each): bool => isset($each['product']));
            if ($named !== []) {
                $base['parts'][$at] = $part;
            }
        }

        return array_merge($base, array_filter([
            'ratio' => $line->ratio,
            'amount' => $line->amount === null ? null : $line->amount + ['ingredient' => null],
            'minutes' => $line->minutes,
            'place' => $line->place === null ? null : [$line->place],
            'job' => $line->job === '' ? null : $line->job,
            'additives' => $line->additives === [] ? null : $line->additives,
        ], static fn (mixed $each): bool => $each !== null));
    }

    /** @return list<array{ingredients: list<array<string, string>>}> */
    private static function parts(BowlLine $line): array
    {
        return array_map(static fn (array $part): array => ['ingredients' => $part], $line->parts);
    }

    /**
     * Where a product says its grams, the bowl is as much as they make; else it is a proportion.
     *
     * @return ?array{of: string, grams: string, ingredient: null}
     */
    private static function inShares(BowlLine $line): ?array
    {
        foreach ($line->parts as $part) {
            foreach ($part as $entry) {
                if (preg_match('/\d\s*(?:g|oz|ml|tubes?)$/iu', $entry['share'] ?? '') === 1) {
                    return ['of' => 'shares', 'grams' => '', 'ingredient' => null];
                }
            }
        }

        return null;
    }
}
