<?php

declare(strict_types=1);

namespace App\Actions\Photos;

use App\Models\Photo;
use App\Photos\PhotoFiles;
use Illuminate\Database\DatabaseManager;

/** Takes a photograph away: the row now, its file when that is certain. */
final readonly class RemovePhoto
{
    public function __construct(private DatabaseManager $database, private PhotoFiles $files)
    {
    }

    public function __invoke(Photo $photo): void
    {
        $photo->delete();
        $this->database->connection()->afterCommit(fn () => $this->files->delete($photo->file));
    }
}
