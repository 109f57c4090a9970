<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Formulas\LineJson;
use App\Models\ColourLine;
use App\Models\Developer;
use App\Models\Salon;
use Core\Codec\JsonNode;
use Core\Codec\Problem;
use Core\Codec\ProblemList;
use Core\Codec\ReadLine;
use Core\Fact;
use Core\Shelf\Line;
use Core\Shelf\LineFaults;

/** A line as somebody is writing it: what was read of it, and everything that is wrong so far. */
final readonly class LineDraft
{
    /**
     * @param  array<string, mixed>  $json  as it was written
     * @param  list<Problem>  $problems
     */
    private function __construct(public array $json, public ?Line $line, public array $problems)
    {
    }

    /** @param  array<string, mixed>  $json */
    public static function read(Salon $salon, array $json, ?ColourLine $of = null): self
    {
        $json = [...array_diff_key($json, ['products' => true]), 'id' => $of === null ? 'new' : LineJson::id($of)];
        $developers = array_values(
            $salon->developers()->get()->map(fn (Developer $each): string => $each->productId())->all(),
        );
        $list = new ProblemList;
        $node = new JsonNode($json, '/line', $list);
        $line = ReadLine::from($node, $developers, $salon->rules());
        $problems = $list->all();
        // One minute that is missing would be said twice.
        $said = array_map(fn (Problem $problem): string => $problem->pointer, $problems);
        foreach ($line === null ? [] : LineFaults::of($line) as $fault) {
            if (array_filter($said, fn (string $at): bool => str_starts_with($at, "/line{$fault['at']}/")) === []) {
                $problems[] = new Problem("/line{$fault['at']}", $fault['fact']);
            }
        }
        $name = $node->at('name')->text(80);
        if ($name === '') {
            $problems[] = new Problem('/line/name', Fact::of('refusals.line.no-name'));
        } elseif ($salon->colourLines()
            ->whereKeyNot($of->id ?? 0)
            ->whereRaw('LOWER(name) = ?', [mb_strtolower($name)])
            ->exists()) {
            $problems[] = new Problem('/line/name', Fact::of('refusals.line.name-taken', name: $name));
        }

        return new self($json, $line, $problems);
    }
}
