<?php

declare(strict_types=1);

namespace App\Photos;

/** Where the pictures themselves are kept. Their names are those of the photographs' rows. */
interface PhotoFiles
{
    /** The bytes; null where there is no such file. */
    public function get(string $name): ?string;

    public function put(string $name, string $bytes): void;

    public function delete(string ...$names): void;
}
