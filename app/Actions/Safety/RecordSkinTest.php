<?php

declare(strict_types=1);

namespace App\Actions\Safety;

use App\Exceptions\VisitRefused;
use App\Models\Client;
use App\Models\SkinTest;
use App\Models\TeamMember;
use Carbon\CarbonImmutable;
use Core\Safety\TestResult;
use Illuminate\Database\DatabaseManager;

/** Places a skin test, and reads one. What was read stays. */
final readonly class RecordSkinTest
{
    public function __construct(private DatabaseManager $database)
    {
    }

    /** @param  list<string>  $lines  ids of the lines that are tested */
    public function place(TeamMember $member, Client $client, string $id, array $lines, string $spot, CarbonImmutable $at): SkinTest
    {
        return $this->database->transaction(function () use ($member, $client, $id, $lines, $spot, $at): SkinTest {
            $existing = SkinTest::query()->lockForUpdate()->find($id);
            if ($existing !== null) {
                return $existing->client_id === $client->id ? $existing : throw VisitRefused::idTaken();
            }

            return SkinTest::query()->create(['id' => $id, 'client_id' => $client->id, 'lines' => $lines, 'spot' => $spot, 'placed_at' => $at, 'placed_by' => $member->id]);
        });
    }

    public function read(TeamMember $member, SkinTest $test, TestResult $result, string $note, CarbonImmutable $now): SkinTest
    {
        return $this->database->transaction(function () use ($member, $test, $result, $note, $now): SkinTest {
            $current = SkinTest::query()->lockForUpdate()->findOrFail($test->id);
            // A reaction may show later; a reaction is never read away.
            if ($current->result !== null && ! ($current->result === TestResult::Clear && $result === TestResult::Reaction)) {
                throw VisitRefused::decided();
            }
            $current->fill(['result' => $result, 'read_at' => $now, 'read_by' => $member->id, 'note' => $note])->save();

            return $current;
        });
    }
}
