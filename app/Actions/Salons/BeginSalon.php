<?php

declare(strict_types=1);

namespace App\Actions\Salons;

use App\Accounts\Initials;
use App\Enums\Role;
use App\Exceptions\TeamRefused;
use App\Models\Salon;
use App\Models\TeamMember;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Database\DatabaseManager;

/** A new salon and its owner: on an instance that is empty, or one that is set up to hold several. */
final readonly class BeginSalon
{
    private const LOCK = 'tinta.begin';

    public function __construct(private DatabaseManager $database, private Repository $config)
    {
    }

    public function mayBegin(): bool
    {
        return $this->config->get('tinta.hosted') === true || Salon::query()->doesntExist();
    }

    /**
     * @param  array{salon: string, timezone: string, name: string, email: string, password: string}  $said
     *
     * @throws TeamRefused where there is a salon already
     */
    public function __invoke(array $said): TeamMember
    {
        // Of two first owners at once one comes first. There is no row yet that could be locked.
        $this->database->select('SELECT GET_LOCK(?, 10)', [self::LOCK]);
        try {
            return $this->make($said);
        } finally {
            $this->database->select('SELECT RELEASE_LOCK(?)', [self::LOCK]);
        }
    }

    /** @param  array{salon: string, timezone: string, name: string, email: string, password: string}  $said */
    private function make(array $said): TeamMember
    {
        return $this->database->transaction(function () use ($said): TeamMember {
            if (! $this->mayBegin()) {
                throw TeamRefused::begun();
            }
            $salon = Salon::query()->create(
                ['name' => $said['salon'], 'timezone' => $said['timezone'], 'beginning' => []],
            );

            return TeamMember::query()->create([
                'salon_id' => $salon->id,
                'name' => $said['name'],
                'initials' => Initials::of($said['name']),
                'email' => $said['email'],
                'password' => $said['password'],
                'role' => Role::Owner,
                'licence' => '',
            ])->refresh();
        });
    }
}
