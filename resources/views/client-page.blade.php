<!doctype html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $client['name'] }}, {{ $salon->name }}</title>
    <style>
        body { font: 16px/1.5 Georgia, serif; color: #2b2622; background: #fbf7ef; max-width: 46rem; margin: 2rem auto; padding: 0 1rem; }
        h1, h2, h3 { line-height: 1.2; } h2 { margin-top: 2.2rem; border-bottom: 1px solid #cfc4b2; padding-bottom: .2rem; }
        dl { display: grid; grid-template-columns: 11rem 1fr; gap: .25rem 1rem; } dt { color: #6b6156; } dd { margin: 0; }
        .quiet { color: #6b6156; } figure { display: inline-block; margin: 0 1rem 1rem 0; } img { max-width: 18rem; height: auto; display: block; }
        section { break-inside: avoid; } table { border-collapse: collapse; } td, th { text-align: left; padding: .15rem 1rem .15rem 0; vertical-align: top; }
    </style>
</head>
<body>
    @php
        $day = fn (?string $moment): string => $moment === null ? '' : \App\Words\Say::day(\Carbon\CarbonImmutable::parse($moment)->setTimezone($salon->timezone), true);
        $now = \Carbon\CarbonImmutable::now()->setTimezone($salon->timezone);
        $kinds = ['photographs' => __('Photographs are taken and kept'), 'health' => __('Notes about health are kept'), 'messages' => __('They are written to')];
        $ways = ['' => 'nobody asked', 'phone' => __('by telephone'), 'mail' => __('by mail'), 'message' => __('by message'), 'none' => __('not at all')];
    @endphp
    <h1>{{ $client['name'] }}</h1>
    <p class="quiet">{{ __('All that :salon holds, as of :day, :time.', ['salon' => $salon->name, 'day' => \App\Words\Say::day($now, true), 'time' => $now->format('H:i')]) }}</p>
    <dl>
        <dt>{{ __('Telephone') }}</dt><dd>{{ $client['phone'] ?: __('none') }}</dd>
        <dt>{{ __('Mail') }}</dt><dd>{{ $client['email'] ?: __('none') }}</dd>
        <dt>{{ __('To be reached') }}</dt><dd>{{ $ways[$client['contactBy']] }}</dd>
        <dt>{{ __('Born on') }}</dt><dd>{{ $client['bornOn'] === null ? __('not known') : $day($client['bornOn']) }}</dd>
        <dt>{{ __('Likes to come to') }}</dt><dd>{{ $client['preferred']['name'] ?? __('anybody') }}</dd>
        <dt>{{ __('About') }}</dt><dd>{{ $client['about'] ?: __('nothing') }}</dd>
        <dt>{{ __('Cautions') }}</dt><dd>{{ $client['cautions'] ?: __('none') }}</dd>
        @foreach ($client['matches'] as $match)
            <dt>{{ __('To look alike with') }}</dt><dd>{{ __('another client') }} ({{ $match['how'] }})</dd>
        @endforeach
    </dl>
    <h2>{{ __('What was agreed to') }}</h2>
    <table>
        @foreach ($client['consents'] as $consent)
            <tr><td>{{ $kinds[$consent['kind']] }}</td><td>{{ $consent['given'] === null ? __('nobody asked') : ($consent['given'] ? __('yes') : __('no')) }}</td><td>{{ $day($consent['at']) }}</td><td>{{ $consent['words'] }}</td><td class="quiet">{{ $consent['by'] === '' ? '' : __('noted by :name', ['name' => $consent['by']]) }}</td></tr>
        @endforeach
    </table>
    <h2>{{ __('Skin and health') }}</h2>
    @if ($client['safety']['tests'] === [] && $client['safety']['contraindications'] === [])
        <p>{{ __('Nothing is held.') }}</p>
    @endif
    <ul>
        @foreach ($client['safety']['tests'] as $test)
            <li>{{ __('Skin test of :lines, :spot, placed :day by :name:', ['lines' => implode(', ', $test['lines']), 'spot' => $test['spot'], 'day' => $day($test['placedAt']), 'name' => $test['placedBy']]) }} {{ $test['result'] === null ? __('not read yet') : __('read as :result on :day by :name', ['result' => $test['result'] === 'clear' ? __('clear') : __('a reaction'), 'day' => $day($test['readAt']), 'name' => $test['readBy']]) }}. {{ $test['note'] }}</li>
        @endforeach
        @foreach ($client['safety']['contraindications'] as $note)
            <li>{{ $note['words'] }}{{ $note['note'] === '' ? '' : ': '.$note['note'] }}, {{ __('noted :day by :name', ['day' => $day($note['notedAt']), 'name' => $note['notedBy']]) }}{{ $note['liftedAt'] === null ? '' : '; '.__('lifted :day by :name: :why', ['day' => $day($note['liftedAt']), 'name' => $note['liftedBy'], 'why' => $note['clearance']]) }}.</li>
        @endforeach
    </ul>
    <h2>{{ __('Visits') }}</h2>
    @forelse ($visits as $visit)
        <section>
            <h3>{{ $day($visit['startsAt']) }}: {{ $visit['service'] }}</h3>
            <p class="quiet">{{ __('With :name', ['name' => $visit['colourist']['name']]) }}, {{ ['expected' => __('expected'), 'in-chair' => __('in the chair'), 'closed' => __('closed'), 'ended' => __('did not take place')][$visit['status']] }}.</p>
            <ul>
                @foreach ($visit['bowls'] as $bowl)
                    <li>{{ trim($bowl['letter'].' '.$bowl['job']) }}, {{ $bowl['line'] }}: {{ $bowl['poured'] === '' ? $bowl['colour'].', '.$bowl['developer'] : $bowl['poured'] }}</li>
                @endforeach
            </ul>
            @if ($visit['outcome'] !== '')
                <p>{{ $visit['outcome'] }}</p>
            @endif
            @if ($visit['keep'] !== '')
                <p>{{ __('To keep:') }} {{ $visit['keep'] }}</p>
            @endif
            @if ($visit['change'] !== '')
                <p>{{ __('To change:') }} {{ $visit['change'] }}</p>
            @endif
        </section>
    @empty
        <p>{{ __('None.') }}</p>
    @endforelse
    @if ($photos !== [])
        <h2>{{ __('Photographs') }}</h2>
        @foreach ($photos as $photo)
            <figure><img alt="{{ $photo['words'] }}" src="data:image/jpeg;base64,{{ $photo['jpeg'] }}"><figcaption>{{ $photo['words'] }}</figcaption></figure>
        @endforeach
    @endif
    <p class="quiet">{{ __('The full record, gram by gram, is in the file for programs that goes with this page.') }}</p>
</body>
</html>
