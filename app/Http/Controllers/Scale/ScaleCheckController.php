<?php

declare(strict_types=1);

namespace App\Http\Controllers\Scale;

use App\Http\Controllers\Controller;
use Illuminate\Http\Response;

/** Asked by the web server before it lets a device listen to the scale: being signed in is enough. */
final class ScaleCheckController extends Controller
{
    public function __invoke(): Response
    {
        return new Response(status: 204);
    }
}
