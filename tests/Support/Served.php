<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Http\Client\Pool;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Str;
use PDO;
use RuntimeException;
use Symfony\Component\Process\Process;

/** A workshop served as `bin/start` serves it: several workers over one database file of its own. */
final class Served
{
    private readonly Process $server;

    private readonly string $folder;

    private readonly string $url;

    /** @var array<string, string> */
    private readonly array $settings;

    /**
     * @param  array<string, string>  $with  further settings
     * @param  string|null  $disk  where its folder is made; that of things for a while otherwise
     */
    public function __construct(array $with = [], int $workers = 4, ?string $disk = null)
    {
        $this->folder = ($disk ?? sys_get_temp_dir()).'/hot-sprue-served-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        touch($this->database());
        $settings = [
            'DB_CONNECTION' => 'sqlite', 'DB_DATABASE' => $this->database(),
            'HOT_SPRUE_PICTURES' => "{$this->folder}/pictures", 'HOT_SPRUE_BACKUPS' => "{$this->folder}/backups",
            'APP_ENV' => 'testing',
            'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'array', 'APP_CONFIG_CACHE' => "{$this->folder}/config.php",
            'APP_ROUTES_CACHE' => "{$this->folder}/routes.php", ...$with,
        ];
        $this->settings = $settings;
        foreach ([['migrate', '--force'], ['sprue:open', '--empty']] as $command) {
            (new Process(['php', 'artisan', ...$command], base_path(), $settings))->setTimeout(60)->mustRun();
        }
        $port = $this->freePort();
        $this->url = "http://127.0.0.1:{$port}";
        $this->server = new Process(
            [
                'php', '-d', 'opcache.enable_cli=1', '-d', 'display_errors=0', '-d', 'upload_max_filesize=61M', '-d',
                'post_max_size=62M', '-S', "127.0.0.1:{$port}", '-t', 'public', 'public/router.php',
            ],
            base_path(), [...$settings, 'PHP_CLI_SERVER_WORKERS' => (string) $workers], timeout: null,
        );
        $this->server->start();
        for ($wait = 0; $wait < 100 && @file_get_contents("{$this->url}/up") === false; $wait++) {
            usleep(100_000);
        }
    }

    public function database(): string
    {
        return "{$this->folder}/shop.sqlite";
    }

    public function pdo(): PDO
    {
        return new PDO("sqlite:{$this->database()}", options: [PDO::ATTR_TIMEOUT => 10]);
    }

    /** @return array<string, mixed> what is asked for, which must answer */
    public function get(string $path): array
    {
        return Http::acceptJson()->get($this->url.$path)->throw()->json();
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array<string, mixed>
     */
    public function post(string $path, array $body = [], string $verb = 'post'): array
    {
        return Http::acceptJson()
            ->withHeader('Idempotency-Key', (string) Str::uuid())->{$verb}($this->url.$path, $body)->throw()->json();
    }

    /**
     * All of these at the same moment.
     *
     * @param  list<array{string, array<string, mixed>, 2?: string}>  $requests  path, body and key
     * @return list<int> what each was answered
     */
    public function together(array $requests): array
    {
        $answers = Http::pool(
            fn (Pool $pool): array => array_map(
                fn (array $request) => $pool->timeout(60)
                    ->acceptJson()->withHeader('Idempotency-Key', $request[2] ?? (string) Str::uuid())
                    ->post($this->url.$request[0], $request[1]),
                $requests,
            ),
        );

        return array_values(
            array_map(
                static fn (mixed $answer): int => $answer instanceof Response
                    ? $answer->status()
                    : throw new RuntimeException((string) $answer),
                $answers,
            ),
        );
    }

    /** What is asked answers, of whatever it says. */
    public function asked(string $path, array $body = []): Response
    {
        return Http::acceptJson()->timeout(60)
            ->withHeader('Idempotency-Key', (string) Str::uuid())->post($this->url.$path, $body);
    }

    /** A command of the application beside the server, begun and left running. */
    public function beside(string ...$command): Process
    {
        $process = new Process(['php', 'artisan', ...$command], base_path(), $this->settings, timeout: null);
        $process->start();

        return $process;
    }

    public function stop(): void
    {
        (new Process(['pkill', '-TERM', '-P', (string) $this->server->getPid()]))->run();
        $this->server->stop(1);
        (new Process(['rm', '-rf', $this->folder]))->run();
    }

    private function freePort(): string
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('no port');
        $port = explode(':', (string) stream_socket_get_name($socket, false))[1];
        fclose($socket);

        return $port;
    }
}
