<?php

declare(strict_types=1);

namespace App\Http\Controllers\Photos;

use App\Actions\Photos\KeepPhoto;
use App\Actions\Photos\MarkSpot;
use App\Actions\Photos\RemovePhoto;
use App\Http\Controllers\Controller;
use App\Http\Requests\Photos\PhotoRequest;
use App\Http\Requests\Photos\SpotRequest;
use App\Http\Resources\Photos\PhotoResource;
use App\Models\Client;
use App\Models\Photo;
use App\Photos\PhotoFiles;
use App\Records\WriteContext;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class PhotoController extends Controller
{
    public function store(PhotoRequest $request, Client $client, KeepPhoto $keep): JsonResponse
    {
        $this->authorize('view', $client);
        if ($request->visit() !== null) {
            abort_unless($client->visits()->whereKey($request->visit())->exists(), 404);
        }
        $photo = $keep(
            member: $this->member($request),
            client: $client,
            visit: $request->visit(),
            id: $request->id(),
            kind: $request->kind(),
            note: $request->note(),
            bytes: $request->bytes(),
            now: CarbonImmutable::now(),
        );

        return new JsonResponse((new PhotoResource($photo))->toArray(), 201);
    }

    /** The colour of a marked spot, read and kept with the photograph. */
    public function mark(SpotRequest $request, Photo $photo, MarkSpot $mark): JsonResponse
    {
        $marked = $mark(
            $photo,
            $request->float('x'),
            $request->float('y'),
            $request->float('radius'),
            $request->white(),
        );

        return new JsonResponse((new PhotoResource($marked))->against(PhotoResource::targetOf($marked))->toArray());
    }

    /** With a reason; that there was one, and who took it away, stays in the log. */
    public function destroy(Request $request, Photo $photo, RemovePhoto $remove, WriteContext $context): JsonResponse
    {
        $this->authorize('plan', $photo->client);
        $request->validate(['reason' => ['required', 'string', 'max:300']]);
        $context->because($request->string('reason')->trim()->value());
        $remove($photo);

        return new JsonResponse([]);
    }

    /** Only to the team, and to nobody's cache, not even the browser's own: a tablet is shared. */
    public function show(Photo $photo, PhotoFiles $files): Response
    {
        $this->authorize('view', $photo->client);

        return new Response(
            (string) $files->get($photo->file),
            200,
            ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'no-store, private', 'Content-Disposition' => 'inline'],
        );
    }
}
