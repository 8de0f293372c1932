@props(['title'])
<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="robots" content="noindex">
    <title>{{ $title }}</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    <link rel="stylesheet" href="/look.css">
    <script src="/look.js" defer></script>
</head>
<body>
<main>
    <h1 dir="auto">{{ $title }}</h1>
    {{ $slot }}
</main>
</body>
</html>
