<?php

declare(strict_types=1);

namespace App\Http\Controllers\Messages;

use App\Actions\Messages\SettleMessage;
use App\Exceptions\EditedElsewhere;
use App\Http\Controllers\Controller;
use App\Http\Requests\Messages\MessageRequest;
use App\Http\Requests\Messages\MessageRulesRequest;
use App\Http\Resources\MessagesResource;
use App\Messages\HouseMessages;
use App\Models\Client;
use App\Models\Salon;
use Carbon\CarbonImmutable;
use Core\Service\MessageKind;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The outbox: what clients are to be told, by whom it was told, and the owner's rules for it. */
final class MessageController extends Controller
{
    public function index(Request $request): JsonResponse
    {
        return new JsonResponse(MessagesResource::of($this->member($request)->salon, CarbonImmutable::now()));
    }

    public function store(MessageRequest $request, SettleMessage $settle): JsonResponse
    {
        $this->authorize('create', Client::class);
        $settle(
            by: $this->member($request),
            salon: $this->member($request)->salon,
            kind: $request->kind(),
            about: $request->string('about')->lower()->value(),
            do: $request->string('do')->value(),
            version: $request->integer('version'),
            subject: $request->text('subject'),
            words: $request->text('words'),
            way: $request->text('way'),
            now: $this->madeAt(),
        );

        return new JsonResponse(MessagesResource::of($this->member($request)->salon, CarbonImmutable::now()));
    }

    public function rules(MessageRulesRequest $request): JsonResponse
    {
        $salon = Salon::query()->lockForUpdate()->findOrFail($this->member($request)->salon_id);
        $this->authorize('update', $salon);
        if ($salon->version !== $request->integer('version')) {
            throw EditedElsewhere::house($salon);
        }
        $house = new HouseMessages(new Salon);
        $rules = [];
        foreach ($request->byKind() as $kind => $rule) {
            $of = MessageKind::from($kind);
            // Words that are the usual ones are not the house's own: they follow the catalogue.
            $rules[$kind] = array_filter([
                'mode' => $rule['mode'],
                'days' => $rule['days'] === $of->usualDays() ? null : $rule['days'],
                'subject' => $rule['subject'] === $house->subject($of) ? '' : $rule['subject'],
                'words' => $rule['words'] === $house->words($of) ? '' : $rule['words'],
            ], static fn (mixed $value): bool => $value !== null && $value !== '');
        }
        $salon->fill(['message_rules' => $rules, 'version' => $salon->version + 1])->save();

        return new JsonResponse(MessagesResource::of($salon, CarbonImmutable::now()));
    }
}
