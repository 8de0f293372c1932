<?php

declare(strict_types=1);

// Writes movements one after another until it is stopped, and says each on a line once it is acknowledged.
require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
$keeper = new App\Account\AccountKeeper;
[$from, $to] = [(int) $argv[1], (int) $argv[2]];
for ($i = 0; $i < (int) ($argv[3] ?? 200); $i++) {
    try {
        $movement = $keeper->move(
            HotSprue\Account\MovementKind::Cut, [$from => -1000, $to => 990], 10, "cut {$i}", null,
        );
        fwrite(STDOUT, "{$movement->id}\n");
    } catch (HotSprue\Account\MetalRefused $refused) {
        fwrite(STDOUT, "refused\n");
    }
}
