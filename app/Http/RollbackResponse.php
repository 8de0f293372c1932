<?php

declare(strict_types=1);

namespace App\Http;

use RuntimeException;
use Symfony\Component\HttpFoundation\Response;

/** A refusal on its way out of a turn: what was begun is rolled back, the answer stands. */
final class RollbackResponse extends RuntimeException
{
    public function __construct(public readonly Response $answer)
    {
        parent::__construct('refused');
    }
}
