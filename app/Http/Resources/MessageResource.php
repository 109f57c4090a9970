<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Message;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Message $resource */
final class MessageResource extends JsonResource
{
    /** @return array<string, mixed> what somebody made of a message */
    public function toArray(?Request $request = null): array
    {
        return [
            'key' => "{$this->resource->kind->value}/{$this->resource->about}",
            'subject' => $this->resource->subject,
            'words' => $this->resource->words,
            'state' => $this->resource->state->value,
            'version' => $this->resource->version,
        ];
    }
}
