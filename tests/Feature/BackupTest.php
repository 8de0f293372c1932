<?php

declare(strict_types=1);

use App\Bench\BackupOfTheDay;
use App\Bench\Backups;
use App\Models\Workshop;
use Symfony\Component\Process\Exception\ProcessSignaledException;
use Symfony\Component\Process\Process;
use Tests\Support\Served;

// A database in a file of its own: what is in memory cannot be set aside.
beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/hot-sprue-safe-'.bin2hex(random_bytes(4));
    mkdir($this->folder);
    touch("{$this->folder}/shop.sqlite");
    $this->run = function (string ...$command): Process {
        $process = new Process(
            $command, base_path(),
            [
                'DB_CONNECTION' => 'sqlite', 'DB_DATABASE' => "{$this->folder}/shop.sqlite",
                'HOT_SPRUE_PICTURES' => "{$this->folder}/pictures", 'HOT_SPRUE_BACKUPS' => "{$this->folder}/backups",
                'APP_ENV' => 'testing', 'CACHE_STORE' => 'file',
            ],
            timeout: 60,
        );
        $process->run();

        return $process;
    };
    ($this->run)('php', 'artisan', 'migrate', '--force');
    ($this->run)('php', 'artisan', 'sprue:open', '--empty');
    $this->people = fn (): array => (new PDO("sqlite:{$this->folder}/shop.sqlite"))
        ->query('select name from people order by id')->fetchAll(PDO::FETCH_COLUMN);
});
afterEach(function (): void {
    exec('rm -rf '.escapeshellarg($this->folder));
});

it('sets the last acknowledged write aside with what was here, and never overwrites an earlier one', function (): void {
    expect(($this->run)('bin/backup', "{$this->folder}/kept.zip")->isSuccessful())->toBeTrue();
    // The writer goes away without tidying up: its last write stands only in the log beside the database.
    $writer = new Process(
        [
            'php', '-r',
            '$p = new PDO("sqlite:".$argv[1]); $p->exec("pragma journal_mode=wal; pragma wal_autocheckpoint=0"); '
                .'$p->exec("insert into people (name, role) values (\'Ragna\', \'guest\')"); posix_kill(getmypid(), '
                    .'SIGKILL);',
            "{$this->folder}/shop.sqlite",
        ],
    );
    try {
        $writer->run();
    } catch (ProcessSignaledException) {
        // As it was meant to go.
    }
    expect(($this->people)())->toBe(['Goldsmith', 'Ragna']);
    $restored = ($this->run)('bin/restore', "{$this->folder}/kept.zip");
    expect($restored->isSuccessful())
        ->toBeTrue($restored->getErrorOutput().$restored->getOutput())->and(($this->people)())->toBe(['Goldsmith']);
    $aside = glob("{$this->folder}/shop.sqlite.before-restore-*") ?: [];
    expect($aside)
        ->toHaveCount(1)->and((new PDO("sqlite:{$aside[0]}"))->query('select count(*) from people')->fetchColumn())
        ->toEqual(2);
    expect(($this->run)('bin/restore', "{$this->folder}/kept.zip")->isSuccessful())
        ->toBeTrue()->and(glob("{$this->folder}/shop.sqlite.before-restore-*"))->toHaveCount(2);
});

