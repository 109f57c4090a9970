<?php

declare(strict_types=1);

namespace Core\Record;

use Core\CoreException;
use Core\Hair\Method;
use Core\Hair\Region;
use Core\Hair\Span;
use Core\Practice\Number;
use Core\Shelf\Line;
use Core\Shelf\LineKind;
use Core\Shelf\PartRole;
use Core\Shelf\Product;
use Core\Shelf\ProductKind;
use Core\Shelf\Shelf;
use Core\Units\Fraction;
use Core\Units\MixRatio;
use Core\Units\Share;
use Core\Units\Strength;

/**
 * Reads bowls as they are written on cards: “30 6N + 15 6G, quarter 6A, 1:1.5 20 vol, root, 35 min, foils 20”, “equal
 * 7G 7C, 1:2 9 vol”, “as A, 30 vol”; in any order. A bare number before a code is grams; where all are small and whole
 * they are parts. What is not understood is given back as it was written, never guessed.
 */
final class ReadBowlLine
{
    private const NUMBER = '\d+(?:[.,]\d+)?[½⅓⅔¼¾]?|[½⅓⅔¼¾]';

    /** @var list<string> */
    private array $rest = [];

    /** @var list<array{Product, ?string}> */
    private array $found = [];

    private bool $equal = false;

    /** @var list<array{string, ?string}> volumes, and how much of them */
    private array $strengths = [];

    private ?string $ratio = null;

    private ?string $minutes = null;

    private ?string $foils = null;

    private ?string $as = null;

    private string $job = '';

    /** @var ?array{of: string, grams: string} */
    private ?array $amount = null;

    /** @var list<string> */
    private array $regions = [];

    /** @var list<string> */
    private array $spans = [];

    private ?string $method = null;

    private bool $placed = false;

    private function __construct(private readonly Shelf $shelf, private readonly Line $line)
    {
    }

    /**
     * @param  string  $text  one bowl a line
     * @param  string  $usual  id of the colour line where nothing says which
     * @return list<BowlLine>
     */
    public static function all(string $text, Shelf $shelf, string $usual): array
    {
        $lines = preg_split('/\R/u', $text) ?: [];

        return array_values(array_map(
            static fn (string $line): BowlLine => self::of($line, $shelf, $usual),
            array_filter($lines, static fn (string $line): bool => trim($line) !== ''),
        ));
    }

    public static function of(string $text, Shelf $shelf, string $usual): BowlLine
    {
        $letter = null;
        if (preg_match('/^\s*(?:bowl\s+)?([A-Z])\s*[:)]\s*/u', $text, $m) === 1) {
            $letter = $m[1];
            $text = substr($text, strlen($m[0]));
        }
        $best = null;
        $found = -1;
        $lines = $shelf->lines();
        // The usual one first: of two lines that know all the codes, it is the one that is meant.
        usort($lines, static fn (Line $one, Line $other): int => ($other->id === $usual) <=> ($one->id === $usual));
        foreach ($lines as $line) {
            $read = new self($shelf, $line);
            $named = $read->read($text);
            $own = array_filter($read->found, static fn (array $each): bool => $each[0]->line === $line->id);
            $score = 2 * count($own) + ($named ? 100 : 0) - count($read->rest);
            if ($best === null || $score > $found) {
                [$best, $found] = [$read, $score];
            }
        }

        return $best?->made($letter) ?? new BowlLine(
            letter: $letter,
            as: null,
            line: '',
            ratio: null,
            parts: [],
            additives: [],
            amount: null,
            place: null,
            minutes: null,
            job: '',
            rest: [$text],
        );
    }

    /** @return bool whether the text names this line */
    private function read(string $text): bool
    {
        if (preg_match('/[“"]([^”"]{1,80})[”"]/u', $text, $m) === 1) {
            $this->job = trim($m[1]);
            $text = str_replace($m[0], ',', $text);
        }
        $named = stripos($text, $this->line->name) !== false;
        $text = $named ? str_ireplace($this->line->name, ',', $text) : $text;
        foreach (preg_split('/(?<!\d),|,(?!\d)|;|\s[·|]\s/u', $text) ?: [] as $segment) {
            $this->segment(trim($segment));
        }

        return $named;
    }

