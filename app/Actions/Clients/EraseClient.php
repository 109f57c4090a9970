<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Enums\ProposalState;
use App\Enums\VisitStatus;
use App\Exceptions\ClientRefused;
use App\Kept\KeptValues;
use App\Models\Client;
use App\Models\TeamMember;
use App\Photos\PhotoFiles;
use Carbon\CarbonImmutable;
use Illuminate\Database\DatabaseManager;

/**
 * Takes a person out of the record: names, contact, health, photographs, everything that was said in words. What was
 * mixed and how it came out stays, of nobody; so do grams, stock and what the house has learnt. It cannot be taken
 * back.
 */
final readonly class EraseClient
{
    public const NAME = 'Erased client';

    /** Keys under which a JSON value of a visit holds somebody's words. */
    private const WORDS = ['words', 'historyWords', 'bandWords', 'note'];

    public function __construct(private DatabaseManager $database, private PhotoFiles $files, private KeptValues $kept)
    {
    }

    public function __invoke(TeamMember $by, Client $client, string $reason, CarbonImmutable $now): Client
    {
        $current = Client::query()->lockForUpdate()->findOrFail($client->id);
        $current->mustBeHere();
        if ($current->visits()->whereNotIn('status', [VisitStatus::Closed, VisitStatus::Ended])->exists()) {
            throw ClientRefused::visitOpen();
        }
        $database = $this->database->connection();
        // Files that became part of this one are the same person.
        foreach (
            [
                $current->id,
                ...$database->table('clients')->where('merged_into_id', $current->id)->pluck('id')->all(),
            ] as $each
        ) {
            $this->one((int) $each, $current, $now);
        }
        activity()
            ->performedOn($current)
            ->causedBy($by)
            ->event('erased')
            ->withProperties(['reason' => $reason])
            ->log('The person was taken out of the record.');

        // No answer that was worked with these words is kept any longer.
        $this->kept->forgetAll();

        return $current->refresh();
    }

    private function one(int $id, Client $person, CarbonImmutable $now): void
    {
        $database = $this->database->connection();
        $said = array_values(
            array_filter(
                [$person->name, $person->phone, $person->email],
                static fn (string $words): bool => mb_strlen($words) >= 4,
            ),
        );
        // Past the log of changes: what is taken out must not be written down there once more.
        $database->table('clients')->where('id', $id)->update([
            'name' => self::NAME, 'phone' => '', 'email' => '', 'contact_by' => '', 'about' => '', 'cautions' => '',
            'born_on' => null, 'preferred_id' => null,
            'made_as' => null, 'erased_at' => $now, 'version' => $database->raw('version + 1'),
        ]);
        $this->visits($id, $said);
        // First the log, which finds its rows by those that go.
        $database->statement('CALL erase_client(?)', [$id]);
        $files = $database->table('photos')->where('client_id', $id)->pluck('file')->all();
        foreach (['photos', 'skin_tests', 'contraindications', 'consents', 'messages', 'client_words'] as $table) {
            $database->table($table)->where('client_id', $id)->delete();
        }
        $database->table('client_matches')->where('client_id', $id)->orWhere('other_id', $id)->delete();
        $database->afterCommit(fn () => $this->files->delete(...$files));
    }

    /** @param  list<string>  $said  what names the person, wherever it stands */
    private function visits(int $id, array $said): void
    {
        $database = $this->database->connection();
        $visits = $database->table('visits')->where('client_id', $id);
        foreach ((clone $visits)->get(['id', 'results', 'care']) as $row) {
            $database->table('visits')->where('id', $row->id)->update([
                'note' => '', 'outcome' => '', 'keep' => '', 'change' => '', 'ended_reason' => '',
                'results' => self::without($row->results),
                // What was done beside, and what it cost, is of the hair.
                'care' => $row->care === null ? null : self::named((string) $row->care, $said),
            ]);
        }
        $ids = (clone $visits)->select('id');
        foreach ($database->table('canvases')->whereIn('visit_id', $ids)->get() as $row) {
            $database->table('canvases')
                ->where('visit_id', $row->visit_id)
                ->update(['canvas' => self::without($row->canvas), 'said' => '[]']);
        }
        foreach ($database->table('proposals')->where('client_id', $id)->get() as $row) {
            $database->table('proposals')->where('id', $row->id)->update([
                'words' => '', 'reason' => '', 'change' => self::without($row->change),
                'state' => $row->state === ProposalState::Open->value ? ProposalState::Dismissed->value : $row->state,
            ]);
        }
        $bowls = $database->table('bowls')->whereIn(
            'round_id',
            $database->table('rounds')->whereIn('visit_id', $ids)->select('id'),
        );
        foreach ($bowls->get(['id', 'job', 'sheet']) as $row) {
            $is = [
                'job' => str_ireplace($said, '…', (string) $row->job),
                'sheet' => self::named((string) $row->sheet, $said),
            ];
            if ($is !== ['job' => $row->job, 'sheet' => $row->sheet]) {
                $database->table('bowls')->where('id', $row->id)->update($is);
            }
        }
    }

    private static function without(?string $json): ?string
    {
        $read = $json === null ? null : json_decode($json);
        if ($read === null) {
            return $json;
        }
        $empty = static function (mixed $value) use (&$empty): mixed {
            if (is_object($value)) {
                foreach (get_object_vars($value) as $key => $inner) {
                    $value->{$key} = in_array($key, self::WORDS, true) && is_string($inner) ? '' : $empty($inner);
                }

                return $value;
            }

            return is_array($value) ? array_map($empty, $value) : $value;
        };

        return (string) json_encode(
            $empty($read),
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
        );
    }

    /** @param  list<string>  $said */
    private static function named(string $json, array $said): string
    {
        // As JSON writes them, so that nothing but the text of a value is met.
        $written = array_map(
            static fn (string $words): string => substr(
                (string) json_encode($words, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
                1,
                -1,
            ),
            $said,
        );

        return str_ireplace($written, '…', $json);
    }
}
