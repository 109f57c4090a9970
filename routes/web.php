<?php

declare(strict_types=1);

use App\Http\Controllers\PageController;
use Illuminate\Support\Facades\Route;

// Every page is the one application; its own router knows the rest.
Route::get('/{path?}', PageController::class)->where('path', '^(?!api/|scale/).*$')->name('page');
