<?php

declare(strict_types=1);

use App\Models\TeamMember;

return [
    'defaults' => ['guard' => 'web', 'passwords' => 'team'],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'team']],
    'providers' => ['team' => ['driver' => 'eloquent', 'model' => TeamMember::class]],
    'passwords' => [],
];
