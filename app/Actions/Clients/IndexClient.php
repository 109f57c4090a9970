<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Enums\VisitStatus;
use App\Formulas\BatchRows;
use App\Formulas\BowlRows;
use App\Models\Bowl;
use App\Models\Client;
use App\Models\Shade;
use App\Models\Visit;
use Core\Units\Grams;
use Illuminate\Database\DatabaseManager;

/** Writes down every word a client can be found by: names, phone, shades, lines and techniques of their visits. */
final readonly class IndexClient
{
    /** Digits of a phone number that are worth asking for. */
    private const LEAST_DIGITS = 3;

    public function __construct(private DatabaseManager $database, private BatchRows $batches)
    {
    }

    public function __invoke(Client $client): void
    {
        $rows = [];
        foreach (
            [...self::ownWords($client->name, $client->phone), ...$this->workWords($client->id)] as [$word, $kind]
        ) {
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

    /**
     * What was poured, not what was planned; a bowl that was never mixed says what it was to be.
     *
     * @return list<string> codes
     */
    private function shadesUsed(int $client): array
    {
        $bowls = Bowl::query()->with(['batches.pours', 'components'])
            ->ofVisits(Visit::query()->where('client_id', $client)->where('status', VisitStatus::Closed))
            ->get();
        $ids = [];
        foreach ($bowls as $bowl) {
            $poured = array_keys(array_filter(
                $this->batches->pouredInto($bowl),
                static fn (Grams $grams): bool => ! $grams->isZero(),
            ));
            $keys = $poured === []
                ? $bowl->components->pluck('shade_id')->filter()->map(fn (mixed $id): string => "shade-{$id}")->all()
                : $poured;
            foreach ($keys as $key) {
                if (str_starts_with((string) $key, 'shade-')) {
                    $ids[BowlRows::rowId((string) $key)] = true;
                }
            }
        }

        return array_values(
            Shade::query()->whereIn('id', array_keys($ids))->distinct()->pluck('code')->map(strval(...))->all(),
        );
    }

    /** @return list<array{string, string}> word and kind */
    private function workWords(int $client): array
    {
        $bowls = $this->database->table('bowls')
            ->join('rounds', 'rounds.id', '=', 'bowls.round_id')->join('visits', 'visits.id', '=', 'rounds.visit_id')
            ->where('visits.client_id', $client)->where('visits.status', 'closed');
        $words = [];
        foreach ($this->shadesUsed($client) as $code) {
            $words[] = [mb_strtolower(str_replace(' ', '', $code)), 'shade'];
        }
        foreach (
            (clone $bowls)
                ->join('colour_lines', 'colour_lines.id', '=', 'bowls.colour_line_id')
                ->distinct()
                ->pluck('colour_lines.name') as $line
        ) {
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
