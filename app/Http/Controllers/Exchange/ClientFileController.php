<?php

declare(strict_types=1);

namespace App\Http\Controllers\Exchange;

use App\Exchange\ExportOne;
use App\Http\Controllers\Controller;
use App\Http\Resources\Clients\ClientResource;
use App\Http\Resources\Visits\VisitLineResource;
use App\Models\Client;
use App\Models\Visit;
use App\Photos\PhotoFiles;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/**
 * All that is held on a client, to be given to them: for programs as JSON, for people as a page; and a visit by itself.
 */
final class ClientFileController extends Controller
{
    public function __invoke(Client $client, ExportOne $export): Response
    {
        $this->authorize('plan', $client);
        activity()->performedOn($client)->event('exported')->log('All that is held was written to a file.');

        return self::file(
            $export->client($client),
            'application/json; charset=utf-8',
            (Str::slug($client->name) ?: 'client').'.json',
        );
    }

    /** Stands by itself: its photographs are in it. */
    public function page(Client $client, PhotoFiles $files): Response
    {
        $this->authorize('plan', $client);
        activity()->performedOn($client)->event('exported')->log('All that is held was written to a page.');
        $page = view('client-page', [
            'client' => (new ClientResource($client))->toArray(),
            'visits' => $client->visits()
                ->with([...VisitLineResource::RELATIONS, 'rounds.bowls.batches.pours', 'proposals'])
                ->get()
                ->map(fn (Visit $visit): array => (new VisitLineResource($visit))->toArray())->all(),
            'salon' => $client->salon,
            'photos' => $client->photos->map(
                fn ($photo): array => [
                    'words' => "{$photo->kind->value}, {$photo->taken_at->setTimezone($client->salon->timezone)->format('j F Y')}",
                    'jpeg' => base64_encode((string) $files->get($photo->file)),
                ],
            )->all(),
        ])->render();

        return self::file($page, 'text/html; charset=utf-8', (Str::slug($client->name) ?: 'client').'.html');
    }

    public function visit(Visit $visit, ExportOne $export): Response
    {
        $this->authorize('view', $visit);

        return self::file(
            $export->visit($visit),
            'application/json; charset=utf-8',
            (Str::slug($visit->service) ?: 'visit').'-'.$visit->starts_at->format('Y-m-d').'.json',
        );
    }

    private static function file(string $content, string $type, string $name): Response
    {
        return new Response(
            $content,
            200,
            [
                'Content-Type' => $type,
                'Content-Disposition' => "attachment; filename=\"{$name}\"",
                'Cache-Control' => 'no-store',
            ],
        );
    }
}
