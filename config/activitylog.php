<?php

declare(strict_types=1);

return [
    // Off while the demo is told: its two years never happened.
    'enabled' => env('TINTA_RECORD_CHANGES', true),
    'delete_records_older_than_days' => 36500,
    'default_log_name' => 'record',
    'default_auth_driver' => null,
    'subject_returns_soft_deleted_models' => false,
    'activity_model' => Spatie\Activitylog\Models\Activity::class,
    'table_name' => 'activity_log',
    'database_connection' => null,
];
