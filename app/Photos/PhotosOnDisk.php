<?php

declare(strict_types=1);

namespace App\Photos;

use Illuminate\Contracts\Filesystem\Filesystem;

/** In a folder of this machine that the web server never serves. */
final readonly class PhotosOnDisk implements PhotoFiles
{
    public function __construct(private Filesystem $files)
    {
    }

    public function get(string $name): ?string
    {
        return $this->files->exists($name) ? $this->files->get($name) : null;
    }

    public function put(string $name, string $bytes): void
    {
        $this->files->put($name, $bytes);
    }

    public function delete(string ...$names): void
    {
        $this->files->delete(array_values($names));
    }
}
