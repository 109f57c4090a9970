<!doctype html>
<html lang="{{ $language }}" data-bs-theme="light">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Tinta</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    <script src="{{ Vite::asset('resources/js/app/first.ts') }}"></script>
    {{-- Where the sign-in page stands it is painted first; `first.ts` runs the pieces then. --}}
    @php($pieces = Vite::__invoke($language === 'en' ? ['resources/js/app/main.tsx'] : ["resources/js/words/{$language}.ts", 'resources/js/app/main.tsx'])->toHtml())
    {!! $door === '' ? $pieces : str_replace('<script type="module"', '<script type="later"', $pieces) !!}
</head>
<body>
    <div id="root"{{ $door === '' ? '' : ' data-door' }}>{!! $door !!}</div>
    <noscript>Tinta needs JavaScript.</noscript>
</body>
</html>
