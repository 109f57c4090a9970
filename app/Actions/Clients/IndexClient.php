<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Models\Client;
use Illuminate\Database\DatabaseManager;

/** Writes down every word a client can be found by: names, phone, shades, lines and techniques of their visits. */
final readonly class IndexClient
{
    /** Digits of a phone number that are worth asking for. */
    private const LEAST_DIGITS = 3;

    public function __construct(private DatabaseManager $database)
    {
    }

    public function __invoke(Client $client): void
    {
        $rows = [];
        foreach ([...self::ownWords($client->name, $client->phone), ...$this->workWords($client->id)] as [$word, $kind]) {
            $rows["{$word}/{$kind}"] = [
                'salon_id' => $client->salon_id,
                'word' => mb_substr($word, 0, 40),
                'kind' => $kind,
                'client_id' => $client->id,
            ];
        }
        $this->database->table('client_words')->where('client_id', $client->id)->delete();
        $this->database->table('client_words')->insertOrIgnore(array_values($rows));
    }

    /** @return list<array{string, string}> word and kind */
    public static function ownWords(string $name, string $phone): array
    {
        $words = array_map(fn (string $word): array => [$word, 'name'], self::split($name));
        $digits = (string) preg_replace('/\D/', '', $phone);
        // Every end of the number, so that any piece of it is the beginning of one of them.
        for ($at = 0; $at + self::LEAST_DIGITS <= strlen($digits); $at++) {
            $words[] = [substr($digits, $at), 'phone'];
        }

        return $words;
    }

    /** @return list<string> lower case, as they are searched */
    public static function split(string $text): array
    {
        return preg_split('/[\s,;]+/u', mb_strtolower($text), -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }

    /** @return list<array{string, string}> word and kind */
    private function workWords(int $client): array
    {
        $bowls = $this->database->table('bowls')
            ->join('rounds', 'rounds.id', '=', 'bowls.round_id')->join('visits', 'visits.id', '=', 'rounds.visit_id')
            ->where('visits.client_id', $client)->where('visits.status', 'closed');
        $words = [];
        foreach ((clone $bowls)->join('components', 'components.bowl_id', '=', 'bowls.id')->join('shades', 'shades.id', '=', 'components.shade_id')->distinct()->pluck('shades.code') as $code) {
            $words[] = [mb_strtolower(str_replace(' ', '', (string) $code)), 'shade'];
        }
        foreach ((clone $bowls)->join('colour_lines', 'colour_lines.id', '=', 'bowls.colour_line_id')->distinct()->pluck('colour_lines.name') as $line) {
            array_push($words, ...array_map(fn (string $word): array => [$word, 'line'], self::split((string) $line)));
        }
        foreach ((clone $bowls)->distinct()->pluck('bowls.sheet') as $sheet) {
            $place = json_decode((string) $sheet, true)['place'] ?? [];
            foreach (is_array($place) ? $place : [] as $stroke) {
                foreach (isset($stroke['method']) ? explode('-', (string) $stroke['method']) : [] as $word) {
                    $words[] = [$word, 'technique'];
                }
            }
        }

        return $words;
    }
}
