<?php

declare(strict_types=1);

namespace App\Http\Controllers\Scale;

use App\Http\Controllers\Controller;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/**
 * Asked by the web server before it lets a device listen to a scale: being signed in is enough. The bridge hears of
 * which salon it is, so that a scale at a tablet's own cable is its salon's alone.
 */
final class ScaleCheckController extends Controller
{
    public function __invoke(Request $request): Response
    {
        return new Response(status: 204, headers: ['X-Tinta-Salon' => (string) $this->member($request)->salon_id]);
    }
}
