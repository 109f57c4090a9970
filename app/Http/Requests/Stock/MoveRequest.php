<?php

declare(strict_types=1);

namespace App\Http\Requests\Stock;

use Core\Stock\MovementKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What a hand says of the shelf; one product, or a whole count. */
final class MoveRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'moves' => ['required', 'array', 'min:1', 'max:600'],
            'moves.*.product' => ['required', 'string', 'max:30'],
            'moves.*.kind' => ['required', Rule::enum(MovementKind::class)],
            'moves.*.amount' => ['nullable', 'string', 'max:40'],
            'moves.*.out' => ['sometimes', 'boolean'],
            'moves.*.note' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return list<array{product: string, kind: MovementKind, amount: string, out: bool, note: string}> */
    public function moves(): array
    {
        $text = static fn (mixed $value): string => is_string($value) ? trim($value) : '';

        return array_values(array_map(static fn (array $move): array => [
            'product' => $text($move['product'] ?? null),
            'kind' => MovementKind::from($text($move['kind'] ?? null)),
            'amount' => $text($move['amount'] ?? null),
            'out' => ($move['out'] ?? false) === true,
            'note' => $text($move['note'] ?? null),
        ], $this->array('moves')));
    }
}
