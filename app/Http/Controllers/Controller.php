<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\TeamMember;
use App\Records\WriteContext;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Auth\Access\AuthorizesRequests;
use Illuminate\Http\Request;

abstract class Controller
{
    use AuthorizesRequests;

    /** When the hand did it: a write that waited on its device tells how long. */
    protected function madeAt(): CarbonImmutable
    {
        return resolve(WriteContext::class)->madeAt;
    }

    protected function member(Request $request): TeamMember
    {
        $member = $request->user();
        assert($member instanceof TeamMember);

        return $member;
    }
}
