<?php

declare(strict_types=1);

namespace App\Records;

/**
 * The framework asks each of the two hundred methods of a model, by reflection and in every request anew, whether it is
 * to be called when the model is first used. What boots ours goes by its name: `boot` or `initialize`, and the trait's.
 */
trait BootsByName
{
    protected static function bootTraits(): void
    {
        static::$traitInitializers[static::class] = [];
        foreach (class_uses_recursive(static::class) as $trait) {
            [$boot, $initialize] = ['boot'.class_basename($trait), 'initialize'.class_basename($trait)];
            if (method_exists(static::class, $boot)) {
                static::{$boot}();
            }
            if (method_exists(static::class, $initialize)) {
                static::$traitInitializers[static::class][] = $initialize;
            }
        }
    }
}
