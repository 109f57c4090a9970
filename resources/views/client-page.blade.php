<!doctype html>
<html lang="en">
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
        $day = fn (?string $moment): string => $moment === null ? '' : \Carbon\CarbonImmutable::parse($moment)->setTimezone($salon->timezone)->format('j F Y');
        $kinds = ['photographs' => 'Photographs are taken and kept', 'health' => 'Notes about health are kept', 'messages' => 'They are written to'];
        $ways = ['' => 'nobody asked', 'phone' => 'by telephone', 'mail' => 'by mail', 'message' => 'by message', 'none' => 'not at all'];
    @endphp
    <h1>{{ $client['name'] }}</h1>
    <p class="quiet">All that {{ $salon->name }} holds, as of {{ \Carbon\CarbonImmutable::now()->setTimezone($salon->timezone)->format('j F Y, H:i') }}.</p>
    <dl>
        <dt>Telephone</dt><dd>{{ $client['phone'] ?: 'none' }}</dd>
        <dt>Mail</dt><dd>{{ $client['email'] ?: 'none' }}</dd>
        <dt>To be reached</dt><dd>{{ $ways[$client['contactBy']] }}</dd>
        <dt>Born on</dt><dd>{{ $client['bornOn'] === null ? 'not known' : $day($client['bornOn']) }}</dd>
        <dt>Likes to come to</dt><dd>{{ $client['preferred']['name'] ?? 'anybody' }}</dd>
        <dt>About</dt><dd>{{ $client['about'] ?: 'nothing' }}</dd>
        <dt>Cautions</dt><dd>{{ $client['cautions'] ?: 'none' }}</dd>
        @foreach ($client['matches'] as $match)
            <dt>To look alike with</dt><dd>another client ({{ $match['how'] }})</dd>
        @endforeach
    </dl>
    <h2>What was agreed to</h2>
    <table>
        @foreach ($client['consents'] as $consent)
            <tr><td>{{ $kinds[$consent['kind']] }}</td><td>{{ $consent['given'] === null ? 'nobody asked' : ($consent['given'] ? 'yes' : 'no') }}</td><td>{{ $day($consent['at']) }}</td><td>{{ $consent['words'] }}</td><td class="quiet">{{ $consent['by'] === '' ? '' : 'noted by '.$consent['by'] }}</td></tr>
        @endforeach
    </table>
    <h2>Skin and health</h2>
    @if ($client['safety']['tests'] === [] && $client['safety']['contraindications'] === [])
        <p>Nothing is held.</p>
    @endif
    <ul>
        @foreach ($client['safety']['tests'] as $test)
            <li>Skin test of {{ implode(', ', $test['lines']) }}, {{ $test['spot'] }}, placed {{ $day($test['placedAt']) }} by {{ $test['placedBy'] }}: {{ $test['result'] === null ? 'not read yet' : $test['result'].', read '.$day($test['readAt']).' by '.$test['readBy'] }}. {{ $test['note'] }}</li>
        @endforeach
        @foreach ($client['safety']['contraindications'] as $note)
            <li>{{ $note['words'] }}{{ $note['note'] === '' ? '' : ': '.$note['note'] }}, noted {{ $day($note['notedAt']) }} by {{ $note['notedBy'] }}{{ $note['liftedAt'] === null ? '' : '; lifted '.$day($note['liftedAt']).' by '.$note['liftedBy'].': '.$note['clearance'] }}.</li>
        @endforeach
    </ul>
    <h2>Visits</h2>
    @forelse ($visits as $visit)
        <section>
            <h3>{{ $day($visit['startsAt']) }}: {{ $visit['service'] }}</h3>
            <p class="quiet">With {{ $visit['colourist']['name'] }}, {{ ['expected' => 'expected', 'in-chair' => 'in the chair', 'closed' => 'closed', 'ended' => 'did not take place'][$visit['status']] }}.</p>
            <ul>
                @foreach ($visit['bowls'] as $bowl)
                    <li>{{ trim($bowl['letter'].' '.$bowl['job']) }}, {{ $bowl['line'] }}: {{ $bowl['poured'] === '' ? $bowl['colour'].', '.$bowl['developer'] : $bowl['poured'] }}</li>
                @endforeach
            </ul>
            @if ($visit['outcome'] !== '')
                <p>{{ $visit['outcome'] }}</p>
            @endif
            @if ($visit['keep'] !== '')
                <p>To keep: {{ $visit['keep'] }}</p>
            @endif
            @if ($visit['change'] !== '')
                <p>To change: {{ $visit['change'] }}</p>
            @endif
        </section>
    @empty
        <p>None.</p>
    @endforelse
    @if ($photos !== [])
        <h2>Photographs</h2>
        @foreach ($photos as $photo)
            <figure><img alt="{{ $photo['words'] }}" src="data:image/jpeg;base64,{{ $photo['jpeg'] }}"><figcaption>{{ $photo['words'] }}</figcaption></figure>
        @endforeach
    @endif
    <p class="quiet">The full record, gram by gram, is in the file for programs that goes with this page.</p>
</body>
</html>
