<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bowls;

use App\Formulas\BowlRows;
use App\Formulas\PouredBowls;
use App\Formulas\WrittenBowls;
use App\Http\Controllers\Controller;
use App\Http\Requests\Bowls\BowlsToTakeRequest;
use App\Models\Bowl;
use App\Models\Client;
use App\Models\Visit;
use Core\Codec\WriteBowl;
use Illuminate\Http\JsonResponse;

/** Bowls to take with one press: of this client's last visit, or of another client's, found by name. */
final class BowlsToTakeController extends Controller
{
    private const CLIENTS = 3;

    public function __invoke(
        BowlsToTakeRequest $request,
        Visit $visit,
        WrittenBowls $written,
        PouredBowls $poured,
        BowlRows $rows,
    ): JsonResponse {
        $this->authorize('view', $visit);
        $visits = $request->query('q') === null ? [$visit->before()] : Client::query()
            ->where('salon_id', $visit->salon_id)
            ->where('name', 'like', '%'.addcslashes($request->name(), '%_\\').'%')
            ->orderBy('name')->limit(self::CLIENTS)->get()
            ->map(fn (Client $client): ?Visit => $client->visits()->where('status', 'closed')->latest('starts_at')->first())
            ->all();
        $found = [];
        foreach (array_filter($visits) as $past) {
            foreach ($past->rounds->flatMap(fn ($round) => $round->bowls) as $bowl) {
                /** @var Bowl $bowl */
                $sheet = $poured->sheet($bowl, $past);
                $found[] = [
                    'id' => $bowl->id,
                    'client' => $past->client->name,
                    'on' => $past->starts_at->toIso8601String(),
                    'letter' => trim($bowl->letter),
                    'job' => $bowl->job,
                    'written' => $written->written($bowl, $past),
                    // What was poured, where that is not what was planned.
                    'sheet' => $sheet === null ? $rows->json($bowl) : WriteBowl::toArray($sheet),
                ];
            }
        }

        return new JsonResponse(['bowls' => array_slice($found, 0, 12)]);
    }
}
