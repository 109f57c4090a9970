<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Enums\Language;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final class PageController extends Controller
{
    public function __invoke(Request $request): View
    {
        return view('app', ['language' => Language::of($request)->value]);
    }
}