    private function segment(string $segment): void
    {
        $number = self::NUMBER;
        $segment = $this->take('/^(?:same\s+)?as\s+(?:bowl\s+)?([A-Z])\b/iu', $segment, function (array $m): void {
            $this->as = strtoupper($m[1]);
        });
        $segment = $this->take('/\b(\d{1,3})(?:\s*(?:-|–|to)\s*(\d{1,3}))?\s*(?:min(?:ute)?s?\b|[\'’])/iu', $segment, function (array $m): void {
            $this->minutes = isset($m[2]) && $m[2] !== '' ? "{$m[1]}-{$m[2]}" : $m[1];
        });
        $segment = $this->take('/\bfoils?\s*[:×x]?\s*(\d{1,3})\b|\b(\d{1,3})\s*foils?\b/iu', $segment, function (array $m): void {
            $this->foils = $m[1] !== '' ? $m[1] : ($m[2] ?? '');
        });
        $segment = $this->take('/\b(?:no|without)\s+developer\b/iu', $segment, function (): void {
            $this->ratio = 'no developer';
        });
        $segment = $this->take("/\\b(?:in\\s+all|total|makes?)\\s*:?\\s*({$number})\\s*(g|oz|ml)?\\b|\\b({$number})\\s*(g|oz|ml)\\s*(?:in\\s+all|total|mixture)\\b/iu", $segment, function (array $m): void {
            [$grams, $unit] = $m[1] !== '' ? [$m[1], $m[2] ?? ''] : [$m[3] ?? '', $m[4] ?? ''];
            $this->amount = ['of' => 'total', 'grams' => trim($grams.' '.($unit === '' ? 'g' : $unit))];
        });
        $segment = $this->take("/\\b({$number})\\s*(g|oz|ml)\\s*(?:of\\s+)?(colou?r|developer)\\b/iu", $segment, function (array $m): void {
            $this->amount = [
                'of' => strtolower($m[3]) === 'developer' ? 'developer' : 'colour',
                'grams' => "{$m[1]} {$m[2]}",
            ];
        });
        $segment = $this->take(
            "/(?<![\\d:])((?:{$number})\\s*:\\s*(?:{$number})(?:\\s*:\\s*(?:{$number}))?)(?![\\d:])/u",
            $segment,
            fn (array $m) => $this->proportion($m[1]),
        );
        $segment = $this->take("/^(1\\s*\\+\\s*(?:{$number}))$/u", $segment, fn (array $m) => $this->proportion($m[1]));
        // “6G 20 vol” is a shade and a strength; “45 g 20 vol” is grams of it.
        $isShade = preg_match(
            "/\\b((?:{$number})g)\\s+(?:{$number})\\s*vol/iu",
            $segment,
            $m,
        ) === 1 && $this->product([$m[1]], 0)[0] !== null;
        $grams = $isShade ? '()' : "(?:\\b((?:{$number})\\s*(?:g|%|parts?)|\\d+\\/\\d+)\\s*(?:of\\s+)?)?";
        $segment = $this->take("/{$grams}\\b({$number})(?:\\s*\\+\\s*({$number}))?\\s*vol(?:ume)?s?\\b/iu", $segment, function (array $m): void {
            $this->strengths[] = [$m[2], $m[1] === '' ? null : $m[1]];
            if (isset($m[3]) && $m[3] !== '') {
                $this->strengths[] = [$m[3], null];
            }
        }, many: true);
        $segment = $this->take("/^({$number})\\s*%\\s*(?:developer|dev|peroxide)?$/iu", $segment, function (array $m): void {
            $this->strengths[] = ["{$m[1]} %", null];
        });
        $this->products($segment);
    }

    private function proportion(string $text): void
    {
        try {
            $this->ratio = MixRatio::parse($text)->show();
        } catch (CoreException) {
            $this->rest[] = $text;
        }
    }

    /**
     * @param  callable(array<string>): void  $then
     * @return string the segment without it
     */
    private function take(string $pattern, string $segment, callable $then, bool $many = false): string
    {
        while (preg_match($pattern, $segment, $m) === 1) {
            $then($m);
            $at = (int) strpos($segment, $m[0]);
            $segment = trim(substr($segment, 0, $at).' '.substr($segment, $at + strlen($m[0])));
            if (! $many) {
                break;
            }
        }

        return $segment;
    }

