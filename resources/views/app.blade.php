<!doctype html>
<html lang="{{ $language }}" data-bs-theme="light">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Tinta</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    <script src="{{ Vite::asset('resources/js/app/first.ts') }}"></script>
    @vite($language === 'en' ? ['resources/js/app/main.tsx'] : ["resources/js/words/{$language}.ts", 'resources/js/app/main.tsx'])
</head>
<body>
    <div id="root">@if ($door !== '')<div data-door>{!! $door !!}</div>@endif</div>
    <noscript>Tinta needs JavaScript.</noscript>
</body>
</html>
