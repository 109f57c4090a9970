<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Enums\Language;
use App\Models\Salon;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class PageController extends Controller
{
    /** Addresses that are no sign-in page to whoever is not signed in; what the worker keeps is nobody's. */
    private const OTHERWISE = ['join/*', 'begin'];

    public function __invoke(Request $request): Response
    {
        $language = Language::of($request)->value;
        $door = $this->door($request, $language);
        $page = response()->view('app', ['language' => $language, 'door' => $door]);

        return $door === '' ? $page : $page->header('X-Door', $language);
    }

    /** The sign-in page as it was drawn at the build: on the glass before its own piece has come. */
    private function door(Request $request, string $language): string
    {
        if (
            $request->user() !== null
            || $request->has('bare')
            || $request->is(...self::OTHERWISE)
            || Salon::query()->doesntExist()
        ) {
            return '';
        }
        $drawn = public_path("build/door-{$language}.html");

        return is_file($drawn) ? (string) file_get_contents($drawn) : '';
    }
}
