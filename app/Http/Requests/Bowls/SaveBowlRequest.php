<?php

declare(strict_types=1);

namespace App\Http\Requests\Bowls;

use Illuminate\Foundation\Http\FormRequest;

/** The bowl itself is read by the core; here only its envelope is checked. */
final class SaveBowlRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'id' => [$this->isMethod('POST') ? 'required' : 'prohibited', 'uuid'],
            'version' => [$this->isMethod('PUT') ? 'required' : 'prohibited', 'integer', 'min:1'],
            'reason' => ['nullable', 'string', 'max:500'],
            // A member that nothing keeps is refused, not dropped.
            'bowl' => [
                'required',
                'array:letter,job,line,ratio,amount,parts,additives,place,minutes,note,extras,purpose,mark,hair,covering,heat,applying,clock,after,afterFrom,plus,starts,rinse,through,emulsify,until,lookFrom,treatment,meant,uses',
            ],
            'bowl.amount' => ['sometimes', 'nullable', 'array:of,grams,ingredient'],
            'bowl.parts.*' => ['array:ingredients'],
            'bowl.parts.*.ingredients.*' => ['array:product,blend,version,share,said,words,or,doubt,wanted,why'],
            'bowl.additives.*' => ['array:product,dose'],
            'bowl.extras.*' => ['array:product,grams,counts'],
            'bowl.heat.*' => ['array:with,minutes'],
            'bowl.uses.*' => ['array:job,grams'],
        ];
    }

    public function id(): string
    {
        return $this->string('id')->lower()->value();
    }

    public function reason(): string
    {
        return $this->string('reason')->trim()->value();
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    /** @return array<string, mixed> */
    public function bowl(): array
    {
        $bowl = $this->json('bowl');

        return is_array($bowl) ? $bowl : [];
    }
}
