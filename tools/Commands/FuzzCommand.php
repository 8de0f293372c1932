<?php

declare(strict_types=1);

namespace Tools\Commands;

use Illuminate\Console\Command;
use Illuminate\Contracts\Http\Kernel;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\HttpFoundation\Response;
use Tools\Contract\ContractValidator;
use Tools\Fuzzing\FuzzRequest;
use Tools\Fuzzing\Requests;
use Tools\Fuzzing\Workbench;

/**
 * Sends random and bent requests to every route, over a throwaway workshop, and tells what should not have come back.
 */
final class FuzzCommand extends Command
{
    protected $signature = 'sprue:fuzz {--requests=20000 : How many} {--seed=1 : The same seed sends the same} '
        .'{--slow=2 : No route may take longer, s}';

    protected $description = 'Sends bent requests to every route; tells any 5xx, status or answer outside the '
        .'contract, and what takes too long';

    /** Answers of a whole job are large: one in so many is held against its schema. */
    private const SAMPLED = 6;

    /** @var array<string, string> what was found, by kind; the first of each */
    private array $found = [];

    public function handle(Kernel $kernel): int
    {
        $workbench = new Workbench;
        try {
            $requests = new Requests(new Randomizer(new Mt19937((int) $this->option('seed'))));
            for ($number = 1; $number <= (int) $this->option('requests'); $number++) {
                $this->send($kernel, $requests->next(), $number);
            }
        } finally {
            $workbench->clear();
        }
        foreach ($this->found as $what => $asked) {
            $this->line("{$what}\n    {$asked}");
        }
        $this->line(sprintf('%d requests, %d kinds of fault', (int) $this->option('requests'), count($this->found)));

        return $this->found === [] ? self::SUCCESS : self::FAILURE;
    }

    private function send(Kernel $kernel, FuzzRequest $asked, int $number): void
    {
        app('auth')->forgetGuards();
        $began = microtime(true);
        $answer = $kernel->handle($asked->request);
        $took = microtime(true) - $began;
        $kernel->terminate($asked->request, $answer);
        $this->judge($asked, $answer, $took, $number);
    }

    private function judge(FuzzRequest $asked, Response $answer, float $took, int $number): void
    {
        $route = strtoupper($asked->verb).' '.$asked->route;
        $status = $answer->getStatusCode();
        $exception = $answer instanceof \Illuminate\Http\Response || $answer instanceof \Illuminate\Http\JsonResponse
            ? $answer->exception
            : null;
        if ($status >= 500 && $status !== 503) {
            $where = $exception === null ? '' : sprintf(
                ' %s at %s:%d', $exception->getMessage(), basename($exception->getFile()), $exception->getLine(),
            );
            $this->found["{$status} {$route}:".mb_strcut($where, 0, 200)] ??= $asked->said();

            return;
        }
        if ($took > (float) $this->option('slow')) {
            $this->found["slow {$route}"] ??= sprintf('%.1f s: %s', $took, $asked->said());
        }
        // A path that is bent may meet another route, or none.
        $isMet = app('router')
            ->current()?->uri() === ltrim($asked->route, '/') || str_starts_with($asked->route, '/api/reckon/');
        $isLarge = str_contains($asked->route, '/jobs/{job}') && $status === 200;
        if (! $isMet || ($isLarge && $number % self::SAMPLED !== 0)) {
            return;
        }
        $broken = ContractValidator::at($asked->route, $asked->verb, (string) $answer->getContent(), (string) $status);
        if ($broken !== '') {
            $this->found["contract {$route} {$status}: ".mb_strcut($broken, 0, 200)] ??= $asked->said();
        }
    }
}
