<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Words\Say;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * What no field of ours can hold is refused before any field is read: numbers beyond a column, infinite ones, texts
 * that are no text, and bodies that are folded deeper than anything we write, or
 * hold more. Every field behind this may trust that a
 * number is one.
 */
final class PlainValues
{
    private const LARGEST = 2_147_483_647;

    private const DEEPEST = 16;

    /**
     * Values in one body. A visit of a dozen bowls has some two thousand; what checks a list slows with the square of
     * it.
     */
    private const MOST = 5_000;

    public function handle(Request $request, Closure $next): Response
    {
        $values = [
            ...$request->query->all(),
            ...($request->isJson() ? $request->json()->all() : $request->request->all()),
        ];
        $problem = count($values, COUNT_RECURSIVE) > self::MOST
            ? ['', Say::plain('This holds more values than anything here does: send it in parts.')]
            : self::problem($values, '', 0);

        return $problem === null ? $next($request) : new JsonResponse(
            [
                'message' => Say::plain('Something sent cannot be read.'),
                'mend' => $problem[1],
                'problems' => [['pointer' => $problem[0], 'message' => $problem[1], 'mend' => '']],
            ],
            422,
        );
    }

    /** @return ?array{string, string} pointer and what is wrong there */
    private static function problem(mixed $value, string $pointer, int $depth): ?array
    {
        return match (true) {
            $depth > self::DEEPEST => [$pointer, Say::plain('This is folded too deep.')],
            is_array($value) => self::within($value, $pointer, $depth),
            is_float($value) && (! is_finite($value) || abs($value) > self::LARGEST) => [
                $pointer,
                Say::plain('This number is out of range.'),
            ],
            is_int($value) && abs($value) > self::LARGEST => [$pointer, Say::plain('This number is out of range.')],
            is_string($value) && ! mb_check_encoding($value, 'UTF-8') => [
                $pointer,
                Say::plain('This text is not in UTF-8.'),
            ],
            is_string($value) && str_contains($value, "\0") => [
                $pointer,
                Say::plain('This text holds a character that is none.'),
            ],
            default => null,
        };
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @return ?array{string, string}
     */
    private static function within(array $values, string $pointer, int $depth): ?array
    {
        foreach ($values as $key => $value) {
            $problem = self::problem($value, "{$pointer}/{$key}", $depth + 1);
            if ($problem !== null) {
                return $problem;
            }
        }

        return null;
    }
}