    private function products(string $segment): void
    {
        $words = preg_split('/\s*[+&]\s*|\s+/u', trim($segment), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $pending = $raw = [];
        $last = null;
        for ($at = 0; $at < count($words); $at++) {
            $word = $words[$at];
            $raw[] = $word;
            if (preg_match('/^(?:equal(?:ly)?|parts?|each|of|and|the|on)$/iu', $word) === 1) {
                $this->equal = $this->equal || preg_match('/^(?:equal|each)/iu', $word) === 1;
                if (preg_match('/^parts?$/i', $word) === 1 && $pending !== []) {
                    $pending[] = $word;
                }

                continue;
            }
            [$product, $took] = $this->product($words, $at);
            if ($product !== null) {
                $this->found[] = [$product, $pending === [] ? null : implode(' ', $pending)];
                $last = count($this->found) - 1;
                $pending = $raw = [];
                $at += $took - 1;

                continue;
            }
            $pending[] = $word;
        }
        if ($pending === []) {
            return;
        }
        // “6A a quarter”: said behind it.
        $amount = self::amount(implode(' ', $pending));
        if ($last !== null && $this->found[$last][1] === null && $amount !== null) {
            $this->found[$last][1] = implode(' ', $pending);

            return;
        }
        if (
            $last === null
            && $this->found === []
            && $amount !== null
            && preg_match('/^\S*\d\S*\s*(?:g|oz|ml)$/iu', implode(' ', $pending)) === 1
        ) {
            $this->amount ??= ['of' => 'total', 'grams' => implode(' ', $pending)];

            return;
        }
        $unread = $this->places(implode(' ', $raw));
        if ($unread !== '') {
            $this->rest[] = $unread;
        }
    }

    /**
     * @param  list<string>  $words
     * @return array{?Product, int} and how many words name it
     */
    private function product(array $words, int $at): array
    {
        for ($length = min(3, count($words) - $at); $length > 0; $length--) {
            $name = mb_strtolower(implode(' ', array_slice($words, $at, $length)));
            foreach ($this->shelf->productsOf($this->line) as $product) {
                if (
                    ! $product->withdrawn
                    && in_array($name, [mb_strtolower($product->code), mb_strtolower($product->name)], true)
                ) {
                    return [$product, $length];
                }
            }
            // Of another line, where only one product bears the name: a filler, a shield.
            $elsewhere = array_values(array_filter($this->elsewhere(), static fn (Product $each): bool => in_array(
                $name,
                [mb_strtolower($each->code), mb_strtolower($each->name)],
                true,
            )));
            if (count($elsewhere) === 1) {
                return [$elsewhere[0], $length];
            }
        }

        return [null, 0];
    }

    /** @return list<Product> of the other lines */
    private function elsewhere(): array
    {
        $found = [];
        foreach ($this->shelf->lines() as $line) {
            array_push($found, ...($line->id === $this->line->id ? [] : $this->shelf->productsOf($line)));
        }

        return array_values(array_filter($found, static fn (Product $each): bool => ! $each->withdrawn));
    }

    /** What names places and techniques is taken; what is left is given back. */
    private function places(string $text): string
    {
        $left = ' '.mb_strtolower($text).' ';
        $say = function (string $words, callable $then) use (&$left): void {
            $pattern = '/(?<=[\s\/])'.preg_quote($words, '/').'(?=[\s\/])/u';
            if (preg_match($pattern, $left) === 1) {
                $left = (string) preg_replace($pattern, ' ', $left, 1);
                $then();
                $this->placed = true;
            }
        };
        foreach (Method::cases() as $method) {
            foreach ([$method->label(), str_replace('-', ' ', $method->value), $method->value] as $words) {
                $say($words, function () use ($method): void {
                    $this->method ??= $method->value;
                });
            }
        }
        $say('all over', function (): void {
            $this->spans = array_map(static fn (Span $span): string => $span->value, Span::cases());
        });
        $say('lengths', function (): void {
            array_push($this->spans, Span::Mids->value, Span::Ends->value);
        });
        foreach (Region::cases() as $region) {
            foreach ([$region->label(), $region->value] as $words) {
                $say($words, function () use ($region): void {
                    $this->regions[] = $region->value;
                });
            }
        }
        foreach (Span::cases() as $span) {
            foreach (["{$span->value}s", $span->value] as $words) {
                $say($words, function () use ($span): void {
                    $this->spans[] = $span->value;
                });
            }
        }
        $unread = trim(
            (string) preg_replace('/\s+/u', ' ', (string) preg_replace('/(?<=\s)(?:to|and|the)(?=\s)/u', ' ', $left)),
        );

        // Where nothing of it was a place it stands as it was written.
        return mb_strtolower(trim($text)) === $unread ? trim($text) : $unread;
    }

    /** An amount as a bowl writes it; null where it is none. */
    private static function amount(string $words): ?string
    {
        $plain = trim(mb_strtolower($words));
        if (preg_match('/^(?:about|ca\.?)?\s*(?:'.self::NUMBER.')$/u', $plain) === 1) {
            return $plain;
        }
        try {
            return Share::parse($plain)->text();
        } catch (CoreException) {
            return preg_match('/^(?:an?|some|the)\s+\p{L}+$|^\?$/u', $plain) === 1 ? $plain : null;
        }
    }

    private function made(?string $letter): BowlLine
    {
        $ratio = $this->ratio === null || $this->ratio === 'no developer'
            ? $this->line->ratio
            : MixRatio::parse($this->ratio);
        $roles = array_slice($this->line->order, 0, count($ratio->parts));
        $parts = array_fill(0, count($ratio->parts), []);
        $additives = [];
        $arePriced = array_filter($this->found, static fn (array $each): bool => $each[1] !== null) !== [];
        $numbersArePart = $this->numbersAreParts();
        foreach ($this->found as [$product, $said]) {
            $part = $this->line->partOf($product->role());
            if (
                $product->kind === ProductKind::Care
                && $this->line->kind !== LineKind::Care
                && count($ratio->parts) > 2
            ) {
                // In a mix of three, what colours nothing is the third.
                $part = $this->line->partOf(PartRole::Base);
            }
            $share = match (true) {
                $said !== null => $this->share($said, $numbersArePart),
                $part !== 0 || (($this->equal || ! $arePriced) && count($this->colours()) === 1) => 'all',
                $this->equal || ! $arePriced => '1',
                default => '?',
            };
            if ($part === null || ! isset($parts[$part])) {
                $additives[] = ['product' => $product->id, 'dose' => $said === null ? '?' : $share];
            } else {
                $parts[$part][] = ['product' => $product->id, 'share' => $share];
            }
        }
        $this->developer($parts, $roles);
        $without = $this->ratio === 'no developer'
            || ! in_array(PartRole::Developer, $roles, true)
            || count($ratio->parts) < 2;
        if ($without) {
            $parts = [$parts[0] ?? []];
        }
        foreach ($parts as $at => $entries) {
            if ($entries === [] && $at > 0) {
                $parts[$at] = [['words' => 'not said', 'share' => 'all']];
            }
        }

        return new BowlLine(
            letter: $letter, as: $this->as, line: $this->line->id, ratio: $without ? 'no developer' : $this->ratio,
            parts: array_values($parts), additives: $additives, amount: $this->amount,
            place: $this->placed || $this->foils !== null ? array_filter([
                'regions' => array_values(
                    array_unique($this->regions),
                ), 'spans' => array_values(array_unique($this->spans)),
                'method' => $this->method ?? ($this->foils === null ? null : Method::FineFoils->value),
                'foils' => $this->foils,
            ], static fn (mixed $each): bool => $each !== null) : null,
            minutes: $this->minutes, job: $this->job, rest: $this->rest,
        );
    }

    /** @return list<array{Product, ?string}> */
    private function colours(): array
    {
        return array_values(array_filter(
            $this->found,
            static fn (array $each): bool => ! in_array(
                $each[0]->kind,
                [ProductKind::Additive, ProductKind::Base, ProductKind::Care],
                true,
            ),
        ));
    }

    private function numbersAreParts(): bool
    {
        $bare = array_filter(
            $this->colours(),
            static fn (array $each): bool => $each[1] !== null && preg_match('/^\d+(?:[.,]\d+)?$/', $each[1]) === 1,
        );

        return count($bare) > 1 && array_filter(
            $bare,
            static fn (array $each): bool => ! ctype_digit((string) $each[1]) || Fraction::of((int) $each[1])->compare(
                Number::CardParts->value(),
            ) > 0,
        ) === [];
    }

    private function share(string $said, bool $numbersAreParts): string
    {
        $said = trim((string) preg_replace('/\s+of$/iu', '', $said));
        if (preg_match('/^(?:'.self::NUMBER.')$/u', $said) === 1 && ! $numbersAreParts) {
            // ¼ is a quarter; 15 is grams.
            return preg_match('/^[½⅓⅔¼¾]$/u', $said) === 1 ? $said : "{$said} g";
        }

        return $said;
    }

    /**
     * @param  array<int, list<array<string, string>>>  $parts
     * @param  list<PartRole>  $roles
     */
    private function developer(array &$parts, array $roles): void
    {
        $at = array_search(PartRole::Developer, $roles, true);
        if ($at === false || $this->strengths === []) {
            return;
        }
        foreach ($this->strengths as [$volume, $said]) {
            try {
                $wanted = str_ends_with($volume, '%')
                    ? Strength::parse($volume)
                    : Strength::ofVolume(Fraction::parse(str_replace(',', '.', $volume)));
                $entries = $this->shelf->developersReaching($this->line, $wanted);
                foreach ($entries as $entry) {
                    $parts[$at][] = match (true) {
                        $said !== null && count($entries) === 1 => ['product' => $entry['product'], 'share' => $said],
                        count($this->strengths) > 1 => ['product' => $entry['product'], 'share' => '1'],
                        count($entries) === 1 => ['product' => $entry['product'], 'share' => 'all'],
                        default => $entry,
                    };
                }
            } catch (CoreException) {
                $this->rest[] = str_ends_with($volume, '%') ? $volume : "{$volume} vol";
            }
        }
    }
}
