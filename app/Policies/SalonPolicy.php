<?php

declare(strict_types=1);

namespace App\Policies;

use App\Enums\Role;
use App\Models\Salon;
use App\Models\TeamMember;
use App\Words\Say;
use Illuminate\Auth\Access\Response;

final class SalonPolicy
{
    public function update(TeamMember $member, Salon $salon): Response
    {
        return match (true) {
            $member->salon_id !== $salon->id => Response::denyAsNotFound(),
            $member->role === Role::Owner => Response::allow(),
            default => Response::deny(Say::plain('The house rules are set by the owner.')),
        };
    }

    /** Lines, products, developers and measures: whoever formulates. */
    public function keepShelf(TeamMember $member, Salon $salon): Response
    {
        return match (true) {
            $member->salon_id !== $salon->id => Response::denyAsNotFound(),
            $member->role->formulates() => Response::allow(),
            default => Response::deny(
                Say::plain('Lines and products are written by colourists; the team may count them.'),
            ),
        };
    }
}
