<?php

declare(strict_types=1);

namespace App\Http\Controllers\Scale;

use App\Http\Controllers\Controller;
use App\Scales\ScaleConnection;
use Illuminate\Http\JsonResponse;

/** Sets the scale to zero under the bowl; answers what the empty bowl weighs. */
final class TareController extends Controller
{
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(['bowl' => ScaleConnection::configured()->ask('tare')]);
    }
}
