<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <title>Hot Sprue</title>
    <link rel="icon" href="data:image/svg+xml,%3Csvg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 32 32'%3E%3Cpath d='M14 2h4v18l6 10H8l6-10z' fill='%23c9480c'/%3E%3C/svg%3E">
    @viteReactRefresh
    @vite(['resources/js/main.tsx'])
</head>
<body>
    <div id="bench"></div>
    <noscript>Hot Sprue needs JavaScript to draw and to reckon as you type.</noscript>
</body>
</html>
