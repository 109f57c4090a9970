<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Visits\LearnFromVisit;
use App\Models\Salon;
use App\Models\TeamMember;
use Carbon\CarbonImmutable;
use Database\Seeders\Demo\Clients;
use Database\Seeders\Demo\ClientsSide;
use Database\Seeders\Demo\Hour;
use Database\Seeders\Demo\Shelf;
use Database\Seeders\Demo\Stock;
use Database\Seeders\Demo\Story;
use Database\Seeders\Demo\Workspace;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

/** Sailcloth Row Colour Studio: an invented salon, the same every time but for today's date. */
final class DatabaseSeeder extends Seeder
{
    public const PASSWORD = 'harbour-light';

    private const TEAM = [
        ['Inês Carvalho', 'IC', 'ines', 'owner', 'HB-0417'],
        ['Tomasz Wilk', 'TW', 'tomasz', 'colourist', 'HB-0533'],
        ['Amara Okafor', 'AO', 'amara', 'colourist'],
        ['Leilani Kahale', 'LK', 'leilani', 'colourist'],
        ['Noor Haddad', 'NH', 'noor', 'assistant'],
        ['Jonas Lindqvist', 'JL', 'jonas', 'assistant'],
    ];

    /** All of it or nothing: a loading that was cut off leaves no half salon. */
    public function run(): void
    {
        DB::transaction($this->tell(...));
        resolve(LearnFromVisit::class)->all();
    }

    private function tell(): void
    {
        // Its two years never happened: nothing of them is a change that somebody made.
        activity()->disableLogging();
        $salon = Salon::query()->create(
            [
                'name' => 'Sailcloth Row Colour Studio',
                'timezone' => Hour::zone(CarbonImmutable::now()),
                'demo' => true,
                'house_rules' => ['weigh-ahead' => 'yes'],
            ],
        );
        $hash = Hash::make(self::PASSWORD);
        foreach (self::TEAM as $member) {
            [$name, $initials, $login, $role] = $member;
            TeamMember::query()->create([
                'salon_id' => $salon->id, 'name' => $name, 'initials' => $initials,
                'email' => "{$login}@sailcloth.example", 'password' => $hash, 'role' => $role, 'licence' => $member[4]
                    ?? '',
            ]);
        }
        (new Shelf)->load($salon);
        (new Clients)->load($salon);
        (new Story($salon->refresh()))->tell();
        (new Workspace($salon->refresh()))->set();
        (new ClientsSide)->load($salon->refresh());
        (new Stock)->load($salon->refresh());
    }
}
