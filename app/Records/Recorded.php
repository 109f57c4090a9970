<?php

declare(strict_types=1);

namespace App\Records;

use App\Sealed\Seal;
use App\Sealed\SealedColumns;
use Spatie\Activitylog\Contracts\Activity;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Models\Activity as ActivityRow;
use Spatie\Activitylog\Traits\LogsActivity;

/** A record whose every change is written down: old and new value, who, when, and the reason where one was given. */
trait Recorded
{
    use LogsActivity;

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()
            ->logAll()
            ->logExcept(
                [
                    'password',
                    'pin',
                    'calendar_hash',
                    'token_hash',
                    'remember_token',
                    'created_at',
                    'updated_at',
                    'version',
                ],
            )
            ->logOnlyDirty()
            ->dontLogIfAttributesChangedOnly(['updated_at', 'version', 'remember_token', ...self::worked()])
            ->dontSubmitEmptyLogs();
    }

    /**
     * Columns that are worked from what is on the record elsewhere: their changing alone is no change of their own.
     *
     * @return list<string>
     */
    protected static function worked(): array
    {
        return [];
    }

    public function tapActivity(Activity $activity, string $event): void
    {
        $sealed = SealedColumns::ofModel($this);
        if ($sealed !== [] && $activity instanceof ActivityRow && $activity->properties !== null) {
            $activity->properties = collect(
                SealedColumns::inLog($activity->properties->toArray(), $sealed, resolve(Seal::class)->close(...)),
            );
        }
        $context = resolve(WriteContext::class);
        if ($context->reason() !== '' && $activity instanceof ActivityRow && $activity->properties !== null) {
            $activity->properties = $activity->properties->put('reason', $context->reason());
        }
    }
}
