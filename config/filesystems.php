<?php

declare(strict_types=1);

// No disk of the framework is served: pictures have their own way out, and nothing is written by address.
return [
    'default' => 'local',
    'disks' => [
        'local' => ['driver' => 'local', 'root' => storage_path('app/private'), 'serve' => false, 'throw' => true],
    ],
];
