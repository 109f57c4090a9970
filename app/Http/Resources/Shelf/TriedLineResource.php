<?php

declare(strict_types=1);

namespace App\Http\Resources\Shelf;

use App\Http\Resources\ProblemResource;
use App\Shelf\LineDraft;
use Core\Codec\JsonNode;
use Core\Codec\ProblemList;
use Core\Codec\ReadProduct;
use Core\Shelf\Line;
use Core\Units\MassReading;

/** A line as it is being typed: what is wrong so far, and what each code would be read as. */
final readonly class TriedLineResource
{
    /** @param  list<string>  $codes */
    public function __construct(private LineDraft $draft, private array $codes)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $line = $this->draft->line;

        return [
            'problems' => ProblemResource::all($this->draft->problems),
            'codes' => $line === null
                ? []
                : array_map(
                    fn (string $code): array => ['code' => $code, 'read' => $this->read($code, $line)],
                    $this->codes,
                ),
        ];
    }

    /** @return ?array<string, mixed> */
    private function read(string $code, Line $line): ?array
    {
        $product = ReadProduct::from(
            new JsonNode(['id' => 'tried', 'code' => $code], '', new ProblemList),
            $line,
            MassReading::plain(),
        );

        return $product === null ? null : ReadProductResource::of($product, $line);
    }
}
