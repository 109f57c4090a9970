<?php

declare(strict_types=1);

namespace Core\Record;

use Core\Hair\Method;
use Core\Hair\Region;
use Core\Hair\Span;

/** The places and techniques that a card names: “left side, root to mids”, “crown/nape, fine foils”. */
final class PlaceWords
{
    /** What stands between places and says nothing by itself. */
    private const BETWEEN = '/(?<=\s)(?:to|and|the|on|at|in|of|[\/+&])(?=\s)/u';

    /** @var list<string> */
    private array $regions = [];

    /** @var list<string> */
    private array $spans = [];

    private ?string $method = null;

    private bool $any = false;

    /** @return string what names neither place nor technique; where nothing of it does, as it was written */
    public function read(string $text): string
    {
        $left = ' '.preg_replace('/([\/+&])/u', ' $1 ', mb_strtolower($text)).' ';
        $before = $this->any;
        $this->any = false;
        foreach (Method::cases() as $method) {
            foreach ([$method->label(), str_replace('-', ' ', $method->value), $method->value] as $words) {
                // A second technique is another stroke: it is not dropped, it is left to be read by somebody.
                if ($this->method === null && $this->take(preg_quote($words, '/'), $left) !== null) {
                    $this->method = $method->value;
                }
            }
        }
        $this->spans($left);
        foreach (Region::cases() as $region) {
            foreach (array_unique([$region->label(), $region->value]) as $words) {
                while ($this->take(preg_quote($words, '/'), $left) !== null) {
                    $this->regions[] = $region->value;
                }
            }
        }
        $read = $this->any;
        $this->any = $read || $before;

        return $read
            ? trim((string) preg_replace('/\s+/u', ' ', (string) preg_replace(self::BETWEEN, ' ', $left)))
            : trim($text);
    }

    /** Whether a word names a place or a technique by itself. */
    public static function isOne(string $word): bool
    {
        $words = new self;
        $words->read($word);

        return $words->any;
    }

    /** Foils that were counted: of which kind, where it is said. */
    public function foiled(string $kind): void
    {
        foreach (Method::cases() as $method) {
            if ($method->usesFoils() && str_replace('-', '', strtolower($kind)).' foils' === str_replace('-', '', $method->label())) {
                $this->method ??= $method->value;
            }
        }
    }

    /** @return ?array{regions: list<string>, spans: list<string>, method?: string, foils?: string} as a bowl writes it */
    public function place(?string $foils): ?array
    {
        if (! $this->any && $foils === null) {
            return null;
        }
        $method = $this->method ?? ($foils === null ? null : Method::FineFoils->value);

        return [
            'regions' => array_values(array_unique($this->regions)),
            'spans' => array_values(array_unique($this->spans)),
        ] + ($method === null ? [] : ['method' => $method]) + ($foils === null ? [] : ['foils' => $foils]);
    }

    private function spans(string &$left): void
    {
        $all = array_map(static fn (Span $span): string => $span->value, Span::cases());
        if ($this->take('all over', $left) !== null) {
            $this->spans = $all;
        }
        if ($this->take('lengths', $left) !== null) {
            array_push($this->spans, Span::Mids->value, Span::Ends->value);
        }
        $one = '('.implode('|', $all).')s?';
        // Root to ends is all that lies between them too.
        while (($m = $this->take("{$one}\\s+to\\s+(?:the\\s+)?{$one}", $left)) !== null) {
            $ends = [(int) array_search($m[1], $all, true), (int) array_search($m[2], $all, true)];
            array_push($this->spans, ...array_slice($all, min($ends), max($ends) - min($ends) + 1));
        }
        while (($m = $this->take($one, $left)) !== null) {
            $this->spans[] = $m[1];
        }
    }

    /**
     * @param  string  $words  a pattern
     * @return ?array<string> what was taken out of the text; null where it is not in it
     */
    private function take(string $words, string &$left): ?array
    {
        if (preg_match("/(?<=\\s){$words}(?=\\s)/u", $left, $m, PREG_OFFSET_CAPTURE) !== 1) {
            return null;
        }
        $left = substr($left, 0, $m[0][1]).' '.substr($left, $m[0][1] + strlen($m[0][0]));
        $this->any = true;

        return array_column($m, 0);
    }
}
