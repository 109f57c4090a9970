<?php

declare(strict_types=1);

use App\Http\Controllers\Calendar\CalendarController;
use App\Http\Controllers\PageController;
use Illuminate\Support\Facades\Route;

// A person's own calendar: who has its address reads it.
Route::get('calendar/{token}.ics', [CalendarController::class, 'feed'])
    ->where('token', '[0-9a-f]{40}')
    ->middleware('throttle:60,1');

// Every page is the one application; its own router knows the rest.
Route::get('/{path?}', PageController::class)->where('path', '^(?!api/|scale/|calendar/).*$')->name('page');
