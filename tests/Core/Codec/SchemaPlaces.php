<?php

declare(strict_types=1);

namespace Tests\Core\Codec;

/** Every place that the published schema has, with what it says of it. */
final class SchemaPlaces
{
    /** What stands for a value of each kind, where one has to stand there. */
    private const SAMPLES = [
        'id' => 'q', 'reference' => '6N', 'number' => '1', 'grams' => '10 g', 'amount' => '10 g', 'share' => '1',
        'closedShare' => '1', 'openShare' => '?', 'ratio' => '1:1.5', 'bowlRatio' => '1:1.5', 'strength' => '20 vol',
        'level' => '6', 'centimetres' => '2', 'letter' => 'A', 'day' => '2026-01-02', 'timeOfDay' => '10:00',
    ];

    /** @var array<string, array<string, mixed>> */
    private array $defined;

    /** @var list<array{way: list<array{int|string, array<string, mixed>}>, said: array<string, mixed>}> */
    private array $found = [];

    public function __construct()
    {
        $schema = json_decode((string) file_get_contents(dirname(__DIR__, 3).'/docs/format/formula.schema.json'), true);
        $this->defined = $schema['$defs'];
        $this->walk($schema, []);
        $this->walk($schema['then'], []);
    }

    /**
     * @return list<array{way: list<array{int|string, array<string, mixed>}>, said: array<string, mixed>}> each way as
     *     members, with what the schema says of the value of each; and what it says of the last
     */
    public function all(): array
    {
        return $this->found;
    }

    /**
     * The document with a value at a place, and with what has to be there for it.
     *
     * @param  array<string, mixed>  $document
     * @param  list<array{int|string, array<string, mixed>}>  $way
     * @return array<string, mixed>
     */
    public function put(array $document, array $way, mixed $value): array
    {
        $spot = &$document;
        foreach ($way as [$member, $schema]) {
            $spot[$member] ??= $this->sample($schema);
            $spot = &$spot[$member];
        }
        $spot = $value;

        return $document;
    }

    /** @param  array<string, mixed>  $schema */
    public function sample(array $schema): mixed
    {
        $name = isset($schema['$ref']) ? basename($schema['$ref']) : '';
        foreach (isset(self::SAMPLES[$name]) ? [] : $this->meant($schema) as $said) {
            $kind = is_array($said['type'] ?? null) ? $said['type'][0] : $said['type'] ?? '';
            if (isset($said['enum'])) {
                return $said['enum'][0];
            }
            if ($kind === 'object') {
                $sample = [];
                foreach ($said['required'] ?? [] as $member) {
                    $sample[$member] = $this->sample($said['properties'][$member] ?? []);
                }

                return $sample;
            }
            if ($kind === 'array') {
                return isset($said['minItems']) ? [$this->sample($said['items'])] : [];
            }
            if (in_array($kind, ['integer', 'number'], true)) {
                return $said['minimum'] ?? 1;
            }
        }

        return self::SAMPLES[$name] ?? 'q';
    }

    /**
     * A schema and what it refers to, one by one.
     *
     * @param  array<string, mixed>  $schema
     * @return list<array<string, mixed>>
     */
    public function meant(array $schema): array
    {
        $meant = [];
        foreach (
            [
                ...(isset($schema['$ref']) ? [$this->defined[basename($schema['$ref'])]] : []),
                // Members that must go together are no place of their own.
                ...array_filter(
                    $schema['anyOf'] ?? [],
                    static fn (array $each): bool => isset($each['type']) || ! isset($each['properties']),
                ),
                ...($schema['allOf'] ?? []),
            ] as $each
        ) {
            $meant = [...$meant, ...$this->meant($each)];
        }

        return [$schema, ...$meant];
    }

    /**
     * @param  array<string, mixed>  $schema
     * @param  list<array{int|string, array<string, mixed>}>  $way
     */
    private function walk(array $schema, array $way): void
    {
        foreach ($this->meant($schema) as $said) {
            if ($way !== []) {
                $this->found[] = ['way' => $way, 'said' => $said];
            }
            $members = ($said['properties'] ?? []) + (isset($said['items']) ? [0 => $said['items']] : []);
            foreach (count($way) < 9 ? $members : [] as $member => $inside) {
                $this->walk($inside, [...$way, [$member, $inside]]);
            }
        }
    }
}
