<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <title>Hot Sprue</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @viteReactRefresh
    @vite(['resources/js/main.tsx'])
</head>
<body>
    <div id="bench"></div>
    <noscript>Hot Sprue needs JavaScript to draw and to reckon as you type.</noscript>
</body>
</html>
