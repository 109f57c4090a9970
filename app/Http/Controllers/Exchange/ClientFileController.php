<?php

declare(strict_types=1);

namespace App\Http\Controllers\Exchange;

use App\Exchange\ExportClient;
use App\Http\Controllers\Controller;
use App\Models\Client;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** All that is held on a client, to be given to them. */
final class ClientFileController extends Controller
{
    public function __invoke(Client $client, ExportClient $export): Response
    {
        $this->authorize('plan', $client);
        activity()->performedOn($client)->event('exported')->log('All that is held was written to a file.');

        return new Response($export($client), 200, [
            'Content-Type' => 'application/json; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($client->name) ?: 'client').'.json"',
            'Cache-Control' => 'no-store',
        ]);
    }
}
