<?php

declare(strict_types=1);

/** @param array<string, mixed> $more */
function pricedAt(array $more = []): void
{
    test()->putJson('/api/shop', [
        'price.silver' => 1.2, 'price.gold' => 100, 'price.hour' => 60, 'price.burnout' => 12,
        'price.investment' => 5, ...$more,
    ])->assertOk();
}
