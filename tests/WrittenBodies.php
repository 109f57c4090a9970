<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Routing\Route;

/**
 * Bodies that were taken at every address that writes: what a valid one looks like, gathered from the tests that send
 * them (WRITES=write ./tinta test tests/Feature). Ids stand as what they are of.
 */
final class WrittenBodies
{
    private const FILE = __DIR__.'/contract/writes.json';

    /** Of one address so many that differ in their members. */
    private const MOST = 4;

    private const LONGEST = 6_000;

    /** @return array<string, list<array<string, mixed>>> by method and address */
    public static function all(): array
    {
        return is_file(self::FILE)
            ? (array) json_decode((string) file_get_contents(self::FILE), true, 64, JSON_THROW_ON_ERROR)
            : [];
    }

    public static function keep(?Route $route, string $method, string $content): void
    {
        $body = json_decode($content, true);
        if (
            $route === null
            || ! in_array($method, ['POST', 'PUT', 'PATCH', 'DELETE'], true)
            || ! is_array($body)
            || strlen($content) > self::LONGEST
        ) {
            return;
        }
        $all = self::all();
        $key = "{$method} {$route->uri()}";
        $body = self::withoutIds($body);
        $shapes = array_map(self::shape(...), $all[$key] ?? []);
        if (count($shapes) < self::MOST && ! in_array(self::shape($body), $shapes, true)) {
            $all[$key][] = $body;
            ksort($all);
            file_put_contents(
                self::FILE,
                json_encode($all, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n",
            );
        }
    }

    private static function withoutIds(mixed $value): mixed
    {
        return match (true) {
            is_array($value) => array_map(self::withoutIds(...), $value),
            is_string($value) && preg_match(
                '/^[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}$/',
                $value,
            ) === 1 => '{uuid}',
            is_string($value) && preg_match('/^(shade|developer|line)-\d+$/', $value, $m) === 1 => "{{$m[1]}}",
            is_string($value) && preg_match('/^\d{4}-\d\d-\d\dT/', $value) === 1 => '{moment}',
            is_string($value) && str_contains($value, '@test.example') => '{mail}',
            is_string($value) && preg_match('/^[0-9a-f]{32,64}$/', $value) === 1 => '{token}',
            default => $value,
        };
    }

    /** @param  array<mixed>  $body */
    private static function shape(array $body): string
    {
        ksort($body);

        return implode(',', array_map(
            static fn (int|string $key, mixed $value): string => $key.':'.(
                is_array($value)
                && ! array_is_list($value) ? '{'.self::shape($value).'}' : get_debug_type($value)
            ),
            array_keys($body),
            $body,
        ));
    }
}
