<?php

declare(strict_types=1);

return [
    /** Served to the workshop's network: every page then asks for sign-in. */
    'network' => (bool) env('HOT_SPRUE_NETWORK', false),

    /** Hosts that the application answers to, beside 127.0.0.1 and localhost. */
    'hosts' => array_filter(explode(',', (string) env('HOT_SPRUE_HOSTS', ''))),

    'pictures' => env('HOT_SPRUE_PICTURES', storage_path('app/pictures')),

    'backups' => env('HOT_SPRUE_BACKUPS', storage_path('backups')),
];
