<?php

declare(strict_types=1);

namespace App\Http\Controllers\Clients;

use App\Accounts\CheckPassword;
use App\Actions\Clients\EraseClient;
use App\Actions\Clients\KeepClients;
use App\Exceptions\ClientRefused;
use App\Exceptions\EditedElsewhere;
use App\Http\Controllers\Controller;
use App\Http\Requests\Clients\EraseRequest;
use App\Http\Resources\Clients\ClientResource;
use App\Models\Client;
use App\Models\Salon;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/**
 * Taking people out of the record: one who asks for it, or all who have been away longer than the house keeps anybody.
 * The owner's.
 */
final class ErasureController extends Controller
{
    public function store(EraseRequest $request, Client $client, CheckPassword $check, EraseClient $erase): JsonResponse
    {
        $member = $this->member($request);
        $this->authorize('plan', $client);
        $this->authorize('update', $member->salon);
        $check->again($member, $request->string('password')->value());
        if ($request->string('name')->trim()->value() !== $client->name) {
            throw ClientRefused::wrongName($client->name);
        }

        return new JsonResponse(
            (new ClientResource($erase($member, $client, $request->reason(), CarbonImmutable::now())))->toArray(),
        );
    }

    /** Who would go by a rule, before there is one. */
    public function due(Request $request, KeepClients $keep): JsonResponse
    {
        $salon = $this->member($request)->salon;
        $this->authorize('update', $salon);
        $asked = $request->validate(['years' => ['nullable', 'integer', 'min:1', 'max:100']]);
        $years = isset($asked['years']) ? (int) $asked['years'] : $salon->keep_years;

        return new JsonResponse(self::answer($salon, $keep, $years));
    }

    public function rule(Request $request, KeepClients $keep): JsonResponse
    {
        $asked = $request->validate(
            [
                'years' => ['present', 'nullable', 'integer', 'min:1', 'max:100'],
                'version' => ['required', 'integer', 'min:1'],
            ],
        );
        $salon = Salon::query()->lockForUpdate()->findOrFail($this->member($request)->salon_id);
        $this->authorize('update', $salon);
        if ($salon->version !== (int) $asked['version']) {
            throw EditedElsewhere::house($salon);
        }
        $salon->fill(['keep_years' => $asked['years'], 'version' => $salon->version + 1])->save();

        return new JsonResponse(self::answer($salon, $keep, $salon->keep_years));
    }

    public function erase(
        EraseRequest $request,
        CheckPassword $check,
        KeepClients $keep,
        EraseClient $erase,
    ): JsonResponse {
        $member = $this->member($request);
        $salon = Salon::query()->lockForUpdate()->findOrFail($member->salon_id);
        $this->authorize('update', $salon);
        $check->again($member, $request->string('password')->value());
        $now = CarbonImmutable::now();
        $due = $salon->keep_years === null ? [] : $keep->dueOf($salon, $salon->keep_years, $request->clients(), $now);
        // All that were shown, or none: somebody may have come meanwhile.
        if (count($due) !== count($request->clients())) {
            throw ClientRefused::notDue(count($request->clients()) - count($due));
        }
        foreach ($due as $client) {
            $erase($member, $client, $request->reason(), $now);
        }

        return new JsonResponse(self::answer($salon, $keep, $salon->keep_years));
    }

    /** @return array<string, mixed> */
    private static function answer(Salon $salon, KeepClients $keep, ?int $years): array
    {
        return [
            'rule' => $salon->keep_years,
            'version' => $salon->version,
            'years' => $years,
            ...($years === null ? ['count' => 0, 'clients' => []] : $keep->due($salon, $years, CarbonImmutable::now())),
        ];
    }
}
