{{-- A page that tells what went wrong, in words. It asks nothing of database, session or account: it has to show when those cannot. --}}
@props(['title', 'said'])
<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · Jade Spindle</title>
    <link rel="icon" href="/spindle.svg" type="image/svg+xml">
    @vite(['resources/css/app.css'])
</head>
<body>
    <header class="top"><a class="brand" href="/"><img
         src="/spindle.svg" width="30" height="30" alt=""><span>Jade Spindle</span></a></header>
    <main class="mx-auto blocks max-w-xl p-6" id="work">
        <h1 class="text-2xl font-bold">{{ $title }}</h1>
        <p>{{ $said }}</p>
        {{ $slot }}
        <p><a class="btn" href="/">To the bay</a></p>
    </main>
</body>
</html>
