<?php

declare(strict_types=1);

namespace Tools\Fuzzing;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** A workshop of its own to be broken: a throwaway database with the demo, and folders beside it. */
final readonly class Workbench
{
    public string $folder;

    public function __construct()
    {
        $this->folder = sys_get_temp_dir().'/hot-sprue-fuzz-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        touch("{$this->folder}/shop.sqlite");
        config([
            'app.key' => 'base64:'.base64_encode(random_bytes(32)), 'database.default' => 'sqlite',
            'database.connections.sqlite.database' => "{$this->folder}/shop.sqlite",
            'database.connections.sqlite.synchronous' => 'OFF',
            'sprue.pictures' => "{$this->folder}/pictures", 'sprue.backups' => "{$this->folder}/backups",
            'cache.default' => 'array', 'session.driver' => 'array', 'logging.default' => 'null',
        ]);
        DB::purge('sqlite');
        Artisan::call('migrate', ['--force' => true]);
        Artisan::call('sprue:open');
    }

    public function clear(): void
    {
        DB::purge('sqlite');
        foreach ([...(glob("{$this->folder}/*/*") ?: []), ...(glob("{$this->folder}/*") ?: [])] as $file) {
            is_file($file) ? unlink($file) : rmdir($file);
        }
        rmdir($this->folder);
    }
}
