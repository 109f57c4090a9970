<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Models\ColourLine;
use App\Models\Developer;
use Core\Codec\JsonNode;
use Core\Codec\ProblemList;
use Core\Codec\ReadLine;
use Core\Practice\HouseRules;
use Core\Shelf\Line;
use LogicException;

/** A line's row as a document writes a line, and back: the shape that ReadLine reads is the shape that is kept. */
final class LineJson
{
    /** What has a column of its own; everything else a line says stands in its legend column. */
    private const COLUMNS = [
        'id',
        'name',
        'kind',
        'ratio',
        'window',
        'developers',
        'products',
        'about',
        'version',
        'withdrawn',
    ];

    /** @return array<string, mixed> */
    public static function of(ColourLine $line): array
    {
        return [
            ...$line->legend,
            'id' => self::id($line),
            'name' => $line->name,
            'kind' => $line->kind,
            'ratio' => $line->ratio,
            'window' => ['min' => $line->min_minutes, 'target' => $line->target_minutes, 'max' => $line->max_minutes],
            'developers' => array_values(
                $line->developers->map(fn (Developer $developer): string => $developer->productId())->all(),
            ),
        ];
    }

    public static function line(ColourLine $line, HouseRules $rules): Line
    {
        $json = self::of($line);

        return ReadLine::from(new JsonNode($json, '', new ProblemList), $json['developers'], $rules)
            ?? throw new LogicException("The line {$line->id} cannot be read.");
    }

    /**
     * @param  array<string, mixed>  $json  a line that was read without a problem
     * @return array<string, mixed> columns of its row
     */
    public static function columns(array $json, Line $read): array
    {
        return [
            'name' => $read->name,
            'kind' => $read->kind->value,
            'ratio' => is_scalar($json['ratio'] ?? null) ? trim((string) $json['ratio']) : '',
            'min_minutes' => $read->window['min'],
            'target_minutes' => $read->window['target'],
            'max_minutes' => $read->window['max'],
            'legend' => array_diff_key($json, array_flip(self::COLUMNS)),
        ];
    }

    public static function id(ColourLine $line): string
    {
        return "line-{$line->id}";
    }
}
