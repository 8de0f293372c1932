<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>This link has ended</title>
    <link rel="stylesheet" href="/look.css">
</head>
<body>
<main>
    <h1>This link has ended</h1>
    <p>It was open for a while only, or was withdrawn. Ask the workshop for a new one.</p>
</main>
</body>
</html>
