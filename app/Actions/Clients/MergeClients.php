<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Exceptions\ClientRefused;
use App\Exceptions\EditedElsewhere;
use App\Exceptions\VisitRefused;
use App\Models\Client;
use App\Models\ClientMatch;
use App\Models\TeamMember;
use App\Records\WriteContext;
use Illuminate\Database\DatabaseManager;

/**
 * Two files of one person become one: everything of the second moves to the first, and whoever opens the second is led
 * to it. Particulars that differ are chosen one by one.
 */
final readonly class MergeClients
{
    /** What of a client may differ, by the field's name outside. */
    public const FIELDS = [
        'name' => 'name',
        'phone' => 'phone',
        'email' => 'email',
        'about' => 'about',
        'cautions' => 'cautions',
        'bornOn' => 'born_on',
        'contactBy' => 'contact_by',
        'preferred' => 'preferred_id',
    ];

    private const MOVES = [
        'visits',
        'skin_tests',
        'contraindications',
        'photos',
        'proposals',
        'observations',
        'consents',
        'messages',
    ];

    public function __construct(
        private DatabaseManager $database,
        private IndexClient $index,
        private WriteContext $context,
    ) {
    }

    /** @param  list<string>  $taken  fields of the second that are to stand, by their names outside */
    public function __invoke(
        TeamMember $by,
        Client $keep,
        int $version,
        Client $other,
        int $otherVersion,
        array $taken,
        string $reason,
    ): Client {
        // In one order, so that two who merge at once do not wait for each other.
        $locked = Client::query()
            ->whereIn('id', [$keep->id, $other->id])
            ->orderBy('id')
            ->lockForUpdate()
            ->get()
            ->keyBy('id');
        [$first, $second] = [$locked->get($keep->id), $locked->get($other->id)];
        if ($first === null || $second === null || $first->id === $second->id) {
            throw ClientRefused::themselves();
        }
        foreach ([$first, $second] as $each) {
            $each->mustBeHere();
            if ($each->training || $each->practice_seed !== null) {
                throw ClientRefused::practice();
            }
        }
        match (true) {
            $first->version !== $version => throw EditedElsewhere::client($first),
            $second->version !== $otherVersion => throw EditedElsewhere::client($second),
            default => null,
        };
        if (! $by->mayVouch()) {
            throw VisitRefused::notVouched();
        }
        $this->context->because($reason);
        $moved = [];
        foreach (self::MOVES as $table) {
            $moved[$table] = $this->database->table($table)
                ->where('client_id', $second->id)
                ->update(['client_id' => $first->id]);
        }
        $this->database->table('clients')
            ->where('merged_into_id', $second->id)
            ->update(['merged_into_id' => $first->id]);
        $this->matches($first, $second);
        $this->database->table('client_words')->where('client_id', $second->id)->delete();
        foreach ($taken as $field) {
            $first->setAttribute(self::FIELDS[$field], $second->getAttribute(self::FIELDS[$field]));
        }
        // A caution of either is a caution of the person.
        if (
            ! in_array('cautions', $taken, true)
            && $second->cautions !== ''
            && ! str_contains($first->cautions, $second->cautions)
        ) {
            $first->cautions = trim("{$first->cautions} {$second->cautions}");
        }
        $first->fill(['version' => $first->version + 1])->save();
        $second->fill(['merged_into_id' => $first->id, 'version' => $second->version + 1])->save();
        ($this->index)($first);
        activity()
            ->performedOn($first)
            ->causedBy($by)
            ->event('merged')
            ->withProperties(['reason' => $reason, 'from' => $second->id, 'moved' => $moved])
            ->log('Another file of this person became part of this one.');

        return $first->refresh();
    }

    private function matches(Client $first, Client $second): void
    {
        foreach (ClientMatch::of($second->id)->get() as $match) {
            $other = $match->client_id === $second->id ? $match->other_id : $match->client_id;
            [$low, $high] = [min($first->id, $other), max($first->id, $other)];
            if (
                $other === $first->id
                || ClientMatch::query()->where('client_id', $low)->where('other_id', $high)->exists()
            ) {
                $match->delete();
            } else {
                $match->update(['client_id' => $low, 'other_id' => $high]);
            }
        }
    }
}
