<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;

/** The pure logic of the screen, asked of one Node for all tests of a run, without a page. */
final class Screen
{
    /** @var array{resource, resource}|null what it is asked by, and what it answers by */
    private static ?array $pipes = null;

    /** @param mixed ...$given as JSON carries it */
    public static function ask(string $call, mixed ...$given): mixed
    {
        [$in, $out] = self::$pipes ??= self::begin();
        fwrite($in, json_encode([$call, array_values($given)], JSON_THROW_ON_ERROR)."\n");
        $line = fgets($out);
        $said = json_decode($line === false ? '' : $line, true);

        return array_key_exists('answer', $said ?? [])
            ? $said['answer']
            : throw new RuntimeException("{$call}: ".($said['error'] ?? 'Node answered nothing'));
    }

    /** @return array{resource, resource} */
    private static function begin(): array
    {
        $process = proc_open(
            ['node', __DIR__.'/screen/ask.mjs'], [['pipe', 'r'], ['pipe', 'w'], STDERR], $pipes, dirname(__DIR__, 2),
        ) ?: throw new RuntimeException('Node could not be started');
        register_shutdown_function(static function () use ($process, $pipes): void {
            fclose($pipes[0]);
            proc_close($process);
        });

        return [$pipes[0], $pipes[1]];
    }
}
