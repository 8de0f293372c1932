<?php

declare(strict_types=1);

use App\Database\WriteTransaction;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;
use Tests\Support\Served;

// A disk runs full, or can only be read: what is wrong is said, and it comes right by itself once there is room.

/** A file system of its own of so many megabytes. */
function smallDisk(int $megabytes): string
{
    $at = sys_get_temp_dir().'/hot-sprue-disk-'.bin2hex(random_bytes(4));
    mkdir($at);
    (new Process(['mount', '-t', 'tmpfs', '-o', "size={$megabytes}m", 'tmpfs', $at]))->run() === 0
        || test()->markTestSkipped('Only who may mount has a small disk.');

    return $at;
}

/** All the room there is, taken. */
function filledUp(string $disk): string
{
    $filler = fopen("{$disk}/filler", 'wb');
    while (@fwrite($filler, str_repeat('x', 4096)) === 4096) {
        // Until there is no more.
    }
    fclose($filler);

    return "{$disk}/filler";
}

function widthOf(Served $served, int $number): mixed
{
    return $served->get("/api/jobs/{$number}")['document']['decisions']['form.width_top']['typed'] ?? null;
}

it('says that the disk is full, loses nothing acknowledged, and saves again once there is room', function (): void {
    $disk = smallDisk(12);
    $served = new Served(disk: $disk);
    $watch = $served->beside('sprue:watch');
    try {
        $number = $served->post('/api/jobs', ['changes' => [
            ['path' => 'brief.title', 'from' => null, 'to' => 'on a small disk'],
            ['path' => 'form.width_top', 'from' => null, 'to' => '4'],
        ]])['number'];
        $from = ['value' => 4, 'typed' => '4'];
        $save = static fn (string $width) => $served->asked("/api/jobs/{$number}/changes", ['changes' => [
            ['path' => 'form.width_top', 'from' => $from, 'to' => $width],
        ]]);
        $filler = filledUp($disk);
        $kept = 4;
        // The log beside the database has some room of its own: sooner or later a save finds none.
        for ($width = 5; $width < 60; $width++) {
            $answer = $save((string) $width);
            if ($answer->status() !== 200) {
                break;
            }
            [$kept, $from] = [$width, ['value' => $width, 'typed' => (string) $width]];
        }
        expect($answer->status())->toBe(507)->and($answer->json('errors._.0'))->toContain('The disk is full');
        // The watch turns meanwhile, on the same disk.
        sleep(5);
        unlink($filler);
        $began = microtime(true);
        while ($save('62')->status() !== 200 && microtime(true) - $began < 10) {
            usleep(200_000);
        }
        expect(microtime(true) - $began)->toBeLessThan(5.0)->and(widthOf($served, $number))->toBe('62');
        expect($watch->isRunning())->toBeTrue();
        // What was acknowledged before stands in the history.
        $typed = array_merge(...array_map(
            static fn (array $entry): array => array_column($entry['edits'] ?? $entry['changes'] ?? [], 'to'),
            $served->get("/api/jobs/{$number}/history")['entries'] ?? [],
        ));
        expect(json_encode($typed))->toContain("\"{$kept}\"");
    } finally {
        $watch->stop(1);
        $served->stop();
        (new Process(['umount', '-l', $disk]))->run();
    }
});

it('throws a connection away whose rolling back failed, and says the first trouble', function (): void {
    $path = (string) tempnam(sys_get_temp_dir(), 'full');
    config(['database.connections.full' => ['driver' => 'sqlite', 'database' => $path, 'prefix' => '']]);
    $usual = DB::getDefaultConnection();
    DB::setDefaultConnection('full');
    try {
        DB::statement('create table turns (id integer primary key, taken integer)');
        DB::statement('insert into turns values (1, 0)');
        $undone = false;
        $failing = static function () use (&$undone): void {
            WriteTransaction::otherwise(static function () use (&$undone): void {
                $undone = true;
            });
            // As SQLite does where the disk is full: it rolls back by itself.
            DB::getPdo()->exec('rollback');
            throw new RuntimeException('database or disk is full');
        };
        expect(static fn (): mixed => WriteTransaction::take($failing))->toThrow(RuntimeException::class, 'is full')
            ->and($undone)->toBeTrue()->and(DB::transactionLevel())->toBe(0);
        WriteTransaction::take(static fn (): int => DB::update('update turns set taken = 40'));
        $seen = new PDO("sqlite:{$path}");
        expect((int) $seen->query('select taken from turns')->fetchColumn())->toBe(40);
    } finally {
        DB::purge('full');
        DB::setDefaultConnection($usual);
        unlink($path);
    }
});