it('loses no acknowledged save when it is restored under a running server, and keeps what was here', function (): void {
    $served = new Served;
    try {
        $kept = "{$this->folder}/kept.zip";
        expect($served->beside('sprue:backup', $kept)->wait())->toBe(0);
        $acknowledged = [];
        $write = static function (int $number) use ($served, &$acknowledged): void {
            $label = "save {$number}";
            $answer = $served->asked('/api/clocks', [
                'label' => $label, 'stages' => [['stage' => 'rest', 'until_min' => 5]],
            ]);
            // What was not done says so, and may be tried again.
            $answer->successful() ? $acknowledged[] = $label : expect($answer->status())->toBe(503);
        };
        $restore = null;
        for ($number = 0; $number < 90; $number++) {
            $number !== 30 || $restore = $served->beside('sprue:restore', $kept);
            $write($number);
        }
        expect($restore?->wait())->toBe(0, (string) $restore?->getOutput());
        $asides = glob(dirname($served->database()).'/*before-restore*[0-9a-f]') ?: [];
        $labels = static fn (string $file): array => (new PDO("sqlite:{$file}"))
            ->query('select label from clocks')->fetchAll(PDO::FETCH_COLUMN);
        $here = $labels($served->database());
        expect($asides)->toHaveCount(1)->and($here)->not->toContain('save 0')
            ->and(array_values(array_diff($acknowledged, [...$here, ...$labels($asides[0])])))->toBe([])
            ->and(count($acknowledged))->toBeGreaterThan(40);
        // What was here is whole, and is written to as before.
        (new PDO("sqlite:{$asides[0]}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]))
            ->exec('update turns set taken = taken + 1');
    } finally {
        $served->stop();
    }
});

it('restores nothing that is not a whole workshop, and changes nothing', function (
    callable $spoil, string $words,
): void {
    ($this->run)('bin/backup', "{$this->folder}/kept.zip");
    $zip = new ZipArchive;
    $zip->open("{$this->folder}/kept.zip");
    $database = "{$this->folder}/inside.sqlite";
    file_put_contents($database, $zip->getFromName(Backups::DATABASE));
    $spoil($database);
    $zip->addFile($database, Backups::DATABASE);
    $zip->close();
    $before = [($this->people)(), md5_file("{$this->folder}/shop.sqlite")];
    $restored = ($this->run)('bin/restore', "{$this->folder}/kept.zip");
    expect($restored->getExitCode())
        ->toBe(1)->and($restored->getOutput().$restored->getErrorOutput())->toContain($words)
        ->and([($this->people)(), md5_file("{$this->folder}/shop.sqlite")])
        ->toBe($before)->and(glob("{$this->folder}/*before-restore*"))->toBe([])
        ->and(glob("{$this->folder}/restoring*"))->toBe([]);
})->with([
    'half a database' => [
        fn (string $file) => file_put_contents($file, substr((string) file_get_contents($file), 0, 20_000)), 'damaged',
    ],
    // A page of an index that no look at the tables would read.
    'a page gone bad' => [function (string $file): void {
        $pdo = new PDO("sqlite:{$file}");
        $page = (int) $pdo->query(
            "select rootpage from sqlite_master where type = 'index' and tbl_name = 'postings' limit 1",
        )->fetchColumn();
        $size = (int) $pdo->query('pragma page_size')->fetchColumn();
        unset($pdo);
        $handle = fopen($file, 'r+b');
        fseek($handle, ($page - 1) * $size);
        fwrite($handle, str_repeat("\xFF", $size));
        fclose($handle);
    }, 'damaged'],
    'another program’s' => [function (string $file): void {
        unlink($file);
        (new PDO("sqlite:{$file}"))->exec('create table cats (name text)');
    }, 'not a workshop'],
    'an empty one' => [
        fn (string $file) => (new PDO("sqlite:{$file}"))->exec('pragma foreign_keys=off; delete from workshops'),
        'empty',
    ],
    'a later one' => [
        fn (string $file) => (new PDO("sqlite:{$file}"))->exec(
            "insert into migrations (migration, batch) values ('2031_01_01_000000_later', 9)",
        ),
        'later Hot Sprue',
    ],
    'a job of a later version' => [
        fn (string $file) => (new PDO("sqlite:{$file}"))->exec(
            'insert into jobs (number, commission, rulebook_id, document, station) select 101, 101, id, '
                ."'{\"version\": 99}', 'brief' from rulebooks limit 1",
        ),
        'Job 101',
    ],
    'links that lead nowhere' => [
        fn (string $file) => (new PDO("sqlite:{$file}"))->exec(
            "pragma foreign_keys=off; insert into pictures (job_id, file) values (999, 'x')",
        ),
        'damaged',
    ],
]);

it('makes the day’s backup once, tries it, and says on Today when or why not', function (): void {
    $today = fn (): array => (new PDO("sqlite:{$this->folder}/shop.sqlite"))
        ->query('select backed_up_at, backup_trouble from workshops')->fetch(PDO::FETCH_ASSOC);
    expect($today()['backed_up_at'])->toBeNull();
    ($this->run)('php', 'artisan', 'sprue:backup', '--daily');
    ($this->run)('php', 'artisan', 'sprue:backup', '--daily');
    expect(glob("{$this->folder}/backups/hot-sprue-day-*.zip"))
        ->toHaveCount(1)->and($today()['backed_up_at'])->not->toBeNull()->and($today()['backup_trouble'])->toBeNull();
    // A folder that cannot be written to: no scraps, and it is said.
    (new PDO("sqlite:{$this->folder}/shop.sqlite"))->exec(
        "update workshops set backed_up_at = null, backup_tried_at = null, backup_folder = '/proc/nowhere'",
    );
    ($this->run)('php', 'artisan', 'sprue:backup', '--daily');
    expect($today()['backup_trouble'])->toContain('/proc/nowhere');
});

it('leaves no scraps of a backup that does not restore', function (): void {
    // A job that this Hot Sprue could not read back.
    (new PDO("sqlite:{$this->folder}/shop.sqlite"))->exec(
        'insert into jobs (number, commission, rulebook_id, document, station) select 101, 101, id, '
            ."'{\"version\": 99}', 'brief' from rulebooks limit 1",
    );
    $made = ($this->run)('bin/backup', "{$this->folder}/kept/one.zip");
    expect($made->getExitCode())
        ->toBe(1)->and($made->getOutput().$made->getErrorOutput())->toContain('Job 101')
        ->and(glob("{$this->folder}/kept/*"))->toBe([]);
});

it('keeps seven days, four weeks and twelve months', function (): void {
    $files = [];
    for ($day = 0; $day < 500; $day++) {
        $files[] = '/b/hot-sprue-day-'.now()->startOfDay()->subDays($day)->format('Y-m-d').'-030000.zip';
    }
    $kept = BackupOfTheDay::kept($files);
    $days = array_map(static fn (string $file): int => (int) array_search($file, $files, true), $kept);
    sort($days);
    expect(array_slice($days, 0, 7))
        ->toBe(range(0, 6))->and(count($kept))->toBeLessThanOrEqual(7 + 4 + 12)->and(count($kept))
        ->toBeGreaterThanOrEqual(7 + 2 + 10)
        ->and(max($days))->toBeGreaterThan(300)->and(BackupOfTheDay::kept(['/b/other.zip']))->toBe([]);
});

it('takes a folder of choice that is there and can be written to', function (): void {
    foreach (['backups', '/nowhere/at/all', public_path('build')] as $folder) {
        $this->putJson('/api/workshop', ['backup_folder' => $folder])
            ->assertStatus(422)->assertJsonStructure(['errors' => ['backup_folder']]);
    }
    $this->putJson('/api/workshop', ['backup_folder' => $this->folder])->assertOk();
    expect(Backups::folder())->toBe($this->folder);
    $this->putJson('/api/workshop', ['backup_folder' => null])->assertOk();
    expect(Workshop::the()->backup_folder)
        ->toBeNull()->and($this->getJson('/api/today')->json('backup'))
        ->toBe(['at' => null, 'trouble' => null, 'overdue' => false]);
    $this->travel(2)->days();
    expect($this->getJson('/api/today')->json('backup.overdue'))->toBeTrue();
});
