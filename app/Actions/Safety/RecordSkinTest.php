<?php

declare(strict_types=1);

namespace App\Actions\Safety;

use App\Exceptions\VisitRefused;
use App\Models\Client;
use App\Models\SkinTest;
use App\Models\TeamMember;
use Carbon\CarbonImmutable;
use Core\Safety\SkinTest as Test;
use Core\Safety\TestRefused;
use Core\Safety\TestResult;
use Illuminate\Database\DatabaseManager;

/** Places a skin test, and reads one. What was read stays. */
final readonly class RecordSkinTest
{
    /** Later than this it was not recorded as it was placed, and somebody is named. */
    private const JUST_NOW_MINUTES = 15;

    public function __construct(private DatabaseManager $database)
    {
    }

    /**
     * @param  list<string>  $lines  ids of the lines that are tested
     * @param  string  $by  who placed it, where that was earlier; empty for the one who records it now
     *
     * @throws TestRefused for an earlier one without a name
     */
    public function place(
        TeamMember $member,
        Client $client,
        string $id,
        array $lines,
        string $spot,
        CarbonImmutable $at,
        string $by,
        CarbonImmutable $now,
    ): SkinTest {
        if ($by === '' && $at->lessThan($now->subMinutes(self::JUST_NOW_MINUTES))) {
            throw TestRefused::notPlacedBy();
        }

        return $this->database->transaction(function () use (
            $member,
            $client,
            $id,
            $lines,
            $spot,
            $at,
            $by,
            $now
        ): SkinTest {
            $existing = SkinTest::query()->lockForUpdate()->find($id);
            if ($existing !== null) {
                return $existing->client_id === $client->id ? $existing : throw VisitRefused::idTaken();
            }

            $client->mustBeHere();

            return SkinTest::query()->create([
                'id' => $id,
                'client_id' => $client->id,
                'lines' => $lines,
                'spot' => $spot,
                'placed_at' => $at,
                'placed_by' => $member->id,
                'placed_words' => $by,
                'recorded_at' => $now,
            ]);
        });
    }

    /** @throws TestRefused when it is too early for a clear one, or by the wrong hands, or was read before */
    public function read(
        TeamMember $member,
        SkinTest $test,
        TestResult $result,
        string $note,
        CarbonImmutable $now,
    ): SkinTest {
        return $this->database->transaction(function () use ($member, $test, $result, $note, $now): SkinTest {
            $current = SkinTest::query()->lockForUpdate()->findOrFail($test->id);
            // A reaction may show later; a reaction is never read away.
            if (
                $current->result !== null
                && ! ($current->result === TestResult::Clear && $result === TestResult::Reaction)
            ) {
                throw TestRefused::alreadyRead();
            }
            if ($result === TestResult::Clear) {
                $left = (new Test(
                    [],
                    (int) $current->placed_at->getTimestamp(),
                ))->hoursLeft((int) $now->getTimestamp());
                $readers = $member->salon->rules()->testReaders;
                match (true) {
                    $left > 0 => throw TestRefused::tooEarly($left),
                    ! $readers->include(
                        $member->isLicensed(),
                        $member->role->formulates(),
                    ) => throw TestRefused::notAReader($readers),
                    default => null,
                };
            }
            $current->fill(['result' => $result, 'read_at' => $now, 'read_by' => $member->id, 'note' => $note])->save();

            return $current;
        });
    }
}
