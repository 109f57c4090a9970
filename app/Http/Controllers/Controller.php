<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\TeamMember;
use Illuminate\Foundation\Auth\Access\AuthorizesRequests;
use Illuminate\Http\Request;

abstract class Controller
{
    use AuthorizesRequests;

    protected function member(Request $request): TeamMember
    {
        $member = $request->user();
        assert($member instanceof TeamMember);

        return $member;
    }
}
